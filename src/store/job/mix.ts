import { pouringLadder, type Rung } from '@/core/mixing';
import { isRefusal, type Outcome } from '@/core/refusal';
import type { Can, Coating, Job, Rig, Shop } from '@/records';
import { batchOf, partsOf, type BatchState } from './batch';
import { planView } from './plan';

export interface MixView {
  readonly sheet: Coating;
  /** m³ wanted. */
  readonly volume: Outcome<number>;
  readonly ladder: Outcome<readonly Rung[]>;
  readonly batch?: BatchState;
  /** Cans of this sheet that are past their date. */
  readonly expired: readonly Can[];
}

/**
 * @param volume m³ to mix instead of what the plan asks for
 * @param today calendar day, ISO
 */
export function mixView(
  job: Job,
  rig: Rig | undefined,
  shop: Shop,
  cans: readonly Can[],
  today: string,
  volume?: number,
): MixView {
  const plan = planView(job, rig);
  const wanted = volume ?? (isRefusal(plan.needed) ? plan.needed : plan.needed.total);
  return {
    sheet: plan.sheet,
    volume: wanted,
    ladder: isRefusal(wanted)
      ? wanted
      : pouringLadder(wanted, partsOf(plan.sheet), plan.sheet.ratioBy, shop.scaleStep),
    batch: batchOf(job, plan.sheet),
    expired: cans.filter(
      ({ coatingId, useBefore }) =>
        coatingId === plan.sheet.id && useBefore !== undefined && useBefore < today,
    ),
  };
}
