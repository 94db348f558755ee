import { shiftViscosity, temperatureFor } from '@/core/climate';
import { secondsFromViscosity, viscosityFromSeconds } from '@/core/cups';
import { isRefusal, type Outcome } from '@/core/refusal';
import { remembered } from '@/core/remembered';
import {
  additionBy,
  beliefFrom,
  blendShare,
  condition,
  expected,
  fitDrift,
  massAtShare,
  meanOf,
  predict,
  priorBelief,
  reachable,
  sheetShare,
  stickAdvice,
  stickError,
  stickMarks,
  timeInBand,
  type AdditionQuestion,
  type Advice,
  type Band,
  type Belief,
  type Drift,
  type Expected,
  type Lesson,
  type StickAdvice,
  type StickSign,
  type ThinningApproach,
  type TimeLeft,
} from '@/core/thinning';
import type { Coating, Cup, EntryOf, PlannedCoat, Rig, Shop, Thinner } from '@/records';
import { bandChoices, chosenBand, type BandChoice } from './band';
import { batchOf, batchSprayed, thinnerFor, type BatchState } from './batch';
import { refusedThinners, thinnersOf, type RefusedLiquid } from './diluents';
import { lastOf, liveEntries, ofType } from './entries';
import type { PlanBasis } from './plan';
import {
  believe,
  potEvidence,
  readingsOf,
  sticksOf,
  type PotReadings,
  type Reading,
  type StickReading,
  type TemperatureLaw,
} from './readings';
import { nextCoat } from './layers';
import { asItIs, judgedAt, warmest, type AsItIs } from './judgedat';
import type { Worked } from './worked';

/** One point of the thinning curve. */
export interface CurvePoint extends Expected {
  /** In the sheet's percent. */
  readonly share: number;
}

export type ThinStep =
  | { readonly kind: 'no-cup' }
  /** Thinned to what a stick shows: its end-point, what it showed last of the pot as it is, and what that asks for. */
  | {
      readonly kind: 'by-stick';
      readonly endPoint: StickSign;
      readonly seen?: StickSign;
      readonly advice: StickAdvice;
    }
  | { readonly kind: 'mix-first' }
  | { readonly kind: 'expired' }
  /** A two-part mix at twice the viscosity it began with: it is curing. */
  | { readonly kind: 'doubled'; readonly by: number }
  /** The next coat goes on unthinned. */
  | { readonly kind: 'neat' }
  | { readonly kind: 'time'; readonly timings: number }
  | { readonly kind: 'third' }
  | { readonly kind: 'advice'; readonly advice: Advice }
  /** In the band, and the next coat's own recipe asks for more. */
  | { readonly kind: 'extra'; readonly extra: ExtraThinner; readonly advice: Advice }
  | { readonly kind: 'refused'; readonly refusal: { readonly refused: string; readonly says: string } };

/** Thinner a coat asks for beyond the band. */
export interface ExtraThinner {
  readonly coat: PlannedCoat;
  readonly thinner: Thinner;
  /** kg, a whole number of scale steps. */
  readonly mass: number;
  /** In the sheet's percent, all thinner counted. */
  readonly share: number;
  readonly expect: Expected;
  /** Why the sheet does not cover it; undefined when it does. */
  readonly offSheet?: 'maximum' | 'air';
  /** A trial piece was sprayed and logged for this coat. */
  readonly tried: boolean;
}

/** How a mix moves while it is in use. */
export interface DriftWatch {
  readonly drift: Drift;
  readonly left: TimeLeft;
  /** Readings of the pot as it is now thinned. */
  readonly points: readonly Reading[];
}

export interface ThinView {
  readonly sheet: Coating;
  /** None where the sheet names none that may go into it. */
  readonly thinner?: Thinner;
  /** Liquids on the sheet that may not. */
  readonly refused: readonly RefusedLiquid[];
  readonly batch?: BatchState;
  readonly band?: Band;
  /** Every band there is, and the one in use. */
  readonly choices: readonly BandChoice[];
  readonly choice?: BandChoice;
  /** How the pot reads where it is, where that is warmer or colder than the band is for. */
  readonly asItIs?: AsItIs;
  readonly approach: ThinningApproach;
  readonly readings: readonly Reading[];
  readonly sticks: readonly Omit<StickReading, 'viscosity'>[];
  readonly law?: TemperatureLaw;
  /** kg and the sheet's percent of thinner now, doses that thin counted. */
  readonly thinnerMass: number;
  readonly share: number;
  readonly step: ThinStep;
  /** Expected now, at the band's temperature; undefined before a belief makes sense. */
  readonly now?: Expected;
  readonly inBand: 'below' | 'inside' | 'above' | 'unknown';
  /** Viscosity of the pot now at the band's temperature, m²/s: measured, or the middle of the band before. */
  readonly viscosity: number;
  /** What the advice answers; there once something is in the pot. */
  readonly question?: AdditionQuestion;
  /** Will the sheet's maximum do, going by what is known? */
  readonly reachable?: { readonly reaches: boolean; readonly expect: Expected };
  /** Warming that reaches the middle of the band without thinner, within the sheet's limits. */
  readonly warm?: { readonly to: number; readonly seconds: number };
  readonly drift?: DriftWatch;
  /** The last structure check: how far a filling that stood is from a fresh one. */
  readonly structure?: { readonly entry: EntryOf<'structure'>; readonly off: number };
  /** Earlier batches the starting belief comes from. */
  readonly lessons: number;
}

/** How well the unthinned viscosity is known beforehand: from the sheet, or only from the class. */
const knownFromSheet = 0.25;
const knownFromClass = 0.5;
/** Unthinned coatings of a class stand about this far above the middle of their band. A default. */
const usuallyAbove = 1.7;
/** A cup nobody calibrated says nothing of viscosity: its own first timing is all there is to begin with. */
const knownOfRelative = 1.5;
/** A two-part mix this many times as thick as it was is curing. */
const curing = 2;

/** Every entry of a job asks them again, and most change nothing of the pot. */
const advised = remembered(additionBy);
const reached = remembered(reachable);

export interface ThinBearings {
  readonly rig?: Rig;
  readonly cups: readonly Cup[];
  readonly shop: Shop;
  readonly plan: PlanBasis;
  readonly now: number;
  readonly lessons: (sheetId: string, thinnerId: string) => readonly Lesson[];
}

/** What reckons for a paint that nothing may thin: none of it ever goes in. */
const noThinner: Thinner = {
  id: 'none',
  name: 'Thinner',
  density: 870,
  viscosity: 0.9e-6,
  voc: 870,
  water: 0,
  exempt: 0,
};

export function thinView(job: Worked, { rig, cups, shop, plan, now, lessons }: ThinBearings): ThinView {
  const { sheet } = job.layer;
  const named = thinnerFor(job, job.layer);
  const thinner = named ?? noThinner;
  const batch = batchSprayed(job, job.layer);
  const choices = bandChoices(job, sheet, rig, plan, cups);
  const stated = chosenBand(job, choices);
  const approach = job.approach.thinBy ?? ({ kind: 'model' } as const);
  const rest = {
    sheet,
    ...(named ? { thinner: named } : {}),
    refused: refusedThinners(sheet),
    batch,
    choices,
    choice: stated,
    approach,
    readings: [],
    sticks: [],
    thinnerMass: 0,
    share: 0,
    lessons: 0,
    inBand: 'unknown' as const,
    ...(stated ? { band: stated.band } : {}),
  };
  // A mix past its time is dead, whether or not a cup judges it; one that is out of its pot was good as long as it was there.
  const held = batchOf(job, job.layer);
  const dead = held?.useBefore !== undefined && now > held.useBefore;
  if (batch && !dead && job.approach.endPoint)
    return {
      ...rest,
      ...byStick(job, batch, thinner, shop, named === undefined),
      viscosity: stated?.middle ?? 100e-6,
    };
  if (!stated) return { ...rest, step: { kind: dead ? 'expired' : 'no-cup' }, viscosity: 100e-6 };
  if (!batch) return { ...rest, step: { kind: dead ? 'expired' : 'mix-first' }, viscosity: stated.middle };

  const asked = { job, sheet, batch, thinner, cups };
  const there = readingsOf({ ...asked, choice: stated });
  const own = asItIs(stated, there.readings.at(-1), there.law);
  const choice = judgedAt(stated, own, job.approach.judged, sheet);
  const pot = choice === stated ? there : readingsOf({ ...asked, choice });
  const taught = lessons(sheet.id, thinner.id);
  // What is known beforehand is known at the sheet’s temperature.
  const prior = warmed(
    startingBelief(sheet, thinner, stated, taught),
    shiftViscosity(1, stated.temperature, choice.temperature, there.law.B),
  );
  const belief = believe(prior, potEvidence(pot));
  const w = blendShare(batch.thinner, batch.unthinned.mass);
  const current = pot.readings.at(-1);
  const timedNow = current !== undefined && Math.abs(current.w - w) < 1e-9;
  const stickNow = !timedNow && pot.sticks.some((stick) => Math.abs(stick.w - w) < 1e-9);
  const question: AdditionQuestion = {
    belief,
    batch: batch.unthinned,
    thinner: batch.thinner,
    thinnerDensity: thinner.density,
    band: choice.band,
    maximum: named ? Math.max(sheet.thinning.maximum - batch.doseShare, 0) : 0,
    basis: sheet.thinning,
    scaleStep: stepOfMeasure(job, shop, thinner),
    readingSd: stickNow ? stickError : (current?.sd ?? 0.05),
    bias: current?.bias ?? 0,
    timed: timedNow || stickNow,
  };
  const advice = advised(approach, question);
  const reach = reached(question);
  const heard = pot.readings.length + pot.sticks.length > 0;
  const seen = heard && !isRefusal(advice) ? advice.now : undefined;
  const thinned = batch.additions.some(({ what }) => what !== 'unthinned');
  const viscosity = seen ? Math.exp(meanOf(predict(condition(belief), w))) : choice.middle;
  const current_ = timedNow ? current : undefined;
  return {
    ...rest,
    ...pot,
    choice,
    ...(own ? { asItIs: own } : {}),
    thinnerMass: batch.thinner,
    share: sheetShare(batch.thinner, thinner.density, batch.unthinned, sheet.thinning) + batch.doseShare,
    step: stepOf({
      job,
      advice,
      current: current_,
      stickNow,
      shop,
      batch,
      dead,
      pot,
      prior,
      question,
      thinner,
    }),
    now: seen,
    inBand:
      !seen || !(timedNow || stickNow || thinned)
        ? 'unknown'
        : sideOf(timedNow ? current.atSheet : seen.seconds, choice.band),
    viscosity,
    question,
    reachable: isRefusal(reach) ? undefined : reach,
    ...(seen ? warmInstead(viscosity, choice, pot.law, sheet) : {}),
    ...driftOf(pot, w, choice.band),
    ...structureOf(job, batch),
    lessons: taught.length,
  };
}

/** What is believed before the first reading: from the sheet, the class and earlier batches. */
export function startingBelief(
  sheet: Coating,
  thinner: Thinner,
  { band, middle }: BandChoice,
  taught: readonly Lesson[],
) {
  if (band.cup.relative) return priorBelief(middle * usuallyAbove, knownOfRelative, thinner.viscosity);
  const fallback = priorBelief(
    sheet.viscosity ?? middle * usuallyAbove,
    sheet.viscosity ? knownFromSheet : knownFromClass,
    thinner.viscosity,
    thinner.water > 0.5 ? 'water' : 'solvent',
  );
  return beliefFrom(taught, fallback);
}

/** A pot that is thinned by stick: no seconds are borrowed for it, from any cup. */
function byStick(
  job: Worked,
  batch: BatchState,
  thinner: Thinner,
  shop: Shop,
  neat: boolean,
): Pick<ThinView, 'sticks' | 'thinnerMass' | 'share' | 'step' | 'inBand'> {
  const { thinning } = job.layer.sheet;
  const endPoint = job.approach.endPoint ?? 'ribbon-gone';
  const sticks = sticksOf(job, batch);
  const w = blendShare(batch.thinner, batch.unthinned.mass);
  const seen = sticks.findLast(
    (stick) => Math.abs(stick.w - w) < 1e-9 && stickMarks(stick.sign, endPoint) !== undefined,
  )?.sign;
  const marks = seen && stickMarks(seen, endPoint);
  const advice = stickAdvice(marks, {
    batch: batch.unthinned,
    thinner: batch.thinner,
    thinnerDensity: thinner.density,
    basis: thinning,
    scaleStep: stepOfMeasure(job, shop, thinner),
    maximum: neat ? 0 : Math.max(thinning.maximum - batch.doseShare, 0),
  });
  return {
    sticks,
    thinnerMass: batch.thinner,
    share: sheetShare(batch.thinner, thinner.density, batch.unthinned, thinning) + batch.doseShare,
    step: { kind: 'by-stick', endPoint, advice, ...(seen ? { seen } : {}) },
    inBand: marks === undefined ? 'unknown' : marks > 0 ? 'above' : marks < 0 ? 'below' : 'inside',
  };
}

/** A belief at another temperature, where everything is so many times as thick. */
const warmed = (belief: Belief, times: number): Belief => ({
  ...belief,
  start: { ...belief.start, a: belief.start.a + Math.log(times) },
});

/** kg of the smallest addition: a step of the scale, or a mark of the graduated pot. */
function stepOfMeasure({ approach }: Worked, shop: Shop, thinner: Thinner): number {
  return approach.measure === 'pot' ? (shop.potStep ?? usualPotStep) * thinner.density : shop.scaleStep;
}

/** m³ between the marks of a graduated pot. A default. */
export const usualPotStep = 5e-6;

const sideOf = (seconds: number, { min, max }: Band) =>
  seconds < min ? 'below' : seconds > max ? 'above' : 'inside';

interface StepQuestion {
  readonly job: Worked;
  readonly advice: Outcome<Advice>;
  readonly current: Reading | undefined;
  readonly stickNow: boolean;
  readonly shop: Shop;
  readonly batch: BatchState;
  /** It is past its time, and still in its pot. */
  readonly dead: boolean;
  readonly pot: PotReadings;
  readonly prior: ReturnType<typeof priorBelief>;
  readonly question: AdditionQuestion;
  readonly thinner: Thinner;
}

function stepOf(about: StepQuestion): ThinStep {
  const { job, advice, current, stickNow, shop, batch, dead, question } = about;
  if (dead) return { kind: 'expired' };
  const thicker = batch.useBefore === undefined ? undefined : thickenedBy(about);
  if (thicker !== undefined && thicker >= curing) return { kind: 'doubled', by: thicker };
  const coat = nextCoat(job);
  if (coat?.thinning?.by === 'neat' && batch.thinner === 0) return { kind: 'neat' };
  if (isRefusal(advice)) return { kind: 'refused', refusal: advice };
  // A fixed percent goes in before any timing; the reading after it is its check.
  if (advice.kind === 'add' && advice.limitedBy === 'fixed') return { kind: 'advice', advice };
  if (!current && !stickNow) return { kind: 'time', timings: 0 };
  if (current && current.entries.length < shop.timings)
    return { kind: 'time', timings: current.entries.length };
  if (current && shop.timings > 1 && !current.agree && current.entries.length < 4) return { kind: 'third' };
  const settled =
    advice.kind === 'ready' ||
    (advice.kind === 'near' && current !== undefined && sideOf(current.atSheet, question.band) === 'inside');
  const extra = settled && coat ? extraFor(coat, about) : undefined;
  return extra ? { kind: 'extra', extra, advice } : { kind: 'advice', advice };
}

/** How many times as thick the mix reads as its earlier readings lead to expect; two-part mixes only. */
function thickenedBy({ pot, prior }: StepQuestion): number | undefined {
  const evidence = potEvidence({ ...pot, sticks: [] });
  const last = evidence.at(-1);
  if (!last || evidence.length < 2) return undefined;
  const before = condition(believe(prior, evidence.slice(0, -1)));
  return last.viscosity / Math.exp(meanOf(predict(before, last.w)));
}

function extraFor(
  coat: PlannedCoat,
  { job, batch, question, thinner }: StepQuestion,
): ExtraThinner | undefined {
  const recipe = coat.thinning;
  if (recipe?.by !== 'extra' || !recipe.extra) return undefined;
  const entries = liveEntries(job);
  if (lastOf(entries, 'addition', (entry) => entry.batchId === batch.id && entry.coatId === coat.id))
    return undefined;
  const sheet = batch.sheet;
  const own = thinnersOf(sheet).find(({ id }) => id === recipe.thinnerId) ?? thinner;
  const wanted = massAtShare(recipe.extra, own.density, batch.unthinned, sheet.thinning);
  const shareOf = (kg: number, density: number) => sheetShare(kg, density, batch.unthinned, sheet.thinning);
  // Each thinner by its own density: a percent by volume is of what each takes up.
  const held = shareOf(batch.thinner, thinner.density) + batch.doseShare;
  const shareWith = (kg: number) => held + shareOf(kg, own.density);
  const cap = sheet.thinning.maximum + 1e-9;
  const nearest = Math.round(wanted / question.scaleStep) * question.scaleStep;
  const under = Math.floor(wanted / question.scaleStep + 1e-6) * question.scaleStep;
  // To the nearest step of the scale, unless just that step breaks the sheet’s limit.
  const mass = shareWith(nearest) > cap && shareWith(under) <= cap ? under : nearest;
  if (mass <= 0) return undefined;
  const total = batch.thinner + mass;
  const share = shareWith(mass);
  const air = lastOf(entries, 'climate')?.air;
  const outside = own.air && air !== undefined && (air < own.air.min || air > own.air.max);
  return {
    coat,
    thinner: own,
    mass,
    share,
    expect: expected(
      condition(question.belief),
      blendShare(total, batch.unthinned.mass),
      question.band.cup,
      question.readingSd ** 2,
    ),
    ...(share > cap ? { offSheet: 'maximum' as const } : outside ? { offSheet: 'air' as const } : {}),
    tried: ofType(entries, 'trial').some(({ coatId }) => coatId === coat.id),
  };
}

function warmInstead(
  viscosity: number,
  choice: BandChoice,
  law: TemperatureLaw,
  { limits }: Coating,
): Pick<ThinView, 'warm'> {
  const { band, temperature, middle } = choice;
  const thick = viscosityFromSeconds(band.cup, band.max);
  if (isRefusal(thick) || viscosity <= thick || band.cup.relative) return {};
  const to = temperatureFor(viscosity, temperature, middle, law.B);
  const seconds = secondsFromViscosity(band.cup, middle);
  return to <= Math.min(limits.air.max, warmest) && !isRefusal(seconds) ? { warm: { to, seconds } } : {};
}

function driftOf({ readings }: PotReadings, w: number, { cup, min, max }: Band): Pick<ThinView, 'drift'> {
  const points = readings.filter((reading) => Math.abs(reading.w - w) < 1e-9);
  const [first] = points;
  const low = viscosityFromSeconds(cup, min);
  const high = viscosityFromSeconds(cup, max);
  if (!first || isRefusal(low) || isRefusal(high)) return {};
  const drift = fitDrift(
    points.map(({ at, viscosity, sd }) => ({
      hours: (at - first.at) / 3_600_000,
      lnViscosity: Math.log(viscosity),
      sd,
    })),
  );
  return drift ? { drift: { drift, points, left: timeInBand(drift, Math.log(low), Math.log(high)) } } : {};
}

function structureOf(job: Worked, batch: BatchState): Pick<ThinView, 'structure'> {
  const entry = lastOf(liveEntries(job), 'structure', ({ batchId }) => batchId === batch.id);
  return entry ? { structure: { entry, off: entry.stood / entry.fresh - 1 } } : {};
}

/** Seconds against thinner from nothing to a little past the sheet's maximum: for the chart, and only then computed. */
export function thinCurve(question: AdditionQuestion): CurvePoint[] {
  const { belief, batch, band, basis, thinnerDensity, thinner } = question;
  const conditioned = condition(belief);
  const now = sheetShare(thinner, thinnerDensity, batch, basis);
  const reach = Math.max((question.maximum ?? 0.2) * 1.08, now * 1.2, 0.02);
  return Array.from({ length: 49 }, (_, i) => {
    const share = (reach * i) / 48;
    const w = blendShare(massAtShare(share, thinnerDensity, batch, basis), batch.mass);
    return { share, ...expected(conditioned, w, band.cup, 0) };
  });
}
