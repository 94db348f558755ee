import { lateDefects, looksAfter, type DefectId, type FinishedWork } from '@/core/diagnosis';
import { dryingOf } from '@/core/schedule';
import type { EntryOf, Job } from '@/records';
import { coatsLeft, lastOf, layerInHand, liveEntries, moment, ofType } from '../job';
import { isDefect } from './outcomes';

export interface Look {
  /** ms; from when it is worth looking. */
  readonly at: number;
  readonly for: readonly DefectId[];
  /** Whoever looked at that moment or later has looked. */
  readonly seen?: EntryOf<'look'>;
}

const curing = ['two-part', 'polyester', 'moisture-curing', 'oil-based'];
const fillers = ['filler-primer', 'sprayed-filler'];

/** What of a finished job decides which defects may still come. */
export function finishedWork(job: Job): FinishedWork {
  const { part } = job;
  const sheets = job.layers.map(({ sheet }) => sheet);
  const over = part.existing === 'keep';
  return {
    waterBorne: dryingOf(layerInHand(job).sheet.chemistry) === 'water',
    cures: sheets.some(({ chemistry }) => curing.includes(chemistry)),
    filled: over || sheets.some((sheet) => fillers.includes(sheet.class)),
    over,
    iron: part.kind === undefined ? part.metal : part.kind === 'metal',
    blended: job.layers.some(({ approach }) => approach.blend !== undefined),
  };
}

/**
 * When to look at a job again, and for what, the first look first. A finished job is looked at for all that may come
 * late on such work; one under way for what was already seen on it. They count from the last coat that is on.
 */
export function looksOf(job: Job): readonly Look[] {
  const entries = liveEntries(job);
  const ended = lastOf(entries, 'coat-end');
  if (!ended) return [];
  const named = ofType(entries, 'defect').flatMap(({ defect }) => (isDefect(defect) ? [defect] : []));
  const late = coatsLeft(job) ? [] : lateDefects(finishedWork(job));
  const looked = ofType(entries, 'look').map((entry) => ({ entry, at: moment(entry) }));
  return looksAfter([...named, ...late]).map((look) => {
    const at = moment(ended) + look.after * 1000;
    const seen = looked.find((each) => each.at >= at)?.entry;
    return { at, for: look.for, ...(seen ? { seen } : {}) };
  });
}

/** Days a look may be late; after that it is not asked for any more, or old work would crowd the bench. A default. */
export const lapsesAfter = 90;

export interface DueLook {
  readonly job: Job;
  /** ms; since when. */
  readonly since: number;
  /** All that may show by now: one look answers for every look that was missed. */
  readonly for: readonly DefectId[];
}

/** The looks that are due, on open jobs and on those put away, the longest due first. */
export function looksDue(jobs: readonly Job[], now: number): readonly DueLook[] {
  return jobs
    .flatMap((job): DueLook[] => {
      const due = looksOf(job).filter(
        ({ at, seen }) => at <= now && at > now - lapsesAfter * 86_400_000 && !seen,
      );
      const [first] = due;
      return first ? [{ job, since: first.at, for: [...new Set(due.flatMap((look) => look.for))] }] : [];
    })
    .sort((a, b) => a.since - b.since);
}
