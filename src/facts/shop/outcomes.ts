import { causes, defects, type CauseId, type DefectId } from '@/core/diagnosis';
import type { Job } from '@/records';
import { liveEntries, ofType } from '../job';

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
