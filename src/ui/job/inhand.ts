'use client';

import { useMemo, useSyncExternalStore } from 'react';
import { liveEntries, ofType } from '@/facts/job';
import type { Job } from '@/records';

/** What somebody took in hand in this tab: a layer, and the gun to be cleaned where they said which. */
export interface InHand {
  readonly layerId: string;
  readonly rigId?: string;
  /** Coats started before it was taken: with the next one it is the work that says what is in hand. */
  readonly coats: number;
}

const prefix = 'fluorite-in-hand/';
const held = new Map<string, InHand | undefined>();
const watchers = new Set<() => void>();

const startsOf = (job: Job): number => ofType(liveEntries(job), 'coat-start').length;

function read(id: string): InHand | undefined {
  if (held.has(id)) return held.get(id);
  let found: InHand | undefined;
  try {
    found = (JSON.parse(sessionStorage.getItem(prefix + id) ?? 'null') as InHand | null) ?? undefined;
  } catch {
    // Nothing can be kept here: it is in hand until the page goes.
  }
  held.set(id, found);
  return found;
}

/** Takes a layer of a job in hand. */
export function takeInHand(job: Job, layerId: string, rigId?: string): void {
  const taken: InHand = { layerId, coats: startsOf(job), ...(rigId ? { rigId } : {}) };
  held.set(job.id, taken);
  try {
    sessionStorage.setItem(prefix + job.id, JSON.stringify(taken));
  } catch {
    // As above.
  }
  watchers.forEach((tell) => tell());
}

const watch = (tell: () => void) => {
  watchers.add(tell);
  return () => watchers.delete(tell);
};

/** What is in hand of a job by somebody’s choice; undefined where the work decides. */
export function useInHand(id: string, job: Job | undefined): InHand | undefined {
  const taken = useSyncExternalStore(
    watch,
    () => read(id),
    () => undefined,
  );
  return useMemo(() => (taken && job && taken.coats === startsOf(job) ? taken : undefined), [taken, job]);
}
