import { isRefusal, type Outcome } from '@/core/refusal';
import { keyOf, type AnyRecord, type RecordKind } from '@/records';
import {
  applyChange,
  composed,
  conflictsIn,
  changedParts,
  emptyDoc,
  isHere,
  mergeDoc,
  readDoc,
  relaid,
  shapes,
  type Conflict,
  type Doc,
  type Path,
} from '@/records/replica';
import type { SetItem } from './disk/layout';

/** A record in memory: how it merges, how it reads, and where its entries lie on disk. */
export interface Held {
  readonly doc: Doc;
  /** As the screens see it; undefined where it was removed. */
  record?: AnyRecord;
  /** Set apart by hand, and why. */
  apart?: string;
  /** What is on disk does not hold together: it is not shown, and the next writing takes its place. */
  broken?: true;
  /** How often it had been folded when it was read. */
  folded: number;
  pages: number;
  readonly pageOf: Map<Path, number>;
}

export const newHeld = (doc: Doc = emptyDoc()): Held => ({ doc, folded: 0, pages: 0, pageOf: new Map() });

export const kindOf = (key: string): RecordKind => key.slice(0, key.indexOf('/')) as RecordKind;

export const shapeOf = (key: string) => shapes[kindOf(key)];

/** The record a doc makes, unchecked: what this version has written holds together. */
export const readTrusted = (key: string, doc: Doc): AnyRecord | undefined =>
  isHere(doc) ? (composed(doc, shapeOf(key)) as unknown as AnyRecord) : undefined;

/**
 * The record a doc makes, checked and lifted to the present version. The doc then has the parts of the lifted record.
 *
 * @param read checks and lifts a record of any version
 * @returns the record, nothing where it was removed, or why it cannot be read
 */
export async function readChecked(
  key: string,
  doc: Doc,
  read: (raw: unknown) => Promise<Outcome<AnyRecord>>,
): Promise<{ doc: Doc; record?: AnyRecord } | { why: string; newer?: boolean }> {
  if (!isHere(doc)) return { doc };
  const raw = composed(doc, shapeOf(key));
  const record = await read(raw);
  if (isRefusal(record)) return { why: record.says, newer: record.refused === 'newer-version' };
  if (keyOf(record) !== key) return { why: `It says it is ${keyOf(record)}.` };
  const same = raw.version === record.version;
  return { doc: same ? doc : relaid(doc, changedParts(emptyDoc(), shapeOf(key), undefined, record)), record };
}

/**
 * Writes one item of a set into a record held.
 *
 * @param late it was written here, and something written after it came first
 * @returns the paths it changed
 */
export function applyItem({ doc }: Held, { change, state }: SetItem, late = false): readonly Path[] {
  // Whoever wrote it had not heard yet that everything was taken away: a part makes no record.
  if (change && doc.parts.size === 0 && !('id' in change.parts)) return [];
  if (change) return applyChange(doc, change, late);
  const other = readDoc(state);
  return other ? mergeDoc(doc, other) : [];
}

/** A record in which two replicas say different things. */
export interface Asking {
  readonly key: string;
  readonly conflicts: readonly Conflict[];
}

/** What of these records asks, beside what of the others asked before. */
export function askingOf(
  before: readonly Asking[],
  keys: Iterable<string>,
  held: ReadonlyMap<string, Held>,
): readonly Asking[] {
  const looked = new Set(keys);
  const found = [...looked].flatMap((key): Asking[] => {
    const each = held.get(key);
    const conflicts = each && each.apart === undefined && !each.broken ? conflictsIn(each.doc) : [];
    return conflicts.length > 0 ? [{ key, conflicts }] : [];
  });
  if (found.length === 0 && !before.some(({ key }) => looked.has(key))) return before;
  return [...before.filter(({ key }) => !looked.has(key)), ...found];
}
