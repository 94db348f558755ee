import type { EntryOf } from '@/records';
import { lastOf, liveEntries, moment, ofType } from './entries';
import { brushPlaces } from './keptfree';
import { lookedOver } from './lookedover';
import { ripeAt } from './ripe';
import type { CoatState } from './spray';
import { standardOf } from './standard';
import type { Worked } from './worked';

/** What a verdict on the film still wants: films that lie in range are passed only when nothing of it is left. */
export type Unproven =
  | 'coats'
  | 'parts'
  | 'brush'
  | 'spots'
  | 'gauge'
  | 'dry'
  | 'simulated'
  | 'found'
  | 'misses'
  | 'standard'
  | 'off-standard';

/** Parts from here on are a run: counted, sampled and handed over. */
export const runFrom = 8;

/** How many parts there are, and how many were counted as sprayed. */
export function partsCounted(job: Pick<Worked, 'part' | 'log'>): {
  readonly total: number;
  readonly sprayed: number;
} {
  const total = job.part.faces.reduce((most, { count }) => Math.max(most, count), 0);
  const sprayed = ofType(liveEntries(job), 'parts').reduce((sum, { count }) => sum + count, 0);
  return { total, sprayed: Math.max(sprayed, 0) };
}

/** When the last coat that is on may be measured, ms: to handle, as its sheet says, longer in a cold room. */
export function measurableAt(job: Worked, on: readonly CoatState[]): number | undefined {
  const last = on.at(-1);
  if (last?.ended === undefined) return undefined;
  return ripeAt(last.sheet, last.ended, lastOf(liveEntries(job), 'climate')).handle;
}

interface Measured {
  readonly films: readonly EntryOf<'film'>[];
  readonly taken: number;
  readonly wanted: number;
  /** Was the gauge found good before this reading? */
  readonly checked: (entry: EntryOf<'film'>) => boolean;
}

/** What is missing for a verdict, the greatest first. */
export function unprovenOf(
  job: Worked,
  coats: readonly CoatState[],
  { films, taken, wanted, checked }: Measured,
): Unproven[] {
  const on = coats.filter(({ state }) => state === 'done');
  const { total, sprayed } = partsCounted(job);
  const standard = standardOf(job, coats);
  const over = lookedOver(job, coats);
  const dry = measurableAt(job, on) ?? 0;
  const missing: (Unproven | false)[] = [
    on.length < coats.length && 'coats',
    total >= runFrom && sprayed < total && 'parts',
    brushPlaces(job).some(({ done }) => !done) && 'brush',
    taken < wanted && 'spots',
    films.some((entry) => !checked(entry)) && 'gauge',
    films.some((entry) => moment(entry) < dry) && 'dry',
    films.some(({ simulated }) => simulated === true) && 'simulated',
    over.faults.length > 0 && 'found',
    over.misses.some(({ closed }) => !closed) && 'misses',
    job.part.judgedBy !== undefined && !standard?.entry && 'standard',
    standard?.entry?.yes === false && 'off-standard',
  ];
  return missing.filter((each) => each !== false);
}
