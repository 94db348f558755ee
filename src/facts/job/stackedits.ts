import { refuse, type Outcome } from '@/core/refusal';
import { stackDoubts, standingDoubts, type StackDoubt } from '@/core/system';
import type { CoatingClass, Job, Layer } from '@/records';
import { liveEntries } from './entries';
import { substrateOf } from './handitems';

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

/** Water-borne films that solvent still swells when they are dry. */
const softClasses: readonly CoatingClass[] = [
  'water-lacquer',
  'furniture-paint',
  'wall-paint',
  'elastomeric',
];

/** Films that keep water from metal. */
const primingClasses: readonly CoatingClass[] = [
  'epoxy-primer',
  'etch-primer',
  'filler-primer',
  'moisture-curing',
];
/** Films made for rooms. */
const roomClasses: readonly CoatingClass[] = ['furniture-paint', 'water-lacquer', 'wall-paint'];

/** What speaks against the layers of a job lying as they do, where it will stand and as it is judged. */
export function doubtsOfStack({ layers, part }: Pick<Job, 'layers' | 'part'>): readonly StackDoubt[] {
  const seen = layers.filter(sprayed).map(({ id, name, sheet, rigId, coats }) => ({
    ...{ id, name, rigId },
    chemistry: sheet.chemistry,
    soft: softClasses.includes(sheet.class),
    acid: sheet.class === 'etch-primer',
    amine: sheet.class === 'epoxy-primer',
    barriers: coats.filter(({ role }) => role === 'sealer').length,
    primes: primingClasses.includes(sheet.class) || coats.some(({ role }) => role === 'primer'),
    indoors: roomClasses.includes(sheet.class),
    coats: coats.length,
    sandedBack: coats.reduce((sum, { sandBack = 0 }) => sum + sandBack, 0),
  }));
  const { exposure, judgedBy } = part;
  return [
    ...stackDoubts(seen),
    ...standingDoubts(
      {
        ground: substrateOf(part),
        state: part.existing,
        ...(exposure ? { exposure } : {}),
        ...(judgedBy ? { judgedBy } : {}),
      },
      seen,
    ),
  ];
}

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
