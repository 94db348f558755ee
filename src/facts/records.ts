import { newShop, type AnyRecord, type Job, type RecordKind } from '@/records';
import { jobView, type JobView } from './job';
import { lessonsFor, lessonsIn } from './shop/lessons';
import { shelfOf, type ShelfCan } from './shop/shelf';

/** All records of a shop by their keys. */
export type Records = ReadonlyMap<string, AnyRecord>;

const labelOf = (record: AnyRecord): string =>
  record.kind === 'can' ? record.lot : record.kind === 'revision' ? record.until : record.name;

/** Kinds of one state of the records, each gathered once. */
const gathered = new WeakMap<Records, Map<RecordKind, readonly AnyRecord[]>>();

/** Every record of a kind, by name. */
export function recordsOf<K extends RecordKind>(
  records: Records,
  kind: K,
): readonly Extract<AnyRecord, { kind: K }>[] {
  const kinds = gathered.get(records) ?? new Map<RecordKind, readonly AnyRecord[]>();
  gathered.set(records, kinds);
  const known = kinds.get(kind);
  if (known) return known as readonly Extract<AnyRecord, { kind: K }>[];
  const found = [...records.values()].filter((record) => record.kind === kind);
  found.sort((a, b) => labelOf(a).localeCompare(labelOf(b)));
  kinds.set(kind, found);
  return found as unknown as readonly Extract<AnyRecord, { kind: K }>[];
}

/** The shelf of one state of the records, worked out once a day of it. */
const shelves = new WeakMap<Records, { today: string; shelf: ShelfCan[] }>();

export function shelfOn(records: Records, now: number): ShelfCan[] {
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

/** A job seen whole at a moment, ms since the epoch; undefined where there is no such job. */
export function jobViewOf(records: Records, id: string, now: number): JobView | undefined {
  const job = records.get(`job/${id}`);
  return job?.kind === 'job' ? viewOf(records, job, now) : undefined;
}

function viewOf(records: Records, job: Job, now: number): JobView {
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
    lessons: lessonsFor(lessonsIn(records), job.id),
  });
}
