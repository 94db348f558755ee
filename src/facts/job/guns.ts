import type { Job, LogEntry } from '@/records';
import { liveEntries, ofType } from './entries';

type OfLayers = Pick<Job, 'layers' | 'log'>;

/** Finds the gun a layer had when an entry was written, its log gone through once. */
export function gunFinder(job: OfLayers): (layerId: string, entry?: LogEntry) => string {
  const entries = liveEntries(job);
  const swaps = ofType(entries, 'swapped');
  const now = new Map(job.layers.map(({ id, rigId }) => [id, rigId]));
  return (layerId, entry) => {
    const own = swaps.filter((swap) => swap.layerId === layerId);
    if (!entry || own.length === 0) return now.get(layerId) ?? '';
    const at = entries.indexOf(entry);
    return own.find((swap) => entries.indexOf(swap) > at)?.rigId ?? now.get(layerId) ?? '';
  };
}

/**
 * The gun a layer was worked with when an entry was written: the one it has now, unless it was changed since.
 *
 * @param entry undefined for now
 */
export const gunOf = (job: OfLayers, layerId: string, entry?: LogEntry): string =>
  gunFinder(job)(layerId, entry);

/** The layer an entry sprayed of, a coat or a card; undefined for other entries. */
function sprayedOf({ layers }: Pick<Job, 'layers'>, entry: LogEntry): string | undefined {
  if (entry.type === 'card') return entry.layerId;
  if (entry.type !== 'coat-start' && entry.type !== 'coat-end') return undefined;
  return layers.find(({ coats }) => coats.some(({ id }) => id === entry.coatId))?.id ?? layers[0]?.id;
}

/** The few entries of a log that tell of spraying, looked for once. */
const spraying = new WeakMap<readonly LogEntry[], readonly LogEntry[]>();

function sprayEntries(entries: readonly LogEntry[]): readonly LogEntry[] {
  const known = spraying.get(entries);
  if (known) return known;
  const found = entries.filter(({ type }) => type === 'card' || type === 'coat-start' || type === 'coat-end');
  spraying.set(entries, found);
  return found;
}

/** Every entry by which a gun had mix in it, with the gun and the layer. */
export function usesOf(
  job: OfLayers,
): { readonly entry: LogEntry; readonly rigId: string; readonly layerId: string }[] {
  const gun = gunFinder(job);
  return sprayEntries(liveEntries(job)).flatMap((entry) => {
    const layerId = sprayedOf(job, entry);
    return layerId === undefined ? [] : [{ entry, layerId, rigId: gun(layerId, entry) }];
  });
}

/** The guns of a job: those its layers have, and those that were used for one before. The first is the part’s. */
export const gunsOf = (job: OfLayers): string[] => [
  ...new Set([
    ...job.layers.filter(({ coats }) => coats.length > 0).map(({ rigId }) => rigId),
    ...usesOf(job).map(({ rigId }) => rigId),
  ]),
];
