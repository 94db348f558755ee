import { abrasiveness } from '@/core/care';
import { isRefusal } from '@/core/refusal';
import { classAbrasiveness, type EntryOf, type Job } from '@/records';
import { sheetAsMixed } from '../job/batch';
import { lastOf, liveEntries, moment, ofType } from '../job/entries';
import { gunFinder } from '../job/guns';

/** One coat sprayed with a rig. */
export interface SprayedSpan {
  /** ms since the epoch, its end. */
  readonly at: number;
  readonly seconds: number;
  /** m³ of mix, and the same as so much of a coating of middling abrasiveness. */
  readonly volume: number;
  readonly wearing: number;
  /** A set’s id or a tip’s code, where the setting names one. */
  readonly fitted?: string;
}

/** What a rig has done, by the logs of all jobs. */
export interface RigUsage {
  /** s between start and end of its coats, and m³ mixed for it. */
  readonly seconds: number;
  readonly volume: number;
  /** ms since the epoch. */
  readonly lastSprayed?: number;
  readonly lastCleaned?: number;
  /** The same by what was fitted: a set’s id or a tip’s code. */
  readonly fitted: ReadonlyMap<string, { readonly seconds: number; readonly volume: number }>;
}

/** Every coat sprayed with a rig, in no order. */
export const spansOf = (jobs: readonly Job[], rigId: string): SprayedSpan[] =>
  jobs.flatMap((job) => spansIn(job, rigId));

/** What each rig did in a job, gone through once. */
const gone = new WeakMap<Job, Map<string, readonly SprayedSpan[]>>();

/** Paint is shared out over a job’s coats by the time each was sprayed for: what a coat truly used is not weighed. */
function spansIn(job: Job, rigId: string): readonly SprayedSpan[] {
  if (!hadIn(job, rigId)) return [];
  const known = gone.get(job) ?? new Map<string, readonly SprayedSpan[]>();
  gone.set(job, known);
  const spans = known.get(rigId) ?? spansWith(job, rigId);
  known.set(rigId, spans);
  return spans;
}

/** Has a job a rig, or had it before a layer went on with another? */
const hadIn = ({ layers, log }: Job, rigId: string): boolean =>
  layers.some((layer) => layer.rigId === rigId) ||
  log.some((entry) => entry.type === 'swapped' && entry.rigId === rigId);

function spansWith(job: Job, rigId: string): SprayedSpan[] {
  const gun = gunFinder(job);
  const layerWith = (coatId: string) => job.layers.find(({ coats }) => coats.some(({ id }) => id === coatId));
  const entries = liveEntries(job);
  const coats = ofType(entries, 'coat-end').flatMap((end) => {
    const layer = layerWith(end.coatId);
    if (!layer || gun(layer.id, end) !== rigId) return [];
    const start = lastOf(
      entries,
      'coat-start',
      (entry) => entry.coatId === end.coatId && moment(entry) <= moment(end),
    );
    return start ? [{ end, layer, seconds: (moment(end) - moment(start)) / 1000 }] : [];
  });
  const sprayed = coats.reduce((sum, { seconds }) => sum + seconds, 0);
  const mixed = mixedOf(job, rigId);
  return coats.map(({ end, layer: { id: layerId, sheet }, seconds }): SprayedSpan => {
    const setting = lastOf(
      entries,
      'setting',
      (entry) => entry.layerId === layerId && moment(entry) <= moment(end),
    );
    const fitted = setting?.tip ?? setting?.setId;
    const volume = sprayed > 0 ? (mixed * seconds) / sprayed : 0;
    const rub = abrasiveness[sheet.abrasive ?? classAbrasiveness(sheet.class)];
    return { at: moment(end), seconds, volume, wearing: volume * rub, ...(fitted ? { fitted } : {}) };
  });
}

/** Adds up what a rig has done. */
export function rigUse(jobs: readonly Job[], rigId: string): RigUsage {
  const own = jobs.filter((job) => hadIn(job, rigId));
  const spans = spansOf(own, rigId);
  const fitted = new Map<string, { seconds: number; volume: number }>();
  for (const { fitted: name, seconds, volume } of spans) {
    if (!name) continue;
    const before = fitted.get(name) ?? { seconds: 0, volume: 0 };
    fitted.set(name, { seconds: before.seconds + seconds, volume: before.volume + volume });
  }
  const cleaned = own.flatMap((job) => {
    const tick = lastOf(
      liveEntries(job),
      'tick',
      (entry) => entry.list === 'clean' && entry.done && (entry.rigId ?? rigId) === rigId,
    );
    return tick ? [moment(tick)] : [];
  });
  return {
    seconds: spans.reduce((sum, { seconds }) => sum + seconds, 0),
    volume: own.reduce((sum, job) => sum + mixedOf(job, rigId), 0),
    lastSprayed: spans.length ? Math.max(...spans.map(({ at }) => at)) : undefined,
    lastCleaned: cleaned.length ? Math.max(...cleaned) : undefined,
    fitted,
  };
}

/** m³ mixed of the layers that a rig sprays, while it did. */
function mixedOf(job: Job, rigId: string): number {
  const gun = gunFinder(job);
  return ofType(liveEntries(job), 'mixed')
    .filter((entry) => gun(entry.layerId, entry) === rigId)
    .reduce((sum, entry) => sum + mixedVolume(job, entry), 0);
}

function mixedVolume(job: Job, { layerId, poured }: EntryOf<'mixed'>): number {
  const layer = job.layers.find(({ id }) => id === layerId);
  const mixed = layer && sheetAsMixed(layer.sheet);
  const mass = poured.reduce((sum, each) => sum + each.mass, 0);
  return mixed && !isRefusal(mixed) ? mass / mixed.density : 0;
}
