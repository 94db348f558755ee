import type { Coating, Job, PlannedCoat } from '@/records';
import { lastOf, liveEntries } from './entries';

export const sheetOf = (job: Job, sheetId: string): Coating =>
  job.sheets.find(({ id }) => id === sheetId) ?? (job.sheets[0] as Coating);

/** The first coat that has not been ended, or undefined when all are on. */
export function nextCoat(job: Job): PlannedCoat | undefined {
  const entries = liveEntries(job);
  return job.coats.find(({ id }) => !lastOf(entries, 'coat-end', (entry) => entry.coatId === id));
}

/** The sheet now worked with: the next coat's, or the last coat's when all are on. */
export const activeSheet = (job: Job): Coating =>
  sheetOf(job, (nextCoat(job) ?? job.coats.at(-1))?.sheetId ?? '');

export const coatsWith = (job: Job, sheetId: string): PlannedCoat[] =>
  job.coats.filter((coat) => coat.sheetId === sheetId);
