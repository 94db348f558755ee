import { celsius } from '../climate/temperature';
import { isRefusal, refuse, type Outcome } from '../refusal';
import type { CupFormula, FlowCup } from './cups';

/** A liquid of known viscosity, timed in a cup. */
export interface KnownLiquid {
  /** s */
  readonly seconds: number;
  /** m²/s at the temperature it was timed at. */
  readonly viscosity: number;
}

export interface CupFit {
  readonly formula: CupFormula;
  /** Root mean square of the relative error of viscosity; zero for two liquids, which any line meets. */
  readonly error: number;
  /** Was it tested by more liquids than the line needs? */
  readonly tested: boolean;
  /** Relative error of each liquid, in the order given. */
  readonly off: readonly number[];
  /** Seconds between which it was calibrated. */
  readonly valid: { readonly min: number; readonly max: number };
}

/**
 * Calibrates a cup on liquids of known viscosity: ν = A·t − B/t with B ≥ 0 or ν = A·(t − t₀), whichever fits
 * better, by least squares on the relative error.
 *
 * @returns refuses fewer than two liquids, two of the same time, and a thicker liquid that ran quicker
 * Formula: ν = A·t − B/t or A·(t − t₀)
 * Source: least squares on relative error, B ≥ 0
 * @example iso-4's own times give 1.37 and 200
 */
export function fitCup(liquids: readonly KnownLiquid[]): Outcome<CupFit> {
  if (liquids.length < 2)
    return refuse('one-liquid', 'Time at least two liquids of known viscosity; three show how well it fits.');
  if (!liquids.every(({ seconds, viscosity }) => seconds > 0 && viscosity > 0))
    return refuse('no-time', 'Every liquid needs its seconds and its viscosity, both above zero.');
  const sorted = [...liquids].sort((a, b) => a.viscosity - b.viscosity);
  for (let i = 1; i < sorted.length; i += 1) {
    const [thin, thick] = [sorted[i - 1] as KnownLiquid, sorted[i] as KnownLiquid];
    if (thick.viscosity > thin.viscosity * 1.02 && thick.seconds <= thin.seconds)
      return refuse('quicker', 'A thicker liquid ran quicker than a thinner one. Look at the entries again.');
  }
  const [first, last] = [sorted[0] as KnownLiquid, sorted.at(-1) as KnownLiquid];
  if (last.viscosity < first.viscosity * 1.1)
    return refuse('too-alike', 'The liquids are too alike to tell the cup. Use two at least a tenth apart.');

  const candidates = [inverse(liquids), offset(liquids)].map((formula) => ({
    formula,
    off: liquids.map(({ seconds, viscosity }) => read(formula, seconds) / viscosity - 1),
  }));
  const rms = (off: readonly number[]) =>
    Math.sqrt(off.reduce((sum, each) => sum + each * each, 0) / off.length);
  const best = candidates.reduce((a, b) => (rms(b.off) < rms(a.off) - 1e-9 ? b : a));
  const times = liquids.map(({ seconds }) => seconds);
  return {
    ...best,
    error: rms(best.off),
    tested: liquids.length > 2,
    valid: { min: Math.min(...times), max: Math.max(...times) },
  };
}

/**
 * A shop cup calibrated on known liquids, to be used like one of the standards'. Refuses what {@link fitCup} refuses.
 *
 * Source: least squares on relative error, B ≥ 0
 */
export function calibratedCup(
  id: string,
  name: string,
  use: FlowCup['use'],
  liquids: readonly KnownLiquid[],
): Outcome<FlowCup> {
  const fit = fitCup(liquids);
  if (isRefusal(fit)) return fit;
  const { formula, valid } = fit;
  return { id, name, standard: 'own, calibrated', use, formula, valid, temperature: celsius(20) };
}

const mm2 = 1e6;

const read = (formula: CupFormula, t: number): number =>
  (formula.kind === 'inverse' ? formula.A * t - formula.B / t : formula.A * (t - formula.t0)) / mm2;

function inverse(liquids: readonly KnownLiquid[]): CupFormula {
  const [A, B] = solve(
    liquids.map(({ seconds: t, viscosity }) => [t / (viscosity * mm2), -1 / (t * viscosity * mm2)]),
  );
  return { kind: 'inverse', A, B };
}

function offset(liquids: readonly KnownLiquid[]): CupFormula {
  const [A, C] = solve(
    liquids.map(({ seconds: t, viscosity }) => [t / (viscosity * mm2), -1 / (viscosity * mm2)]),
  );
  return { kind: 'offset', A, t0: C / A };
}

/** Least squares of x·p = 1 for two parameters, the second not below zero. */
function solve(rows: readonly (readonly [number, number])[]): [number, number] {
  let [aa, ab, bb, a, b] = [0, 0, 0, 0, 0];
  for (const [x, y] of rows) {
    aa += x * x;
    ab += x * y;
    bb += y * y;
    a += x;
    b += y;
  }
  const determinant = aa * bb - ab * ab;
  const second = determinant > 1e-12 * aa * bb ? (aa * b - ab * a) / determinant : 0;
  return second > 0 ? [(a - ab * second) / aa, second] : [a / aa, 0];
}
