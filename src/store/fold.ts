import { mergeDoc, writtenDoc, type Doc, type Path, type Register } from '@/records/replica';
import type { Disk } from './disk/disk';
import {
  foldsKey,
  storedFormat,
  isFolds,
  isOld,
  isStoredRecord,
  isStoredSet,
  itemsIn,
  pageKeyOf,
  pageSize,
  type Folds,
  type StoredPage,
  type StoredRecord,
  type StoredSet,
} from './disk/layout';
import { storedPage } from './disk/page';
import { applyItem, newHeld, type Held } from './held';
import { readRecordAt, setsIn } from './opened';
import { paced } from './pace';

const isEntry = (path: Path): boolean => path.startsWith('log/');
const mostRecent = 50;

/** What a fold did: which sets it took in, which records it wrote, and which of them it found to be otherwise than here. */
export interface Folded {
  readonly sets: readonly string[];
  readonly keys: readonly string[];
  readonly changed: readonly string[];
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
  const entries = new Map([...dirty].map((at) => [at, new Map<Path, Register>()]));
  for (const [path, at] of held.pageOf) {
    const into = entries.get(at);
    const register = held.doc.parts.get(path);
    if (into && register) into.set(path, register);
  }
  return [...entries].map(([at, found]) => [pageKeyOf(key, at), storedPage(key, found)]);
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
 * @param stale records that an earlier version wrote, to be written again as this one does
 * @returns what it did, or undefined where it was put off: what was folded until then stands, and is folded again
 */
export async function fold(
  disk: Disk,
  held: Map<string, Held>,
  folds: Folds | undefined,
  idle: () => boolean,
  stale: ReadonlySet<string> = new Set(),
): Promise<Folded | undefined> {
  const rest = paced();
  const keys = await setsIn(disk);
  const known = await disk.get(foldsKey);
  const before = isFolds(known) ? known : folds;
  if (keys.length + stale.size === 0) return { sets: [], keys: [], changed: [], folds: before };
  const sets: [string, StoredSet][] = [];
  for (const key of keys) {
    const set = await disk.get(key);
    // A set of a newer version waits for it.
    if (isStoredSet(set) && set.format <= storedFormat) sets.push([key, set]);
  }
  const touched = new Map<string, Set<Path>>();
  for (const key of stale) touched.set(key, new Set(held.get(key)?.doc.parts.keys()));
  for (const [, set] of sets)
    for (const { key, change, state } of itemsIn(set)) {
      const paths = touched.get(key) ?? new Set();
      touched.set(key, paths);
      for (const path of Object.keys(change?.parts ?? state?.parts ?? {})) paths.add(path);
      await rest();
    }
  const changed = new Set<string>();
  for (const [key, paths] of touched) {
    const record = held.get(key) ?? newHeld();
    held.set(key, record);
    const stored = await disk.get(key);
    if (isStoredRecord(stored) && stored.folded !== record.folded) {
      const other = await readRecordAt(disk, key);
      if (other) {
        for (const path of mergeDoc(record.doc, other.doc)) {
          paths.add(path);
          changed.add(key);
        }
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
  for (const [, set] of sets)
    for (const item of itemsIn(set)) {
      if (applyItem(held.get(item.key) as Held, item).length > 0) changed.add(item.key);
      await rest();
    }
  for (const [key, paths] of touched) {
    await rest();
    if (!idle()) return undefined;
    const record = held.get(key) as Held;
    record.folded += 1;
    for (const [at, value] of writesFor(key, record, paths)) await disk.set(at, value);
  }
  const number = (before?.number ?? 0) + 1;
  const next: Folds = {
    number,
    ...(before?.erased === undefined ? {} : { erased: before.erased }),
    recent: [...(before?.recent ?? []), { number, keys: [...touched.keys()] }].slice(-mostRecent),
  };
  await disk.set(foldsKey, next);
  for (const [key] of sets) await disk.remove(key);
  const written = [...touched.keys()];
  return { sets: sets.map(([key]) => key), keys: written, changed: [...changed], folds: next };
}
