import { capability, type Capability } from '@/core/quality';
import type { Outcome } from '@/core/refusal';
import type { Job } from '@/records';
import { eachThatCan } from './eachthatcan';
import { spreadOf, type Spread } from './recipes';
import { sprayedIn, type Kit, type Use } from './uses';

/** What is charted over jobs. */
export const measures = [
  'film',
  'thinning',
  'transfer',
  'paint',
  'minutes',
  'faults',
  'reworks',
  'waste',
] as const;
export type Measure = (typeof measures)[number];

/** By what the jobs are told apart. */
export const groupings = ['sheet', 'gun', 'person', 'month'] as const;
export type Grouping = (typeof groupings)[number];

/** One product of one job, with what is charted of it; what nobody recorded is undefined and counts nowhere. */
export interface BookRow {
  readonly use: Use;
  /** Such as 2026-11, by the universal day. */
  readonly month: string;
  /** Shares; for paint m³/m², for minutes s/m², for waste m³. */
  readonly values: Readonly<Record<Measure, number | undefined>>;
}

/** Of which jobs; everything where nothing is asked. */
export interface BookAsked {
  readonly sheetId?: string;
  readonly rigId?: string;
  readonly person?: string;
}

/** Every product every job sprayed, the oldest first. A job that cannot be gone through is passed over. */
export function bookRows(jobs: readonly Job[], kit: Kit): BookRow[] {
  return eachThatCan(jobs, (job) => sprayedIn(job, kit))
    .map((use): BookRow => {
      const sprayed = use.area * use.coats;
      return {
        use,
        month: new Date(use.at).toISOString().slice(0, 7),
        values: {
          film: use.film && use.film.mean / use.film.aim,
          thinning: use.timed?.off,
          transfer: use.transfer,
          paint: use.paint > 0 && sprayed > 0 ? use.paint / sprayed : undefined,
          minutes: use.seconds > 0 && sprayed > 0 ? use.seconds / sprayed : undefined,
          faults: use.faults.length,
          reworks: use.reworks,
          waste: use.waste,
        },
      };
    })
    .sort((a, b) => a.use.at - b.use.at);
}

/** The rows that are asked for. */
export const askedOf = (
  rows: readonly BookRow[],
  { sheetId, rigId, person }: BookAsked,
): readonly BookRow[] =>
  rows.filter(
    ({ use }) =>
      (sheetId === undefined || use.sheetId === sheetId) &&
      (rigId === undefined || use.rigId === rigId) &&
      (person === undefined || use.people.includes(person)),
  );

export interface BookGroup {
  /** A sheet’s or gun’s id, a name, a month; empty for nobody’s name. */
  readonly key: string;
  readonly rows: readonly BookRow[];
  readonly spread?: Spread;
  /** Of the film alone: every reading against the aim of its own job. */
  readonly able?: Outcome<Capability>;
}

const keysOf: Record<Grouping, (row: BookRow) => readonly string[]> = {
  sheet: ({ use }) => [use.sheetId],
  gun: ({ use }) => [use.rigId],
  // A job of two people counts for both: which of them it was, the records do not say.
  person: ({ use }) => (use.people.length > 0 ? use.people : ['']),
  month: ({ month }) => [month],
};

/** Rows told apart, those with most jobs first; months in their order. */
export function groupsOf(rows: readonly BookRow[], by: Grouping, measure: Measure): BookGroup[] {
  const groups = new Map<string, BookRow[]>();
  for (const row of rows)
    for (const key of keysOf[by](row)) {
      const group = groups.get(key);
      if (group) group.push(row);
      else groups.set(key, [row]);
    }
  return [...groups]
    .map(([key, own]): BookGroup => {
      const spread = spreadOf(own.map(({ values }) => values[measure]));
      return {
        key,
        rows: own,
        ...(spread ? { spread } : {}),
        ...(measure === 'film' && spread ? { able: ableOf(own) } : {}),
      };
    })
    .sort((a, b) => (by === 'month' ? a.key.localeCompare(b.key) : b.rows.length - a.rows.length));
}

/** Film against its limits over jobs of different films: readings as shares of their aim, the narrowest limits among them. */
function ableOf(rows: readonly BookRow[]): Outcome<Capability> {
  const films = rows.flatMap(({ use: { film } }) => (film ? [film] : []));
  return capability(
    films.flatMap(({ readings, aim }) => readings.map((each) => each / aim)),
    {
      min: Math.max(...films.map(({ min, aim }) => min / aim)),
      max: Math.min(...films.map(({ max, aim }) => max / aim)),
    },
  );
}

/** What became otherwise, and when: it stands on the axis of the charts. */
export interface BookMark {
  /** ms */
  readonly at: number;
  readonly kind: 'fitted' | 'revision';
  /** The gun or the sheet it became otherwise with, and what it is now. */
  readonly of: string;
  readonly now: string;
}

/** Changes of what is fitted in a gun, and of a sheet’s revision, from one use to the next. */
export function bookMarks(rows: readonly BookRow[]): BookMark[] {
  const fitted = new Map<string, string>();
  const revisions = new Map<string, string>();
  return rows.flatMap(({ use }): BookMark[] => {
    const { setting, rigId, sheetId, revision, at } = use;
    const now =
      setting?.tip ?? setting?.setId ?? (setting?.bore === undefined ? undefined : String(setting.bore));
    return [
      ...turned(fitted, rigId, now).map((to) => ({ at, kind: 'fitted' as const, of: rigId, now: to })),
      ...turned(revisions, sheetId, revision).map((to) => ({
        at,
        kind: 'revision' as const,
        of: sheetId,
        now: to,
      })),
    ];
  });
}

function turned(held: Map<string, string>, key: string, now: string | undefined): string[] {
  if (now === undefined) return [];
  const before = held.get(key);
  held.set(key, now);
  return before !== undefined && before !== now ? [now] : [];
}
