import { refuse, type Outcome } from '../refusal';

/** ISO 2431: two timings must agree within this share of their mean, else a third is taken. */
export const agreementLimit = 0.05;

export interface Agreement {
  readonly mean: number;
  /** Spread of the timings used, as a share of their mean. */
  readonly spread: number;
  readonly agree: boolean;
  /** The timings the mean is made of: with three or more, the two that lie closest. */
  readonly used: readonly number[];
}

/**
 * Judges repeated timings of one liquid in one cup.
 *
 * @param seconds timings, s, in any order
 * @returns the mean of the two that lie closest, and whether they agree; one timing alone cannot agree
 * Source: ISO 2431.
 * Formula: difference ≤ 5 % of the mean
 * @example 27.1 and 27.5 s agree
 * @example agreement([4]) → { mean: 4, spread: 0, agree: false, used: [4] }
 */
export function agreement(seconds: readonly number[]): Outcome<Agreement> {
  const [first] = seconds;
  if (first === undefined) return refuse('no-timing', 'Time the cup at least once.');
  if (seconds.length === 1) return { mean: first, spread: 0, agree: false, used: [first] };
  const sorted = [...seconds].sort((a, b) => a - b);
  let closest: readonly [number, number] = [sorted[0] as number, sorted[1] as number];
  for (let i = 2; i < sorted.length; i += 1) {
    const pair = [sorted[i - 1] as number, sorted[i] as number] as const;
    if (pair[1] - pair[0] < closest[1] - closest[0]) closest = pair;
  }
  const mean = (closest[0] + closest[1]) / 2;
  const spread = (closest[1] - closest[0]) / mean;
  return { mean, spread, agree: spread <= agreementLimit, used: closest };
}
