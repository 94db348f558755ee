import { lagOf, type PourSeen } from '@/core/live';
import type { Job, PracticeTry } from '@/records';
import { liveEntries } from '../job';

/** Every pour a live scale followed that somebody of these names made, in jobs and in practice, the earliest first. */
export function poursOf(
  jobs: readonly Job[],
  tries: readonly PracticeTry[],
  names: readonly string[],
): PourSeen[] {
  const inJobs = jobs.flatMap((job) =>
    liveEntries(job).flatMap((entry) =>
      (entry.type === 'poured' || entry.type === 'addition') &&
      entry.live &&
      entry.by !== undefined &&
      names.includes(entry.by)
        ? [{ at: entry.at, ...entry.live, took: entry.mass }]
        : [],
    ),
  );
  const practised = tries.flatMap(({ at, name, pour }) =>
    pour?.stopAt !== undefined && pour.rate !== undefined && names.includes(name)
      ? [{ at, stopAt: pour.stopAt, rate: pour.rate, took: pour.took }]
      : [],
  );
  return [...inJobs, ...practised]
    .sort((a, b) => a.at.localeCompare(b.at))
    .map(({ stopAt, rate, took }) => ({ stopAt, rate, took }));
}

/** s this hand goes on pouring after stop, and from how many pours that is known. */
export const pourLag = (...asked: Parameters<typeof poursOf>): ReturnType<typeof lagOf> =>
  lagOf(poursOf(...asked));
