import type { CardPattern } from './read';

/** Five plain questions about a card, for the eye. */
export const cardQuestions = [
  'Is the film even from end to end?',
  'Are the ends soft, without ridges?',
  'Are the drops fine and alike?',
  'Is it free of large drops?',
  'Is it wet, not dusty?',
] as const;

/**
 * Score of a card by eye: the share of the five that are answered yes.
 *
 * Source: trade practice: one lever up while a card scores better, one step back
 */
export const scoreByEye = (answers: readonly boolean[]): number =>
  answers.filter(Boolean).length / cardQuestions.length;

/**
 * Score of a card as read, 0–1: evenness, texture, large drops and ridges, each to about what the eye would call
 * good.
 *
 * Source: trade practice: one lever up while a card scores better, one step back
 */
export function scoreOf({
  flatness,
  speckle,
  spatter,
  tails,
  centre,
  bend,
}: Omit<CardPattern, 'found'> | CardPattern): number {
  const good = (off: number) => 1 / (1 + off * off);
  const parts = [
    good((1 - flatness) / 0.35),
    good(speckle / 0.0008),
    good(spatter / 0.25),
    good(Math.max(tails - 1.2, 0) / 0.5),
    good(centre / 0.06) * good(bend / 0.16),
  ];
  return parts.reduce((sum, each) => sum + each, 0) / parts.length;
}

export interface CardRung {
  /** Pa */
  readonly pressure: number;
  readonly score: number;
}

export type LadderStep =
  | { readonly kind: 'first' }
  /** The last rung improved the card: go up. */
  | { readonly kind: 'up'; readonly to: number }
  /** The last rung did not: the one before is best. */
  | { readonly kind: 'back'; readonly to: number; readonly gained: number }
  | { readonly kind: 'top'; readonly to: number };

/** A card must score this much more to count as better. */
const better = 0.02;

/**
 * A pressure ladder: equal steps up, stop at the first that does not improve the card, go back one.
 *
 * @param rungs in the order they were sprayed
 * @param step Pa
 * @param most Pa the gun or the sheet ends at
 * Source: trade practice: one lever up while a card scores better, one step back
 */
export function ladderStep(rungs: readonly CardRung[], step: number, most: number): LadderStep {
  const last = rungs.at(-1);
  if (!last) return { kind: 'first' };
  let best = rungs[0] as CardRung;
  for (const rung of rungs.slice(1)) {
    if (rung.score < best.score + better)
      return { kind: 'back', to: best.pressure, gained: best.score - (rungs[0] as CardRung).score };
    best = rung;
  }
  return last.pressure + step > most * (1 + 1e-9)
    ? { kind: 'top', to: last.pressure }
    : { kind: 'up', to: last.pressure + step };
}
