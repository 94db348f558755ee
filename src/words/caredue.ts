import { airPartCare } from '@/core/care';
import { unitIn } from '@/core/quantity';
import type { DueCare } from '@/facts/shop/carecalendar';
import type { WearItem } from '@/facts/shop/wear';
import type { Units } from './units';
import { fullDay } from './dates';
import { airPartWords, liquidWords, wearWords } from './care';
import { money } from './money';

/** Which nozzle, needle or tip of a rig. */
export function whichWords({ rig, which }: Pick<WearItem, 'rig' | 'which'>, units: Units): string {
  if (!which) return '';
  const set = rig.sets.find(({ id }) => id === which);
  return set ? `, set ${units.show('bore', set.bore)}` : ` ${which}`;
}

/** What is to be done, in a line. */
export const dueWords = (due: DueCare, units: Units): string =>
  due.kind === 'wear'
    ? `Renew: ${wearWords[due.part].toLowerCase()}${whichWords(due.item, units)}`
    : `${airPartWords[due.part]}${due.airPart.name ? `, ${due.airPart.name}` : ''}: ${lower(airPartCare[due.part].does)}`;

const lower = (words: string): string => words.slice(0, 1).toLowerCase() + words.slice(1).replace(/\.$/, '');

/** Hours, days or litres, whichever a part counts. */
export const countWords = ({ counts }: Pick<WearItem, 'counts'>, value: number, units: Units): string =>
  counts === 'litres'
    ? units.show('volume', value, { digits: value < 0.1 ? 1 : 0 })
    : counts === 'hours'
      ? units.show('runTime', value)
      : units.show('days', value / 86_400);

/** A calendar day, as people write it. */
export const dayWords = (moment: number): string => fullDay(moment);

/** From so to so, on one day or two. */
export const spanWords = (
  { low, high }: { readonly low?: number; readonly high?: number },
  now: number,
): string | undefined => {
  if (low === undefined || high === undefined) return undefined;
  const [from, to] = [Math.max(low, now), Math.max(high, now)];
  return dayWords(from) === dayWords(to)
    ? undefined
    : `four in five between ${from <= now ? 'now' : dayWords(from)} and ${dayWords(to)}`;
};

/** What a part costs by what goes through it, and what running on with a worn tip does, beside a new one; empty without prices. */
export function wearCosts({ perVolume, measured }: WearItem, units: Units): string {
  const { scale, symbol } = unitIn('volume', units.system);
  const told: string[] = [];
  if (perVolume !== undefined) told.push(`Over its life it costs ${money(perVolume * scale)} a ${symbol}.`);
  const { week, price, breakEven } = measured ?? {};
  if (week && week.cost > 0) {
    const renewed =
      price === undefined
        ? ''
        : `; a new one costs ${money(price)}${breakEven !== undefined && Number.isFinite(breakEven) ? ` and is paid for after ${units.show('volume', breakEven, { digits: 0 })}` : ''}`;
    told.push(
      `At this use it wastes ${liquidWords(week.paint, units)} of paint a week, ${money(week.cost)}${renewed}.`,
    );
  }
  return told.map((each) => ` ${each}`).join('');
}
