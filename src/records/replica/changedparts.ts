import type { Doc } from './doc';
import { partOf } from './doc';
import { below, here, placeIn, within, type Path } from './path';
import { placesFor } from './places';
import { carried, isPlain, sameValue } from './same';
import type { MergeShape } from './shape';

/** New values of parts; undefined takes out. */
export type PartValues = Map<Path, unknown>;

type Named = Readonly<Record<string, unknown>>;

/** The key an item is known by in its list; a second one of the same name gets a number. */
function keyed(list: readonly unknown[], { key = 'id' }: MergeShape): Map<string, unknown> {
  const found = new Map<string, unknown>();
  list.forEach((item, i) => {
    const named = isPlain(item) ? item[key] : undefined;
    const name = typeof named === 'string' || typeof named === 'number' ? String(named) : `${i}`;
    let free = name;
    for (let n = 2; found.has(free); n += 1) free = `${name}#${n}`;
    found.set(free, item);
  });
  return found;
}

/**
 * What of a doc a changed record writes anew: only what it says otherwise than before.
 *
 * @param before the record as it was read of the doc, undefined for one that is not there
 * @param after the record as it is to be
 */
export function changedParts(
  doc: Doc,
  shape: MergeShape,
  before: object | undefined,
  after: object | undefined,
): PartValues {
  const parts: PartValues = new Map();
  if (!after) {
    if (before) parts.set(here, undefined);
    return parts;
  }
  if (before) compareFields(before as Named, after as Named, shape, '');
  else {
    write(after, shape, '');
    clearRest('');
  }
  // Whoever writes in a record says that it is there: removed elsewhere meanwhile, it comes back and asks.
  if (parts.size > 0) parts.set(here, true);
  return parts;

  /** Takes out what an earlier record or item of the same key left behind. */
  function clearRest(path: Path) {
    for (const held of doc.parts.keys())
      if (held !== here && held !== placeIn(path) && (path === '' || within(held, path)) && !parts.has(held))
        parts.set(held, undefined);
  }

  function write(value: unknown, inner: MergeShape, path: Path) {
    if (inner.fields && isPlain(value)) {
      if (path !== '') parts.set(path, {});
      for (const [name, part] of Object.entries(value))
        if (part !== undefined) write(part, inner.fields[name] ?? {}, below(path, name));
    } else if (inner.items && Array.isArray(value)) {
      parts.set(path, []);
      const list = keyed(value, inner);
      const places = inner.ownOrder ? [] : placesFor(value.map(() => undefined));
      [...list].forEach(([key, item], i) => {
        write(item, inner.items ?? {}, below(path, key));
        if (!inner.ownOrder) parts.set(placeIn(below(path, key)), places[i]);
      });
    } else parts.set(path, value);
  }

  function compare(was: unknown, is: unknown, inner: MergeShape, path: Path) {
    if (was === is) return;
    if (is === undefined) {
      if (was !== undefined) parts.set(path, undefined);
    } else if (was === undefined) {
      write(is, inner, path);
      if (inner.fields || inner.items) clearRest(path);
    } else if (inner.fields && isPlain(was) && isPlain(is)) compareFields(was, is, inner, path);
    else if (inner.items && Array.isArray(was) && Array.isArray(is)) compareLists(was, is, inner, path);
    else if (!sameValue(was, is)) parts.set(path, carried(partOf(doc, path), was, is));
  }

  function compareFields(was: Named, is: Named, inner: MergeShape, path: Path) {
    for (const name of new Set([...Object.keys(was), ...Object.keys(is)]))
      compare(was[name], is[name], inner.fields?.[name] ?? {}, below(path, name));
  }

  function compareLists(was: readonly unknown[], is: readonly unknown[], inner: MergeShape, path: Path) {
    const old = keyed(was, inner);
    const now = keyed(is, inner);
    const removed = inner.ownOrder
      ? (key: string) => below(path, key)
      : (key: string) => placeIn(below(path, key));
    for (const key of old.keys()) if (!now.has(key)) parts.set(removed(key), undefined);
    for (const [key, item] of now) {
      const at = below(path, key);
      const size = parts.size;
      if (old.has(key)) {
        compare(old.get(key), item, inner.items ?? {}, at);
        // Whoever changes an item says that it is there.
        if (parts.size > size && !inner.ownOrder) parts.set(placeIn(at), partOf(doc, placeIn(at)));
        continue;
      }
      write(item, inner.items ?? {}, at);
      if (inner.items?.fields) clearRest(at);
    }
    if (inner.ownOrder) return;
    const keys = [...now.keys()];
    const stood = keys.map((key) => (old.has(key) ? partOf(doc, placeIn(below(path, key))) : undefined));
    placesFor(stood.map((place) => (typeof place === 'string' ? place : undefined))).forEach((place, i) => {
      if (place !== stood[i]) parts.set(placeIn(below(path, keys[i] as string)), place);
    });
  }
}
