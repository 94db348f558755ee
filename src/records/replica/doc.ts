import { here, placeMark, within, type Path } from './path';
import { valueOf, valuesOf, type Dot, type Register } from './register';
import { sameValue } from './same';
import { byStamp, countOf, stampOf, writerOf, type Stamp } from './stamp';

/** A record as it merges: its parts with their stamps, and how far each writer’s writing has been seen. */
export interface Doc {
  readonly seen: Map<string, number>;
  readonly parts: Map<Path, Register>;
}

/** One writing: new values of some parts, all under one stamp, and which stamps of each they replace. */
export interface Change {
  readonly by: Stamp;
  readonly parts: Readonly<Record<Path, { readonly value?: unknown; readonly over: readonly Stamp[] }>>;
}

export const emptyDoc = (): Doc => ({ seen: new Map(), parts: new Map() });

const hasSeen = ({ seen }: Doc, stamp: Stamp): boolean => (seen.get(writerOf(stamp)) ?? -1) >= countOf(stamp);

const see = ({ seen }: Doc, writer: string, count: number): void => {
  if ((seen.get(writer) ?? -1) < count) seen.set(writer, count);
};

/**
 * Writes a change into a doc, in place. One it has seen already changes nothing, so that a change may be told again.
 *
 * @param late writes it all the same: the writer itself knows that it has not been written yet
 * @returns the paths it wrote
 */
export function applyChange(doc: Doc, { by, parts }: Change, late = false): readonly Path[] {
  if (!late && hasSeen(doc, by)) return [];
  see(doc, writerOf(by), countOf(by));
  for (const [path, { value, over }] of Object.entries(parts)) {
    const left = (doc.parts.get(path) ?? []).filter((dot) => dot.by !== by && !over.includes(dot.by));
    doc.parts.set(path, [...left, value === undefined ? { by } : { by, value }]);
  }
  return Object.keys(parts);
}

/**
 * Merges what another replica holds of a record into a doc, in place. A value stays when both hold it, or when the one that
 * does not hold it has never seen it; a value that one of them has replaced is gone.
 *
 * @returns the paths that changed
 */
export function mergeDoc(doc: Doc, from: Doc): readonly Path[] {
  const changed: Path[] = [];
  for (const path of new Set([...doc.parts.keys(), ...from.parts.keys()])) {
    const ours = doc.parts.get(path) ?? [];
    const theirs = from.parts.get(path) ?? [];
    const stays = ours.filter(({ by }) => theirs.some((dot) => dot.by === by) || !hasSeen(from, by));
    const comes = theirs.filter(({ by }) => !ours.some((dot) => dot.by === by) && !hasSeen(doc, by));
    if (stays.length === ours.length && comes.length === 0) continue;
    changed.push(path);
    const next = [...stays, ...comes];
    if (next.length > 0) doc.parts.set(path, next);
    else doc.parts.delete(path);
  }
  for (const [writer, count] of from.seen) see(doc, writer, count);
  return changed;
}

/** A copy that can be changed apart from the first. */
export const copyOf = ({ seen, parts }: Doc): Doc => ({ seen: new Map(seen), parts: new Map(parts) });

/** What a part holds now. */
export const partOf = ({ parts }: Doc, path: Path): unknown => valueOf(parts.get(path));

/** Is the record there? What somebody wrote in without knowing that it was removed brings it back. */
export const isHere = (doc: Doc): boolean => partOf(doc, here) !== undefined;

/** Has a doc seen everything it holds? */
export const isWhole = (doc: Doc): boolean =>
  [...doc.parts.values()].every((register) => register.every(({ by }) => hasSeen(doc, by)));

/** The greatest count in a doc. */
export const lastCount = ({ seen }: Doc): number => Math.max(0, ...seen.values());

/** One part of a record that says two things. */
export interface Conflict {
  readonly path: Path;
  /** What counts until somebody decides, first. */
  readonly values: readonly Dot[];
}

const presenceOf = (path: Path): boolean => path === here || path.endsWith(`/${placeMark}`);

/** The outermost parts first, then by name: alike on every device. */
const inOrder = (a: Conflict, b: Conflict): number =>
  Number(presenceOf(b.path)) - Number(presenceOf(a.path)) || (a.path < b.path ? -1 : 1);

/** Every part that holds more than one value. */
function apart({ parts }: Doc): readonly Conflict[] {
  const found: Conflict[] = [];
  for (const [path, register] of parts) {
    if (register.length < 2 || path === 'version') continue;
    const values = valuesOf(register);
    // An entry that one took back and another corrected stays.
    const asking = path.startsWith('log/') ? values.filter(({ value }) => value !== undefined) : values;
    if (asking.length > 1) found.push({ path, values: asking });
  }
  return found.sort(inOrder);
}

/** Is this part within what the other says the presence of? */
const belongsTo = (path: Path, presence: Path): boolean =>
  presence === here || within(path, presence.slice(0, -placeMark.length - 1));

/**
 * The parts that two replicas wrote apart, to different ends. Where one took out a whole item or record that the other wrote
 * in, that is the only question about it: its parts are not asked about one by one.
 */
export function conflictsIn(doc: Doc): readonly Conflict[] {
  const all = apart(doc);
  const presences = all.filter(({ path }) => presenceOf(path));
  return all.filter(({ path, values }) => {
    const outer = presences.filter((each) => each.path !== path && belongsTo(path, each.path));
    return outer.length === 0 || values.filter(({ value }) => value !== undefined).length > 1;
  });
}

/**
 * What answering a question writes: the value chosen, and with the presence of an item or record whatever of it was not asked
 * about.
 */
export function answered(doc: Doc, path: Path, value: unknown): ReadonlyMap<Path, unknown> {
  const asked = new Set(conflictsIn(doc).map((each) => each.path));
  const quiet = presenceOf(path)
    ? apart(doc).filter((each) => !asked.has(each.path) && belongsTo(each.path, path))
    : [];
  return new Map([
    ...quiet.map((each) => [each.path, valueOf(doc.parts.get(each.path))] as const),
    [path, value],
  ]);
}

/** A writing of some parts over everything the doc holds of them; undefined takes out. */
export const changeOver = (doc: Doc, parts: ReadonlyMap<Path, unknown>, by: Stamp): Change => ({
  by,
  parts: Object.fromEntries(
    [...parts].map(([path, value]) => [
      path,
      {
        ...(value === undefined ? {} : { value }),
        over: (doc.parts.get(path) ?? []).map((dot) => dot.by),
      },
    ]),
  ),
});

/** A doc with other parts, as a newer version lays a record out: what says the same keeps its stamps. */
export function relaid({ seen, parts }: Doc, laid: ReadonlyMap<Path, unknown>): Doc {
  const last = [...seen].reduce(
    (most, [writer, count]) => {
      const stamp = stampOf(count, writer);
      return byStamp(stamp, most) > 0 ? stamp : most;
    },
    stampOf(0, ''),
  );
  return {
    seen,
    parts: new Map(
      [...laid].map(([path, value]): [Path, Register] => {
        const held = parts.get(path);
        return [path, held && sameValue(valueOf(held), value) ? held : [{ by: last, value }]];
      }),
    ),
  };
}
