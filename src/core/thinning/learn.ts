import type { Belief } from './belief';

/** What one earlier batch of the same coating and thinner taught: its belief at the end. */
export type Lesson = Pick<Belief, 'mean' | 'cov'>;

/** How far batches of one coating differ among themselves: ln ν₀ and G. Defaults, until there are enough. */
const usualBetween = [0.12, 0.7] as const;
/** Batches from which their own scatter counts half. */
const halfAt = 4;

/**
 * A starting belief from earlier batches, drawn toward the class default when they are few.
 *
 * Each parameter by itself: earlier ends are weighed by their own error and by how far batches differ, and the
 * next batch is expected to differ by as much again.
 *
 * @param fallback the belief there would be without them
 * Source: normal hierarchical model with a shrunk between-batch variance.
 */
export function beliefFrom(lessons: readonly Lesson[], fallback: Belief): Belief {
  if (lessons.length === 0) return fallback;
  const learnt = [0, 1].map((i) => {
    const values = lessons.map(({ mean }) => mean[i] as number);
    const errors = lessons.map(({ cov }) => (i === 0 ? cov[0] : cov[2]));
    const between = betweenVariance(values, errors, usualBetween[i] as number);
    const prior = i === 0 ? fallback.cov[0] : fallback.cov[2];
    let weight = 1 / prior;
    let sum = (fallback.mean[i] as number) / prior;
    values.forEach((value, at) => {
      const own = 1 / (between + (errors[at] as number));
      weight += own;
      sum += own * value;
    });
    return { mean: sum / weight, variance: 1 / weight + between };
  });
  const [a, G] = learnt as [{ mean: number; variance: number }, { mean: number; variance: number }];
  return {
    lnThinner: fallback.lnThinner,
    mean: [a.mean, G.mean],
    // Never surer than nothing was learnt, never less sure than the fallback.
    cov: [Math.min(a.variance, fallback.cov[0]), 0, Math.min(G.variance, fallback.cov[2])],
  };
}

function betweenVariance(values: readonly number[], errors: readonly number[], usual: number): number {
  const n = values.length;
  const mean = values.reduce((sum, each) => sum + each, 0) / n;
  const scatter = n > 1 ? values.reduce((sum, each) => sum + (each - mean) ** 2, 0) / (n - 1) : 0;
  const error = errors.reduce((sum, each) => sum + each, 0) / n;
  const own = Math.max(scatter - error, 0);
  const trust = (n - 1) / (n - 1 + halfAt);
  return trust * own + (1 - trust) * usual ** 2;
}
