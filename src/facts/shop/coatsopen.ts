import type { Job } from '@/records';
import { liveEntries, ofType } from '../job/entries';

/** Coats that the open jobs still want, all of their layers. */
export const coatsOpen = (jobs: readonly Job[]): number =>
  jobs
    .filter(({ closed }) => !closed)
    .reduce((sum, job) => {
      const ended = new Set(ofType(liveEntries(job), 'coat-end').map(({ coatId }) => coatId));
      return sum + job.layers.flatMap(({ coats }) => coats).filter(({ id }) => !ended.has(id)).length;
    }, 0);
