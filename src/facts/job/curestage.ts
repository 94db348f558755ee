import type { CureStage } from '@/core/diagnosis';
import { slowness } from './recoat';
import type { JobView } from './view';

export interface CureNow {
  readonly stage: CureStage;
  /** ms since the epoch when it should be hard enough to flat. */
  readonly hardens?: number;
  /** ms since the epoch when it is fully cured; assumed where its sheet does not say. */
  readonly cures?: { readonly at: number; readonly assumed: boolean };
}

/** A sheet that says nothing of curing: a week, s. A default. */
const usualCure = 7 * 86_400;

/** How far the last coat has come, by its sheet’s times and the room: an estimate. */
export function cureStageOf({ spray, plan, now }: JobView): CureNow {
  const last = [...spray.coats].reverse().find(({ ended }) => ended !== undefined);
  if (spray.running || last?.ended === undefined) return { stage: 'wet' };
  const { times } = last.sheet;
  const factor = slowness(last.sheet, plan.climate);
  const since = (now - last.ended) / 1000 / factor;
  const handle = times.handle ?? Math.max(times.recoatFirst * 4, (times.touch ?? times.flash) * 2);
  const hardens = last.ended + handle * factor * 1000;
  const cures = {
    at: last.ended + (times.cure ?? usualCure) * factor * 1000,
    assumed: times.cure === undefined,
  };
  if (since < times.flash) return { stage: 'wet', hardens, cures };
  if (since < handle) return { stage: 'tacky', hardens, cures };
  return { stage: since < (times.cure ?? usualCure) ? 'dry' : 'cured', hardens, cures };
}
