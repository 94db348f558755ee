import { mergeDoc, writtenDoc, writtenRegister, type Doc, type Path } from '@/records/replica';
import type { Disk } from './disk/disk';
import {
  foldsKey,
  storedFormat,
  isFolds,
  isOld,
  isStoredRecord,
  isStoredSet,
  pageKeyOf,
  pageSize,
  type Folds,
  type StoredPage,
  type StoredRecord,
  type StoredSet,
} from './disk/layout';
import { applyItem, newHeld, type Held } from './held';
import { readRecordAt, setsIn } from './opened';

const isEntry = (path: Path): boolean => path.startsWith('log/');
const mostRecent = 50;

/** What a fold did: which sets it took in, and which records it wrote. */
export interface Folded {
  readonly sets: readonly string[];
  readonly keys: readonly string[];
  readonly folds: Folds | undefined;
}

/** Gives every entry a page: those without one go into the last, or into new ones. */
function page(held: Held): void {
  const sizes = new Map<number, number>();
  for (const at of held.pageOf.values()) sizes.set(at, (sizes.get(at) ?? 0) + 1);
  let last = Math.max(held.pages - 1, 0);
  for (const path of held.doc.parts.keys()) {
    if (!isEntry(path) || held.pageOf.has(path)) continue;
    const size = sizes.get(last) ?? 0;
    if (size >= pageSize) last += 1;
    sizes.set(last, (sizes.get(last) ?? 0) + 1);
    held.pageOf.set(path, last);
    held.pages = Math.max(held.pages, last + 1);
  }
}

/** The pages that hold any of these entries, as they are to be written. */
function pagesWith(key: string, held: Held, touched: ReadonlySet<Path>): [key: string, page: StoredPage][] {
  page(held);
  const dirty = new Set([...touched].flatMap((path) => held.pageOf.get(path) ?? []));
  const entries = new Map([...dirty].map((at) => [at, {} as Record<Path, StoredPage['entries'][Path]>]));
  for (const [path, at] of held.pageOf) {
    const into = entries.get(at);
    const register = held.doc.parts.get(path);
    if (into && register) into[path] = writtenRegister(register);
  }
  return [...entries].map(([at, found]) => [pageKeyOf(key, at), { of: key, entries: found }]);
}

/** A record without its entries, as it is to be written. */
export function storedRecord({ doc, pages, folded, apart }: Held): StoredRecord {
  const plan: Doc = { seen: doc.seen, parts: new Map([...doc.parts].filter(([path]) => !isEntry(path))) };
  return {
    format: storedFormat,
    folded,
    pages,
    doc: writtenDoc(plan),
    ...(apart === undefined ? {} : { apart }),
  };
}

/**
 * Everything that is to be written for one record, pages first: a tab that dies in between has lost nothing, since the sets
 * go last and say again what the pages already hold.
 */
export function writesFor(
  key: string,
  held: Held,
  touched: ReadonlySet<Path>,
): [key: string, value: unknown][] {
  const entries = new Set([...touched].filter(isEntry));
  return [...pagesWith(key, held, entries), [key, storedRecord(held)]];
}

/**
 * Folds the sets on disk into the records, and brings what another tab wrote into memory on the way. To be called while no
 * other tab folds.
 *
 * @param held every record in memory; changed in place
 * @param idle is there nothing in memory that is not on disk yet? What is not written is not folded
 * @returns what it did, or undefined where it was put off
 */
export async function fold(
  disk: Disk,
  held: Map<string, Held>,
  folds: Folds | undefined,
  idle: () => boolean,
): Promise<Folded | undefined> {
  const keys = await setsIn(disk);
  const known = await disk.get(foldsKey);
  const before = isFolds(known) ? known : folds;
  if (keys.length === 0) return { sets: [], keys: [], folds: before };
  const sets: [string, StoredSet][] = [];
  for (const key of keys) {
    const set = await disk.get(key);
    // A set of a newer version waits for it.
    if (isStoredSet(set) && set.format <= storedFormat) sets.push([key, set]);
  }
  const touched = new Map<string, Set<Path>>();
  for (const [, { items }] of sets)
    for (const { key, change, state } of items) {
      const paths = touched.get(key) ?? new Set();
      touched.set(key, paths);
      for (const path of Object.keys(change?.parts ?? state?.parts ?? {})) paths.add(path);
    }
  for (const [key, paths] of touched) {
    const record = held.get(key) ?? newHeld();
    held.set(key, record);
    const stored = await disk.get(key);
    if (isStoredRecord(stored) && stored.folded !== record.folded) {
      const other = await readRecordAt(disk, key);
      if (other) {
        for (const path of mergeDoc(record.doc, other.doc)) paths.add(path);
        record.pageOf.clear();
        for (const [path, at] of other.pageOf) record.pageOf.set(path, at);
        Object.assign(record, { folded: other.folded, pages: other.pages, apart: other.apart });
      }
    } else if (!isStoredRecord(stored)) {
      for (const path of record.doc.parts.keys()) paths.add(path);
      // What could not be read stays on disk, beside what takes its place.
      if (stored !== null && stored !== undefined && !isOld(key, stored))
        await disk.set(`unread/${key}`, stored);
    }
  }
  for (const [, { items }] of sets) for (const item of items) applyItem(held.get(item.key) as Held, item);
  if (!idle()) return undefined;
  const number = (before?.number ?? 0) + 1;
  const writes: [string, unknown][] = [];
  for (const [key, paths] of touched) {
    const record = held.get(key) as Held;
    record.folded += 1;
    writes.push(...writesFor(key, record, paths));
  }
  const next: Folds = {
    number,
    recent: [...(before?.recent ?? []), { number, keys: [...touched.keys()] }].slice(-mostRecent),
  };
  for (const [key, value] of writes) await disk.set(key, value);
  await disk.set(foldsKey, next);
  for (const [key] of sets) await disk.remove(key);
  return { sets: sets.map(([key]) => key), keys: [...touched.keys()], folds: next };
}
