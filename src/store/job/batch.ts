import { asApplied, divide, type AsApplied, type Measured, type Part } from '@/core/mixing';
import { isRefusal, type Outcome } from '@/core/refusal';
import { potLife } from '@/core/schedule';
import type { Batch } from '@/core/thinning';
import type { Coating, EntryOf, Job, Thinner } from '@/records';
import { lastOf, liveEntries, moment, ofType } from './entries';

/** A mix in the pot, as the log tells it. */
export interface BatchState {
  readonly id: string;
  readonly sheet: Coating;
  /** ms since the epoch */
  readonly mixedAt: number;
  /** Unthinned, for the thinning arithmetic. */
  readonly unthinned: Batch;
  readonly additions: readonly EntryOf<'addition'>[];
  /** kg of thinner in it. */
  readonly thinner: number;
  readonly applied: AsApplied;
  /** When its pot life ends, ms; an estimate when it is warmer than the sheet's temperature. */
  readonly useBefore?: number;
}

export const partsOf = (sheet: Coating): Part[] => sheet.components;

/** The thinner a sheet's first line names, or one that changes nothing for sheets that name none. */
export const thinnerOf = (sheet: Coating): Thinner | undefined => sheet.thinning.thinners[0];

const thinnerPart = (thinner: Thinner): Part => ({ ...thinner, parts: 1, volumeSolids: 0 });

/** As-applied figures of a sheet before anything is mixed: its parts in their ratio, unthinned. */
export function sheetAsMixed(sheet: Coating): Outcome<AsApplied> {
  const measured = divide(1e-3, partsOf(sheet), sheet.ratioBy);
  return isRefusal(measured) ? measured : asApplied(measured);
}

/** The latest batch of a sheet that has not been discarded. */
export function batchOf(job: Job, sheet: Coating): BatchState | undefined {
  const entries = liveEntries(job);
  const mixed = lastOf(entries, 'mixed', (entry) => entry.sheetId === sheet.id);
  if (!mixed || lastOf(entries, 'discard', ({ batchId }) => batchId === mixed.batchId)) return undefined;

  const additions = ofType(entries, 'addition').filter(({ batchId }) => batchId === mixed.batchId);
  const more = additions.filter(({ what }) => what === 'unthinned').reduce((sum, { mass }) => sum + mass, 0);
  const pouredMass = mixed.poured.reduce((sum, { mass }) => sum + mass, 0);
  if (!(pouredMass > 0)) return undefined;
  // Unthinned mix added to bring a thin pot back is the same mix: every part grows alike.
  const growth = 1 + more / pouredMass;
  const poured: Measured[] = [];
  for (const { partId, mass } of mixed.poured) {
    const part = sheet.components.find(({ id }) => id === partId);
    if (part) poured.push({ part, mass: mass * growth, volume: (mass * growth) / part.density });
  }
  const [base] = poured;
  if (!base) return undefined;

  const thinners: Measured[] = [];
  for (const { what, mass } of additions) {
    const thinner = sheet.thinning.thinners.find(({ id }) => id === what);
    if (thinner) thinners.push({ part: thinnerPart(thinner), mass, volume: mass / thinner.density });
  }
  const applied = asApplied([...poured, ...thinners]);
  if (isRefusal(applied)) return undefined;
  const mass = poured.reduce((sum, each) => sum + each.mass, 0);
  const volume = poured.reduce((sum, each) => sum + each.volume, 0);
  const room = lastOf(entries, 'climate')?.air ?? sheet.times.temperature;
  const life = sheet.times.potLife;
  return {
    id: mixed.batchId,
    sheet,
    mixedAt: moment(mixed),
    unthinned: { mass, density: mass / volume, base: { mass: base.mass, density: base.part.density } },
    additions,
    thinner: thinners.reduce((sum, each) => sum + each.mass, 0),
    applied,
    ...(life === undefined
      ? {}
      : { useBefore: moment(mixed) + 1000 * potLife(life, sheet.times.temperature, room) }),
  };
}

/** Volume solids the next coat is sprayed at: of the pot if there is one, else of the sheet. */
export function appliedNow(job: Job, sheet: Coating): Outcome<AsApplied> {
  return batchOf(job, sheet)?.applied ?? sheetAsMixed(sheet);
}
