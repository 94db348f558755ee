import type { Raw } from './read';

/** What of a version-1 approach belongs to all layers; the rest is each layer's own. */
const ofJob = ['turning', 'racks', 'hand', 'sampling', 'acceptance', 'ownLimits'] as const;

/**
 * Lifts a job from version 1, where it had sheets, coats naming their sheet, and one gun and cup, to version 2, where it
 * has layers. Coats of one sheet that follow each other become one layer; a sheet that comes back later becomes another.
 *
 * Nothing is lost: sheets without a coat become layers without one, coats naming a sheet that is not there stay with the
 * first sheet, as they did, and the log keeps its order. What does not have the shape of a job is handed on as it is, for
 * the schema to refuse.
 */
export function jobFrom1(old: Raw): Raw {
  const { sheets, coats, rigId, cupId, approach, doses, cans, thinners, log, ...rest } = old;
  if (!isList(sheets) || !isList(coats) || !isRaw(approach) || !isList(log) || sheets.length === 0)
    return old;
  const own = Object.fromEntries(Object.entries(approach).filter(([key]) => !isOfJob(key)));
  const runs = runsOf(sheets, coats);
  const known = new Set(sheets.flatMap((sheet) => [...dosesIn(sheet)]));
  const layers = runs.map(({ id, sheet, coats: run }, i): Raw => {
    const thinnerId = isRaw(thinners) ? thinners[idOf(sheet)] : undefined;
    const used = isRaw(doses)
      ? Object.entries(doses).filter(([each]) => dosesIn(sheet).has(each) || (i === 0 && !known.has(each)))
      : [];
    const fromHere = isList(cans) ? cans : [];
    return {
      id,
      name: nameOf(sheet),
      sheet,
      rigId,
      cupId,
      ...(thinnerId === undefined ? {} : { thinnerId }),
      ...(fromHere.length > 0 ? { cans: fromHere } : {}),
      ...(used.length > 0 ? { doses: Object.fromEntries(used) } : {}),
      approach: own,
      coats: run.map((coat) => without(coat, 'sheetId')),
    };
  });
  return {
    ...rest,
    layers,
    approach: Object.fromEntries(Object.entries(approach).filter(([key]) => isOfJob(key))),
    log: entriesFrom1(log, runs),
  };
}

interface Run {
  readonly id: string;
  readonly sheet: unknown;
  readonly coats: Raw[];
}

function runsOf(sheets: readonly unknown[], coats: readonly unknown[]): Run[] {
  const runs: Run[] = [];
  for (const coat of coats) {
    if (!isRaw(coat)) continue;
    const sheet = sheets.find((each) => idOf(each) === coat.sheetId) ?? sheets[0];
    const last = runs.at(-1);
    if (last && last.sheet === sheet) {
      last.coats.push(coat);
      continue;
    }
    const again = runs.filter((run) => run.sheet === sheet).length;
    runs.push({
      id: again === 0 ? idOf(sheet) : `${idOf(sheet).slice(0, 60)}-${again + 1}`,
      sheet,
      coats: [coat],
    });
  }
  for (const sheet of sheets)
    if (!runs.some((run) => run.sheet === sheet)) runs.push({ id: idOf(sheet), sheet, coats: [] });
  return runs;
}

/**
 * The log keeps the order it was written in: a step back in its times is a clock that was set back. Entries that named
 * a sheet name its layer; where a sheet lies twice in the stack, the layer that was being worked on.
 */
function entriesFrom1(log: readonly unknown[], runs: readonly Run[]): unknown[] {
  const ended = new Set<unknown>();
  const layerFor = (sheetId: unknown): unknown => {
    const own = runs.filter(({ sheet }) => idOf(sheet) === sheetId);
    const at = own.find(({ coats }) => coats.some(({ id }) => !ended.has(id))) ?? own.at(-1);
    return at?.id ?? sheetId;
  };
  const named = (entry: Raw): Raw =>
    'sheetId' in entry ? { ...without(entry, 'sheetId'), layerId: layerFor(entry.sheetId) } : entry;
  return log.map((entry, counter) => {
    if (!isRaw(entry)) return entry;
    if (entry.type === 'coat-end' && entry.struck === undefined) ended.add(entry.coatId);
    const { was } = entry;
    return {
      ...named(entry),
      counter,
      ...(isList(was) ? { was: was.map((before) => saidFrom1(before, entry, counter, named)) } : {}),
    };
  });
}

/** What an entry said before: an entry of its own kind, else a note that holds it word for word. */
function saidFrom1(before: unknown, entry: Raw, counter: number, named: (entry: Raw) => Raw): unknown {
  if (!isRaw(before) || !isRaw(before.said)) return before;
  const { said } = before;
  if (said.type === entry.type) return { ...before, said: { ...named(said), counter } };
  const kept = { type: 'note', id: entry.id, at: entry.at, counter };
  return { ...before, said: { ...kept, text: JSON.stringify(said).slice(0, 2000) } };
}

const isRaw = (part: unknown): part is Raw =>
  typeof part === 'object' && part !== null && !Array.isArray(part);
const isList = (part: unknown): part is unknown[] => Array.isArray(part);
const isOfJob = (key: string): boolean => (ofJob as readonly string[]).includes(key);
const idOf = (part: unknown): string => (isRaw(part) ? String(part.id) : '');
const nameOf = (part: unknown): unknown => (isRaw(part) ? part.name : undefined);
const without = (part: Raw, key: string): Raw =>
  Object.fromEntries(Object.entries(part).filter(([each]) => each !== key));
const dosesIn = (sheet: unknown): Set<string> =>
  new Set(isRaw(sheet) && isList(sheet.additives) ? sheet.additives.map(idOf) : []);
