import type { Job, Layer, LogEntry, Rig } from '@/records';

/** One entry with the job it stands in. */
export interface Logged {
  readonly job: Job;
  readonly entry: LogEntry;
}

/** What is looked for; what is empty is not asked. */
export interface LogQuestion {
  /** The type of entry. */
  readonly type: string;
  readonly person: string;
  /** The id of a sheet. */
  readonly sheetId: string;
  readonly rigId: string;
  /** Days, as yyyy-mm-dd, both included, by the clock on the wall here. */
  readonly from: string;
  readonly to: string;
  /** All these words stand in it. */
  readonly words: string;
}

export const everything: LogQuestion = {
  type: '',
  person: '',
  sheetId: '',
  rigId: '',
  from: '',
  to: '',
  words: '',
};

/** The ids an entry speaks of, by what they are of. */
type Speaks = Readonly<Record<'layerId' | 'coatId' | 'batchId' | 'rigId', string | undefined>>;

/** The layers an entry is of: one where it says so, all of the job where it speaks of the whole. */
function layersOf({ job, entry }: Logged): readonly Layer[] {
  const { layerId, coatId, batchId } = entry as unknown as Speaks;
  if (layerId !== undefined) return job.layers.filter(({ id }) => id === layerId);
  if (coatId !== undefined) return job.layers.filter(({ coats }) => coats.some(({ id }) => id === coatId));
  if (batchId === undefined) return job.layers;
  const mixed = job.log.find(
    (each): each is LogEntry & { layerId: string } =>
      'batchId' in each && each.batchId === batchId && 'layerId' in each,
  );
  return mixed ? job.layers.filter(({ id }) => id === mixed.layerId) : job.layers;
}

const dayOf = (at: string): string => {
  const date = new Date(at);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
};

/**
 * Whether an entry answers to what is looked for.
 *
 * @param says what is written of it, as the logbook shows it: asked only where words are looked for
 */
export function answers(logged: Logged, asked: LogQuestion, says: () => string): boolean {
  const { job, entry } = logged;
  const { type, person, sheetId, rigId, from, to, words } = asked;
  if (type && entry.type !== type) return false;
  if (person && entry.by !== person) return false;
  if (from || to) {
    const day = dayOf(entry.at);
    if ((from && day < from) || (to && day > to)) return false;
  }
  if (sheetId && !layersOf(logged).some(({ sheet }) => sheet.id === sheetId)) return false;
  if (rigId) {
    const own = (entry as unknown as Speaks).rigId;
    if (own === undefined ? !layersOf(logged).some((layer) => layer.rigId === rigId) : own !== rigId)
      return false;
  }
  if (!words.trim()) return true;
  const text = `${job.name} ${entry.by ?? ''} ${says()}`.toLowerCase();
  return words
    .toLowerCase()
    .trim()
    .split(/\s+/)
    .every((word) => text.includes(word));
}

/** What there is to choose from, each once: of the entries, and of the sheets and guns of their jobs. */
export function choicesOf(rows: readonly Logged[], rigs: readonly Rig[]) {
  const types = new Set<string>();
  const people = new Set<string>();
  const jobs = new Set<Job>();
  for (const { job, entry } of rows) {
    types.add(entry.type);
    if (entry.by) people.add(entry.by);
    jobs.add(job);
  }
  const layers = [...jobs].flatMap((job) => job.layers);
  return {
    types: [...types],
    people: [...people].sort(),
    sheets: [...new Map(layers.map(({ sheet }) => [sheet.id, sheet.name])).entries()],
    rigs: rigs.filter(({ id }) => layers.some((layer) => layer.rigId === id)),
  };
}
