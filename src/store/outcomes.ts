import { causes, defects, type CauseId, type DefectId } from '@/core/diagnosis';
import type { EntryOf, Job } from '@/records';
import { liveEntries, moment, ofType } from './job';

const isCause = (id: string | undefined): id is CauseId => id !== undefined && id in causes;
export const isDefect = (id: string | undefined): id is DefectId => id !== undefined && id in defects;

export type Learnt = Partial<Record<CauseId, { helped: number; not: number }>>;

/** What changes made for a cause did, over all jobs: a change that helped in part counts half each way. */
export function outcomesOf(jobs: readonly Job[]): Learnt {
  const learnt: Learnt = {};
  for (const job of jobs) {
    const entries = liveEntries(job);
    const actions = new Map(ofType(entries, 'action').map((entry) => [entry.id, entry]));
    for (const { actionId, helped } of ofType(entries, 'outcome')) {
      const cause = actions.get(actionId)?.cause;
      if (!isCause(cause)) continue;
      const held = (learnt[cause] ??= { helped: 0, not: 0 });
      held.helped += helped === 'yes' ? 1 : helped === 'partly' ? 0.5 : 0;
      held.not += helped === 'no' ? 1 : helped === 'partly' ? 0.5 : 0;
    }
  }
  return learnt;
}

export interface OpenDefects {
  /** Named and not yet mended. */
  readonly open: readonly EntryOf<'defect'>[];
  /** The last change made for a cause, and what came of it. */
  readonly change?: EntryOf<'action'>;
  readonly outcome?: EntryOf<'outcome'>;
}

/** The defects of a job that stand open: named, and no change that helped has named them since. */
export function openDefects(job: Job): OpenDefects {
  const entries = liveEntries(job);
  const outcomes = ofType(entries, 'outcome');
  const changes = ofType(entries, 'action').filter(({ cause }) => cause !== undefined);
  const helped = changes.filter(({ id }) =>
    outcomes.some((each) => each.actionId === id && each.helped === 'yes'),
  );
  const open = ofType(entries, 'defect').filter(
    (entry) =>
      isDefect(entry.defect) &&
      !helped.some(
        (change) => change.defects?.includes(entry.defect as string) && moment(change) >= moment(entry),
      ),
  );
  const change = changes.at(-1);
  const outcome = change && outcomes.filter(({ actionId }) => actionId === change.id).at(-1);
  return { open, ...(change ? { change } : {}), ...(outcome ? { outcome } : {}) };
}
