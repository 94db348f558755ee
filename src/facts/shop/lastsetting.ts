import type { EntryOf, Job } from '@/records';
import { liveEntries, ofType } from '../job';

/** The youngest setting of a rig with a coating, in whatever job it was. */
export function lastSettingOf(
  jobs: readonly Job[],
  rigId: string,
  sheetId: string,
): EntryOf<'setting'> | undefined {
  return jobs
    .flatMap((job) => {
      const layers = job.layers.filter((layer) => layer.rigId === rigId && layer.sheet.id === sheetId);
      return ofType(liveEntries(job), 'setting').filter((entry) =>
        layers.some(({ id }) => id === entry.layerId),
      );
    })
    .sort((a, b) => a.at.localeCompare(b.at))
    .at(-1);
}
