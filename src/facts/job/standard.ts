import type { EntryOf, Job } from '@/records';
import { lastOf, liveEntries, moment } from './entries';
import type { CoatState } from './spray';

/** What a part is judged by beside its film, and what an eye found since the last coat. */
export interface Standard {
  readonly asks: NonNullable<Job['part']['judgedBy']>;
  /** The coat that was looked at. */
  readonly coatId: string;
  readonly entry?: EntryOf<'judged'>;
}

/** The standard of a part, once all of its coats are on. */
export function standardOf(
  { part, log }: Pick<Job, 'part' | 'log'>,
  coats: readonly CoatState[],
): Standard | undefined {
  const last = coats.at(-1);
  if (!part.judgedBy || !last || coats.some(({ state }) => state !== 'done')) return undefined;
  const { judgedBy: asks } = part;
  const entry = lastOf(
    liveEntries({ log }),
    'judged',
    (each) => each.asks === asks && moment(each) >= (last.ended ?? 0),
  );
  return { asks, coatId: last.coat.id, ...(entry ? { entry } : {}) };
}
