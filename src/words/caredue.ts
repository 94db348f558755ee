import { airPartCare } from '@/core/care';
import type { DueCare } from '@/facts/shop/carecalendar';
import type { WearItem } from '@/facts/shop/wear';
import type { Units } from './units';
import { fullDay } from './dates';
import { airPartWords, wearWords } from './care';

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
