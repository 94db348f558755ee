'use client';

import { createContext, useContext, useMemo, useSyncExternalStore } from 'react';
import { newShop, type AnyRecord, type RecordKind, type Shop } from '@/records';
import { useNow } from './clock';
import { jobView, type JobView } from '@/facts/job';
import { lessonsFor, lessonsIn, type BatchLesson } from '@/facts/shop/lessons';
import { shelfOf, type ShelfCan } from '@/facts/shop/shelf';
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
export function useRecords<K extends RecordKind>(kind: K): Extract<AnyRecord, { kind: K }>[] {
  const { records } = useShopState();
  return useMemo(() => recordsOf(records, kind), [records, kind]);
}

export function recordsOf<K extends RecordKind>(
  records: ReadonlyMap<string, AnyRecord>,
  kind: K,
): Extract<AnyRecord, { kind: K }>[] {
  const found = [...records.values()].filter((record) => record.kind === kind);
  return found.sort((a, b) => labelOf(a).localeCompare(labelOf(b))) as Extract<AnyRecord, { kind: K }>[];
}

const labelOf = (record: AnyRecord): string =>
  record.kind === 'can' ? record.lot : record.kind === 'revision' ? record.until : record.name;

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

/** A job seen whole, a second fresh. */
export function useJobView(id: string): JobView | undefined {
  const { records } = useShopState();
  const now = useNow();
  return useMemo(() => viewOf(records, id, now), [records, id, now]);
}

/** The open jobs, the youngest first. */
export function useOpenJobs(): JobView[] {
  const { records } = useShopState();
  const now = useNow();
  return useMemo(
    () =>
      recordsOf(records, 'job')
        .filter(({ closed }) => !closed)
        .sort((a, b) => b.begun.localeCompare(a.begun))
        .map(({ id }) => viewOf(records, id, now))
        .filter((view) => view !== undefined),
    [records, now],
  );
}

function viewOf(records: ReadonlyMap<string, AnyRecord>, id: string, now: number): JobView | undefined {
  const job = records.get(`job/${id}`);
  if (job?.kind !== 'job') return undefined;
  const shop = records.get('shop/shop');
  return jobView(job, {
    rigOf: (rigId) => {
      const rig = records.get(`rig/${rigId}`);
      return rig?.kind === 'rig' ? rig : undefined;
    },
    cups: recordsOf(records, 'cup'),
    shelf: shelfOn(records, now),
    shop: shop?.kind === 'shop' ? shop : newShop,
    now,
    lessons: lessonsFor(lessonsIn(records), id),
  });
}

/** What earlier batches of a coating taught. */
export function useLessons(sheetId: string): BatchLesson[] {
  const { records } = useShopState();
  return useMemo(() => lessonsIn(records).filter((each) => each.sheetId === sheetId), [records, sheetId]);
}

/** The shelf of one state of the records, worked out once a day of it. */
const shelves = new WeakMap<ReadonlyMap<string, AnyRecord>, { today: string; shelf: ShelfCan[] }>();

function shelfOn(records: ReadonlyMap<string, AnyRecord>, now: number): ShelfCan[] {
  const today = new Date(now).toISOString().slice(0, 10);
  const held = shelves.get(records);
  if (held?.today === today) return held.shelf;
  const shelf = shelfOf(
    recordsOf(records, 'can'),
    recordsOf(records, 'coating'),
    recordsOf(records, 'job'),
    today,
  );
  shelves.set(records, { today, shelf });
  return shelf;
}

/** Every can with what is left in it today. */
export function useShelf(): ShelfCan[] {
  const { records } = useShopState();
  return shelfOn(records, useNow());
}
