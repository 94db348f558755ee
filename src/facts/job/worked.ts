import { atTemperature } from '@/core/mixing';
import type { Coating, Job, Rig } from '@/records';
import { lastOf, liveEntries } from './entries';

/** A sheet as this gun and this room ask for it: the band of the method, parts from the temperature table. */
export function sheetWorked(sheet: Coating, rig: Rig | undefined, air: number | undefined): Coating {
  const own = sheet.guns.find(({ atomising }) => atomising === rig?.atomising)?.target;
  const moving = sheet.components.some(({ partsAt }) => partsAt?.length);
  if (!own && !moving) return sheet;
  return {
    ...sheet,
    ...(own ? { target: own } : {}),
    components: sheet.components.map((part) => {
      const rows = part.partsAt?.map(({ temperature, parts }) => ({ temperature, value: parts })) ?? [];
      return { ...part, parts: atTemperature(rows, air ?? sheet.times.temperature) ?? part.parts };
    }),
  };
}

/** The job with its sheets as worked with. What is stored stays as the sheets say. */
export function jobWorked(job: Job, rig: Rig | undefined): Job {
  const air = lastOf(liveEntries(job), 'climate')?.air;
  const sheets = job.sheets.map((sheet) => sheetWorked(sheet, rig, air));
  return sheets.every((sheet, i) => sheet === job.sheets[i]) ? job : { ...job, sheets };
}
