'use client';

import { useCallback } from 'react';
import { newId, nextCounter, type Job, type LogEntry, type NewEntry } from '@/records';
import { deviceId } from './disk/device';
import { momentNow } from './clock';
import { jobNow, useShop, useStore } from './hooks';

/** Writes entries into a job's log, as one step of undo. */
export function useLog(job: Job): (label: string, ...entries: readonly NewEntry[]) => void {
  const store = useStore();
  const { operator } = useShop();
  return useCallback(
    (label, ...entries) => {
      const held = store.getState().records.get(`job/${job.id}`);
      const current = held?.kind === 'job' ? held : job;
      // By the job’s own time: nothing is written before what is written already.
      const at = jobNow(current, momentNow());
      const counter = nextCounter(current.log);
      const device = deviceId();
      const written = entries.map(
        (entry, i) =>
          ({
            // Entries of one step keep their order by a millisecond each.
            at: new Date(at + i).toISOString(),
            id: newId(),
            counter: counter + i,
            device,
            ...(operator ? { by: operator } : {}),
            ...entry,
          }) as LogEntry,
      );
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
