import { versions } from '@/records';
import type { Change, WrittenDoc } from '@/records/replica';

/**
 * What lies on disk, by key:
 *
 * - `job/ID`, `rig/ID` …: a record, without the entries of a job
 * - `log/ID/0` …: a page of a job’s entries
 * - `set/COUNT.WRITER`: what one tap or one import wrote, kept until it is folded into the records
 * - `folds`: which records were folded last
 */
export const foldsKey = 'folds';
const setPrefix = 'set/';
const pagePrefix = 'log/';

/** The most entries in one page. */
export const pageSize = 500;

/** Version of the layout itself. */
const layoutVersion = 11;

/**
 * Raised by every change of the layout and of any record: what bears this number was written by this version and is
 * trusted, what bears a greater one was written by a newer one.
 */
export const storedFormat =
  100 * layoutVersion + Object.values(versions).reduce<number>((sum, version) => sum + version, 0);

export interface StoredRecord {
  readonly format: number;
  /** How often it was folded: another tab that finds another number has missed something. */
  readonly folded: number;
  readonly doc: WrittenDoc;
  /** How many pages of entries it has. */
  readonly pages: number;
  /** Set apart by hand, and why: kept, and nothing is concluded from it. */
  readonly apart?: string;
}

/** Entries as JSON: a browser reads a text from its database many times as fast as what it holds. */
export interface StoredPage {
  readonly of: string;
  readonly text: string;
}

/** One change of one record in a set: a writing, or what another device holds of the whole. */
export interface SetItem {
  readonly key: string;
  readonly change?: Change;
  readonly state?: WrittenDoc;
}

/** A set as it lies on disk and is told to other tabs: a large one as texts, an item a text. */
export interface StoredSet {
  readonly format: number;
  readonly items: readonly (SetItem | string)[];
}

/** The items of a set, one after the other, so that a large one is never read at once. */
export function* itemsIn({ items }: StoredSet): Generator<SetItem> {
  for (const item of items) yield typeof item === 'string' ? (JSON.parse(item) as SetItem) : item;
}

/** More parts than that are written as texts. */
export const mostParts = 1000;

export const partsIn = ({ change, state }: SetItem): number =>
  Object.keys(change?.parts ?? state?.parts ?? {}).length;

/** The last folds, the youngest last: what a tab that slept has to read again. */
export interface Folds {
  readonly number: number;
  /** Everything was taken off this disk: what was written up to this count is of before. */
  readonly erased?: number;
  /** And not all of it is gone yet. */
  readonly erasing?: true;
  readonly recent: readonly { readonly number: number; readonly keys: readonly string[] }[];
}

/** Sets sort by their keys as their stamps do. */
export const setKeyOf = (count: number, writer: string): string =>
  `${setPrefix}${String(count).padStart(15, '0')}.${writer}`;

/** The count of the stamp that a set was written under. */
export const countIn = (setKey: string): number => Number.parseInt(setKey.slice(setPrefix.length), 10);

export const isSetKey = (key: string): boolean => key.startsWith(setPrefix);

/** Records stand under `kind/id`; only jobs have pages. */
export const pageKeyOf = (key: string, page: number): string =>
  `${pagePrefix}${key.slice('job/'.length)}/${page}`;

export const isPageKey = (key: string): boolean => key.startsWith(pagePrefix);

export const isRecordKey = (key: string): boolean =>
  Object.hasOwn(versions, key.slice(0, Math.max(key.indexOf('/'), 0)));

const isObject = (value: unknown): value is object => typeof value === 'object' && value !== null;

export const isStoredRecord = (value: unknown): value is StoredRecord =>
  isObject(value) && 'doc' in value && 'format' in value;

export const isStoredSet = (value: unknown): value is StoredSet =>
  isObject(value) && 'items' in value && Array.isArray(value.items);

export const isFolds = (value: unknown): value is Folds => isObject(value) && 'recent' in value;

/** A record as earlier versions kept it: whole, under one key, with the number of its writings. */
export interface Envelope {
  readonly revision?: number;
  readonly record: unknown;
  readonly apart?: string;
}

/** Keys of earlier versions: what a commit had decided, and changes that another tab had overtaken. */
export const journalKey = 'journal';
export const asidePrefix = 'aside/';

export const isEnvelope = (value: unknown): value is Envelope =>
  isObject(value) && 'record' in value && 'revision' in value;

/** Was this left by an earlier version? */
export const isOld = (key: string, value: unknown): boolean =>
  key === journalKey || key.startsWith(asidePrefix) || (isRecordKey(key) && isEnvelope(value));
