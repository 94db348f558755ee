import { mergeDoc, writtenDoc } from '@/records/replica';
import type { Disk } from './disk/disk';
import {
  foldsKey,
  isFolds,
  isRecordKey,
  isStoredRecord,
  setKeyOf,
  storedFormat,
  type Folds,
  type StoredSet,
} from './disk/layout';
import { newHeld, type Held } from './held';
import type { Memory } from './memory';
import { readRecordAt } from './opened';

/** Which records to read again after folds that this tab did not hear of: all of them where it missed too many. */
export async function foldedSince(disk: Disk, { recent }: Folds, last: number): Promise<readonly string[]> {
  const gap = (recent[0]?.number ?? Infinity) > last + 1;
  return gap
    ? (await disk.keys()).filter(isRecordKey)
    : recent.filter(({ number }) => number > last).flatMap(({ keys }) => keys);
}

/** Which of these records hold on disk what memory does not know, or are set apart otherwise. */
export async function missedAmong(
  disk: Disk,
  held: ReadonlyMap<string, Held>,
  keys: readonly string[],
): Promise<readonly string[]> {
  const missed: string[] = [];
  for (const key of keys) {
    const stored = await disk.get(key);
    if (!isStoredRecord(stored)) continue;
    const { doc, apart } = held.get(key) ?? newHeld();
    const behind = Object.entries(stored.doc.seen).some(
      ([writer, count]) => (doc.seen.get(writer) ?? -1) < count,
    );
    if (behind || apart !== stored.apart) missed.push(key);
  }
  return missed;
}

/**
 * Reads records again and merges them into memory.
 *
 * @param held every record in memory; changed in place
 * @returns those that are there
 */
export async function readAgain(
  disk: Disk,
  held: Map<string, Held>,
  keys: readonly string[],
): Promise<readonly string[]> {
  const found: string[] = [];
  for (const key of keys) {
    const other = await readRecordAt(disk, key);
    if (!other) continue;
    const record = held.get(key) ?? newHeld();
    held.set(key, record);
    mergeDoc(record.doc, other.doc);
    record.apart = other.apart;
    found.push(key);
  }
  return found;
}

/**
 * Storage was cleared or evicted under an open shop: memory is the last copy, and is written again whole. To be called while
 * no other tab writes; one that has done it already is enough.
 */
export async function writeBack(disk: Disk, memory: Memory): Promise<void> {
  if (isFolds(await disk.get(foldsKey))) return;
  for (const [key, held] of memory.held) {
    held.pageOf.clear();
    Object.assign(held, { pages: 0, folded: 0 });
    const { count, writer } = memory.stamp();
    const set: StoredSet = { format: storedFormat, items: [{ key, state: writtenDoc(held.doc) }] };
    await disk.set(setKeyOf(count, writer), set);
  }
}
