import * as z from 'zod/mini';
import '@/records/jitless';
import type { AnyRecord, RecordKind } from '@/records';
import { daysKnown } from '@/records/fields';
import {
  composed,
  changedParts,
  emptyDoc,
  isHere,
  isWhole,
  lastCount,
  readDoc,
  sameValue,
  shapes,
  type Doc,
  type Path,
  type WrittenDoc,
} from '@/records/replica';

/**
 * What a file says of a record beside the record itself, so that it merges: a stamp for each part that holds what the record
 * says, every value with its stamp for a part that holds more or other than that.
 */
export const fileReplica = z.object({
  seen: z.record(z.string(), z.int()),
  parts: z.record(
    z.string(),
    z.union([z.string(), z.array(z.union([z.tuple([z.string()]), z.tuple([z.string(), z.unknown()])]))]),
  ),
});

export type FileReplica = z.infer<typeof fileReplica>;

/** No stamp is later than what a record may name: a count beyond it would leave none for those who write after it. */
const lastCountKnown = Date.parse(`${daysKnown.last}T23:59:59Z`);

const partsOf = (kind: RecordKind, record: object | undefined): ReadonlyMap<Path, unknown> =>
  record ? changedParts(emptyDoc(), shapes[kind], undefined, record) : new Map();

/** A doc as a file carries it, beside the record it makes; undefined for one that is removed. */
export function toFile(kind: RecordKind, doc: WrittenDoc, record: AnyRecord | undefined): FileReplica {
  const said = partsOf(kind, record);
  const parts = Object.entries(doc.parts).map(([path, dots]): [string, FileReplica['parts'][string]] => {
    const [first] = dots;
    return dots.length === 1 && first && said.has(path) && sameValue(said.get(path), first[1])
      ? [path, first[0]]
      : [path, dots as [string, unknown][]];
  });
  return { seen: doc.seen, parts: Object.fromEntries(parts) };
}

/**
 * Reads a doc out of a file.
 *
 * @param record what the file says the record is, undefined where it says nothing
 * @returns undefined where the stamps do not fit the record, as after a change by hand: it is then taken as it reads
 */
export function fromFile(raw: unknown, kind: RecordKind, record: object | undefined): Doc | undefined {
  const read = fileReplica.safeParse(raw);
  if (!read.success) return undefined;
  const said = partsOf(kind, record);
  const parts = Object.entries(read.data.parts).map(([path, held]) => [
    path,
    typeof held === 'string' ? [[held, said.get(path)]] : held,
  ]);
  const doc = readDoc({ seen: read.data.seen, parts: Object.fromEntries(parts) as unknown });
  if (!doc || lastCount(doc) > lastCountKnown || !isWhole(doc)) return undefined;
  return sameValue(isHere(doc) ? composed(doc, shapes[kind]) : undefined, record) ? doc : undefined;
}

/** Do two docs give one stamp to different values? Then one of them was not written by the product. */
export function contradicts(a: Doc, b: Doc): boolean {
  for (const [path, register] of a.parts)
    for (const dot of b.parts.get(path) ?? []) {
      const same = register.find(({ by }) => by === dot.by);
      if (same && !sameValue(same.value, dot.value)) return true;
    }
  return false;
}
