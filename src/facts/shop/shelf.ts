import type { Can, Coating, Job } from '@/records';
import { liveEntries } from '../job/entries';
import { eachThatCan } from './eachthatcan';

/** A can as it stands today: what was drawn and poured back since it was last looked at. */
export interface ShelfCan {
  readonly can: Can;
  /** m³ and kg left. */
  readonly left: number;
  readonly mass: number;
  /** Share by mass of thinner in it, from rinsings and leftovers poured back. */
  readonly thinned: number;
  /** Which ones, by their ids on the sheet. */
  readonly thinners: readonly string[];
  /** The first of its printed date and its shelf life, which is shorter once it is open. */
  readonly useBefore?: string;
  readonly expired: boolean;
}

/** Density of a part whose sheet is not here, kg/m³. */
const unknownDensity = 1000;

/**
 * The shelf: every can with what is left in it. Nothing of it is stored; the logs of all jobs tell it.
 *
 * @param today calendar day, ISO
 */
export function shelfOf(
  cans: readonly Can[],
  sheets: readonly Coating[],
  jobs: readonly Job[],
  today: string,
): ShelfCan[] {
  const moves = movesOf(jobs);
  return cans.map((can) => {
    const sheet = sheets.find(({ id }) => id === can.coatingId);
    const density = sheet?.components.find(({ id }) => id === can.componentId)?.density ?? unknownDensity;
    const densityOf = (liquid: string | undefined): number => {
      const thinners = sheet?.thinning.thinners ?? [];
      return (thinners.find(({ id }) => id === liquid) ?? thinners[0])?.density ?? unknownDensity;
    };
    // Paint and each thinner by their own density: litres of a can that took rinsings are not those of paint.
    let paint = can.left * density;
    const thinners = new Map<string, { mass: number; density: number }>();
    for (const move of moves.get(can.id) ?? []) {
      if (can.countedAt !== undefined && move.at <= can.countedAt) continue;
      const mass = paint + massOf(thinners);
      const drawn = move.mass < 0 && mass > 0 ? Math.max(1 + move.mass / mass, 0) : 1;
      paint = paint * drawn + Math.max(move.mass - move.thinner, 0);
      for (const each of thinners.values()) each.mass *= drawn;
      if (move.thinner > 0) {
        const liquid = move.liquid ?? sheet?.thinning.thinners[0]?.id ?? '';
        const held = thinners.get(liquid)?.mass ?? 0;
        thinners.set(liquid, { mass: held + move.thinner, density: densityOf(liquid) });
      }
    }
    const thinner = massOf(thinners);
    const mass = paint + thinner;
    const useBefore = useBeforeOf(can, sheet);
    return {
      can,
      left: [...thinners.values()].reduce((sum, each) => sum + each.mass / each.density, paint / density),
      mass,
      thinned: mass > 0 ? thinner / mass : 0,
      thinners: [...thinners.keys()],
      ...(useBefore ? { useBefore } : {}),
      expired: useBefore !== undefined && useBefore < today,
    };
  });
}

const massOf = (thinners: ReadonlyMap<string, { readonly mass: number }>): number =>
  [...thinners.values()].reduce((sum, { mass }) => sum + mass, 0);

interface Move {
  readonly at: string;
  /** kg: drawn below zero, poured back above. */
  readonly mass: number;
  readonly thinner: number;
  readonly liquid?: string;
}

function movesOf(jobs: readonly Job[]): Map<string, Move[]> {
  const moves = new Map<string, Move[]>();
  const all = eachThatCan(jobs, (job) =>
    liveEntries(job).flatMap((entry): { canId: string; move: Move }[] =>
      entry.type === 'poured'
        ? (entry.from ?? []).map(({ canId, mass }) => ({
            canId,
            move: { at: entry.at, mass: -mass, thinner: 0 },
          }))
        : entry.type === 'returned'
          ? [
              {
                canId: entry.canId,
                move: {
                  at: entry.at,
                  mass: entry.mass,
                  thinner: entry.thinner,
                  ...(entry.liquid ? { liquid: entry.liquid } : {}),
                },
              },
            ]
          : [],
    ),
  );
  for (const { canId, move } of all) moves.set(canId, [...(moves.get(canId) ?? []), move]);
  for (const own of moves.values()) own.sort((a, b) => a.at.localeCompare(b.at));
  return moves;
}

/** The day a can goes out of date: as printed, by age, or by the time since it was opened, whichever is first. */
export function useBeforeOf(
  { useBefore, made, opened }: Pick<Can, 'useBefore' | 'made' | 'opened'>,
  sheet: Pick<Coating, 'shelf'> | undefined,
): string | undefined {
  const after = (day: string | undefined, days: number | undefined) =>
    day !== undefined && days !== undefined
      ? // Calendar days in UTC, where every day has 24 hours. The date library would be loaded with the bench.
        new Date(Date.parse(day) + days * 86_400_000).toISOString().slice(0, 10)
      : undefined;
  return [useBefore, after(made, sheet?.shelf?.closed), after(opened, sheet?.shelf?.opened)]
    .filter((day) => day !== undefined)
    .sort()[0];
}

/** Takes a mass from cans boxed together, from each in proportion to what is left in it. */
export function drawFrom(
  cans: readonly ShelfCan[],
  mass: number,
): { from: { canId: string; mass: number }[]; thinner: number } {
  const whole = cans.reduce((sum, { left }) => sum + left, 0);
  const from = cans.map(({ can, left }) => ({
    canId: can.id,
    mass: whole > 1e-9 ? (mass * left) / whole : mass / cans.length,
  }));
  const thinner = cans.reduce((sum, { thinned }, i) => sum + thinned * (from[i]?.mass ?? 0), 0);
  return { from, thinner };
}

/**
 * The cans a part comes from: those chosen for the job, else the one that goes out of date first and still has
 * something in it.
 */
export function cansFor(
  shelf: readonly ShelfCan[],
  coatingId: string,
  componentId: string,
  chosen: readonly string[] = [],
): ShelfCan[] {
  const own = shelf.filter(({ can }) => can.coatingId === coatingId && can.componentId === componentId);
  const picked = own.filter(({ can }) => chosen.includes(can.id));
  if (picked.length > 0) return picked;
  const [first] = own
    .filter(({ left, expired, can }) => left > 0 && !expired && can.grade !== 'brush')
    .sort((a, b) => (a.useBefore ?? '9999').localeCompare(b.useBefore ?? '9999'));
  return first ? [first] : own.slice(0, 1);
}
