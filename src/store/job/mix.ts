import { pouringLadder, remainingPours, type Pouring, type Rung } from '@/core/mixing';
import { isRefusal, type Outcome } from '@/core/refusal';
import type { Can, Coating, EntryOf, Job, Shop } from '@/records';
import { batchOf, partsOf, type BatchState } from './batch';
import { lastOf, liveEntries, ofType } from './entries';
import type { PlanView } from './plan';

/** A batch being poured: begun with the first part, ended by `mixed`. */
export interface PouringState {
  readonly batchId: string;
  readonly volume: number;
  /** kg of each part so far, in the sheet's order. */
  readonly poured: readonly number[];
  readonly outcome: Outcome<Pouring>;
}

export interface MixView {
  readonly sheet: Coating;
  /** m³ wanted. */
  readonly volume: Outcome<number>;
  /** Every step from an empty pot. */
  readonly ladder: Outcome<readonly Rung[]>;
  readonly pouring?: PouringState;
  readonly batch?: BatchState;
  /** Cans of this sheet, and those of them that are past their date. */
  readonly cans: readonly Can[];
  readonly expired: readonly Can[];
}

/**
 * @param today calendar day, ISO
 * @param volume m³ to mix instead of what the plan asks for
 */
export function mixView(
  job: Job,
  plan: PlanView,
  shop: Shop,
  cans: readonly Can[],
  today: string,
  volume?: number,
): MixView {
  const { sheet } = plan;
  const pouring = pouringOf(job, sheet, shop.scaleStep);
  const wanted = pouring?.volume ?? volume ?? (isRefusal(plan.needed) ? plan.needed : plan.needed.total);
  const own = cans.filter(({ coatingId }) => coatingId === sheet.id);
  return {
    sheet,
    volume: wanted,
    ladder: isRefusal(wanted) ? wanted : pouringLadder(wanted, partsOf(sheet), sheet.ratioBy, shop.scaleStep),
    pouring,
    batch: batchOf(job, sheet),
    cans: own,
    expired: own.filter(({ useBefore }) => useBefore !== undefined && useBefore < today),
  };
}

function pouringOf(job: Job, sheet: Coating, scaleStep: number): PouringState | undefined {
  const entries = liveEntries(job);
  const pours = ofType(entries, 'poured').filter(({ sheetId }) => sheetId === sheet.id);
  const last: EntryOf<'poured'> | undefined = pours.at(-1);
  if (!last || lastOf(entries, 'mixed', ({ batchId }) => batchId === last.batchId)) return undefined;
  if (lastOf(entries, 'discard', ({ batchId }) => batchId === last.batchId)) return undefined;
  const own = pours.filter(({ batchId }) => batchId === last.batchId);
  const poured = sheet.components.map(({ id }) =>
    own.filter(({ partId }) => partId === id).reduce((sum, { mass }) => sum + mass, 0),
  );
  return {
    batchId: last.batchId,
    volume: last.volume,
    poured,
    outcome: remainingPours(last.volume, partsOf(sheet), sheet.ratioBy, scaleStep, poured),
  };
}
