import { secondsFromViscosity, viscosityFromSeconds, type FlowCup } from '../cups';
import { isRefusal, refuse, type Outcome } from '../refusal';
import type { Belief } from './belief';
import { normalCdf } from './normal';
import { chanceBelow, condition, meanOf, modelError, predict, quantileOf, type Conditioned } from './predict';
import { blendShare, massAtShare, sheetShare, thinnerAt, type Batch, type ThinnerBasis } from './share';

/** The band to reach: seconds of one cup at the temperature the belief is about. */
export interface Band {
  readonly cup: FlowCup;
  readonly min: number;
  readonly max: number;
}

export interface AdditionQuestion {
  readonly belief: Belief;
  readonly batch: Batch;
  /** kg of thinner in the pot already. */
  readonly thinner: number;
  readonly thinnerDensity: number;
  readonly band: Band;
  /** The sheet's maximum, in its own percent; undefined when it states none. */
  readonly maximum?: number;
  readonly basis: ThinnerBasis;
  /** The smallest step the user can weigh, kg. */
  readonly scaleStep: number;
  /** Relative error of the next reading, in viscosity: for "expect 21.8 s (20.4–23.1)". */
  readonly readingSd: number;
  /**
   * Relative error that all readings of the pot share and no further timing takes away: of the temperature
   * slope, of another cup than the band's.
   */
  readonly bias?: number;
  /** Has this pot been timed at all? An untimed pot is never called ready. */
  readonly timed: boolean;
}

export interface Expected {
  readonly seconds: number;
  /** 90 % of readings fall between these. */
  readonly low: number;
  readonly high: number;
}

interface State {
  /** Expected seconds of the pot as it stands, with the 90 % interval of what it truly is. */
  readonly now: Expected;
  readonly chanceInBand: number;
}

export type Advice = State &
  (
    | {
        readonly kind: 'add';
        /** kg to add now, a whole number of scale steps. */
        readonly mass: number;
        /** kg of thinner in the pot after it. */
        readonly total: number;
        /** In the sheet's percent after it. */
        readonly share: number;
        readonly expect: Expected;
        /** Chance that the pot ends under the band. */
        readonly riskUnder: number;
        readonly limitedBy: 'middle' | 'risk' | 'maximum' | 'step' | 'fixed';
      }
    | { readonly kind: 'ready' }
    | { readonly kind: 'time-first' }
    /** In or near the band, and no addition the scale can weigh would better it. */
    | { readonly kind: 'near' }
    /** The sheet's maximum is reached above the band. */
    | { readonly kind: 'at-maximum'; readonly share: number; readonly expect: Expected }
    | { readonly kind: 'too-thin'; readonly bringBack: number }
  );

/**
 * The chance a step may take, by how many shares of thinner were timed before it. Where timings tell the band closely the
 * first step knows nothing of how steeply the paint falls, the second has seen it fall once and is the one that should arrive,
 * the others only mend. Where they tell it roughly a pot badly stirred or a second hand goes unnoticed in one reading: the
 * first two steps go short, so that several readings stand behind the one that arrives.
 */
const stepRisks = { closely: [0.015, 0.065, 0.015], roughly: [0.003, 0.01, 0.05] } as const;
/** All error of a reading, as a share of the half band: up to the one it tells the band closely, from the other on roughly. */
const tellsBand = { closely: 0.4, roughly: 0.7 } as const;
/** What the shared error alone may do at the middle of the band is no fault of a step: so much of it is allowed besides. */
const sharedAllowed = 0.25;
/** The pot is ready once it is in the band with at least this chance, or with this share of all that timing can tell. */
const readyChance = 0.86;
const readyShare = 0.93;
/** A pot this likely in the band is left alone when the step is too small for a reading to see. */
const likelyChance = 0.8;

/**
 * The next addition of thinner.
 *
 * The largest step, rounded down to what can be weighed, whose chance of ending under the band stays within
 * what a step may take; when the middle of the band is reached within that risk, it goes there at once. Never past
 * the sheet's maximum in total. All errors are counted: of the readings, of the laws, and what all readings share.
 *
 * @returns what to do; refuses a batch without mass and a band that its cup cannot read
 * Source: decision under a belief: the largest step within a risk
 */
export function nextAddition(question: AdditionQuestion): Outcome<Advice> {
  const { batch, thinner, band, scaleStep, readingSd, basis, thinnerDensity, bias = 0 } = question;
  if (!(batch.mass > 0) || !(batch.density > 0))
    return refuse('no-batch', 'There is no mix in the pot yet. Mix first, then thin.');
  if (!(scaleStep > 0)) return refuse('scale-step', 'Set the smallest step of the scale in Settings.');
  if (!(band.min < band.max)) return refuse('band', 'The band must have a lower and a higher end.');
  const thinEdge = viscosityFromSeconds(band.cup, band.min);
  const thickEdge = viscosityFromSeconds(band.cup, band.max);
  const centre = viscosityFromSeconds(band.cup, (band.min + band.max) / 2);
  if (isRefusal(thinEdge)) return thinEdge;
  if (isRefusal(thickEdge)) return thickEdge;
  if (isRefusal(centre)) return centre;
  const low = Math.log(thinEdge);
  const high = Math.log(thickEdge);
  const middle = Math.log(centre);

  const conditioned = condition(question.belief);
  const w0 = blendShare(thinner, batch.mass);
  const here = predict(conditioned, w0, bias ** 2);
  const hereMean = meanOf(here);
  const below = chanceBelow(here, low);
  // Counted with what no further timing takes away: nobody is told more than the cup itself can know.
  const chanceInBand = Math.min(Math.max(chanceBelow(here, high) - below, 0), 1);
  const state = { now: expected(conditioned, w0, band.cup, bias ** 2), chanceInBand };

  if (!question.timed) return { ...state, kind: 'time-first' };
  if (hereMean < low && below > 0.5) {
    return {
      ...state,
      kind: 'too-thin',
      bringBack: bringBackMass(conditioned, w0, batch.mass + thinner, middle),
    };
  }
  // The most that any number of timings could say: what they share remains.
  const most = bias > 0 ? normalCdf((high - middle) / bias) - normalCdf((low - middle) / bias) : 1;
  if (chanceInBand >= Math.min(readyChance, readyShare * most)) return { ...state, kind: 'ready' };

  /** Chance of being under the band at share w: what is believed, plus the laws' own error over the step. */
  const riskAt = (w: number) => {
    const there = predict(conditioned, w);
    return chanceBelow(there, low, (modelError * (meanOf(there) - hereMean)) ** 2 + bias ** 2);
  };
  // What the shared error alone may do is no fault of the step.
  const shared = bias > 0 ? normalCdf((low - middle) / bias) : 0;
  const shares = new Set(question.belief.seen.map(({ w }) => w.toFixed(6)));
  const error = Math.hypot(readingSd, bias) / (middle - low);
  const risk = stepRisk(shares.size, error) + sharedAllowed * shared;

  const wMiddle = largest(w0, (w) => meanOf(predict(conditioned, w)) >= middle);
  const wRisk = riskAt(wMiddle) <= risk ? wMiddle : largest(w0, (w) => riskAt(w) <= risk);
  const capMass =
    question.maximum === undefined ? Infinity : massAtShare(question.maximum, thinnerDensity, batch, basis);
  const wanted = thinnerAt(Math.min(wMiddle, wRisk), batch.mass);
  const limitedBy = capMass < wanted ? 'maximum' : wRisk < wMiddle ? 'risk' : 'middle';
  // A hair of tolerance, so that 14.999999 steps of the scale are fifteen.
  const steps = Math.floor((Math.min(wanted, capMass) - thinner) / scaleStep + 1e-6);

  if (steps < 1) {
    const full = capMass - thinner < scaleStep;
    const inside = hereMean >= low && hereMean <= high;
    return full && !inside
      ? {
          ...state,
          kind: 'at-maximum',
          share: sheetShare(thinner, thinnerDensity, batch, basis),
          expect: state.now,
        }
      : { ...state, kind: 'near' };
  }
  const mass = steps * scaleStep;
  const total = thinner + mass;
  const w = blendShare(total, batch.mass);
  const fall = meanOf(predict(conditioned, w)) - hereMean;
  // A move too small for the next reading to see is no reason to open the thinner again.
  if (chanceInBand >= likelyChance && Math.abs(fall) < readingSd) return { ...state, kind: 'ready' };
  return {
    ...state,
    kind: 'add',
    mass,
    total,
    share: sheetShare(total, thinnerDensity, batch, basis),
    expect: expected(conditioned, w, band.cup, readingSd ** 2 + (modelError * fall) ** 2),
    riskUnder: riskAt(w),
    limitedBy,
  };
}

/**
 * Seconds expected at a thinner share, with the interval that holds 90 %.
 *
 * Source: decision under a belief: the largest step within a risk
 */
export function expected(conditioned: Conditioned, w: number, cup: FlowCup, extra: number): Expected {
  const prediction = predict(conditioned, w, extra);
  const seconds = (lnViscosity: number) => secondsFromViscosity(cup, Math.exp(lnViscosity)) as number;
  return {
    seconds: seconds(quantileOf(prediction, 0.5)),
    low: seconds(quantileOf(prediction, 0.05)),
    high: seconds(quantileOf(prediction, 0.95)),
  };
}

/**
 * Is the sheet's maximum enough to bring the pot into the band, going by what is believed?
 *
 * Source: decision under a belief: the largest step within a risk
 */
export function reachable(
  question: AdditionQuestion,
): Outcome<{ readonly reaches: boolean; readonly expect: Expected }> {
  const thickEdge = viscosityFromSeconds(question.band.cup, question.band.max);
  if (isRefusal(thickEdge)) return thickEdge;
  const conditioned = condition(question.belief);
  const cap =
    question.maximum === undefined
      ? question.batch.mass
      : massAtShare(question.maximum, question.thinnerDensity, question.batch, question.basis);
  const w = blendShare(Math.max(cap, question.thinner), question.batch.mass);
  return {
    reaches: meanOf(predict(conditioned, w)) <= Math.log(thickEdge),
    expect: expected(conditioned, w, question.band.cup, 0),
  };
}

/** @param error of a reading, in half bands */
function stepRisk(timed: number, error: number): number {
  const step = Math.min(Math.max(timed, 1), stepRisks.closely.length) - 1;
  const [closely, roughly] = [stepRisks.closely[step] as number, stepRisks.roughly[step] as number];
  const far = (error - tellsBand.closely) / (tellsBand.roughly - tellsBand.closely);
  return closely + (roughly - closely) * Math.min(Math.max(far, 0), 1);
}

/** The largest share from w0 up at which a condition that holds at first and fails later still holds. */
function largest(w0: number, holds: (w: number) => boolean): number {
  let low = w0;
  let high = 0.95;
  if (holds(high)) return high;
  if (!holds(low)) return low;
  for (let i = 0; i < 18; i += 1) {
    const middle = (low + high) / 2;
    if (holds(middle)) low = middle;
    else high = middle;
  }
  return low;
}

/** kg of unthinned mix that brings a pot that is too thin back to the middle of the band. */
function bringBackMass(conditioned: Conditioned, w0: number, pot: number, middle: number): number {
  let low = 0;
  let high = w0;
  for (let i = 0; i < 40; i += 1) {
    const w = (low + high) / 2;
    if (meanOf(predict(conditioned, w)) > middle) low = w;
    else high = w;
  }
  return low > 1e-6 ? pot * (w0 / low - 1) : Infinity;
}
