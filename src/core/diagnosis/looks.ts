import { defectIds, defects, type Defect, type DefectId } from './defects';

/** What decides which defects may still come on finished work. */
export interface FinishedWork {
  /** Does the last coat dry by giving off water, rather than solvent? */
  readonly waterBorne: boolean;
  /** Does any of its coats cure, by a second part or by the air, and not only dry? */
  readonly cures: boolean;
  /** Is there a filler, a filler primer or an old coating below? */
  readonly filled: boolean;
  /** Was an old coating kept below? */
  readonly over: boolean;
  /** Iron or steel? */
  readonly iron: boolean;
  /** Does it end in a blend? */
  readonly blended: boolean;
}

/** When each late defect is worth looking for. One that is not named here shows late on any work. */
const comesOn: Partial<Record<DefectId, (work: FinishedWork) => boolean>> = {
  'solvent-pop': ({ waterBorne }) => !waterBorne,
  'die-back': ({ waterBorne }) => !waterBorne,
  cloudiness: ({ waterBorne }) => waterBorne,
  alligatoring: ({ over }) => over,
  'scratch-swelling': ({ filled }) => filled,
  shrinkage: ({ filled }) => filled,
  'soft-cure': ({ cures }) => cures,
  'flash-rust': ({ iron }) => iron,
  'blend-edge': ({ blended }) => blended,
};

/**
 * The defects that may still show on such work, though nothing is seen yet.
 *
 * Source: trade knowledge
 */
export const lateDefects = (work: FinishedWork): readonly DefectId[] =>
  defectIds.filter((id) => (defects[id] as Defect).lookAgain && (comesOn[id]?.(work) ?? true));

export interface LookAfter {
  /** s since the last coat. */
  readonly after: number;
  readonly for: readonly DefectId[];
}

/**
 * When to look again, and for what, the first look first: what may show at the same time is one look.
 *
 * Source: trade knowledge
 */
export function looksAfter(late: readonly DefectId[]): readonly LookAfter[] {
  const looks = new Map<number, DefectId[]>();
  for (const id of new Set(late))
    for (const after of (defects[id] as Defect).lookAgain ?? [])
      looks.set(after, [...(looks.get(after) ?? []), id]);
  return [...looks].sort(([a], [b]) => a - b).map(([after, ids]) => ({ after, for: ids }));
}
