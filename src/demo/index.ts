import type { AnyRecord } from '@/records';
import { rigsInUse } from './care';
import { demoCans, demoCups } from './equipment';
import { demoJobs } from './jobs';
import { demoSheets } from './sheets';

/**
 * The demo shop: the paint shop of the made-up Thistledown Tramway. Coatings, people, lots and numbers are
 * all made up.
 *
 * @param now ms since the epoch; the jobs' diaries end here
 */
export const demoShop = (now: number): AnyRecord[] => [
  ...demoSheets,
  ...rigsInUse(now),
  ...demoCups,
  ...demoCans(now),
  ...demoJobs(now),
];
