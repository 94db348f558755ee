import { isRefusal } from '@/core/refusal';
import type { EntryOf, Job } from '@/records';
import { sheetAsMixed } from './job/batch';
import { lastOf, liveEntries, moment, ofType } from './job/entries';

/** What a rig has done, by the logs of all jobs. */
export interface RigUse {
  /** s between start and end of its coats, and m³ mixed for it. */
  readonly seconds: number;
  readonly volume: number;
  /** ms since the epoch. */
  readonly lastSprayed?: number;
  readonly lastCleaned?: number;
  /** The same by what was fitted: a set’s id or a tip’s code. */
  readonly fitted: ReadonlyMap<string, { readonly seconds: number; readonly volume: number }>;
}

const latest = (a: number | undefined, b: number | undefined) =>
  a === undefined ? b : b === undefined ? a : Math.max(a, b);

/**
 * Adds up what a rig has done.
 *
 * Paint is shared out over what was fitted by the time each was sprayed with: what a coat truly used is not weighed.
 */
export function rigUse(jobs: readonly Job[], rigId: string): RigUse {
  let seconds = 0;
  let volume = 0;
  let lastSprayed: number | undefined;
  let lastCleaned: number | undefined;
  const fitted = new Map<string, { seconds: number; volume: number }>();
  for (const job of jobs) {
    if (job.rigId !== rigId) continue;
    const entries = liveEntries(job);
    const spans = ofType(entries, 'coat-end').flatMap((end) => {
      const start = lastOf(
        entries,
        'coat-start',
        (entry) => entry.coatId === end.coatId && moment(entry) <= moment(end),
      );
      return start ? [{ end, took: (moment(end) - moment(start)) / 1000 }] : [];
    });
    const sprayed = spans.reduce((sum, { took }) => sum + took, 0);
    const mixed = ofType(entries, 'mixed').reduce((sum, entry) => sum + mixedVolume(job, entry), 0);
    seconds += sprayed;
    volume += mixed;
    for (const { end, took } of spans) {
      lastSprayed = latest(lastSprayed, moment(end));
      const setting = lastOf(entries, 'setting', (entry) => moment(entry) <= moment(end));
      const name = setting?.tip ?? setting?.setId;
      if (!name) continue;
      const before = fitted.get(name) ?? { seconds: 0, volume: 0 };
      fitted.set(name, {
        seconds: before.seconds + took,
        volume: before.volume + (mixed * took) / sprayed,
      });
    }
    const cleaned = lastOf(entries, 'tick', ({ list, done }) => list === 'clean' && done);
    lastCleaned = latest(lastCleaned, cleaned && moment(cleaned));
  }
  return { seconds, volume, lastSprayed, lastCleaned, fitted };
}

function mixedVolume(job: Job, { sheetId, poured }: EntryOf<'mixed'>): number {
  const sheet = job.sheets.find(({ id }) => id === sheetId);
  const mixed = sheet && sheetAsMixed(sheet);
  const mass = poured.reduce((sum, each) => sum + each.mass, 0);
  return mixed && !isRefusal(mixed) ? mass / mixed.density : 0;
}
