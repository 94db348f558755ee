import { refuse, type Outcome } from '../refusal';

/** A card sprayed from a distance, m, and how it scored, 0–1. */
export interface DistanceCard {
  readonly distance: number;
  readonly score: number;
}

export type DistanceStep =
  /** Spray the next card from here. */
  | { readonly kind: 'spray'; readonly at: number; readonly nth: number }
  /** The best is between the cards, or at an end of what may be tried. */
  | { readonly kind: 'best'; readonly at: number; readonly edge?: 'near' | 'far' };

/** Cards from so near a distance, as a share, count as from the same. */
const same = 0.04;

/**
 * A working distance by three cards: one from the middle of what may be tried, one from its near end, one from its far end;
 * then the top of the parabola through their scores, which is what three points can tell.
 *
 * @param cards in the order they were sprayed: of one distance the last counts
 * @param range m from which distance to which is tried
 * @returns refuses a range that is none
 * @example scores 0.6, 0.9 and 0.6 from 0.15, 0.2 and 0.25 m: the best is 0.2 m; with 0.8 at the near end 0.188 m
 * Source: parabola through three scores
 * @example distanceStep([], { min: 0.15, max: 0.19 }) → { kind: 'spray', at: 0.17, nth: 1 }
 */
export function distanceStep(
  cards: readonly DistanceCard[],
  { min, max }: { readonly min: number; readonly max: number },
): Outcome<DistanceStep> {
  if (!(min > 0 && max > min))
    return refuse('no-range', 'Three distances need a nearest and a farthest one, the farthest larger.');
  const half = (min + max) / 2;
  const wanted = [half, min, max];
  const scored = wanted.map((at) => cards.findLast(({ distance }) => Math.abs(distance / at - 1) <= same));
  const next = scored.findIndex((each) => !each);
  if (next >= 0) return { kind: 'spray', at: wanted[next] ?? min, nth: next + 1 };
  const [middle = 0, near = 0, far = 0] = scored.map((each) => each?.score);
  const [step, bend] = [(max - min) / 2, near - 2 * middle + far];
  // Bent upward, or straight, three cards have their best at one of them.
  const top = bend < 0 ? half + (step * (near - far)) / (2 * bend) : near >= far ? min : max;
  if (bend >= 0 && middle >= near && middle >= far) return { kind: 'best', at: half };
  if (top <= min) return { kind: 'best', at: min, edge: 'near' };
  if (top >= max) return { kind: 'best', at: max, edge: 'far' };
  return { kind: 'best', at: top };
}
