'use client';

import { createContext, useContext, useMemo, useSyncExternalStore } from 'react';
import { lastEntryAt, type JobView } from '@/facts/job';
import { recordsOf, shelfOn, viewsOf, type Inconclusive } from '@/facts/records';
import { lessonsOf, type BatchLesson } from '@/facts/shop/lessons';
import type { ShelfCan } from '@/facts/shop/shelf';
import { newShop, type AnyRecord, type Job, type RecordKind, type Shop } from '@/records';
import { jobAhead, momentNow, useNow } from './clock';
import type { ShopState, ShopStore } from './shopstore';

export const StoreContext = createContext<ShopStore | undefined>(undefined);

export function useStore(): ShopStore {
  const store = useContext(StoreContext);
  if (!store) throw new Error('The shop store is missing above this component.');
  return store;
}

export function useShopState(): ShopState {
  const store = useStore();
  return useSyncExternalStore(store.subscribe, store.getState, store.getState);
}

/** Every record of a kind, by name. */
export function useRecords<K extends RecordKind>(kind: K): readonly Extract<AnyRecord, { kind: K }>[] {
  const { records } = useShopState();
  return useMemo(() => recordsOf(records, kind), [records, kind]);
}

export function useRecord<K extends RecordKind>(
  kind: K,
  id: string,
): Extract<AnyRecord, { kind: K }> | undefined {
  const { records } = useShopState();
  const record = records.get(`${kind}/${id}`);
  return record?.kind === kind ? (record as Extract<AnyRecord, { kind: K }>) : undefined;
}

/** The shop's settings; the plain ones until it has its own. */
export function useShop(): Shop {
  return useRecord('shop', 'shop') ?? newShop;
}

/** Now, by a job’s own time: that of this device, or ahead of it where another device’s clock was. */
export const jobNow = (job: Job, now: number): number => now + jobAhead(job.id, lastEntryAt(job), now);

/** A layer somebody took in hand, and its gun. */
interface TakenInHand {
  readonly layerId: string;
  readonly rigId?: string;
}

/** A job seen whole, a second fresh; or why nothing can be concluded of it. */
export function useJobView(id: string, taken?: TakenInHand): JobView | Inconclusive | undefined {
  const { records } = useShopState();
  const now = useNow();
  const { layerId: inHand, rigId: gun } = taken ?? {};
  return useMemo(() => {
    const job = records.get(`job/${id}`);
    if (job?.kind !== 'job') return undefined;
    const { views, inconclusive } = viewsOf(records, [job], jobNow(job, now), { inHand, gun });
    return views[0] ?? inconclusive[0];
  }, [records, id, now, inHand, gun]);
}

/** Sees each open job once, a step a job: what is concluded of it is kept for whoever asks next. */
export const openJobsSeen = (records: ShopState['records']): (() => unknown)[] =>
  recordsOf(records, 'job')
    .filter(({ closed }) => !closed)
    .map((job) => () => viewsOf(records, [job], jobNow(job, momentNow())));

/** The open jobs, the youngest first, and those of which nothing can be concluded. */
export function useJobsSeen(): ReturnType<typeof viewsOf> {
  const { records } = useShopState();
  const now = useNow();
  return useMemo(() => {
    const seen = recordsOf(records, 'job')
      .filter(({ closed }) => !closed)
      .sort((a, b) => b.begun.localeCompare(a.begun))
      .map((job) => viewsOf(records, [job], jobNow(job, now)));
    return {
      views: seen.flatMap(({ views }) => views),
      inconclusive: seen.flatMap(({ inconclusive }) => inconclusive),
    };
  }, [records, now]);
}

export const useOpenJobs = (): readonly JobView[] => useJobsSeen().views;

/** What the last batches of a coating taught. */
export function useLessons(sheetId: string): BatchLesson[] {
  const { records } = useShopState();
  return useMemo(() => lessonsOf(records, sheetId), [records, sheetId]);
}

/** Every can with what is left in it today. */
export function useShelf(): ShelfCan[] {
  const { records } = useShopState();
  return shelfOn(records, useNow());
}
