import { readDoc, type Path, type Register } from '@/records/replica';
import type { Disk } from './disk/disk';
import {
  storedFormat,
  foldsKey,
  isEnvelope,
  isFolds,
  isOld,
  isPageKey,
  isRecordKey,
  isSetKey,
  isStoredRecord,
  isStoredSet,
  itemsIn,
  pageKeyOf,
  type Folds,
  type StoredRecord,
} from './disk/layout';
import { entriesIn } from './disk/page';
import { applyItem, kindOf, newHeld, readChecked, readTrusted, type Held } from './held';
import { paced } from './pace';

/** A record on disk that could not be read, or was set apart. It is left where it is, and can be exported as found. */
export interface Damaged {
  readonly key: string;
  readonly why: string;
  readonly raw: unknown;
  /** It was set apart by hand, and can be taken back. */
  readonly apart?: true;
}

export interface Opened {
  readonly held: Map<string, Held>;
  readonly damaged: readonly Damaged[];
  /** Keys of sets that are not folded yet. */
  readonly sets: readonly string[];
  readonly folds: Folds | undefined;
  /** Something here was written by a newer version. */
  readonly newer: boolean;
  /** Something here was left by an older one, and is to be lifted. */
  readonly old: boolean;
  /** Records an older version wrote, which hold together: they are written again when there is time. */
  readonly stale: readonly string[];
}

interface Unread {
  readonly unread: unknown;
}

const isUnread = (value: unknown): value is Unread =>
  typeof value === 'object' && value !== null && 'unread' in value;

export const messageOf = (error: unknown): string =>
  error instanceof Error && error.message ? error.message : 'no reason given';

/**
 * Everything on disk, in one sweep; where that fails, key by key, so that one unreadable value stands alone. A page is read as
 * it comes, while the disk brings the next one.
 */
async function swept(disk: Disk): Promise<Map<string, unknown>> {
  const found = new Map<string, unknown>();
  const take = (key: string, value: unknown) => found.set(key, isPageKey(key) ? pageFrom(value) : value);
  try {
    await disk.each(take);
    return found;
  } catch {
    for (const key of await disk.keys())
      take(key, await disk.get(key).catch((error: unknown): Unread => ({ unread: error })));
    return found;
  }
}

/** The entries of a page; what is none is left as it is. */
const pageFrom = (value: unknown): unknown => entriesIn(value) ?? value;

/** Puts the entries of a page into the record they belong to; false for what is no page. */
function takePage(held: Held, page: number, entries: unknown): boolean {
  if (!(entries instanceof Map)) return false;
  for (const [path, register] of entries as Map<Path, Register>) {
    held.doc.parts.set(path, register);
    held.pageOf.set(path, page);
  }
  return true;
}

/** A record as its key holds it, still without its entries. */
export function heldFrom(stored: StoredRecord): Held | undefined {
  const doc = readDoc(stored.doc);
  return doc && { ...newHeld(doc), folded: stored.folded, pages: stored.pages, apart: stored.apart };
}

/**
 * Reads the whole disk: records with their entries, and the sets that are not folded yet written into them in their order.
 * What bears this version’s number is trusted; the rest is checked, and what does not hold together is set apart alone.
 */
export async function readDisk(disk: Disk, writer: string): Promise<Opened> {
  const found = await swept(disk);
  const held = new Map<string, Held>();
  const damaged: Damaged[] = [];
  const untrusted = new Set<string>();
  const rest = paced();
  let newer = false;
  let old = false;
  const broken = (key: string, why: string, raw: unknown) => damaged.push({ key, why, raw });

  for (const [key, value] of found) {
    await rest();
    old ||= isOld(key, value);
    if (isUnread(value)) broken(key, `The disk could not read it: ${messageOf(value.unread)}`, null);
    else if (isRecordKey(key) && isEnvelope(value)) {
      // What lifts old records is fetched only where there are any.
      const { lifted } = await import('./lift');
      const record = await lifted(key, value, writer);
      if ('why' in record) broken(key, record.why, value.record);
      else held.set(key, record);
    } else if (isRecordKey(key)) {
      const record = isStoredRecord(value) ? heldFrom(value) : undefined;
      if (!record) {
        broken(key, 'It is not a record at all.', value);
        continue;
      }
      held.set(key, record);
      const { format: by } = value as StoredRecord;
      if (by !== storedFormat) untrusted.add(key);
      if (by > storedFormat) newer = true;
    }
  }
  for (const [key, record] of held)
    for (let page = 0; page < record.pages; page += 1) {
      const pageKey = pageKeyOf(key, page);
      const value = found.get(pageKey);
      await rest();
      if (isUnread(value)) continue;
      if (!takePage(record, page, value))
        broken(pageKey, 'A page of a job’s entries cannot be read.', value ?? null);
    }
  const sets = [...found.keys()].filter(isSetKey).sort();
  for (const key of sets) {
    const value = found.get(key);
    if (isUnread(value)) continue;
    if (!isStoredSet(value)) {
      broken(key, 'What was written last cannot be read.', value);
      continue;
    }
    if (value.format > storedFormat) newer = true;
    for (const item of itemsIn(value)) {
      await rest();
      if (!isRecordKey(item.key) || damaged.some((each) => each.key === item.key)) continue;
      const record = held.get(item.key) ?? newHeld();
      held.set(item.key, record);
      applyItem(record, item);
      if (value.format !== storedFormat) untrusted.add(item.key);
    }
  }
  // What checks and lifts records is fetched only when something was not written by this version.
  const checker = untrusted.size > 0 ? (await import('@/workers/record')).recordChecker() : undefined;
  for (const [key, record] of held) {
    await rest();
    if (record.apart !== undefined) {
      const raw = readTrusted(key, record.doc);
      damaged.push({ key, why: `Set apart: ${record.apart}.`, raw, apart: true });
    } else if (!checker || !untrusted.has(key)) record.record = readTrusted(key, record.doc);
    else {
      const read = await readChecked(key, record.doc, checker.read);
      if ('why' in read) {
        if (read.newer) newer = true;
        broken(key, read.why, readTrusted(key, record.doc));
        record.broken = true;
      } else held.set(key, { ...record, ...read });
    }
  }
  checker?.stop();
  const folds = found.get(foldsKey);
  const stale = [...untrusted].filter((key) => {
    const record = held.get(key);
    return record && !record.broken && record.apart === undefined;
  });
  return { held, damaged, sets, folds: isFolds(folds) ? folds : undefined, newer, old, stale };
}

/** One record read again from disk, with its entries; undefined where it is not there or cannot be read. */
export async function readRecordAt(disk: Disk, key: string): Promise<Held | undefined> {
  const stored = await disk.get(key);
  const held = isStoredRecord(stored) ? heldFrom(stored) : undefined;
  if (!held || kindOf(key) !== 'job') return held;
  for (let page = 0; page < held.pages; page += 1) {
    takePage(held, page, pageFrom(await disk.get(pageKeyOf(key, page))));
  }
  return held;
}

export const setsIn = async (disk: Disk): Promise<string[]> => (await disk.keys()).filter(isSetKey).sort();
