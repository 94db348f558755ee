import { hardAt } from '@/core/schedule';
import type { DayQuestion } from './planned';
import { slowness } from './recoat';
import type { JobView } from './view';

/**
 * s after its last coat until it can be handled: as the sheet states, else when it is hard enough to sand; forced, when it
 * comes out of the heat.
 */
export function handledAfter(
  { work, plan }: Pick<JobView, 'work' | 'plan'>,
  { coats }: Pick<DayQuestion, 'coats'>,
): number {
  const { times } = coats.at(-1)?.sheet ?? plan.sheet;
  const factor = slowness(coats.at(-1)?.sheet ?? plan.sheet, plan.climate);
  if (times.forced && work.approach.drying === 'forced') return times.flash * factor + times.forced.duration;
  return times.handle === undefined
    ? Math.max(hardAt({ ended: 0, times, factor }) / 1000, 0)
    : times.handle * factor;
}

/**
 * By when all coats must be on, so that it can be handled in time.
 *
 * @param due ms since the epoch
 * @returns s, on the scale of the question
 */
export const endBy = (view: Pick<JobView, 'work' | 'plan'>, asked: DayQuestion, due: number): number =>
  (due - asked.midnight) / 1000 - handledAfter(view, asked);
