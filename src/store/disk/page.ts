import {
  below,
  isStamp,
  readDoc,
  writtenRegister,
  type Path,
  type Register,
  type Stamp,
} from '@/records/replica';
import type { StoredPage } from './layout';

/**
 * What a page says. Nearly all entries were written once and say their ids themselves: they stand together under the stamp
 * they share. The others stand by their paths, with all their values.
 */
interface PageText {
  readonly once: readonly (readonly [by: Stamp, entries: readonly unknown[]])[];
  readonly others: Readonly<Record<Path, unknown>>;
}

const isObject = (value: unknown): value is object => typeof value === 'object' && value !== null;

const pathOf = (entry: unknown): Path | undefined =>
  isObject(entry) && 'id' in entry && typeof entry.id === 'string' ? below('log', entry.id) : undefined;

/** A page of entries as it is to be written. */
export function storedPage(of: string, entries: ReadonlyMap<Path, Register>): StoredPage {
  const once = new Map<Stamp, unknown[]>();
  const others: Record<Path, unknown> = {};
  for (const [path, register] of entries) {
    const [only, ...more] = register;
    if (!only || more.length > 0 || pathOf(only.value) !== path) others[path] = writtenRegister(register);
    else {
      const same = once.get(only.by);
      if (same) same.push(only.value);
      else once.set(only.by, [only.value]);
    }
  }
  return { of, text: JSON.stringify({ once: [...once], others } satisfies PageText) };
}

/** The entries of a page, also of one that an earlier layout wrote; undefined for what is no page. */
export function entriesIn(value: unknown): Map<Path, Register> | undefined {
  if (!isObject(value) || !('of' in value)) return undefined;
  if ('entries' in value) return readDoc({ seen: {}, parts: value.entries })?.parts;
  const page = 'text' in value ? parsed(value.text) : undefined;
  const found = page && readDoc({ seen: {}, parts: page.others })?.parts;
  if (!page || !found) return undefined;
  for (const [by, entries] of page.once) {
    if (!isStamp(by)) return undefined;
    for (const entry of entries) {
      const path = pathOf(entry);
      if (path === undefined) return undefined;
      found.set(path, [{ by, value: entry }]);
    }
  }
  return found;
}

function parsed(text: unknown): PageText | undefined {
  try {
    const page: unknown = JSON.parse(String(text));
    const whole = isObject(page) && 'once' in page && Array.isArray(page.once) && 'others' in page;
    return whole ? (page as unknown as PageText) : undefined;
  } catch {
    return undefined;
  }
}
