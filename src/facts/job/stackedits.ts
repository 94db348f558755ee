import { refuse, type Outcome } from '@/core/refusal';
import type { Job, Layer } from '@/records';
import { liveEntries } from './entries';

/** Has anything been recorded of a layer? What is on the part, or in a pot for it, stays. */
export function layerBegun(job: Pick<Job, 'layers' | 'log'>, layerId: string): boolean {
  const coats = new Set(job.layers.find(({ id }) => id === layerId)?.coats.map(({ id }) => id));
  return liveEntries(job).some(
    (entry) =>
      ('layerId' in entry && entry.layerId === layerId) ||
      ('coatId' in entry && coats.has(entry.coatId ?? '')),
  );
}

const sprayed = ({ coats }: Layer): boolean => coats.length > 0;

const begun = (name: string) =>
  refuse('begun', `${name} has been begun: what was done for it stands in the log, so it stays where it is.`);

/** The stored job with a layer on top. */
export const withLayerOnTop = (job: Job, added: Layer): Job => ({ ...job, layers: [...job.layers, added] });

/** The stored job with a second layer like one of its own, above it. */
export const withLayerAgain = (job: Job, layerId: string, newId: () => string): Job => ({
  ...job,
  layers: job.layers.flatMap((layer) =>
    layer.id === layerId
      ? [
          layer,
          {
            ...layer,
            id: newId(),
            coats: layer.coats.map((coat) => ({ ...coat, id: newId() })),
            ...(layer.work ? { work: layer.work.map((each) => ({ ...each, id: newId() })) } : {}),
          },
        ]
      : [layer],
  ),
});

/** The stored job without a layer; refuses one that was begun, and the last that has coats. */
export function withoutLayer(job: Job, layerId: string): Outcome<Job> {
  const layer = job.layers.find(({ id }) => id === layerId);
  if (!layer) return job;
  if (layerBegun(job, layerId)) return begun(layer.name);
  const layers = job.layers.filter(({ id }) => id !== layerId);
  return layers.some(sprayed)
    ? { ...job, layers }
    : refuse('last', `${layer.name} is all there is to spray. Add what takes its place first.`);
}

/**
 * The stored job with a layer moved up or down the stack.
 *
 * @param by 1 for up, -1 for down
 * @returns the job as it is where there is nothing to pass; refuses to pass one that was begun
 */
export function withLayerMoved(job: Job, layerId: string, by: 1 | -1): Outcome<Job> {
  const at = job.layers.findIndex(({ id }) => id === layerId);
  const [moved, passed] = [job.layers[at], job.layers[at + by]];
  if (!moved || !passed) return job;
  for (const each of [moved, passed]) if (layerBegun(job, each.id)) return begun(each.name);
  const layers = [...job.layers];
  [layers[at], layers[at + by]] = [passed, moved];
  return { ...job, layers };
}
