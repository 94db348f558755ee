import type { EntryOf, Job, NewEntry } from '@/records';
import { liveEntries, ofType } from '@/store/job';

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

/** The same setting as a new entry: the gun is set so once more. */
export function setAgain({ bore, tip, knobs, ...said }: EntryOf<'setting'>): NewEntry {
  const { sheetId, pressure, pressureAt, triggerPulled, fluid, fan, distance, overlap, speed } = said;
  return {
    type: 'setting',
    sheetId,
    pressure,
    pressureAt,
    triggerPulled,
    fluid,
    fan,
    distance,
    overlap,
    speed,
    ...(bore === undefined ? {} : { bore }),
    ...(tip === undefined ? {} : { tip }),
    ...(knobs === undefined ? {} : { knobs }),
  };
}
