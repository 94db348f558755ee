import {
  asApplied,
  divide,
  judgeRatio,
  recipeOf,
  usualTolerance,
  type AppliedMix,
  type Measured,
  type Part,
  type RatioVerdict,
  type RecipePart,
} from '@/core/mixing';
import { isRefusal, type Outcome } from '@/core/refusal';
import { potLife } from '@/core/schedule';
import { sheetShare, type Batch } from '@/core/thinning';
import type { Coating, EntryOf, Layer, LogEntry, Thinner } from '@/records';
import { refusedIn, thinnersOf, type RefusedLiquid } from './diluents';
import { lastOf, liveEntries, moment, ofType } from './entries';
import { gunOf } from './guns';
import type { Worked } from './worked';

/** A mix in the pot, as the log tells it. */
export interface BatchState {
  readonly id: string;
  readonly layerId: string;
  readonly sheet: Coating;
  /** ms since the epoch; a leftover in it makes it as old as the leftover. */
  readonly mixedAt: number;
  /** What was poured of each part of the recipe, kg, thinner in the cans not counted. */
  readonly poured: readonly { readonly part: RecipePart; readonly mass: number }[];
  /** Unthinned, for the thinning arithmetic. */
  readonly unthinned: Batch;
  /** kg of unthinned mix when it was mixed, and that moment, ms: what was added to it came later. */
  readonly mixedMass: number;
  readonly stirredAt: number;
  readonly additions: readonly EntryOf<'addition'>[];
  /** kg of thinner in it, that of thinned cans and leftovers counted. */
  readonly thinner: number;
  /** The part of it that was in the cans and leftovers already. */
  readonly thinnedBefore: number;
  /** Share of the sheet's maximum that doses take up: every diluent, retarder and extender counts. */
  readonly doseShare: number;
  readonly applied: AppliedMix;
  /** How true it is to the ratio; undefined for one part. */
  readonly ratio?: RatioVerdict;
  /** When its rest is over, ms. */
  readonly readyAt: number;
  /** When its pot life ends, ms. */
  readonly useBefore?: number;
  /** Was the pot life shortened for a warm room, by the rule of thumb? */
  readonly lifeEstimated: boolean;
  /** What went in that may not go into this paint. */
  readonly refused: readonly RefusedLiquid[];
  /** The jobs and batches its leftovers came from. */
  readonly leftovers: readonly string[];
}

/** Doses a layer uses: its own where they were chosen, else what the sheet says. */
export const dosesOf = ({ sheet, doses }: Pick<Layer, 'sheet' | 'doses'>) =>
  (sheet.additives ?? []).map((additive) => ({
    ...additive,
    dose: doses?.[additive.id] ?? additive.dose,
  }));

/** What additives do to a layer’s clocks. */
export interface ClockMoved {
  /** On all times of the sheet, where it says how much; 1 where none goes in. */
  readonly by: number;
  /** One goes in of which the sheet does not say how much it moves them. */
  readonly unknown: boolean;
}

/** A dose below the most it may be moves clocks by as much of the factor’s power: an estimate. */
export function clockMoved(layer: Pick<Layer, 'sheet' | 'doses'>): ClockMoved {
  const moving = dosesOf(layer).filter(
    ({ movesClocks, clockFactor, dose }) => (movesClocks || clockFactor !== undefined) && dose > 0,
  );
  return {
    by: moving.reduce(
      (by, { clockFactor = 1, dose, maximum }) =>
        by * clockFactor ** (maximum > 0 ? Math.min(dose / maximum, 1) : 1),
      1,
    ),
    unknown: moving.some(({ clockFactor }) => clockFactor === undefined),
  };
}

/**
 * How long a mix of a layer lives in this air, s; undefined for what does not cure in the pot. What makes it faster cuts
 * its life too; what makes it slower does not lengthen it.
 */
export function lifeOf(layer: Pick<Layer, 'sheet' | 'doses'>, air: number | undefined): number | undefined {
  const { potLife: life, temperature } = layer.sheet.times;
  return life === undefined
    ? undefined
    : potLife(life, temperature, air ?? temperature) * Math.min(clockMoved(layer).by, 1);
}

/** A layer's parts and doses, by mass, in pouring order. */
export const recipeFor = (layer: Pick<Layer, 'sheet' | 'doses'>): Outcome<RecipePart[]> =>
  recipeOf(layer.sheet.components, layer.sheet.ratioBy, dosesOf(layer));

/**
 * The thinner in use, of those that may go into it: the one chosen, the one already in the pot, the one the sheet names for this air, the
 * sheet's first.
 */
export function thinnerFor(job: Worked, { id: layerId, sheet, thinnerId }: Layer): Thinner | undefined {
  const thinners = thinnersOf(sheet);
  const entries = liveEntries(job);
  const chosen = thinners.find(({ id }) => id === thinnerId);
  if (chosen) return chosen;
  const mixed = lastOf(entries, 'mixed', (entry) => entry.layerId === layerId);
  const used = lastOf(
    entries,
    'addition',
    ({ batchId, what }) => batchId === mixed?.batchId && what !== 'unthinned',
  );
  const air = lastOf(entries, 'climate')?.air;
  return (
    thinners.find(({ id }) => id === used?.what) ??
    (air === undefined
      ? undefined
      : thinners.find((each) => each.air && air >= each.air.min && air <= each.air.max)) ??
    thinners[0]
  );
}

const thinnerPart = (thinner: Thinner): Part => ({ ...thinner, parts: 1, volumeSolids: 0 });

/** As-applied figures of a sheet before anything is mixed: its parts in their ratio, unthinned. */
export function sheetAsMixed(sheet: Pick<Coating, 'components' | 'ratioBy'>): Outcome<AppliedMix> {
  const measured = divide(1e-3, sheet.components, sheet.ratioBy);
  return isRefusal(measured) ? measured : asApplied(measured);
}

/** kg of each part that went into a batch before it was mixed, and the thinner that came with it. */
export function pouredInto(
  entries: readonly LogEntry[],
  batchId: string,
  recipe: readonly RecipePart[],
): { masses: number[]; thinner: number } {
  const pours = ofType(entries, 'poured').filter((entry) => entry.batchId === batchId);
  const leftovers = ofType(entries, 'leftover').filter((entry) => entry.batchId === batchId);
  const whole = recipe.reduce((sum, { parts }) => sum + parts, 0);
  const masses = recipe.map(({ id, parts }) => {
    const poured = pours
      .filter(({ partId }) => partId === id)
      .reduce((sum, { mass, thinner = 0 }) => sum + mass - thinner, 0);
    // A leftover was mixed to the ratio: it brings every part in its share.
    const left = leftovers.reduce((sum, { mass, thinner }) => sum + ((mass - thinner) * parts) / whole, 0);
    return poured + left;
  });
  const thinner = [...pours, ...leftovers].reduce((sum, entry) => sum + (entry.thinner ?? 0), 0);
  return { masses, thinner };
}

/** The latest batch of a layer that is still in its pot: neither discarded nor emptied when its gun was cleaned. */
export function batchOf(job: Worked, layer: Layer): BatchState | undefined {
  const mixed = undiscarded(job, layer);
  return mixed && !emptied(job, layer, mixed) ? batchFrom(job, layer, liveEntries(job), mixed) : undefined;
}

/**
 * The batch in the pot; once all coats of the layer are on, the one they were sprayed of, wherever that is now: what they are
 * made of does not change when the pot is emptied.
 */
export function batchSprayed(job: Worked, layer: Layer): BatchState | undefined {
  return batchOf(job, layer) ?? (coatsOn(job, layer) ? batchesOf(job, layer).at(-1) : undefined);
}

/** Are all coats of a layer on? */
function coatsOn(job: Worked, layer: Layer): boolean {
  const on = new Set(ofType(liveEntries(job), 'coat-end').map(({ coatId }) => coatId));
  return layer.coats.every(({ id }) => on.has(id));
}

/** The one that may still be in its pot, or was emptied out of it: nobody has said yet how much it was. */
export function leftoverOf(job: Worked, layer: Layer): BatchState | undefined {
  const mixed = undiscarded(job, layer);
  return mixed && batchFrom(job, layer, liveEntries(job), mixed);
}

function undiscarded(job: Worked, layer: Layer): EntryOf<'mixed'> | undefined {
  const entries = liveEntries(job);
  const mixed = lastOf(entries, 'mixed', ({ layerId }) => layerId === layer.id);
  return mixed && !lastOf(entries, 'discard', ({ batchId }) => batchId === mixed.batchId) ? mixed : undefined;
}

/**
 * Was what is left of a batch taken out of its pot when the gun was cleaned? Only after the last coat of the layer: what is
 * taken out before goes on from its container.
 */
function emptied(job: Worked, layer: Layer, mixed: EntryOf<'mixed'>): boolean {
  if (!coatsOn(job, layer)) return false;
  const entries = liveEntries(job);
  const gun = gunOf(job, layer.id);
  const tick = lastOf(
    entries.slice(entries.indexOf(mixed)),
    'tick',
    ({ list, step, rigId = gun }) => list === 'clean' && step === 'empty' && rigId === gun,
  );
  return tick?.done === true;
}

/** Every batch of a layer that was ever mixed, discarded ones too, the first first. */
export const batchesOf = (job: Worked, layer: Layer): BatchState[] => {
  const entries = liveEntries(job);
  return ofType(entries, 'mixed')
    .filter(({ layerId }) => layerId === layer.id)
    .map((mixed) => batchFrom(job, layer, entries, mixed))
    .filter((batch) => batch !== undefined);
};

/** Batches already gone through, by what they were concluded from: each coat of a plan asks for its own. */
const gone = new WeakMap<Worked, WeakMap<Layer, WeakMap<EntryOf<'mixed'>, BatchState>>>();

function batchFrom(
  job: Worked,
  layer: Layer,
  entries: readonly LogEntry[],
  mixed: EntryOf<'mixed'>,
): BatchState | undefined {
  const layers = gone.get(job) ?? new WeakMap<Layer, WeakMap<EntryOf<'mixed'>, BatchState>>();
  gone.set(job, layers);
  const known = layers.get(layer) ?? new WeakMap<EntryOf<'mixed'>, BatchState>();
  layers.set(layer, known);
  const batch = known.get(mixed) ?? batchConcluded(job, layer, entries, mixed);
  if (batch) known.set(mixed, batch);
  return batch;
}

function batchConcluded(
  job: Worked,
  layer: Layer,
  entries: readonly LogEntry[],
  mixed: EntryOf<'mixed'>,
): BatchState | undefined {
  const { sheet } = layer;
  const recipe = recipeFor(layer);
  const judged: readonly RecipePart[] = isRefusal(recipe) ? sheet.components : recipe;
  // A dose that was poured stays in the pot, even if the job uses none of it any more.
  const parts = [...judged, ...poursOutside(judged, sheet, mixed)];
  const additions = ofType(entries, 'addition').filter(({ batchId }) => batchId === mixed.batchId);
  const more = additions.filter(({ what }) => what === 'unthinned').reduce((sum, { mass }) => sum + mass, 0);
  const after = entries.slice(entries.indexOf(mixed) + 1);
  const late = pouredInto(after, mixed.batchId, parts);
  const before = pouredInto(entries.slice(0, entries.indexOf(mixed)), mixed.batchId, parts);
  const known = mixed.poured.filter(({ partId }) => parts.some(({ id }) => id === partId));
  const mixedMass = known.reduce((sum, { mass }) => sum + mass, 0);
  if (!(mixedMass > 0)) return undefined;
  // Unthinned mix added to bring a thin pot back is the same mix: every part grows alike.
  const growth = 1 + more / mixedMass;
  const masses = parts.map(
    ({ id }, i) =>
      (known.filter(({ partId }) => partId === id).reduce((sum, { mass }) => sum + mass, 0) +
        (late.masses[i] ?? 0)) *
      growth,
  );
  const poured = parts
    .map((part, i) => ({ part, mass: masses[i] as number, volume: (masses[i] as number) / part.density }))
    .filter(({ mass }) => mass > 0);
  const [base] = poured;
  if (!base) return undefined;

  const main = thinnerFor(job, layer);
  const thinnedBefore = before.thinner + late.thinner;
  const thinners: Measured[] = [];
  if (main && thinnedBefore > 0)
    thinners.push({ part: thinnerPart(main), mass: thinnedBefore, volume: thinnedBefore / main.density });
  for (const { what, mass } of additions) {
    const thinner = sheet.thinning.thinners.find(({ id }) => id === what);
    if (thinner) thinners.push({ part: thinnerPart(thinner), mass, volume: mass / thinner.density });
  }
  const applied = asApplied([...poured, ...thinners]);
  if (isRefusal(applied)) return undefined;
  const mass = poured.reduce((sum, each) => sum + each.mass, 0);
  const volume = poured.reduce((sum, each) => sum + each.volume, 0);
  const unthinned = { mass, density: mass / volume, base: { mass: base.mass, density: base.part.density } };
  const ratio =
    judged.length > 1
      ? judgeRatio(judged, 'mass', masses, sheet.tolerance ?? usualTolerance, smallestStep)
      : undefined;
  const leftovers = ofType(entries, 'leftover').filter(({ batchId }) => batchId === mixed.batchId);
  const mixedAt = Math.min(moment(mixed), ...leftovers.map((entry) => Date.parse(entry.mixedAt)));
  const life = sheet.times.potLife;
  const lives = lifeOf(layer, lastOf(entries, 'climate')?.air);
  return {
    id: mixed.batchId,
    layerId: layer.id,
    sheet,
    mixedAt,
    poured,
    unthinned,
    mixedMass,
    stirredAt: moment(mixed),
    additions,
    thinner: thinners.reduce((sum, each) => sum + each.mass, 0),
    thinnedBefore,
    doseShare: doseShareOf(sheet, poured, unthinned),
    applied,
    ...(ratio && !isRefusal(ratio) ? { ratio } : {}),
    readyAt: moment(mixed) + (sheet.times.induction ?? 0) * 1000,
    ...(lives === undefined ? {} : { useBefore: mixedAt + 1000 * lives }),
    lifeEstimated: life !== undefined && lives !== undefined && lives < life,
    refused: refusedOf(sheet, poured, additions),
    leftovers: leftovers.map(({ from }) => from),
  };
}

const poursOutside = (judged: readonly RecipePart[], sheet: Coating, mixed: EntryOf<'mixed'>): RecipePart[] =>
  (sheet.additives ?? [])
    .filter(
      ({ id }) => !judged.some((part) => part.id === id) && mixed.poured.some(({ partId }) => partId === id),
    )
    .map((additive) => ({ ...additive, parts: 1 }));

/** Thinners and thinning doses in a pot that may not go into it. */
function refusedOf(
  sheet: Coating,
  poured: BatchState['poured'],
  additions: BatchState['additions'],
): RefusedLiquid[] {
  const went = new Set([...poured.map(({ part }) => part.id), ...additions.map(({ what }) => what)]);
  return [...sheet.thinning.thinners, ...(sheet.additives ?? []).filter(({ thins }) => thins)].flatMap(
    (liquid) => {
      const refusal = went.has(liquid.id) ? refusedIn(sheet, liquid) : undefined;
      return refusal ? [{ name: liquid.name, ...refusal }] : [];
    },
  );
}

/** Finer than any scale of a shop: a mix is judged on what was recorded. */
const smallestStep = 1e-5;

/** What the doses that thin take of the sheet's maximum, in its own percent. */
function doseShareOf(
  sheet: Coating,
  poured: readonly { part: RecipePart; mass: number }[],
  unthinned: Batch,
): number {
  const thinning = new Set((sheet.additives ?? []).filter(({ thins }) => thins).map(({ id }) => id));
  const doses = poured.filter(({ part }) => thinning.has(part.id));
  if (doses.length === 0) return 0;
  // The percent refers to the paint alone, so the doses themselves are no part of the whole.
  const mass = doses.reduce((sum, each) => sum + each.mass, 0);
  const volume = doses.reduce((sum, each) => sum + each.mass / each.part.density, 0);
  const whole = unthinned.mass / unthinned.density - volume;
  const paint = { ...unthinned, mass: unthinned.mass - mass, density: (unthinned.mass - mass) / whole };
  return sheetShare(mass, mass / volume, paint, sheet.thinning);
}

/** Volume solids the next coat is sprayed at: of the layer's pot if there is one, else of its sheet. */
export function appliedNow(job: Worked, layer: Layer): Outcome<AppliedMix> {
  return batchSprayed(job, layer)?.applied ?? sheetAsMixed(layer.sheet);
}
