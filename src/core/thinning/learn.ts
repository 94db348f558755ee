import type { Belief, Start } from './belief';
import { blendLaws, type BlendLaw } from './laws';
import { posteriorOf } from './posterior';

/** What one earlier batch of the same coating and thinner taught: what is believed of it at the end. */
export type Lesson = Start;

/** How far batches of one coating differ among themselves: ln ν₀ and ln S. Defaults, until there are enough. */
const usualBetween = { a: 0.12, lnS: 0.1 } as const;
/** Batches from which their own scatter counts half. */
const halfAt = 4;
/** No law is forgotten: another batch may show it yet. */
const leastOfLaw = 0.03;

/**
 * What a belief has come to: ln ν₀, steepness and laws, each with what is left unknown of it.
 *
 * Source: normal hierarchical model
 */
export function lessonOf(belief: Belief): Lesson {
  const { ways, spacing } = posteriorOf(belief);
  const mean = (of: (way: (typeof ways)[number]) => number) =>
    ways.reduce((sum, way) => sum + way.weight * of(way), 0);
  const a = mean((way) => way.a);
  const lnS = mean((way) => way.lnS);
  return {
    a,
    aVar: mean((way) => way.aVar + (way.a - a) ** 2),
    lnS,
    lnSVar: mean((way) => (way.lnS - lnS) ** 2) + spacing ** 2 / 12,
    laws: Object.fromEntries(blendLaws.map((law) => [law, mean((way) => Number(way.law === law))])) as Record<
      BlendLaw,
      number
    >,
  };
}

/**
 * A starting belief from earlier batches, drawn toward the class default when they are few.
 *
 * Each parameter by itself: earlier ends are weighed by their own error and by how far batches differ, and the
 * next batch is expected to differ by as much again. Laws are as likely as the batches found them.
 *
 * @param fallback the belief there would be without them
 * Source: normal hierarchical model with a shrunk between-batch variance.
 */
export function beliefFrom(lessons: readonly Lesson[], fallback: Belief): Belief {
  if (lessons.length === 0) return fallback;
  const { start } = fallback;
  const a = learnt(
    lessons.map((lesson) => ({ value: lesson.a, error: lesson.aVar })),
    { mean: start.a, variance: start.aVar },
    usualBetween.a,
  );
  const lnS = learnt(
    lessons.map((lesson) => ({ value: lesson.lnS, error: lesson.lnSVar })),
    { mean: start.lnS, variance: start.lnSVar },
    usualBetween.lnS,
  );
  const laws = blendLaws.map((law) => {
    // As if one batch more had found what was believed before.
    const found = lessons.reduce((sum, lesson) => sum + lesson.laws[law], start.laws[law]);
    return [law, Math.max(found / (lessons.length + 1), leastOfLaw)] as const;
  });
  const sum = laws.reduce((total, [, share]) => total + share, 0);
  return {
    lnThinner: fallback.lnThinner,
    seen: [],
    start: {
      a: a.mean,
      // Never less sure than the fallback.
      aVar: Math.min(a.variance, start.aVar),
      lnS: lnS.mean,
      lnSVar: Math.min(lnS.variance, start.lnSVar),
      laws: Object.fromEntries(laws.map(([law, share]) => [law, share / sum])) as Record<BlendLaw, number>,
    },
  };
}

function learnt(
  found: readonly { readonly value: number; readonly error: number }[],
  prior: { readonly mean: number; readonly variance: number },
  usual: number,
): { readonly mean: number; readonly variance: number } {
  const between = betweenVariance(
    found.map(({ value }) => value),
    found.map(({ error }) => error),
    usual,
  );
  let weight = 1 / prior.variance;
  let sum = prior.mean / prior.variance;
  for (const { value, error } of found) {
    const own = 1 / (between + error);
    weight += own;
    sum += own * value;
  }
  return { mean: sum / weight, variance: 1 / weight + between };
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
