import type { GroundState, SubstrateKind } from '@/core/system';
import { coatingClasses, type Coating, type CoatingClass, type Job } from '@/records';
import { knownSystems, type KnownSystem } from './systems';
import { suits } from './suits';

/** What may go on a ground, what the shop used last for it first. */
export interface Offers {
  /** Jobs whose layers can be taken over: on the same ground, the youngest first, each set of products and guns once. */
  readonly jobs: readonly Job[];
  /** Sheets the shop has, those that suit the ground first. */
  readonly sheets: readonly Coating[];
  readonly systems: readonly KnownSystem[];
  /** Kinds of coating a new sheet can begin from, those that suit the ground first. */
  readonly classes: readonly CoatingClass[];
}

interface Has {
  readonly jobs: readonly Job[];
  readonly coatings: readonly Coating[];
}

/** The same products with the same guns. */
const samenessOf = ({ layers }: Job): string =>
  layers.map(({ sheet, rigId, coats }) => `${sheet.id}/${rigId}/${coats.length}`).join('|');

/** Jobs that can be done again, the youngest first, each set of products and guns once. */
export function jobsBefore(jobs: readonly Job[]): Job[] {
  const seen = new Set<string>();
  return [...jobs]
    .sort((a, b) => b.begun.localeCompare(a.begun))
    .filter((job) => {
      const same = samenessOf(job);
      return seen.has(same) ? false : (seen.add(same), true);
    });
}

/**
 * What is offered for a ground.
 *
 * @param existing what is on it now, where that is known
 */
export function offersFor(
  ground: SubstrateKind,
  existing: GroundState | undefined,
  { jobs, coatings }: Has,
): Offers {
  const usual = suits(ground, existing);
  const rank = (of: CoatingClass): number => {
    const at = usual.indexOf(of);
    return at < 0 ? usual.length : at;
  };
  const first = ({ layers }: KnownSystem): number => rank(layers[0]?.of ?? 'wall-paint');
  const last = (job: Job): string => (job.log.at(-1)?.at ?? job.begun).slice(0, 10);
  const used = (sheet: Coating): string =>
    jobs
      .filter(({ layers }) => layers.some((layer) => layer.sheet.id === sheet.id))
      .map(last)
      .sort()
      .at(-1) ?? '';
  return {
    jobs: jobsBefore(jobs.filter(({ part }) => part.kind === ground)),
    sheets: [...coatings].sort((a, b) => rank(a.class) - rank(b.class) || used(b).localeCompare(used(a))),
    systems: [...knownSystems].sort((a, b) => first(a) - first(b)),
    classes: [...coatingClasses].sort((a, b) => rank(a) - rank(b)),
  };
}

/** How many of the kinds suit the ground: the others fold away behind them. */
export const suiting = (ground: SubstrateKind, existing: GroundState | undefined): number =>
  suits(ground, existing).length;
