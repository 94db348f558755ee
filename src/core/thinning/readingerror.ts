import { spreadFactor, type FlowCup } from '../cups';
import { isRefusal, type Outcome } from '../refusal';

/** The same cup in the same hands repeats within this share of its seconds. */
export const cupRepeat = 0.03;
/** One filling is not the next: stirred a little otherwise. Not averaged away by timing one filling twice. A default. */
const betweenFillings = 0.016;
/** Another hand lets go and stops a little earlier or later, at every timing of its own. A default. */
const betweenHands = 0.035;
/** A hand on a stopwatch, s. */
export const handError = 0.2;

/**
 * Relative standard error of the viscosity that a cup time stands for.
 *
 * @param seconds mean of the timings, s
 * @param timings how many timings the mean is made of
 * @param temperatureError relative error added by shifting it to another temperature
 * @param repeat relative spread of single timings
 * @param hands how many people timed this pot
 * Source: pooled variance with a scaled inverse χ² prior
 * @example readingError({ id: 'iso-4', name: 'ISO cup 4', standard: 'ISO 2431', use: 'stand', formula: { kind: 'inverse', A: 1.37, B: 200 }, valid: { min: 30, max: 100 }, temperature: 296.15 }, 74.9, 1) → 0.0359271
 */
export function readingError(
  cup: FlowCup,
  seconds: number,
  timings: number,
  temperatureError = 0,
  repeat = cupRepeat,
  hands = 1,
): Outcome<number> {
  const factor = spreadFactor(cup, seconds);
  if (isRefusal(factor)) return factor;
  const ofSeconds = Math.hypot(repeat, handError / seconds) / Math.sqrt(Math.max(timings, 1));
  return Math.hypot(
    factor * Math.hypot(ofSeconds, betweenFillings, hands > 1 ? betweenHands : 0),
    temperatureError,
  );
}

/** Fillings that the usual repeatability counts for, beside those of the pot: one bad pair of timings is heard. */
const usualCounts = 1;

/**
 * How far single timings scatter in these hands: from how well the timings of each filling agree, drawn toward what is
 * usual while they are few.
 *
 * @param groups seconds of the timings of each liquid
 * @returns relative standard deviation of one timing, never under what is usual
 * Source: pooled variance with a scaled inverse χ² prior.
 * Formula: √((n₀σ₀² + Σ(t/t̄ − 1)²)/(n₀ + ν))
 * @example 30 and 34, 22 and 25, 19 and 21.5 s: over 5 %
 * @example repeatOf([[4]]) → 0.03
 */
export function repeatOf(groups: readonly (readonly number[])[]): number {
  let squares = 0;
  let free = 0;
  for (const seconds of groups) {
    if (seconds.length < 2) continue;
    const mean = seconds.reduce((sum, each) => sum + each, 0) / seconds.length;
    squares += seconds.reduce((sum, each) => sum + (each / mean - 1) ** 2, 0);
    free += seconds.length - 1;
  }
  return Math.max(Math.sqrt((usualCounts * cupRepeat ** 2 + squares) / (usualCounts + free)), cupRepeat);
}
