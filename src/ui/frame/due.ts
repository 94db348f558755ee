import type { JobView } from '@/facts/job';

/** Timers that have called already, by job, timer and moment; and when this was last looked at. */
export interface Called {
  readonly at: number;
  readonly ids: readonly string[];
}

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
      .map(({ id: timer, due: at, then, of }) => ({
        id: `${job.id}/${timer}/${at}${of ? `/${of}` : ''}`,
        job: job.name,
        timer,
        of,
        at,
        then,
      }))
      // By the moment, not the time of day: a clock set back does not make everything call again.
      .filter(({ id }) => !held.has(id)),
  );
  const ids = [...held, ...due.map(({ id }) => id)].slice(-200);
  return {
    due: called ? due.filter(({ at }) => now - at < stale) : [],
    called: { at: now, ids } satisfies Called,
    changed: !called || due.length > 0,
  };
}
