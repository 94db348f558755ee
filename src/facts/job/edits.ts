import type { Job, JobApproach, Layer, LayerApproach, PlannedCoat } from '@/records';
import { layerOf } from './layers';
import type { LaidCoat, Worked } from './worked';

/** What of an approach holds for the whole job; the rest is the layer's own. */
const ofJob = [
  'turning',
  'racks',
  'hand',
  'sampling',
  'acceptance',
  'ownLimits',
] as const satisfies readonly (keyof JobApproach)[];

/** The stored job with one of its layers changed. */
export const withLayer = (job: Job, layerId: string, change: Partial<Layer>): Job => ({
  ...job,
  layers: job.layers.map((layer) => (layer.id === layerId ? { ...layer, ...change } : layer)),
});

/** The stored job, the layer in hand or the job as a whole worked otherwise. */
export function withApproach(
  { stored, layer: { id } }: Pick<Worked, 'stored' | 'layer'>,
  change: Partial<JobApproach & LayerApproach>,
): Job {
  const isOfJob = (key: string) => (ofJob as readonly string[]).includes(key);
  const part = (wanted: boolean) =>
    Object.fromEntries(Object.entries(change).filter(([key]) => isOfJob(key) === wanted));
  const { approach } = layerOf(stored, id);
  return withLayer({ ...stored, approach: { ...stored.approach, ...part(true) } }, id, {
    approach: { ...approach, ...part(false) },
  });
}

/** The stored job with one coat changed. */
export const withCoat = (job: Job, coatId: string, change: Partial<PlannedCoat>): Job => ({
  ...job,
  layers: job.layers.map((layer) => ({
    ...layer,
    coats: layer.coats.map((coat) => (coat.id === coatId ? { ...coat, ...change } : coat)),
  })),
});

/**
 * The stored job with these coats, from the part up. Coats of one layer that follow each other stay one layer; where
 * others came between them, those above become a layer of their own, with the same sheet, gun and approach. A layer that
 * lost its last coat stays at the end, to be taken again.
 */
export function withCoats(job: Job, coats: readonly LaidCoat[], newId: () => string): Job {
  const layers: Layer[] = [];
  let below: string | undefined;
  for (const { layerId, ...coat } of coats) {
    const top = layers.at(-1);
    if (top && below === layerId) top.coats.push(coat);
    else {
      const from = layerOf(job, layerId);
      const again = layers.some(({ id }) => id === from.id);
      layers.push({ ...from, ...(again ? { id: newId(), work: undefined } : {}), coats: [coat] });
    }
    below = layerId;
  }
  const bare = job.layers.filter(({ id }) => !layers.some((each) => each.id === id));
  return { ...job, layers: [...layers, ...bare.map((layer) => ({ ...layer, coats: [] }))] };
}
