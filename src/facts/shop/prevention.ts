import type { EntryOf } from '@/records';
import { liveEntries, moment, ofType, type JobView } from '../job';
import { cardVolume } from '../job/plan';
import { paintPrice } from '../job/thinnershare';

export const checks = ['room', 'cup', 'card', 'comb'] as const;
export type CheckId = (typeof checks)[number];

/** s each takes, and m³ of mix. Defaults. */
const takes: Readonly<Record<CheckId, { readonly seconds: number; readonly mix: number }>> = {
  room: { seconds: 60, mix: 0 },
  cup: { seconds: 180, mix: 0 },
  card: { seconds: 120, mix: cardVolume },
  comb: { seconds: 30, mix: 0 },
};

/** A look at room or cup says something of a coat for so long, ms. A default. */
const holds = 4 * 3600_000;

/** A check that was left out before or during the last coat that is on, and what it would have taken. */
export interface LeftOut {
  readonly check: CheckId;
  readonly seconds: number;
  /** Paint and hands, where both have a price. */
  readonly cost?: number;
}

/**
 * What was not looked at for the last coat that is on: set beside what a repair costs. Nothing while no coat is on. Whether
 * it would have shown the fault is not said.
 */
export function leftOut(view: JobView): LeftOut[] {
  const { work, shop, spray } = view;
  const entries = liveEntries(work);
  const last = spray.coats.findLast(({ state }) => state === 'done');
  const { started } = last ?? {};
  if (!last || started === undefined) return [];
  const layer = work.layers.find(({ id }) => id === last.coat.layerId);
  if (!layer) return [];
  const before = <T extends 'climate' | 'reading' | 'card'>(type: T, since = started - holds) =>
    ofType(entries, type).filter(
      (entry) => moment(entry) <= started && moment(entry) >= since,
    ) as EntryOf<T>[];
  const batches = new Set(
    ofType(entries, 'mixed').flatMap(({ layerId, batchId }) => (layerId === layer.id ? [batchId] : [])),
  );
  const done: Record<CheckId, boolean> = {
    room: before('climate').length > 0,
    cup: layer.sheet.target === undefined || before('reading').some(({ batchId }) => batches.has(batchId)),
    card: before('card', -Infinity).some(
      ({ verdict, layerId }) => verdict === 'good' && layerId === layer.id,
    ),
    comb: last.combs.length > 0,
  };
  const price = paintPrice(work, layer);
  const labour = shop.rates?.labour;
  return checks
    .filter((check) => !done[check])
    .map((check) => {
      const { seconds, mix } = takes[check];
      const cost = labour === undefined || price === undefined ? undefined : seconds * labour + mix * price;
      return { check, seconds, ...(cost === undefined ? {} : { cost }) };
    });
}
