/** An individuals and moving-range chart of readings in order of time. */
export interface Individuals {
  readonly mean: number;
  readonly low: number;
  readonly high: number;
  /** Why a point is flagged, by its index. */
  readonly flags: ReadonlyMap<number, 'outside' | 'one-side' | 'rising' | 'falling'>;
}

/**
 * Limits mean ± 2.66 · mean moving range; flags a point outside, eight on one side of the mean, six rising or
 * falling.
 *
 * @returns undefined for fewer than two readings, which have no moving range
 * Formula: mean ± 2.66·MR̄; eight on one side, six rising
 * Source: moving-range chart, 2.66·MR̄
 * @example 20, 22, 21, 23: ± 4.43
 */
export function individuals(values: readonly number[]): Individuals | undefined {
  if (values.length < 2) return undefined;
  const mean = values.reduce((sum, each) => sum + each, 0) / values.length;
  const ranges = values.slice(1).map((each, i) => Math.abs(each - (values[i] as number)));
  const width = (2.66 * ranges.reduce((sum, each) => sum + each, 0)) / ranges.length;
  const flags = new Map<number, 'outside' | 'one-side' | 'rising' | 'falling'>();
  let side = 0;
  let run = 0;
  let rising = 1;
  let falling = 1;
  values.forEach((value, i) => {
    const own = Math.sign(value - mean);
    run = own !== 0 && own === side ? run + 1 : 1;
    side = own;
    const before = values[i - 1];
    rising = before !== undefined && value > before ? rising + 1 : 1;
    falling = before !== undefined && value < before ? falling + 1 : 1;
    if (Math.abs(value - mean) > width + 1e-12) flags.set(i, 'outside');
    else if (run >= 8) flags.set(i, 'one-side');
    else if (rising >= 6) flags.set(i, 'rising');
    else if (falling >= 6) flags.set(i, 'falling');
  });
  return { mean, low: mean - width, high: mean + width, flags };
}
