import type { EntryOf, Job } from '@/records';
import { liveEntries, ofType } from '../job';

/** The youngest setting of a rig with a coating, in whatever job it was. */
export function lastSettingOf(
  jobs: readonly Job[],
  rigId: string,
  sheetId: string,
): EntryOf<'setting'> | undefined {
  return jobs
    .filter((job) => job.rigId === rigId)
    .flatMap((job) => ofType(liveEntries(job), 'setting').filter((entry) => entry.sheetId === sheetId))
    .sort((a, b) => a.at.localeCompare(b.at))
    .at(-1);
}
