/** What a scale shows as it moves and comes to rest, kg and s. */
export interface ScaleSeen {
  /** Where it stands by now, from the last few readings: one that jumps out is not believed. */
  readonly value: number;
  /** kg/s over the last second. */
  readonly rate: number;
  readonly steady: boolean;
  /** It does not come to rest though nothing is poured: draught, a shaking bench, or a lead that pulls. */
  readonly restless: boolean;
  /** kg/s it creeps while nothing is poured; nothing where it stands. */
  readonly creeps?: number;
}

interface Sample {
  readonly t: number;
  readonly value: number;
  readonly says?: boolean;
}

/** s that are looked at for a rate, for rest, and for whether it ever comes to rest. */
const [rateOver, restOver, patience] = [0.55, 0.8, 6];

/** Slope of readings by least squares, per s; 0 from too few. */
function slopeOf(samples: readonly Pick<Sample, 't' | 'value'>[]): number {
  const n = samples.length;
  if (n < 3) return 0;
  const [mt, mv] = samples.reduce(([a, b], { t, value }) => [a + t / n, b + value / n], [0, 0]);
  let [above, below] = [0, 0];
  for (const { t, value } of samples) {
    above += (t - mt) * (value - mv);
    below += (t - mt) ** 2;
  }
  return below > 0 ? above / below : 0;
}

/**
 * The line through a few readings, one that jumps out not believed: the middle of the slopes between all pairs, and what it
 * comes to at the last of them. Source: Theil and Sen.
 */
function runningOn(samples: readonly Pick<Sample, 't' | 'value'>[]): {
  readonly value: number;
  readonly rate: number;
} {
  const last = samples.at(-1);
  if (!last || samples.length < 3) return { value: last?.value ?? 0, rate: 0 };
  const slopes: number[] = [];
  samples.forEach((a, i) =>
    samples.slice(i + 1).forEach((b) => b.t > a.t && slopes.push((b.value - a.value) / (b.t - a.t))),
  );
  const rate = middle(slopes);
  return { value: middle(samples.map(({ t, value }) => value + rate * (last.t - t))), rate };
}

const rangeOf = (values: readonly number[]): number =>
  values.length === 0 ? 0 : Math.max(...values) - Math.min(...values);

const middle = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? 0;
};

/**
 * Follows a scale reading by reading. It trusts its own eyes more than the flag of the device: some say steady while it
 * still creeps, some never say it.
 */
export class Settling {
  private samples: Sample[] = [];

  /** @param step kg, the smallest step of the scale */
  constructor(private readonly step: number) {}

  /** @param says what the device says of itself, where it says anything */
  feed(t: number, value: number, says?: boolean): ScaleSeen {
    const last = this.samples.at(-1);
    // A clock that jumped: what was seen before tells nothing of the rate now.
    if (last && (t < last.t || t - last.t > 3)) this.samples = [];
    this.samples.push({ t, value, ...(says === undefined ? {} : { says }) });
    this.samples = this.samples.filter((each) => each.t >= t - 2 * patience);
    const since = (span: number) => this.samples.filter((each) => each.t >= t - span - 1e-9);
    const values = (span: number) => since(span).map((each) => each.value);
    const { value: now, rate } = runningOn(since(rateOver));
    const resting = since(restOver);
    const spanned = (resting.at(-1)?.t ?? 0) - (resting[0]?.t ?? 0) >= restOver * 0.8;
    const still = rangeOf(values(restOver)) <= 2.5 * this.step;
    // Its own “moving” is believed; its “steady” only where it does stand.
    const steady = spanned && still && says !== false;
    const long = since(patience);
    const watched = (long.at(-1)?.t ?? 0) - (long[0]?.t ?? 0) >= patience * 0.95;
    const half = long.length >> 1;
    const [before, after] = [long.slice(0, half), long.slice(half)].map((part) =>
      middle(part.map((each) => each.value)),
    ) as [number, number];
    const noise = rangeOf(values(patience));
    const restless = watched && !steady && noise > 4 * this.step && Math.abs(after - before) < noise * 0.4;
    const creep = watched ? slopeOf(long) : 0;
    // Slow and all one way: nobody pours so little for so long.
    const creeps = watched && Math.abs(creep) * patience > 1.5 * this.step && noise < 12 * this.step && still;
    // At rest the middle of what it shows; under way where it has come to by now.
    const shown = steady ? middle(this.samples.slice(-5).map((each) => each.value)) : now;
    return { value: shown, rate, steady, restless, ...(creeps ? { creeps: creep } : {}) };
  }
}
