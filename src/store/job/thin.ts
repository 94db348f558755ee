import { andradeFromSlope, shiftViscosity } from '@/core/climate';
import {
  agreement,
  conversionSpread,
  flowCup,
  judgeSeconds,
  secondsFromViscosity,
  viscosityFromSeconds,
  type FlowCup,
} from '@/core/cups';
import { isRefusal, refuse, type Outcome } from '@/core/refusal';
import {
  blendShare,
  condition,
  expected,
  massAtShare,
  meanOf,
  nextAddition,
  predict,
  priorBelief,
  reachable,
  readingError,
  sheetShare,
  updateBelief,
  type AdditionQuestion,
  type Advice,
  type Band,
  type Belief,
  type Expected,
} from '@/core/thinning';
import type { Coating, Cup, EntryOf, Job, Shop, Thinner } from '@/records';
import { batchOf, thinnerFor, type BatchState } from './batch';
import { liveEntries, moment } from './entries';
import { activeSheet } from './sheets';

/** Timings of one liquid: nothing was added between them. */
export interface Reading {
  readonly entries: readonly EntryOf<'reading'>[];
  /** kg of thinner in the pot when it was timed, and that in the sheet's percent. */
  readonly thinner: number;
  readonly share: number;
  readonly w: number;
  readonly cup: FlowCup;
  /** Mean, s, as taken. */
  readonly seconds: number;
  readonly temperature: number;
  readonly agree: boolean;
  /** Seconds of the band's cup at the band's temperature. */
  readonly atSheet: number;
  readonly viscosity: number;
  readonly sd: number;
  /** Outside the range its cup is made for, and the cups that would read it inside. */
  readonly outside?: { readonly where: 'below' | 'above'; readonly better: readonly FlowCup[] };
}

/** One point of the thinning curve. */
export interface CurvePoint extends Expected {
  /** In the sheet's percent. */
  readonly share: number;
}

export type ThinStep =
  | { readonly kind: 'no-cup' }
  | { readonly kind: 'mix-first' }
  | { readonly kind: 'expired' }
  | { readonly kind: 'time'; readonly timings: number }
  | { readonly kind: 'third' }
  | { readonly kind: 'advice'; readonly advice: Advice }
  | { readonly kind: 'refused'; readonly refusal: { readonly refused: string; readonly says: string } };

export interface ThinView {
  readonly sheet: Coating;
  readonly thinner?: Thinner;
  readonly batch?: BatchState;
  readonly band?: Band;
  readonly readings: readonly Reading[];
  /** kg and the sheet's percent of thinner now. */
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
}

/** How well the unthinned viscosity is known beforehand: from the sheet, or only from the class. */
const knownFromSheet = 0.25;
const knownFromClass = 0.5;
/** Unthinned coatings of a class stand about this far above the middle of their band. A default. */
const usuallyAbove = 1.7;
const defaultSlope = 0.03;

export function bandOf(sheet: Coating): Band | undefined {
  const cup = sheet.target && flowCup(sheet.target.cupId);
  return cup && sheet.target && { cup, min: sheet.target.min, max: sheet.target.max };
}

const middleOf = ({ cup, min, max }: Band): number => {
  const nu = viscosityFromSeconds(cup, (min + max) / 2);
  return isRefusal(nu) ? 50e-6 : nu;
};

export function thinView(job: Job, cups: readonly Cup[], shop: Shop, now: number): ThinView {
  const sheet = activeSheet(job);
  const thinner = thinnerFor(job, sheet);
  const batch = batchOf(job, sheet);
  const band = bandOf(sheet);
  const rest = { sheet, thinner, batch, band, readings: [], thinnerMass: 0, share: 0 };
  if (!band || !sheet.target)
    return { ...rest, step: { kind: 'no-cup' }, inBand: 'unknown', viscosity: 100e-6 };
  const middle = middleOf(band);
  if (!batch || !thinner)
    return { ...rest, step: { kind: 'mix-first' }, inBand: 'unknown', viscosity: middle };

  const readings = readingsOf(job, sheet, batch, thinner, band, cups);
  const belief = readings.reduce<Belief>(
    (sum, { w, viscosity, sd }) => updateBelief(sum, { w, viscosity, sd }),
    priorBelief(
      sheet.viscosity ?? middle * usuallyAbove,
      sheet.viscosity ? knownFromSheet : knownFromClass,
      thinner.viscosity,
    ),
  );
  const w = blendShare(batch.thinner, batch.unthinned.mass);
  const current = readings.at(-1);
  const timedNow = current !== undefined && Math.abs(current.w - w) < 1e-9;
  const question: AdditionQuestion = {
    belief,
    batch: batch.unthinned,
    thinner: batch.thinner,
    thinnerDensity: thinner.density,
    band,
    maximum: Math.max(sheet.thinning.maximum - batch.doseShare, 0),
    basis: sheet.thinning,
    scaleStep: shop.scaleStep,
    readingSd: current?.sd ?? 0.05,
    timed: timedNow,
  };
  const advice = nextAddition(question);
  const conditioned = condition(belief);
  const reach = reachable(question);
  const seen = readings.length > 0 && !isRefusal(advice) ? advice.now : undefined;
  const thinned = batch.additions.some(({ what }) => what !== 'unthinned');
  return {
    ...rest,
    readings,
    thinnerMass: batch.thinner,
    share: sheetShare(batch.thinner, thinner.density, batch.unthinned, sheet.thinning) + batch.doseShare,
    step: stepOf(advice, timedNow ? current : undefined, shop.timings, batch, now),
    now: seen,
    inBand:
      !seen || !(timedNow || thinned) ? 'unknown' : sideOf(timedNow ? current.atSheet : seen.seconds, band),
    viscosity: seen ? Math.exp(meanOf(predict(conditioned, w))) : middle,
    question,
    reachable: isRefusal(reach) ? undefined : reach,
  };
}

const sideOf = (seconds: number, { min, max }: Band) =>
  seconds < min ? 'below' : seconds > max ? 'above' : 'inside';

function stepOf(
  advice: Outcome<Advice>,
  current: Reading | undefined,
  timings: number,
  batch: BatchState,
  now: number,
): ThinStep {
  if (batch.useBefore !== undefined && now > batch.useBefore) return { kind: 'expired' };
  if (isRefusal(advice)) return { kind: 'refused', refusal: advice };
  if (!current || current.entries.length < timings)
    return { kind: 'time', timings: current?.entries.length ?? 0 };
  if (timings > 1 && !current.agree && current.entries.length < 4) return { kind: 'third' };
  return { kind: 'advice', advice };
}

function readingsOf(
  job: Job,
  sheet: Coating,
  batch: BatchState,
  thinner: Thinner,
  band: Band,
  cups: readonly Cup[],
): Reading[] {
  let added = batch.thinnedBefore;
  let group: EntryOf<'reading'>[] = [];
  let groupAt = 0;
  const readings: Reading[] = [];
  const close = () => {
    const reading =
      group.length > 0 ? readGroup(group, groupAt, sheet, batch, thinner, band, cups) : undefined;
    if (reading && !isRefusal(reading)) readings.push(reading);
    group = [];
  };
  for (const entry of liveEntries(job)) {
    if (entry.type === 'addition' && entry.batchId === batch.id) {
      close();
      if (entry.what !== 'unthinned') added += entry.mass;
    }
    if (entry.type === 'reading' && entry.batchId === batch.id) {
      // Half a day later the pot is another liquid: solvent has left, the room has changed.
      const last = group.at(-1);
      if (last && (last.cupId !== entry.cupId || moment(entry) - moment(last) > 30 * 60_000)) close();
      group.push(entry);
      groupAt = added;
    }
  }
  close();
  return readings;
}

function readGroup(
  entries: readonly EntryOf<'reading'>[],
  thinnerMass: number,
  sheet: Coating,
  batch: BatchState,
  thinner: Thinner,
  band: Band,
  cups: readonly Cup[],
): Outcome<Reading> {
  const [first] = entries;
  const cup = first && cupBehind(first.cupId, cups);
  if (!first || !cup || !sheet.target) return refuse('cup', 'The cup of this reading is not known.');
  const agreed = agreement(entries.map(({ seconds }) => seconds));
  if (isRefusal(agreed)) return agreed;
  const temperature = entries.reduce((sum, entry) => sum + entry.temperature, 0) / entries.length;
  const taken = viscosityFromSeconds(cup, agreed.mean);
  if (isRefusal(taken)) return taken;
  const slope = sheet.temperatureSlope ?? defaultSlope;
  const B = andradeFromSlope(slope, sheet.target.temperature);
  const viscosity = shiftViscosity(taken, temperature, sheet.target.temperature, B);
  const atSheet = secondsFromViscosity(band.cup, viscosity);
  // The slope itself is a guess: half of it is taken as its error.
  const temperatureError = Math.abs(temperature - sheet.target.temperature) * slope * 0.5;
  const own = readingError(cup, agreed.mean, agreed.used.length, temperatureError);
  const verdict = judgeSeconds(cup, agreed.mean);
  if (isRefusal(atSheet)) return atSheet;
  if (isRefusal(own)) return own;
  return {
    entries,
    thinner: thinnerMass,
    share: sheetShare(thinnerMass, thinner.density, batch.unthinned, sheet.thinning),
    w: blendShare(thinnerMass, batch.unthinned.mass),
    cup,
    seconds: agreed.mean,
    temperature,
    agree: agreed.agree,
    atSheet,
    viscosity,
    sd: Math.hypot(own, conversionSpread(cup, band.cup)),
    ...(isRefusal(verdict) || verdict.where === 'inside'
      ? {}
      : { outside: { where: verdict.where, better: verdict.better } }),
  };
}

/** A cup of the shop, or one of the standards' by its own id. */
export const cupBehind = (id: string, cups: readonly Cup[]): FlowCup | undefined =>
  flowCup(cups.find((cup) => cup.id === id)?.standardId ?? id);

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
