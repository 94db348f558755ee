import type { EntryOf, Job, NewEntry } from '@/records';
import { lastOf, liveEntries } from './entries';

/** The gun as it was last recorded set, whatever has been taken apart since. */
export const lastRecorded = (job: Job): EntryOf<'setting'> | undefined => lastOf(liveEntries(job), 'setting');

/** The same setting as a new entry: the gun is set so once more. */
export function setAgain({ bore, setId, tip, knobs, trigger, ...said }: EntryOf<'setting'>): NewEntry {
  const { layerId, pressure, pressureAt, triggerPulled, fluid, fan, distance, overlap, speed } = said;
  return {
    type: 'setting',
    layerId,
    pressure,
    pressureAt,
    triggerPulled,
    fluid,
    fan,
    distance,
    overlap,
    speed,
    ...(bore === undefined ? {} : { bore }),
    ...(setId === undefined ? {} : { setId }),
    ...(tip === undefined ? {} : { tip }),
    ...(knobs === undefined ? {} : { knobs }),
    ...(trigger === undefined ? {} : { trigger }),
  };
}
