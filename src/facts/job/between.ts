import { abrades } from '@/core/system';
import { hardAt } from '@/core/schedule';
import type { EntryOf, Layer, LayerWork, PlannedCoat } from '@/records';
import { gritUnder } from './coatrole';
import { lastOf, liveEntries, moment, ofType } from './entries';
import { abradedOf, filmBelow } from './recoat';
import type { CoatState } from './spray';
import type { LaidCoat, Worked } from './worked';

/**
 * How work between coats stands. to-come: what lies under it is not on · due: it can be done · waiting: it runs, or the film
 * is too soft for it, until a moment · done · again: done, but out of turn or too long ago · left-out · passed: the next
 * coat went on without it
 */
export type WorkState = 'to-come' | 'due' | 'waiting' | 'done' | 'again' | 'left-out' | 'passed';

/** One piece of work between coats, planned by the user or by what a coat loses to sanding. */
export interface WorkItem extends LayerWork {
  readonly layerId: string;
  /** The coat it follows. */
  readonly coatId: string;
  readonly state: WorkState;
  /** ms since the epoch; waiting until then, or counted until then. */
  readonly until?: number;
  readonly entry?: EntryOf<'worked'>;
}

/** A wipe holds so long: dust settles again. s, a default. */
const wipeHolds = 60 * 60;

/** m taken off after a coat by plan. A guide coat is there to be sanded away. */
export const sandedByPlan = ({ role, dry, sandBack = 0 }: PlannedCoat): number =>
  role === 'guide' ? Math.max(sandBack, dry) : sandBack;

/** The work planned after a coat: what sanding takes off it, and after the last of a layer the layer’s own. */
function plannedAfter(layer: Layer, coat: PlannedCoat, above: CoatState | undefined): LayerWork[] {
  const last = layer.coats.at(-1)?.id === coat.id;
  const own = last ? (layer.work ?? []) : [];
  const takes = sandedByPlan(coat);
  // Where the layer is sanded anyway, that takes the guide coat with it.
  // The last coat of the job is flatted and polished when it has cured: no other coat waits for it.
  if (takes === 0 || !above || own.some(({ what }) => abrades(what))) return own;
  return [
    { id: `sand-${coat.id}`, what: 'sand', grit: gritUnder(above.coat, above.sheet).fine, takes },
    ...own,
  ];
}

/** All work of a job between its coats, from the part up, and how each stands. */
export function workBetween(job: Worked, coats: readonly CoatState[], now: number): WorkItem[] {
  return coats.flatMap((coat, i): WorkItem[] => {
    const layer = job.layers.find(({ id }) => id === coat.coat.layerId);
    const planned = layer ? plannedAfter(layer, coat.coat, coats[i + 1]) : [];
    return planned.length === 0 ? [] : standing(job, planned, coat, coats[i + 1], now);
  });
}

function standing(
  job: Worked,
  planned: readonly LayerWork[],
  coat: CoatState,
  above: CoatState | undefined,
  now: number,
): WorkItem[] {
  const of = { layerId: coat.coat.layerId, coatId: coat.coat.id };
  const { ended } = coat;
  if (ended === undefined) return planned.map((work) => ({ ...work, ...of, state: 'to-come' }));
  const entries = liveEntries(job);
  const on = { coat: coat.coat, sheet: coat.sheet, ended };
  const passed = above !== undefined && above.state !== 'todo';
  const upTo = above?.started ?? Infinity;
  const did = (work: LayerWork): EntryOf<'worked'> | undefined =>
    lastOf(
      entries,
      'worked',
      (entry) =>
        moment(entry) >= ended &&
        moment(entry) <= upTo &&
        (entry.workId === work.id ||
          (entry.workId === undefined && entry.layerId === of.layerId && entry.what === work.what)),
    );
  const out = new Set(ofType(entries, 'left-out').map(({ workId }) => workId));
  const sanded = abradedOf(entries, on);
  let from = ended;
  let open = false;
  return planned.map((work): WorkItem => {
    const entry = did(work);
    const item = { ...work, ...of, ...(entry ? { entry } : {}) };
    const at = entry
      ? moment(entry)
      : // Scuffed after a missed window is sanded too.
        abrades(work.what) && work.id === `sand-${of.coatId}`
        ? sanded
        : undefined;
    if (at !== undefined) {
      // What a later sanding dusts over does not count; nor does a wipe of hours ago.
      const dusted = (work.what === 'wipe' || work.what === 'look') && sanded !== undefined && sanded > at;
      const lapses = work.what === 'wipe' ? at + wipeHolds * 1000 : Infinity;
      from = Math.max(from, at);
      if (!passed && (dusted || now > lapses)) return { ...item, state: 'again' };
      return { ...item, state: 'done', ...(Number.isFinite(lapses) && !passed ? { until: lapses } : {}) };
    }
    if (out.has(work.id)) return { ...item, state: 'left-out' };
    if (passed) return { ...item, state: 'passed' };
    if (open) return { ...item, state: 'to-come' };
    const until =
      work.what === 'wait'
        ? from + (work.lasts ?? 0) * 1000
        : abrades(work.what)
          ? hardAt(filmBelow(job, entries, on, above?.coat))
          : 0;
    if (work.what === 'wait' && now >= until) {
      from = Math.max(from, until);
      return { ...item, state: 'done' };
    }
    open = true;
    return until > now ? { ...item, state: 'waiting', until } : { ...item, state: 'due' };
  });
}

/** The work that comes before the next coat, the first first; none while a coat runs. */
export function workDue(items: readonly WorkItem[]): WorkItem | undefined {
  return items.find(({ state }) => state === 'due' || state === 'waiting' || state === 'again');
}

/** Does work that opens the film for the next coat still stand between them? */
export const sandingAhead = (items: readonly WorkItem[], coatId: string): boolean =>
  items.some(
    (item) =>
      item.coatId === coatId &&
      abrades(item.what) &&
      (item.state === 'due' || item.state === 'waiting' || item.state === 'to-come'),
  );

/** Work recorded while the film was too soft for it: it opened nothing. */
export function abradedTooSoon(
  job: Worked,
  below: CoatState | undefined,
  above: LaidCoat | undefined,
): number | undefined {
  if (below?.ended === undefined) return undefined;
  const on = { coat: below.coat, sheet: below.sheet, ended: below.ended };
  const film = filmBelow(job, liveEntries(job), on, above);
  return film.abraded !== undefined && film.abraded < hardAt(film) ? film.abraded : undefined;
}

/** What work took off for certain, m dry, by the planned work it was; and what was not planned, by its layer. */
export function sandedOff(job: Pick<Worked, 'layers' | 'log'>): {
  readonly planned: ReadonlyMap<string, number>;
  readonly beside: ReadonlyMap<string, number>;
} {
  const planned = new Map<string, number>();
  const beside = new Map<string, number>();
  for (const { workId, layerId, takes } of ofType(liveEntries(job), 'worked')) {
    if (takes === undefined) continue;
    if (workId === undefined) beside.set(layerId, (beside.get(layerId) ?? 0) + takes);
    else planned.set(workId, takes);
  }
  for (const { workId } of ofType(liveEntries(job), 'left-out'))
    if (!planned.has(workId)) planned.set(workId, 0);
  return { planned, beside };
}
