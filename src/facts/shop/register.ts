import type { Coating, Job, Revision, Shop } from '@/records';
import { recheckDue, saysTheSame } from './revisions';

/** One state of a sheet: the one that holds, or one of before. */
export interface SheetState {
  readonly sheet: Coating;
  /** ISO 8601; when another took its place. The present one has none. */
  readonly until?: string;
  /** The day it is to be held against its paper again; only of the present one. */
  readonly due?: string;
  /** The state it took the place of. */
  readonly before?: Coating;
  /** Jobs that work, or worked, by exactly this state, the youngest first. */
  readonly jobs: readonly Pick<Job, 'id' | 'name' | 'begun'>[];
}

/**
 * Every sheet in every state it had, by name, the present state first. A job that took a sheet nobody has any more is
 * listed nowhere: its own copy stays with it.
 */
export function registerOf(
  sheets: readonly Coating[],
  revisions: readonly Revision[],
  jobs: readonly Job[],
  shop: Shop,
): SheetState[] {
  const usedBy = (state: Coating) =>
    jobs
      .filter(({ layers }) => layers.some(({ sheet }) => sheet.id === state.id && saysTheSame(sheet, state)))
      .sort((a, b) => b.begun.localeCompare(a.begun))
      .map(({ id, name, begun }) => ({ id, name, begun }));
  return [...sheets]
    .sort((a, b) => a.name.localeCompare(b.name))
    .flatMap((sheet) => {
      const old = revisions
        .filter(({ coatingId }) => coatingId === sheet.id)
        .sort((a, b) => b.until.localeCompare(a.until));
      return [sheet, ...old.map(({ sheet: before }) => before)].map((state, i, all): SheetState => {
        const before = all[i + 1];
        return {
          sheet: state,
          ...(i === 0 ? { due: recheckDue(sheet, shop) } : { until: old[i - 1]?.until ?? '' }),
          ...(before ? { before } : {}),
          jobs: usedBy(state),
        };
      });
    });
}
