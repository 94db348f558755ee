import type { Belief } from './belief';
import { normalCdf, normalQuantile } from './normal';

/** Nodes on which the belief is cut off at what physics allows. */
const nodes = 24;

/** Relative error of the blend law itself over a step, as a share of the fall in ln ν along it. */
export const modelError = 0.04;

/**
 * A belief conditioned on the blend never dipping under its own thinner: a + G ≥ ln ν_T.
 *
 * The conditional is a mixture of equally weighted Gaussians, one for each quantile slice of s = a + G above
 * the cut. Built once per belief; every prediction from it is a short sum.
 */
export interface Conditioned {
  readonly belief: Belief;
  /** Offsets of s from its mean, one a slice. */
  readonly slices: readonly number[];
}

export function condition(belief: Belief): Conditioned {
  const [a, G] = belief.mean;
  const [aa, aG, GG] = belief.cov;
  const sd = Math.sqrt(Math.max(aa + 2 * aG + GG, 1e-18));
  const below = Math.min(normalCdf((belief.lnThinner - a - G) / sd), 1 - 1e-9);
  const slices = Array.from({ length: nodes }, (_, i) => {
    const u = below + (1 - below) * ((i + 0.5) / nodes);
    return sd * normalQuantile(Math.min(Math.max(u, 1e-12), 1 - 1e-12));
  });
  return { belief, slices };
}

/** ln ν at a thinner share, as a mixture: the means of its slices and their common variance. */
export interface Prediction {
  readonly means: readonly number[];
  readonly variance: number;
}

/**
 * Predicts ln ν (ν in m²/s) of the blend at thinner share w.
 *
 * @param extra variance to add: reading error, or the blend law's own error over the step
 */
export function predict({ belief, slices }: Conditioned, w: number, extra = 0): Prediction {
  const [a, G] = belief.mean;
  const [aa, aG, GG] = belief.cov;
  const h = 1 - w;
  const sVar = Math.max(aa + 2 * aG + GG, 1e-18);
  const fVar = aa + 2 * w * aG + w * w * GG;
  const slope = (aa + (1 + w) * aG + w * GG) / sVar;
  const centre = h * (a + w * G) + w * belief.lnThinner;
  return {
    means: slices.map((offset) => centre + h * slope * offset),
    variance: Math.max(h * h * (fVar - slope * slope * sVar), 0) + extra,
  };
}

export function meanOf({ means }: Prediction): number {
  return means.reduce((sum, mean) => sum + mean, 0) / means.length;
}

/** Standard deviation of the whole mixture. */
export function spreadOf(prediction: Prediction): number {
  const centre = meanOf(prediction);
  const between =
    prediction.means.reduce((sum, mean) => sum + (mean - centre) ** 2, 0) / prediction.means.length;
  return Math.sqrt(between + prediction.variance);
}

/** Chance that ln ν lies below x. */
export function chanceBelow({ means, variance }: Prediction, x: number): number {
  const sd = Math.sqrt(Math.max(variance, 1e-18));
  let sum = 0;
  for (const mean of means) sum += normalCdf((x - mean) / sd);
  return sum / means.length;
}

/** The value of ln ν below which a share p of the prediction lies, by Newton's method on the mixture. */
export function quantileOf(prediction: Prediction, p: number): number {
  const sd = Math.sqrt(Math.max(prediction.variance, 1e-18));
  const spread = spreadOf(prediction);
  let x = meanOf(prediction) + spread * normalQuantile(p);
  for (let i = 0; i < 12; i += 1) {
    const miss = chanceBelow(prediction, x) - p;
    let density = 0;
    for (const mean of prediction.means) density += Math.exp(-0.5 * ((x - mean) / sd) ** 2);
    density /= prediction.means.length * sd * Math.sqrt(2 * Math.PI);
    // Far out the density is next to nothing; a step is never longer than the spread itself.
    const step = Math.max(-spread, Math.min(spread, miss / Math.max(density, 1e-12)));
    x -= step;
    if (Math.abs(step) < 1e-7) break;
  }
  return x;
}
