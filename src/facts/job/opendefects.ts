import type { EntryOf, Job } from '@/records';
import { liveEntries, moment, ofType } from './entries';

export interface OpenDefects {
  /** Named, and neither mended at the cause nor put right on the piece since. */
  readonly open: readonly EntryOf<'defect'>[];
  /** The last change made for a cause, and what came of it. */
  readonly change?: EntryOf<'action'>;
  readonly outcome?: EntryOf<'outcome'>;
  /** A change waits for its outcome before another is proposed: one at a time. */
  readonly waiting: boolean;
}

/** The defects of a job that stand open: named, and no change that helped, nor any rework, has named them since. */
export function openDefects(job: Pick<Job, 'log'>): OpenDefects {
  const entries = liveEntries(job);
  const outcomes = ofType(entries, 'outcome');
  const changes = ofType(entries, 'action').filter(({ cause }) => cause !== undefined);
  const helped = changes.filter(({ id }) =>
    outcomes.some((each) => each.actionId === id && each.helped === 'yes'),
  );
  const rework = ofType(entries, 'rework');
  const open = ofType(entries, 'defect').filter((entry) => {
    const { defect } = entry;
    const since = moment(entry);
    return (
      defect !== undefined &&
      !helped.some((change) => change.defects?.includes(defect) && moment(change) >= since) &&
      !rework.some((done) => done.defect === defect && moment(done) >= since)
    );
  });
  const change = changes.at(-1);
  const outcome = change && outcomes.filter(({ actionId }) => actionId === change.id).at(-1);
  return {
    open,
    ...(change ? { change } : {}),
    ...(outcome ? { outcome } : {}),
    waiting: change !== undefined && outcome === undefined,
  };
}
