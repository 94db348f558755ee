import type { Shop } from '@/records';
import { batchOf } from './batch';
import type { CleanView } from './clean';
import { lastOf, liveEntries, moment } from './entries';
import type { Worked } from './worked';
import type { SprayView } from './spray';

export interface Timer {
  readonly id: 'flash' | 'recoat-closes' | 'induction' | 'pot-life' | 'stir' | 'retime' | 'idle' | 'clean-by';
  /** ms since the epoch. Timers are moments, not counters: a closed tab cannot stop them. */
  readonly due: number;
  /** Amber this long before it is due, ms. */
  readonly warn: number;
  /** It ran out by the user’s own hand: nothing calls. */
  readonly quiet?: boolean;
  /** What happens when it runs out: something may begin, must be done, or is lost. */
  readonly then: 'go' | 'do' | 'lost';
}

const minutes = 60_000;

/** Everything a job is waiting for, soonest first. */
export function timersOf(
  job: Worked,
  { cleanBy, idle }: Pick<CleanView, 'cleanBy' | 'idle'>,
  shop: Shop,
  spray: Pick<SprayView, 'recoat' | 'next' | 'running' | 'touch'>,
): Timer[] {
  const entries = liveEntries(job);
  const { sheet } = job.layer;
  const batch = batchOf(job, job.layer);
  const timers: Timer[] = [];
  const { recoat } = spray;
  if (recoat && !spray.running) {
    if (recoat.state !== 'closed' && recoat.state !== 'never')
      timers.push({
        id: 'flash',
        due: recoat.opens,
        warn: 0,
        then: 'go',
        ...(spray.touch && spray.touch.found !== 'wet' ? { quiet: true } : {}),
      });
    if (recoat.closes !== undefined)
      timers.push({ id: 'recoat-closes', due: recoat.closes, warn: 20 * minutes, then: 'lost' });
  }
  if (batch && spray.next) {
    const { induction } = sheet.times;
    // Once it is being sprayed, nobody waits for it any more.
    if (induction && !lastOf(entries, 'coat-start', (entry) => moment(entry) >= batch.mixedAt))
      timers.push({ id: 'induction', due: batch.mixedAt + induction * 1000, warn: 0, then: 'go' });
    if (batch.useBefore)
      timers.push({ id: 'pot-life', due: batch.useBefore, warn: 20 * minutes, then: 'lost' });
    // The sheet's own intervals, else the shift rule of the shop.
    const { stir = shop.intervals?.stir, retime = shop.intervals?.retime } = sheet.intervals;
    const stirred = lastOf(entries, 'stir');
    const timed = lastOf(entries, 'reading', ({ batchId }) => batchId === batch.id);
    if (stir)
      timers.push({
        id: 'stir',
        due: Math.max(batch.mixedAt, stirred ? moment(stirred) : 0) + stir * 1000,
        warn: 2 * minutes,
        then: 'do',
      });
    if (retime && timed)
      timers.push({ id: 'retime', due: moment(timed) + retime * 1000, warn: 5 * minutes, then: 'do' });
  }
  if (idle && spray.next && !spray.running)
    timers.push({
      id: 'idle',
      due: idle.until,
      warn: 2 * minutes,
      then: 'do',
      // Once the next coat may go on, it is sprayed rather than wiped: the flash calls, and once is enough.
      ...(recoat && idle.until > recoat.opens - 2 * minutes ? { quiet: true } : {}),
    });
  if (cleanBy !== undefined && Number.isFinite(cleanBy))
    timers.push({ id: 'clean-by', due: cleanBy, warn: 15 * minutes, then: 'lost' });
  return timers.sort((a, b) => a.due - b.due);
}
