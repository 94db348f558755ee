import { refuse, type Outcome } from '../refusal';

export interface Capability {
  /** Limits apart ÷ six spreads, and the nearer limit ÷ three. */
  readonly cp: number;
  readonly cpk: number;
  /** Nine times in ten the true cpk lies between. */
  readonly low: number;
  readonly high: number;
  readonly mean: number;
  /** MR̄ ÷ 1.128. */
  readonly spread: number;
  readonly count: number;
}

/** Two-sided 90 %. */
const z = 1.645;

/**
 * Process capability of readings in order of time.
 *
 * Spread from the mean moving range ÷ 1.128; interval of cpk by Bissell’s approximation,
 * ± z·√(1/(9n) + cpk²/(2(n − 1))).
 *
 * @returns refuses fewer than five readings, a spread of nought and limits upside down
 * Source: individuals chart constants; Bissell 1990.
 * Formula: cpk = nearer limit ÷ 3·MR̄/1.128; ± 1.645·√(1/9n + cpk²/2(n−1))
 * @example 50, 52, 49, 51, 53 in 40–60: cpk 1.50
 * @example capability([50, 52, 49, 51, 53], { min: 40, max: 60 }) → { cp: 1.67111, cpk: 1.504, low: 0.595557, high: 2.41244, mean: 51, spread: 1.99468, count: 5 }
 */
export function capability(
  values: readonly number[],
  limits: { readonly min: number; readonly max: number },
): Outcome<Capability> {
  if (!(limits.max > limits.min))
    return refuse('limits', 'The upper limit must lie above the lower one.', { quantity: 'film', ...limits });
  const n = values.length;
  if (n < 5) return refuse('few-readings', 'Five readings at least say something of a process.');
  const mean = values.reduce((sum, each) => sum + each, 0) / n;
  const range =
    values.slice(1).reduce((sum, each, i) => sum + Math.abs(each - (values[i] as number)), 0) / (n - 1);
  const spread = range / 1.128;
  if (!(spread > 0))
    return refuse('no-spread', 'These readings are all alike: the gauge is coarser than the process.');
  const cpk = Math.min(limits.max - mean, mean - limits.min) / (3 * spread);
  const half = z * Math.sqrt(1 / (9 * n) + cpk ** 2 / (2 * (n - 1)));
  return {
    cp: (limits.max - limits.min) / (6 * spread),
    cpk,
    low: cpk - half,
    high: cpk + half,
    mean,
    spread,
    count: n,
  };
}

export interface Bin {
  readonly from: number;
  readonly to: number;
  readonly count: number;
}

/**
 * Readings in equal bins from the least to the most, limits included so that they can be drawn: Sturges’ number of bins.
 *
 * Source: individuals chart; Bissell 1990
 */
export function histogram(
  values: readonly number[],
  limits: { readonly min: number; readonly max: number },
): Bin[] {
  if (values.length === 0) return [];
  const low = Math.min(limits.min, ...values);
  const high = Math.max(limits.max, ...values);
  const n = Math.max(Math.ceil(Math.log2(values.length) + 1), 5);
  const width = (high - low) / n || 1;
  const bins = Array.from({ length: n }, (_, i) => ({
    from: low + i * width,
    to: low + (i + 1) * width,
    count: 0,
  }));
  for (const each of values)
    (bins[Math.min(Math.floor((each - low) / width), n - 1)] as { count: number }).count += 1;
  return bins;
}

export interface SignOff {
  /** Parts inside the limits in a row, to the latest. */
  readonly inRow: number;
  readonly wanted: number;
  readonly signed: boolean;
}

/** Parts inside their limits in a row before an operator or a process is signed off. A default. */
export const partsToSignOff = 10;

/**
 * Is someone signed off by what was measured: so many parts in a row whose film passed, ending with the latest?
 *
 * Source: individuals chart; Bissell 1990
 * @example signOff([]) → { inRow: 0, wanted: 10, signed: false }
 */
export function signOff(passed: readonly boolean[], wanted = partsToSignOff): SignOff {
  const last = passed.lastIndexOf(false);
  const inRow = passed.length - 1 - last;
  return { inRow, wanted, signed: inRow >= wanted };
}
