import type { Job, LogEntry, PlannedCoat } from '@/records';
import { withLayer } from './edits';
import { lastOf, liveEntries, moment } from './entries';
import { layerOf } from './layers';
import type { CoatState } from './spray';
import type { Worked } from './worked';

/** What is looked at under a strong light before the next coat, and how many coats it may come to. */
export interface LookDue {
  readonly coat: CoatState;
  readonly asks: 'hides' | 'even';
  /** Coats of its kind that are on, and still planned. */
  readonly on: number;
  readonly planned: number;
  readonly least: number;
  readonly most: number;
}

const colours: readonly (PlannedCoat['role'] | undefined)[] = ['base', 'metallic', 'wall'];

type Asked = Pick<LookDue, 'asks' | 'least' | 'most'>;

/** Which question a coat of this layer raises. */
function askedOf({ layers }: Pick<Worked, 'layers'>, { coat }: CoatState): Asked | undefined {
  const { approach } = layerOf({ layers }, coat.layerId);
  if (coat.role === 'drop' && approach.drops !== undefined)
    return { asks: 'even', least: 1, most: approach.drops };
  if (colours.includes(coat.role) && approach.hides) return { asks: 'hides', ...approach.hides };
  return undefined;
}

/**
 * What the last coat is to be judged for: colour until it hides, drops until they lie even. Asked from the least number of
 * coats on, once a coat, and not while another one is being sprayed.
 */
export function lookDue(job: Worked, coats: readonly CoatState[]): LookDue | undefined {
  const on = coats.filter(({ state }) => state === 'done');
  const last = on.at(-1);
  if (!last?.ended || coats.some(({ state }) => state === 'running')) return undefined;
  const { ended } = last;
  const asked = askedOf(job, last);
  if (!asked) return undefined;
  const alike = coats.filter(
    (each) => each.coat.layerId === last.coat.layerId && askedOf(job, each)?.asks === asked.asks,
  );
  const counted = alike.filter(({ state }) => state === 'done').length;
  const judged = lastOf(
    liveEntries(job),
    'judged',
    (entry) => entry.coatId === last.coat.id && entry.asks === asked.asks && moment(entry) >= ended,
  );
  if (judged || counted < asked.least) return undefined;
  return { coat: last, ...asked, on: counted, planned: alike.length - counted };
}

/**
 * The stored job after a look: coats that are no longer wanted are out of the plan, one that is wanted besides is in it.
 *
 * @param entry the judgement, as it goes into the log
 */
export function withLooked(
  job: Job,
  { coat, asks, on, planned, most }: LookDue,
  yes: boolean,
  entry: LogEntry,
  newId: () => string,
): Job {
  const logged = { ...job, log: [...job.log, entry] };
  const { id, coats } = layerOf(job, coat.coat.layerId);
  const at = coats.findIndex((each) => each.id === coat.coat.id);
  const alike = ({ role }: PlannedCoat) => (asks === 'even' ? role === 'drop' : colours.includes(role));
  if (yes)
    return planned === 0
      ? logged
      : withLayer(logged, id, { coats: coats.filter((each, i) => i <= at || !alike(each)) });
  if (planned > 0 || on >= most) return logged;
  const own = coats[at] as PlannedCoat;
  const more = { ...own, id: newId(), name: nextName(own.name, on + 1) };
  return withLayer(logged, id, { coats: [...coats.slice(0, at + 1), more, ...coats.slice(at + 1)] });
}

/** `Colour 2` is followed by `Colour 3`. */
const nextName = (name: string, number: number): string =>
  /\d+$/.test(name) ? name.replace(/\d+$/, String(number)) : `${name} ${number}`;
