import type { JobView, Timer } from '@/facts/job';
import { harmOf } from '@/facts/job/harm';

/** Timers that have called already, by job, timer and moment; and when this was last looked at. */
export interface Called {
  readonly at: number;
  readonly ids: readonly string[];
}

/** A clock that ran out. */
export interface Due {
  readonly id: string;
  readonly jobId: string;
  readonly job: string;
  readonly timer: Timer;
  readonly at: number;
}

/** What harms most is called first. */
export const worseFirst = (a: Due, b: Due): number => harmOf(a.timer) - harmOf(b.timer) || a.at - b.at;

/** What ran out longer ago than this before anybody looked is shown in the tray, and not called. ms */
const stale = 12 * 3_600_000;

/**
 * The timers to call now.
 *
 * @param called what called before; on the very first look nothing that is over already calls
 */
export function dueNow(jobs: readonly JobView[], called: Called | null | undefined) {
  const now = jobs[0]?.now ?? called?.at ?? 0;
  const held = new Set(called?.ids ?? []);
  const due = jobs.flatMap(({ job, timers }) =>
    timers
      .filter(({ due: at, quiet }) => at <= now && !quiet)
      .map((timer): Due => {
        const { id, due: at, of } = timer;
        return { id: `${job.id}/${id}/${at}${of ? `/${of}` : ''}`, jobId: job.id, job: job.name, timer, at };
      })
      // By the moment, not the time of day: a clock set back does not make everything call again.
      .filter(({ id }) => !held.has(id)),
  );
  const ids = [...held, ...due.map(({ id }) => id)].slice(-200);
  return {
    due: called ? due.filter(({ at }) => now - at < stale).sort(worseFirst) : [],
    called: { at: now, ids } satisfies Called,
    changed: !called || due.length > 0,
  };
}
