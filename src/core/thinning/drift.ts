import type { Belief } from './belief';
import { normalQuantile } from './normal';

/** A reading of one mix while it is in use: hours since the first, ln of viscosity at the sheet's temperature. */
export interface DriftPoint {
  readonly hours: number;
  readonly lnViscosity: number;
  /** Relative standard error. */
  readonly sd: number;
}

/**
 * A belief some hours later: the mix itself has moved a little, so that what was read before counts less. Within
 * a quarter of an hour nothing has moved.
 *
 * Source: Bayesian linear regression
 */
export function aged(belief: Belief, hours: number): Belief {
  if (hours <= 0.25) return belief;
  const more = (usualDrift.sd * hours) ** 2;
  // What was read before is of another liquid by now; so is what the sheet said, once something was read.
  return { ...belief, seen: belief.seen.map((each) => ({ ...each, sd: Math.sqrt(each.sd ** 2 + more) })) };
}

export interface Drift {
  /** Change of ln viscosity an hour, and its standard error. */
  readonly rate: number;
  readonly rateSd: number;
  /** ln viscosity at the last reading, and its standard error. */
  readonly now: number;
  readonly nowSd: number;
}

/** How fast mixes usually drift, an hour: what a rate is drawn toward until readings say otherwise. A default. */
export const usualDrift = { mean: 0.02, sd: 0.06 } as const;

/**
 * Fits a straight line to ln viscosity over time, the rate drawn toward what is usual: with one reading that is
 * all there is, with several it hardly counts.
 *
 * @param points one or more, in any order
 * Source: Bayesian linear regression in (level at the last reading, rate).
 * Formula: a straight line in ln ν over time, its rate drawn toward 2 ± 6 % an hour
 * @example fitDrift([{ hours: 0, lnViscosity: -9.315700887634009, sd: 0.02 }]) → { now: -9.3157, rate: 0.02, nowSd: 0.02, rateSd: 0.06 }
 */
export function fitDrift(
  points: readonly DriftPoint[],
  usual: { mean: number; sd: number } = usualDrift,
): Drift | undefined {
  const last = Math.max(...points.map(({ hours }) => hours));
  if (points.length === 0) return undefined;
  // Normal equations with the rate's prior; the level is free.
  let [ll, lr, rr, l, r] = [0, 0, 1 / usual.sd ** 2, 0, usual.mean / usual.sd ** 2];
  for (const { hours, lnViscosity, sd } of points) {
    const weight = 1 / sd ** 2;
    const since = hours - last;
    ll += weight;
    lr += weight * since;
    rr += weight * since * since;
    l += weight * lnViscosity;
    r += weight * since * lnViscosity;
  }
  const determinant = ll * rr - lr * lr;
  return {
    now: (l * rr - r * lr) / determinant,
    rate: (r * ll - l * lr) / determinant,
    nowSd: Math.sqrt(rr / determinant),
    rateSd: Math.sqrt(ll / determinant),
  };
}

export interface TimeLeft {
  /** h until the middle estimate leaves the band; Infinity when it does not drift out. */
  readonly hours: number;
  /** Nine times in ten it lies between these. */
  readonly low: number;
  readonly high: number;
}

/**
 * How long a mix stays in its band.
 *
 * @param low ln viscosity of the band's thin edge
 * @param high of its thick edge
 * Source: Bayesian linear regression
 * @example timeInBand({ now: 0, nowSd: 0.02, rate: -2e-323, rateSd: 0.1 }, -0.1, 0.1) → { hours: Infinity, low: 0.659781, high: Infinity }
 */
export function timeInBand({ now, nowSd, rate, rateSd }: Drift, low: number, high: number): TimeLeft {
  const z = normalQuantile(0.95);
  const until = (at: number, slope: number) =>
    slope > 1e-6
      ? Math.max((high - at) / slope, 0)
      : slope < -1e-6
        ? Math.max((low - at) / slope, 0)
        : Infinity;
  // The level and the rate are pushed the same way: soonest out, and latest.
  const up = rate >= 0 ? 1 : -1;
  return {
    hours: until(now, rate),
    low: until(now + (up * z * nowSd) / Math.SQRT2, rate + (up * z * rateSd) / Math.SQRT2),
    high: until(
      now - (up * z * nowSd) / Math.SQRT2,
      Math.max(up * (rate - (up * z * rateSd) / Math.SQRT2), 0) * up,
    ),
  };
}
