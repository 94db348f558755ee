import type { Job, LogEntry } from '@/records';
import { liveEntries, ofType } from './entries';

type OfLayers = Pick<Job, 'layers' | 'log'>;

/**
 * The gun a layer was worked with when an entry was written: the one it has now, unless it was changed since.
 *
 * @param entry undefined for now
 */
export function gunOf(job: OfLayers, layerId: string, entry?: LogEntry): string {
  const entries = liveEntries(job);
  const after = entry ? entries.slice(entries.indexOf(entry) + 1) : [];
  const changed = ofType(after, 'swapped').find((each) => each.layerId === layerId);
  return changed?.rigId ?? job.layers.find(({ id }) => id === layerId)?.rigId ?? '';
}

/** The layer an entry sprayed of, a coat or a card; undefined for other entries. */
function sprayedOf({ layers }: Pick<Job, 'layers'>, entry: LogEntry): string | undefined {
  if (entry.type === 'card') return entry.layerId;
  if (entry.type !== 'coat-start' && entry.type !== 'coat-end') return undefined;
  return layers.find(({ coats }) => coats.some(({ id }) => id === entry.coatId))?.id ?? layers[0]?.id;
}

/** Every entry by which a gun had mix in it, with the gun and the layer. */
export function usesOf(
  job: OfLayers,
): { readonly entry: LogEntry; readonly rigId: string; readonly layerId: string }[] {
  return liveEntries(job).flatMap((entry) => {
    const layerId = sprayedOf(job, entry);
    return layerId === undefined ? [] : [{ entry, layerId, rigId: gunOf(job, layerId, entry) }];
  });
}

/** The guns of a job: those its layers have, and those that were used for one before. The first is the part’s. */
export const gunsOf = (job: OfLayers): string[] => [
  ...new Set([
    ...job.layers.filter(({ coats }) => coats.length > 0).map(({ rigId }) => rigId),
    ...usesOf(job).map(({ rigId }) => rigId),
  ]),
];
