import { isRefusal } from '@/core/refusal';
import { inOrder, type AnyRecord, type RecordKind } from '@/records';
import { readRecord } from '@/records/readrecord';
import {
  composed,
  conflictsIn,
  copyOf,
  changedParts,
  emptyDoc,
  isHere,
  mergeDoc,
  readDoc,
  relaid,
  sameValue,
  shapes,
  writtenDoc,
  type Doc,
  type WrittenDoc,
} from '@/records/replica';
import type { BundleItem } from './bundle';
import { contradicts, fromFile } from './replica';

const kindOf = (key: string): RecordKind => key.split('/')[0] as RecordKind;

/**
 * What a file knows of a record, in the present version’s parts.
 *
 * @param raw the replica as the file has it
 * @param said the record as the file has it
 * @param record the same, read and lifted
 * @returns undefined where it does not fit the record, or where the record had to be tamed: it is then taken as it reads
 */
export function docOf(raw: unknown, said: object, record: AnyRecord): Doc | undefined {
  const doc = fromFile(raw, record.kind, said);
  const { version, asked } = said as { readonly version?: unknown; readonly asked?: unknown };
  if (!doc || !sameValue(asked, record.asked)) return undefined;
  return version === record.version
    ? doc
    : relaid(doc, changedParts(emptyDoc(), shapes[record.kind], undefined, record));
}

/** A record taken as it reads: what the shop has of it is replaced, only a job’s entries stay beside those that come. */
export function asItReads(
  record: AnyRecord,
  before: AnyRecord | undefined,
): Pick<BundleItem, 'state' | 'record'> {
  if (!before) return { record, state: 'new' };
  const next = withEntriesOf(before, record);
  return { record: next, state: sameValue(before, next) ? 'same' : 'changed' };
}

function withEntriesOf(before: AnyRecord, record: AnyRecord): AnyRecord {
  if (record.kind !== 'job' || before.kind !== 'job') return record;
  const ids = new Set(record.log.map(({ id }) => id));
  const kept = before.log.filter(({ id }) => !ids.has(id));
  return kept.length === 0 ? record : { ...record, log: [...record.log, ...kept].sort(inOrder) };
}

/**
 * What merging a file’s doc into the shop’s would make of a record.
 *
 * @param before the record as the shop has it
 * @param held what the shop knows of it
 */
export function merged(
  key: string,
  doc: Doc,
  before: AnyRecord | undefined,
  held: WrittenDoc | undefined,
): Omit<BundleItem, 'key' | 'name'> {
  const shape = shapes[kindOf(key)];
  const ours = readDoc(held) ?? emptyDoc();
  // One stamp with two values was changed by hand: it is taken as it reads.
  if (contradicts(ours, doc)) {
    const record = isHere(doc) ? readRecord(composed(doc, shape)) : undefined;
    return record && !isRefusal(record) ? asItReads(record, before) : { state: 'same' };
  }
  const both = copyOf(ours);
  const changed = mergeDoc(both, doc).length > 0;
  if (!isHere(both)) {
    const there = isHere(doc) ? readRecord(composed(doc, shape)) : undefined;
    if (there && !isRefusal(there)) return { state: 'gone', record: there };
    return { state: before ? 'removed' : 'same', ...(changed ? { doc: writtenDoc(doc) } : {}) };
  }
  const record = readRecord(composed(both, shape));
  if (isRefusal(record))
    return { state: 'refused', why: `Merged with what is here, it does not hold together: ${record.says}` };
  if (!changed) return { state: 'same', record };
  const asks = conflictsIn(both).length;
  return { state: before ? 'changed' : 'new', record, doc: writtenDoc(doc), ...(asks > 0 ? { asks } : {}) };
}
