import { inOrder } from '../counter';
import type { LogEntry } from '../log';
import type { Doc } from './doc';
import { namesIn, placeMark } from './path';
import { valueOf, valuesOf, type Register } from './register';
import type { MergeShape } from './shape';
import { byStamp } from './stamp';

/** The parts of a record as they lie within each other. */
interface Branch {
  register?: Register;
  within?: Map<string, Branch>;
  /** The items of a log, which have no parts of their own: there may be many thousands of them. */
  entries?: Register[];
}

const none: ReadonlyMap<string, Branch> = new Map();

function treeOf({ parts }: Doc, shape: MergeShape): Branch {
  const [log] = Object.entries(shape.fields ?? {}).find(([, { ownOrder }]) => ownOrder) ?? [];
  const entries: Register[] = [];
  const root: Branch = {};
  if (log !== undefined) root.within = new Map([[log, { entries }]]);
  for (const [path, register] of parts) {
    if (log !== undefined && path.length > log.length && path.startsWith(log) && path[log.length] === '/') {
      entries.push(register);
      continue;
    }
    let at = root;
    for (const name of namesIn(path)) {
      at.within ??= new Map();
      let next = at.within.get(name);
      if (!next) at.within.set(name, (next = {}));
      at = next;
    }
    at.register = register;
  }
  return root;
}

function items(at: Branch, shape: MergeShape): unknown[] {
  if (shape.ownOrder) {
    const entries = (at.entries ?? []).flatMap(
      (register) => (valueOf(register) as LogEntry | undefined) ?? [],
    );
    return entries.sort(inOrder);
  }
  const all = [...(at.within ?? none)].map(([key, item]) => {
    const register = item.within?.get(placeMark)?.register;
    return { key, item, register, place: valueOf(register) };
  });
  let alive = all.filter(({ place }) => place !== undefined);
  if (alive.length === 0 && shape.least && all.length > 0) {
    const removed = (register: Register | undefined) => valuesOf(register ?? [])[0]?.by ?? '0.';
    alive = [
      all.reduce((last, each) => (byStamp(removed(each.register), removed(last.register)) > 0 ? each : last)),
    ];
  }
  const values = alive.map(({ key, item, place }) => ({
    key,
    place: String(place),
    value: shape.items?.fields ? fieldsOf(item, shape.items) : valueOf(item.register),
  }));
  const before = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);
  return values.sort((a, b) => before(a.place, b.place) || before(a.key, b.key)).map(({ value }) => value);
}

function fieldsOf(at: Branch, shape: MergeShape): Record<string, unknown> {
  const found: Record<string, unknown> = {};
  for (const [name, part] of at.within ?? none) {
    if (name === placeMark) continue;
    const inner = shape.fields?.[name] ?? {};
    const value = valueOf(part.register);
    // A list or a group of fields is there when it says so itself: one taken out leaves its parts behind.
    if (value === undefined) continue;
    found[name] = inner.fields ? fieldsOf(part, inner) : inner.items ? items(part, inner) : value;
  }
  return found;
}

/** The record that a doc’s parts make, with what this version does not know of it. */
export function composed(doc: Doc, shape: MergeShape): Record<string, unknown> {
  const root = treeOf(doc, shape);
  root.within?.delete('!');
  return fieldsOf(root, shape);
}
