import type { AnyRecord, RecordKind } from '@/records';
import { composed, readDoc, shapes, type WrittenDoc } from '@/records/replica';
import type { Existing } from './bundle';

/** What a shop holds of one record, as it is told to a worker. */
export interface HeldRecord {
  readonly key: string;
  readonly doc: WrittenDoc;
  /** It stands among the records: it was neither removed nor set apart. */
  readonly here: boolean;
}

/** A shop as it was told. */
export function existingFrom(told: readonly HeldRecord[]): Required<Existing> {
  const records = told.flatMap(({ key, doc, here }): AnyRecord[] => {
    const read = here ? readDoc(doc) : undefined;
    const kind = key.slice(0, key.indexOf('/')) as RecordKind;
    return read ? [composed(read, shapes[kind]) as unknown as AnyRecord] : [];
  });
  return { records, docs: new Map(told.map(({ key, doc }) => [key, doc])) };
}
