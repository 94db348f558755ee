import { stackDoubts, standingDoubts, type StackDoubt } from '@/core/system';
import type { CoatingClass, Job, Layer } from '@/records';
import { substrateOf } from './substrate';

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
    clear: sheet.class === 'two-part-clear' || sheet.pigment === 'transparent',
    extra: Math.max(
      0,
      ...coats.map(({ thinning }) => (thinning?.by === 'extra' ? (thinning.extra ?? 0) : 0)),
    ),
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
