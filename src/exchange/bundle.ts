import * as z from 'zod/mini';
import { isRefusal, refuse, type Outcome } from '@/core/refusal';
import {
  can,
  coating,
  cup,
  job,
  keyOf,
  photo,
  practice,
  versions,
  revision,
  rig,
  shop,
  type AnyRecord,
  type Job,
  type RecordKind,
} from '@/records';
import type { WrittenDoc } from '@/records/replica';
import { asItReads, docOf, merged } from './merged';
import { fileReplica, fromFile, toFile } from './replica';
import { readRecord } from '@/records/readrecord';
import { pictureFrom1 } from '@/records/photofrom1';
import { canonical } from '@/records/canonical';

/** Version of the file format, apart from the versions of the records in it. */
export const bundleVersion = 3;
/** Larger files are not opened at all. */
export const bundleLimit = 50 * 1024 * 1024;

/** The bundle: one documented JSON file. Its JSON Schema is published in docs/formats. */
export const bundleSchema = z.object({
  format: z.literal('fluorite-bundle'),
  version: z.literal(bundleVersion),
  exported: z.iso.datetime(),
  records: z.array(
    z.discriminatedUnion('kind', [coating, revision, can, rig, cup, job, photo, practice, shop]),
  ),
  /** By key, how each record merges, also of records that were removed. Without it a record is taken as it reads. */
  replicas: z.optional(z.record(z.string(), fileReplica)),
});

/** The published description of a bundle. */
export const bundleJsonSchema = () => z.toJSONSchema(bundleSchema, { reused: 'ref' });

/**
 * @param exported moment of export, ISO 8601
 * @param docs how they merge, by key; those of removed records too
 */
export function writeBundle(
  records: readonly AnyRecord[],
  exported: string,
  docs: ReadonlyMap<string, WrittenDoc> = new Map(),
): string {
  const sorted = [...records].sort((a, b) => keyOf(a).localeCompare(keyOf(b)));
  const byKey = new Map(records.map((record) => [keyOf(record), record]));
  const replicas = Object.fromEntries(
    [...docs].map(([key, doc]) => [key, toFile(key.split('/')[0] as RecordKind, doc, byKey.get(key))]),
  );
  return canonical(
    {
      format: 'fluorite-bundle',
      version: bundleVersion,
      exported,
      records: sorted,
      ...(docs.size > 0 ? { replicas } : {}),
    },
    1,
  );
}

/** A job with everything it refers to: its rig, its cup, its sheets and their cans, its photos. */
export function recordsOfJob(job: Job, all: ReadonlyMap<string, AnyRecord>): AnyRecord[] {
  const sheetIds = new Set(job.layers.map(({ sheet }) => sheet.id));
  const rigIds = new Set(job.layers.map(({ rigId }) => rigId));
  const cupIds = new Set(job.layers.map(({ cupId }) => cupId));
  const wanted = [...all.values()].filter(
    (record) =>
      (record.kind === 'rig' && rigIds.has(record.id)) ||
      (record.kind === 'cup' && cupIds.has(record.id)) ||
      (record.kind === 'coating' && sheetIds.has(record.id)) ||
      (record.kind === 'can' && sheetIds.has(record.coatingId)) ||
      (record.kind === 'photo' && record.jobId === job.id),
  );
  return [job, ...wanted];
}

export interface BundleItem {
  readonly key: string;
  readonly name: string;
  /** `gone`: it was removed here, and comes back only when that is wanted. */
  readonly state: 'new' | 'changed' | 'removed' | 'gone' | 'same' | 'refused';
  readonly why?: string;
  /** As it would be. */
  readonly record?: AnyRecord;
  /** What the file knows of it, where it merges; without it the record is taken as it reads. */
  readonly doc?: WrittenDoc;
  /** A picture that stood in its photo, as older files have it. */
  readonly picture?: Blob;
  /** How many of its parts would say two things. */
  readonly asks?: number;
}

export interface BundlePreview {
  readonly exported: string;
  /** The file is an archive with pictures in it, by the ids of their photos. */
  readonly pictures?: readonly string[];
  readonly items: readonly BundleItem[];
}

/** Refuses a file by its size alone, before a byte of it is read. */
export function refuseSize(bytes: number) {
  return bytes > bundleLimit
    ? refuse(
        'too-large',
        `The file has ${Math.round(bytes / 1048576)} MB. A Fluorite file has at most ${bundleLimit / 1048576} MB, so this is another kind of file.`,
      )
    : undefined;
}

/** What a shop holds that a file is looked at beside. */
export interface Existing {
  readonly records: readonly AnyRecord[];
  readonly docs?: ReadonlyMap<string, WrittenDoc>;
}

/**
 * Reads a bundle and says, record by record, what it would do. Nothing is written here.
 *
 * @param existing what the shop holds now
 * @param progress called with the share of records read
 * @returns a preview; refuses files that are too large, cut off, foreign or from a newer version
 */
export function previewBundle(
  text: string,
  existing: Existing = { records: [] },
  progress: (share: number) => void = () => undefined,
): Outcome<BundlePreview> {
  const tooLarge = refuseSize(text.length);
  if (tooLarge) return tooLarge;
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return text.trimStart().startsWith('{')
      ? refuse(
          'cut-off',
          'The file is cut off or damaged: it does not end where it should. Export it again. Nothing was changed.',
        )
      : refuse(
          'foreign',
          'This is not a Fluorite file. Choose one that ends in .fluorite.json. Nothing was changed.',
        );
  }
  const head = raw as {
    format?: unknown;
    version?: unknown;
    exported?: unknown;
    records?: unknown;
    replicas?: unknown;
  } | null;
  if (
    typeof head !== 'object' ||
    head === null ||
    head.format !== 'fluorite-bundle' ||
    !Array.isArray(head.records)
  )
    return refuse(
      'foreign',
      'This is not a Fluorite file. Choose one that ends in .fluorite.json. Nothing was changed.',
    );
  if (typeof head.version !== 'number' || head.version > bundleVersion)
    return refuse(
      'newer-version',
      `This file was made by a newer Fluorite (format ${String(head.version)}; this one reads up to ${bundleVersion}). Update first. Nothing was changed.`,
    );

  return {
    exported: typeof head.exported === 'string' ? head.exported : '',
    items: previewRecords(head.records, existing, head.replicas, progress),
  };
}

const isPlain = (raw: unknown): raw is Readonly<Record<string, unknown>> =>
  typeof raw === 'object' && raw !== null && !Array.isArray(raw);

/** What each of some raw records would do to a shop, and what the file knows of records that were removed. */
export function previewRecords(
  records: readonly unknown[],
  existing: Existing,
  replicas: unknown = undefined,
  progress: (share: number) => void = () => undefined,
): BundleItem[] {
  const held = new Map(existing.records.map((record) => [keyOf(record), record]));
  const known = isPlain(replicas) ? replicas : {};
  const seen = new Set<string>();
  const items = records.map((each: unknown, i): BundleItem => {
    if (i % 50 === 0) progress(i / records.length);
    const record = readRecord(each);
    const name = nameOf(each) ?? `Record ${i + 1}`;
    if (isRefusal(record)) return { key: `record ${i + 1}`, name, state: 'refused', why: record.says };
    const key = keyOf(record);
    if (seen.has(key))
      return {
        key: `${key} (${i + 1})`,
        name,
        state: 'refused',
        why: 'It stands in the file twice; the first is used.',
      };
    seen.add(key);
    const doc = Object.hasOwn(known, key) ? docOf(known[key], each as object, record) : undefined;
    const picture = pictureFrom1(each);
    const item = {
      key,
      name: nameOf(record) ?? (record.kind === 'photo' ? 'A photo' : key),
      ...(picture ? { picture: new Blob([picture], { type: 'image/jpeg' }) } : {}),
    };
    const before = held.get(key);
    return doc
      ? { ...item, ...merged(key, doc, before, existing.docs?.get(key)) }
      : { ...item, ...asItReads(record, before) };
  });
  const removed = Object.keys(known).flatMap((key): BundleItem[] => {
    const [kind] = key.split('/');
    if (seen.has(key) || !Object.hasOwn(versions, kind as string)) return [];
    const doc = fromFile(known[key], kind as RecordKind, undefined);
    const before = held.get(key);
    const name = nameOf(before) ?? key;
    return doc ? [{ key, name, ...merged(key, doc, before, existing.docs?.get(key)) }] : [];
  });
  return [...items, ...removed];
}

function nameOf(record: unknown): string | undefined {
  const { name, lot } = (record ?? {}) as { name?: unknown; lot?: unknown };
  return typeof name === 'string' && name !== ''
    ? name.slice(0, 120)
    : typeof lot === 'string'
      ? `Lot ${lot.slice(0, 40)}`
      : undefined;
}
