'use client';

import { useCallback } from 'react';
import { layerBegun, layerOf, withLayer, withLooked, type JobView } from '@/facts/job';
import { newId, nextCounter, type Job, type LogEntry, type NewEntry } from '@/records';
import { deviceId } from './disk/device';
import { momentNow, wallNow } from './clock';
import { jobNow, useShop, useStore } from './hooks';

/** A clock that differs from the time of the job by less than this is not worth a word, ms. */
const believed = 2000;

/** An entry as it goes into a job’s log now: the `i`th of one step. */
function stamped(job: Job, entry: NewEntry, operator: string | undefined, i = 0): LogEntry {
  // By the job’s own time: nothing is written before what is written already.
  const at = jobNow(job, momentNow());
  const wall = wallNow();
  return {
    // Entries of one step keep their order by a millisecond each.
    at: new Date(at + i).toISOString(),
    id: newId(),
    counter: nextCounter(job.log) + i,
    device: deviceId(),
    ...(Math.abs(at - wall) > believed ? { wall: new Date(wall).toISOString() } : {}),
    ...(operator ? { by: operator } : {}),
    ...entry,
  } as LogEntry;
}

/** Says what a look under a strong light found: into the log, and into the plan, as one step of undo. */
export function useJudged({ job, spray: { look } }: Pick<JobView, 'job' | 'spray'>): (yes: boolean) => void {
  const store = useStore();
  const { operator } = useShop();
  return useCallback(
    (yes) => {
      if (!look) return;
      const entry = stamped(
        job,
        { type: 'judged', coatId: look.coat.coat.id, asks: look.asks, yes },
        operator,
      );
      store.put(withLooked(job, look, yes, entry, newId), 'coat judged');
    },
    [store, job, look, operator],
  );
}

/** A layer goes on with another gun: what has been in the first one stays with it. */
export function useSwap(job: Job): (layerId: string, rigId: string) => void {
  const store = useStore();
  const { operator } = useShop();
  return useCallback(
    (layerId, rigId) => {
      const next = withLayer(job, layerId, { rigId });
      const before = layerOf(job, layerId).rigId;
      const entry = stamped(job, { type: 'swapped', layerId, rigId: before }, operator);
      const begun = layerBegun(job, layerId);
      store.put(begun ? { ...next, log: [...next.log, entry] } : next, 'gun changed');
    },
    [store, job, operator],
  );
}

/** Writes entries into a job's log, as one step of undo. */
export function useLog(job: Job): (label: string, ...entries: readonly NewEntry[]) => void {
  const store = useStore();
  const { operator } = useShop();
  return useCallback(
    (label, ...entries) => {
      const held = store.getState().records.get(`job/${job.id}`);
      const current = held?.kind === 'job' ? held : job;
      const written = entries.map((entry, i) => stamped(current, entry, operator, i));
      store.put({ ...current, log: [...current.log, ...written] }, label);
    },
    [store, job, operator],
  );
}

/** Corrects an entry: it says the new thing and keeps what it said before. */
export function correctEntry(job: Job, entry: LogEntry, now: number): Job {
  const log = job.log.map((each) => {
    if (each.id !== entry.id) return each;
    const { was = [], ...said } = each;
    delete said.struck;
    return { ...entry, was: [...was, { until: new Date(now).toISOString(), said }] };
  });
  return { ...job, log };
}

/** Strikes an entry, or takes the strike back. It stays readable, with the reason. */
export function strikeEntry(job: Job, id: string, why: string | undefined, now: number): Job {
  const log = job.log.map((entry) => {
    if (entry.id !== id) return entry;
    const changed = { ...entry };
    if (why === undefined) delete changed.struck;
    else changed.struck = { at: new Date(now).toISOString(), why };
    return changed;
  });
  return { ...job, log };
}
