import { isRefusal } from '@/core/refusal';
import type { BatchState } from './batch';
import { everyEntry, moment, ofType } from './entries';
import type { JobView } from './view';

/** What a pot holds now, by what the coats since it was mixed are reckoned to have taken. Estimates. */
export interface PotNow {
  /** m³ */
  readonly left: number;
  /** m³ that the coats that are on took. */
  readonly gone: number;
  /** A coat goes on out of it just now: what it takes is known when it ends. */
  readonly spraying: boolean;
  /** Nothing worth a can is left. */
  readonly empty: boolean;
}

/** Less than this share of what was mixed clings to the pot. */
const clings = 0.01;

/** What a pot still holds for a coat. */
export interface PotLeft {
  /** m³ */
  readonly left: number;
  /** m³ that the coat takes out of one pot. */
  readonly wants: number;
}

/** Less than this share of what a coat wants is too little. Transfer and hands are not known any better. */
export const enough = 0.85;

type Looked = Pick<JobView, 'work' | 'mix' | 'supply' | 'spray'>;

/**
 * What the pot in hand holds now.
 *
 * @returns none without a mix
 */
export const potNow = ({ mix, ...looked }: Looked): PotNow | undefined =>
  mix.batch && holds(mix.batch, looked);

/** What a pot holds now; nothing of one that nobody mixed. */
export function holds(batch: BatchState, { work, supply, spray }: Omit<Looked, 'mix'>): PotNow | undefined {
  const entry = ofType(everyEntry(work), 'mixed').findLast(({ batchId }) => batchId === batch.id);
  if (!entry) return undefined;
  const since = moment(entry);
  const own = spray.coats.filter(
    ({ coat, started }) => coat.layerId === batch.layerId && started !== undefined && started >= since,
  );
  const gone = own
    .filter(({ state }) => state === 'done')
    .reduce((sum, { coat }) => sum + (supply.takes.get(coat.id) ?? 0), 0);
  const { volume } = batch.applied;
  const left = Math.max(volume - gone, 0);
  const spraying = own.some(({ state }) => state === 'running');
  return { left, gone, spraying, empty: !spraying && left < clings * volume };
}

/**
 * Whether the pot in hand will do for a coat.
 *
 * @returns none without a mix, or where it cannot be reckoned
 */
export function potLeft(view: Looked, coatId: string): PotLeft | undefined {
  const { supply } = view;
  const takes = supply.takes.get(coatId);
  const now = potNow(view);
  if (!now || takes === undefined || isRefusal(supply.batches)) return undefined;
  // A coat that is planned out of several pots wants no more of this one than it holds full.
  const planned = Math.max(0, ...supply.batches.map(({ volume }) => volume));
  return {
    left: now.left,
    wants: planned > 0 ? Math.min(takes, planned) : takes,
  };
}
