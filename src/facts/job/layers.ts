import type { Job, Layer } from '@/records';
import { lastOf, liveEntries, ofType } from './entries';
import type { LaidCoat, Worked } from './worked';

/** A layer of a job by its id; the first where nothing has that id. */
export const layerOf = ({ layers }: Pick<Job, 'layers'>, id: string): Layer =>
  layers.find((each) => each.id === id) ?? (layers[0] as Layer);

/** The first coat of the layer in hand that has not been ended, or undefined when all of it are on. */
export function nextCoat(job: Worked): LaidCoat | undefined {
  const entries = liveEntries(job);
  return coatsInHand(job).find(({ id }) => !lastOf(entries, 'coat-end', (entry) => entry.coatId === id));
}

/** Is there a coat that has not been ended? */
export function coatsLeft(job: Pick<Job, 'layers' | 'log'>): boolean {
  const ended = new Set(ofType(liveEntries(job), 'coat-end').map(({ coatId }) => coatId));
  return job.layers.some(({ coats }) => coats.some(({ id }) => !ended.has(id)));
}

/** The layer now worked on: the next coat's, or the last coat's when all are on. */
export function layerInHand(job: Pick<Job, 'layers' | 'log'>): Layer {
  const entries = liveEntries(job);
  const sprayed = job.layers.filter(({ coats }) => coats.length > 0);
  return (
    sprayed.find(({ coats }) =>
      coats.some(({ id }) => !lastOf(entries, 'coat-end', (entry) => entry.coatId === id)),
    ) ??
    sprayed.at(-1) ??
    (job.layers[0] as Layer)
  );
}

/** The coats of the layer in hand. */
export const coatsInHand = (job: Worked): LaidCoat[] =>
  job.coats.filter(({ layerId }) => layerId === job.layer.id);
