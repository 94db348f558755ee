import { isRefusal, refuse, type Outcome } from '../refusal';
import type { FlowCup } from './cups';
import { flowCups } from './cups';

const mm2 = 1e-6;

/**
 * Seconds at which a cup's formula crosses zero: below it the cup cannot tell anything.
 *
 * Source: the cup’s own formula, ISO 2431, ASTM D1200, D4212, DIN 53211
 * @example zeroSeconds({ id: 'ford-4', name: 'Ford cup 4', standard: 'ASTM D1200', use: 'stand', formula: { kind: 'offset', A: 3.85, t0: 4.49 }, valid: { min: 20, max: 100 }, temperature: 298.15 }) → 4.49
 */
export function zeroSeconds({ formula }: FlowCup): number {
  return formula.kind === 'inverse' ? Math.sqrt(formula.B / formula.A) : formula.t0;
}

/**
 * Kinematic viscosity of a liquid that empties a cup.
 *
 * @param seconds efflux time, s
 * @returns m²/s; refuses times at or near the formula's zero ("too thin for this cup"). A time outside the
 *   standard's range still gives a value: {@link judgeSeconds} says how far to trust it.
 * Source: ISO 2431, ASTM D1200, ASTM D4212, DIN 53211.
 * Formula: ν = A·t − B/t; of the offset kind ν = A·(t − t₀)
 * @example iso-4 60 s: 78.87 mm²/s; din-4 30 s: 122.0
 * @example viscosityFromSeconds({ id: 'ford-4', name: 'Ford cup 4', standard: 'ASTM D1200', use: 'stand', formula: { kind: 'offset', A: 3.85, t0: 4.49 }, valid: { min: 20, max: 100 }, temperature: 298.15 }, 200) → 0.000752713
 */
export function viscosityFromSeconds(cup: FlowCup, seconds: number): Outcome<number> {
  if (!Number.isFinite(seconds) || seconds <= 0)
    return refuse('no-time', 'Enter the cup time in seconds, above zero.', {
      quantity: 'time',
      value: seconds,
    });
  const zero = zeroSeconds(cup);
  // Within 2 % of the zero the slope is so steep that a breath on the stopwatch is a different paint.
  if (seconds <= zero * 1.02)
    return refuse(
      'too-thin-for-cup',
      `{value} is too thin for the ${cup.name}: it tells nothing below {min}.`,
      {
        quantity: 'time',
        value: seconds,
        min: zero * 1.02,
      },
    );
  const { formula } = cup;
  const value =
    formula.kind === 'inverse'
      ? formula.A * seconds - formula.B / seconds
      : formula.A * (seconds - formula.t0);
  return value * mm2;
}

/**
 * Seconds a cup would take for a liquid: the inverse of {@link viscosityFromSeconds}.
 *
 * @param viscosity m²/s
 * @returns s; refuses a viscosity that is not above zero
 * Source: the cup’s own formula, ISO 2431, ASTM D1200, D4212, DIN 53211
 * @example secondsFromViscosity({ id: 'ford-4', name: 'Ford cup 4', standard: 'ASTM D1200', use: 'stand', formula: { kind: 'offset', A: 3.85, t0: 4.49 }, valid: { min: 20, max: 100 }, temperature: 298.15 }, 0.0001) → 30.464
 */
export function secondsFromViscosity({ formula }: FlowCup, viscosity: number): Outcome<number> {
  if (!Number.isFinite(viscosity) || viscosity <= 0)
    return refuse('no-viscosity', 'A viscosity must be above zero.', {
      quantity: 'viscosity',
      value: viscosity,
    });
  const nu = viscosity / mm2;
  return formula.kind === 'inverse'
    ? (nu + Math.sqrt(nu * nu + 4 * formula.A * formula.B)) / (2 * formula.A)
    : nu / formula.A + formula.t0;
}

/**
 * How an error in seconds spreads into viscosity: relative error of ν per relative error of t, (dν/dt)·t/ν.
 * 1 on a cup whose curve passes the origin, more near the cup's zero.
 *
 * Formula: (dν/dt)·t/ν of its relative error
 * Source: the cup’s own formula, ISO 2431, ASTM D1200, D4212, DIN 53211
 * @example 5 % at din-4 16 s: 11 %
 * @example spreadFactor({ id: 'iso-4', name: 'ISO cup 4', standard: 'ISO 2431', use: 'stand', formula: { kind: 'inverse', A: 1.37, B: 200 }, valid: { min: 30, max: 100 }, temperature: 296.15 }, 74.9) → 1.05344
 */
export function spreadFactor(cup: FlowCup, seconds: number): Outcome<number> {
  const nu = viscosityFromSeconds(cup, seconds);
  if (isRefusal(nu)) return nu;
  const { formula } = cup;
  const slope = formula.kind === 'inverse' ? formula.A + formula.B / seconds ** 2 : formula.A;
  return (slope * mm2 * seconds) / nu;
}

/** Where a time lies against the range in which the standard lets a cup be read, and which cup would do better. */
export interface SecondsVerdict {
  readonly where: 'inside' | 'below' | 'above';
  /** Cups of the standards that read this liquid inside their own range, nearest to mid-range first. */
  readonly better: readonly FlowCup[];
}

/**
 * Whether a time lies inside what a cup reads well, and which cup would read it better.
 *
 * Source: the cup’s own formula, ISO 2431, ASTM D1200, D4212, DIN 53211
 */
export function judgeSeconds(cup: FlowCup, seconds: number): Outcome<SecondsVerdict> {
  const nu = viscosityFromSeconds(cup, seconds);
  if (isRefusal(nu)) return nu;
  if (cup.relative) return { where: 'inside', better: [] };
  const where = seconds < cup.valid.min ? 'below' : seconds > cup.valid.max ? 'above' : 'inside';
  return { where, better: where === 'inside' ? [] : cupsThatRead(nu).filter((each) => each.id !== cup.id) };
}

/**
 * The standards' cups that read a viscosity inside their valid range.
 *
 * @param viscosity m²/s
 * Source: the cup’s own formula, ISO 2431, ASTM D1200, D4212, DIN 53211
 */
export function cupsThatRead(viscosity: number): FlowCup[] {
  const off = (cup: FlowCup) => {
    const t = secondsFromViscosity(cup, viscosity);
    if (isRefusal(t) || t < cup.valid.min || t > cup.valid.max) return Number.POSITIVE_INFINITY;
    return Math.abs(Math.log(t / Math.sqrt(cup.valid.min * cup.valid.max)));
  };
  return flowCups.filter((cup) => Number.isFinite(off(cup))).sort((a, b) => off(a) - off(b));
}

/**
 * Relative error to add when seconds of one cup are compared with seconds of another.
 * 0.10 between stand cups, 0.25 as soon as a dip cup is one of them; 0 for the same cup.
 *
 * Source: the cup’s own formula, ISO 2431, ASTM D1200, D4212, DIN 53211
 */
export function conversionSpread(from: FlowCup, to: FlowCup): number {
  if (from.id === to.id) return 0;
  // Seconds of an uncalibrated cup stand for no viscosity: nothing is known across.
  if (from.relative || to.relative) return Infinity;
  return from.use === 'dip' || to.use === 'dip' ? 0.25 : 0.1;
}
