import type { Job, Person } from '@/records';
import { jobWorked, liveEntries, moment, ofType } from '../job';
import { coatStates, spraying } from '../job/spray';
import { secondsOf, strokesOver } from '../job/strokes';

/** How long somebody’s coats take beside the time the trigger is pulled, from their own work. */
export interface Pace {
  readonly ratio: number;
  readonly coats: number;
}

/** So many coats before a pace is told; and what is no pace but a forgotten clock. */
export const paceFrom = 3;
const [quickest, slowest] = [0.7, 5];

/** By job: gone through once while it is the same. */
const known = new WeakMap<Job, readonly { readonly name: string; readonly ratio: number }[]>();

/** What each coat of a job took against what its strokes take at the pace the gun was set for, by who ended it. */
export function pacesIn(stored: Job): readonly { readonly name: string; readonly ratio: number }[] {
  const held = known.get(stored);
  if (held) return held;
  const job = jobWorked(stored, () => undefined);
  const entries = liveEntries(job);
  const settings = ofType(entries, 'setting');
  const found = coatStates(job).flatMap((coat) => {
    const { started, ended } = coat;
    if (started === undefined || ended === undefined) return [];
    const by = ofType(entries, 'coat-end').findLast(({ coatId }) => coatId === coat.coat.id)?.by;
    const set = settings.findLast((each) => each.layerId === coat.coat.layerId && moment(each) <= started);
    if (!by || !set || set.speed <= 0 || set.fan <= 0 || set.overlap >= 1) return [];
    const wanted = secondsOf(
      strokesOver(job, { spacing: set.fan * (1 - set.overlap), speed: set.speed, fan: set.fan }),
    );
    const { from, to } = spraying(coat, ended);
    const ratio = wanted > 0 ? (to - from) / 1000 / wanted : 0;
    return ratio >= quickest && ratio <= slowest ? [{ name: by, ratio }] : [];
  });
  known.set(stored, found);
  return found;
}

/** All names somebody has gone by. */
export const namesOf = ({ name, formerly = [] }: Pick<Person, 'name' | 'formerly'>): readonly string[] => [
  name,
  ...formerly,
];

/** Somebody’s pace over jobs: the middle of their coats; none from too few. */
export function paceOf(jobs: readonly Job[], names: readonly string[]): Pace | undefined {
  const own = jobs
    .flatMap(pacesIn)
    .filter(({ name }) => names.includes(name))
    .map(({ ratio }) => ratio)
    .sort((a, b) => a - b);
  if (own.length < paceFrom) return undefined;
  const mid = Math.floor(own.length / 2);
  const [low = 1, high = 1] = [own[Math.ceil(own.length / 2) - 1], own[mid]];
  return { ratio: (low + high) / 2, coats: own.length };
}
