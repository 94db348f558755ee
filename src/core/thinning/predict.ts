import type { Belief } from './belief';
import { heightAt, riseOf } from './laws';
import { normalCdf, normalQuantile } from './normal';
import { nudge, posteriorOf, type Posterior } from './posterior';

/** Relative error of all the laws together over a step, as a share of the fall in ln ν along it. */
export const modelError = 0.04;

/** A belief with its laws weighed by its readings, ready to foretell from. */
export interface Conditioned {
  readonly belief: Belief;
  readonly posterior: Posterior;
}

/**
 * A belief weighed by its readings, ready to foretell from.
 *
 * Source: mixture of normals
 */
export const condition = (belief: Belief): Conditioned => ({ belief, posterior: posteriorOf(belief) });

/** ln ν at a thinner share, as a mixture: a mean, a variance and a weight for each way the paint may be. */
export interface Prediction {
  readonly means: readonly number[];
  readonly variances: readonly number[];
  readonly weights: readonly number[];
}

/**
 * Predicts ln ν (ν in m²/s) of the blend at thinner share w.
 *
 * @param extra variance to add: reading error, or the laws' own error over the step
 * Source: mixture of normals
 */
export function predict({ belief, posterior }: Conditioned, w: number, extra = 0): Prediction {
  const { lnThinner } = belief;
  const { ways, spacing } = posterior;
  const means: number[] = [];
  const variances: number[] = [];
  const weights: number[] = [];
  for (const way of ways) {
    const height = heightAt(way.curve, w);
    const slope = riseOf(way.curve, w, way.higher);
    // Between two nodes of the steepness lie the paints of neither; most of their spread is that of the nodes already.
    const between = ((heightAt(way.steeper, w) - height) / nudge) * spacing;
    means.push(lnThinner + height);
    variances.push(slope * slope * way.aVar + (between * between) / 40 + extra);
    weights.push(way.weight);
  }
  return { means, variances, weights };
}

/**
 * Mean of a prediction.
 *
 * Source: mixture of normals
 */
export const meanOf = ({ means, weights }: Prediction): number =>
  means.reduce((sum, mean, i) => sum + mean * (weights[i] as number), 0);

/**
 * Standard deviation of the whole mixture.
 *
 * Source: mixture of normals
 */
export function spreadOf(prediction: Prediction): number {
  const centre = meanOf(prediction);
  const { means, variances, weights } = prediction;
  return Math.sqrt(
    means.reduce(
      (sum, mean, i) => sum + (weights[i] as number) * ((mean - centre) ** 2 + (variances[i] as number)),
      0,
    ),
  );
}

/**
 * Chance that ln ν lies below x.
 *
 * @param extra variance to add to what was foretold
 * Source: mixture of normals
 */
export function chanceBelow({ means, variances, weights }: Prediction, x: number, extra = 0): number {
  let sum = 0;
  for (let i = 0; i < means.length; i += 1)
    sum +=
      (weights[i] as number) *
      normalCdf((x - (means[i] as number)) / Math.sqrt(Math.max((variances[i] as number) + extra, 1e-18)));
  return sum;
}

/** How dense the prediction lies at x: the slope of {@link chanceBelow}. */
function densityAt({ means, variances, weights }: Prediction, x: number): number {
  let sum = 0;
  for (let i = 0; i < means.length; i += 1) {
    const variance = Math.max(variances[i] as number, 1e-18);
    const off = x - (means[i] as number);
    sum += ((weights[i] as number) * Math.exp((-off * off) / (2 * variance))) / Math.sqrt(variance);
  }
  return sum / Math.sqrt(2 * Math.PI);
}

/**
 * The value of ln ν below which a share p of the prediction lies.
 *
 * Source: mixture of normals
 */
export function quantileOf(prediction: Prediction, p: number): number {
  const spread = spreadOf(prediction);
  let x = meanOf(prediction) + spread * normalQuantile(p);
  let [low, high] = [x - spread, x + spread];
  while (chanceBelow(prediction, low) > p) low -= spread;
  while (chanceBelow(prediction, high) < p) high += spread;
  // Newton’s step where it stays between the ends, the middle where it does not.
  for (let i = 0; i < 40 && high - low > 1e-7; i += 1) {
    const off = chanceBelow(prediction, x) - p;
    if (Math.abs(off) < 1e-9) break;
    if (off < 0) low = x;
    else high = x;
    const next = x - off / densityAt(prediction, x);
    const step = Math.abs(next - x);
    x = next > low && next < high ? next : (low + high) / 2;
    if (step < 1e-8) break;
  }
  return x;
}
