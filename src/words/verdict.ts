import type { Grade, Verdict } from '@/core/operating';
import type { Fitting, OperatingPoint, SetView } from '@/facts/job';
import { pressureQuantity } from './pressure';
import type { Units } from './units';

/** A grade in a word, with the sign that stands beside it. */
export const gradeWords: Record<Grade, { readonly sign: string; readonly word: string }> = {
  first: { sign: '✓', word: 'first choice' },
  usable: { sign: '○', word: 'usable' },
  thin: { sign: '▲', word: 'only if thinned' },
  no: { sign: '■', word: 'no' },
};

type Cost = Verdict['costs'][number];
type Point = Pick<OperatingPoint, 'fan' | 'speed' | 'needle' | 'film' | 'pressure'>;

/** What something costs that is usable, in the numbers it costs. */
function costSays(
  cost: Cost,
  { fan, speed, needle = 1, film = 0, pressure = 0 }: Point,
  hand: number,
  units: Units,
): string {
  const own = units.show('speed', hand);
  switch (cost) {
    case 'slow':
      return `${needle > 0.99 && !pressure ? 'needle fully open, ' : ''}${units.show('speed', speed)}; the hand is ${own}: ${units.show('film', (film * speed) / hand)}`;
    case 'fast':
      return `${units.show('speed', speed)}, faster than the hand, ${own}`;
    case 'narrow':
      return `fan drawn in to ${units.show('distance', fan)}`;
    case 'barely':
      return `needle hardly open, ${units.show('share', needle, { digits: 0 })}`;
    case 'softer':
      return `pressure down to ${units.show(pressureQuantity(pressure), pressure)}`;
    case 'harder':
      return `pressure up to ${units.show(pressureQuantity(pressure), pressure)}`;
    case 'off-sheet':
      return 'not on the sheet: a trial piece first';
    case 'under-maker':
      return 'thinner than the gun’s maker says';
  }
}

export const costsSay = (
  costs: readonly Cost[],
  point: Point,
  { hand }: Pick<SetView, 'hand'>,
  units: Units,
): string => costs.map((cost) => costSays(cost, point, hand.usual, units)).join('; ');

/** Why what could be fitted cannot lay the coat. */
function whySays({ verdict: { why, solved }, point }: Fitting, units: Units): string {
  const film = units.show('film', point.film);
  switch (why) {
    case 'starves':
      return `starves: ${film} a pass at ${units.show('speed', point.speed)}`;
    case 'floods':
      return `floods: ${film} at ${units.show('speed', point.speed)}`;
    case 'pump':
      return `more than the pump has: it holds ${units.show('pumpPressure', point.pressure)}`;
    case 'over-maker':
      return 'thicker than the gun’s maker sprays';
    default:
      return solved.feasible
        ? `not on the sheet, and ${units.show('speed', point.speed)} at that`
        : 'not on the sheet';
  }
}

/** How well something fits this paint and this coat, and what that costs or wants. */
export function verdictSays(fitting: Fitting, set: Pick<SetView, 'hand'>, units: Units): string {
  const { verdict, point } = fitting;
  const { grade, thinTo, costs } = verdict;
  const { sign, word } = gradeWords[grade];
  const more =
    grade === 'usable'
      ? `: ${costsSay(costs, point, set, units)}`
      : grade === 'thin'
        ? ` to ${units.show('dynamicViscosity', thinTo)}`
        : grade === 'no'
          ? `: ${whySays(fitting, units)}`
          : '';
  return `${sign} ${word}${more}`;
}
