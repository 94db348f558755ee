import { refuse, type Outcome } from '../refusal';

/** One reading beside what the map says there; x and y −1 to 1 from edge to edge. */
export interface Laid {
  readonly x: number;
  readonly y: number;
  /** m, both wet or both dry. */
  readonly predicted: number;
  readonly measured: number;
}

export interface Term {
  readonly value: number;
  readonly sd: number;
  /** Nine times in ten it is not nought. */
  readonly sure: boolean;
}

export interface HandTraces {
  /** Film found ÷ film predicted over the whole face: transfer, flow or speed. */
  readonly level: Term;
  /** How much more film the right edge, the far edge and the ends have than the middle, as shares. */
  readonly right: Term;
  readonly far: Term;
  readonly ends: Term;
  /** What the terms leave unexplained, as a share of the film. */
  readonly left: number;
}

/** Before anything is measured a face is off by this much, and leans by so much. */
const priors = [0.3, 0.12, 0.12, 0.12] as const;
/** A gauge and a face scatter at least this much. */
const leastScatter = 0.03;
const sureFrom = 1.645;

/**
 * What the readings say of the hand: measured ÷ predicted = 1 + level + right·x + far·y + ends·(x² − 1/3), each drawn
 * towards nought by what hands usually do, so that few readings claim little.
 *
 * @returns refuses fewer than three readings and readings where no film was predicted
 * Source: Bayesian linear regression, conjugate, scatter from the residuals.
 */
export function handTraces(readings: readonly Laid[]): Outcome<HandTraces> {
  const known = readings.filter(({ predicted, measured }) => predicted > 0 && measured > 0);
  if (known.length < 3)
    return refuse('few-readings', 'At least three readings on the map are needed to compare them with it.');
  const rows = known.map(({ x, y }) => [1, x, y, x * x - 1 / 3]);
  const off = known.map(({ predicted, measured }) => measured / predicted - 1);
  let scatter = 0.08;
  let mean: number[] = [];
  let spread: number[][] = [];
  for (let round = 0; round < 4; round += 1) {
    const weight = 1 / scatter ** 2;
    const normal = priors.map((prior, i) =>
      priors.map((_, j) =>
        rows.reduce(
          (sum, row) => sum + weight * (row[i] as number) * (row[j] as number),
          i === j ? prior ** -2 : 0,
        ),
      ),
    );
    spread = inverse(normal);
    const right = priors.map((_, i) =>
      rows.reduce((sum, row, k) => sum + weight * (row[i] as number) * (off[k] as number), 0),
    );
    mean = spread.map((line) => line.reduce((sum, each, j) => sum + each * (right[j] as number), 0));
    const squares = rows.reduce(
      (sum, row, k) =>
        sum + ((off[k] as number) - row.reduce((s, each, i) => s + each * (mean[i] as number), 0)) ** 2,
      0,
    );
    // Two readings’ worth of what gauges usually scatter keeps three of them from looking exact.
    scatter = Math.max(Math.sqrt((squares + 2 * 0.05 ** 2) / (known.length + 2)), leastScatter);
  }
  const term = (i: number): Term => {
    const [value, sd] = [mean[i] as number, Math.sqrt((spread[i] as number[])[i] as number)];
    return { value, sd, sure: Math.abs(value) > sureFrom * sd };
  };
  const level = term(0);
  return {
    level: { ...level, value: 1 + level.value },
    right: term(1),
    far: term(2),
    ends: term(3),
    left: scatter,
  };
}

/** Inverse of a small symmetric matrix, Gauss–Jordan; the priors keep it regular. */
function inverse(of: readonly (readonly number[])[]): number[][] {
  const n = of.length;
  const a = of.map((row, i) => [...row, ...Array.from({ length: n }, (_, j) => (i === j ? 1 : 0))]);
  for (let i = 0; i < n; i += 1) {
    const pivot = a[i] as number[];
    const by = pivot[i] as number;
    for (let j = 0; j < 2 * n; j += 1) pivot[j] = (pivot[j] as number) / by;
    for (let k = 0; k < n; k += 1) {
      const row = a[k] as number[];
      const times = row[i] as number;
      if (k !== i && times !== 0)
        for (let j = 0; j < 2 * n; j += 1) row[j] = (row[j] as number) - times * (pivot[j] as number);
    }
  }
  return a.map((row) => row.slice(n));
}

/**
 * How much quicker the hand was where the film is thinner by this share: film goes with the inverse of speed.
 *
 * Source: mean over the same hands
 */
export const quickerBy = (moreFilm: number): number => 1 / (1 + moreFilm) - 1;
