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
type Point = Pick<OperatingPoint, 'fan' | 'speed' | 'needle' | 'film' | 'pressure' | 'tip'>;

/** What something costs that is usable, in the numbers it costs. */
function costSays(
  cost: Cost,
  { fan, speed, needle = 1, film = 0, pressure = 0, tip }: Point,
  { usual, measured }: { readonly usual: number; readonly measured: boolean },
  units: Units,
): string {
  const own = measured
    ? `your hand, ${units.show('speed', usual)},`
    : `a hand of ${units.show('speed', usual)}, a default,`;
  switch (cost) {
    case 'slow':
      return `${needle > 0.99 && tip === undefined ? 'needle fully open, ' : ''}${units.show('speed', speed)}; ${own} would lay ${units.show('film', (film * speed) / usual)}`;
    case 'fast':
      return `${units.show('speed', speed)}, faster than ${own.slice(0, -1)}`;
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
  { hand, handMeasured }: Pick<SetView, 'hand' | 'handMeasured'>,
  units: Units,
): string =>
  costs.map((cost) => costSays(cost, point, { usual: hand.usual, measured: handMeasured }, units)).join('; ');

/** Why what could be fitted cannot lay the coat. */
export function whySays({ verdict: { why, solved }, point }: Fitting, units: Units): string {
  const film = units.show('film', point.film);
  switch (why) {
    case 'starves':
      return `not enough paint: ${film} a pass at ${units.show('speed', point.speed)}`;
    case 'floods':
      return `floods: ${film} at ${units.show('speed', point.speed)}`;
    case 'pump':
      return `more than the pump has: it holds ${units.show('pumpPressure', point.pressure)}`;
    case 'misfit':
      return 'not for this gun’s guard and housing';
    case 'over-maker':
      return 'thicker than the gun’s maker sprays';
    default:
      return solved.feasible
        ? `not on the sheet, and ${units.show('speed', point.speed)} at that`
        : 'not on the sheet';
  }
}

/** How well something fits this paint and this coat, and what that costs or wants. */
export function verdictSays(
  fitting: Fitting,
  set: Pick<SetView, 'hand' | 'handMeasured'>,
  units: Units,
): string {
  const { verdict, tip } = fitting;
  const point = { ...fitting.point, ...(tip === undefined ? {} : { tip }) };
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
