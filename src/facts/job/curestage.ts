import type { CureStage } from '@/core/diagnosis';
import { slowness } from './recoat';
import { ripeAt } from './ripe';
import type { JobView } from './view';

export interface CureNow {
  readonly stage: CureStage;
  /** ms since the epoch when it should be hard enough to flat. */
  readonly hardens?: number;
  /** ms since the epoch when it is fully cured; assumed where its sheet does not say. */
  readonly cures?: { readonly at: number; readonly assumed: boolean };
}

/** How far the last coat has come, by its sheet’s times and the room: an estimate. */
export function cureStageOf({ spray, plan, now }: JobView): CureNow {
  const last = [...spray.coats].reverse().find(({ ended }) => ended !== undefined);
  if (spray.running || last?.ended === undefined) return { stage: 'wet' };
  const { handle: hardens, cure, assumed } = ripeAt(last.sheet, last.ended, plan.climate);
  const cures = { at: cure, assumed: assumed.cure };
  const since = (now - last.ended) / 1000 / slowness(last.sheet, plan.climate);
  if (since < last.sheet.times.flash) return { stage: 'wet', hardens, cures };
  if (now < hardens) return { stage: 'tacky', hardens, cures };
  return { stage: now < cure ? 'dry' : 'cured', hardens, cures };
}
