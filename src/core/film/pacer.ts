import type { HandGuide } from './handguide';

/** Where the gun should be at a moment of its strokes over a face. */
export interface PaceMoment {
  /** Which stroke, from 0. */
  readonly stroke: number;
  /** How far along it, 0–1, and which way: 1 away from where the first began. */
  readonly share: number;
  readonly way: 1 | -1;
  /** s until the gun turns round. */
  readonly turnIn: number;
  /** s until the last stroke ends; 0 once it has. */
  readonly left: number;
  /** s since the last stroke should have ended. */
  readonly over: number;
}

/**
 * The pace a hand follows: every stroke as long as the longest, to and fro, the turn taking no time of its own.
 *
 * @param elapsed s since the first stroke began; below zero it has not
 * Source: geometry
 */
export function paceAt(
  { strokes, stroke }: Pick<HandGuide, 'strokes' | 'stroke'>,
  elapsed: number,
): PaceMoment {
  const total = strokes.length * stroke;
  const gone = Math.min(Math.max(elapsed, 0), total);
  // What ends exactly with a stroke is still its end.
  const at = Math.min(Math.max(Math.ceil(gone / stroke) - 1, 0), strokes.length - 1);
  const share = Math.min(Math.max(gone / stroke - at, 0), 1);
  const [from, to] = [strokes[at]?.from[0] ?? 0, strokes[at]?.to[0] ?? 1];
  return {
    stroke: at,
    share,
    way: to < from ? -1 : 1,
    turnIn: (1 - share) * stroke,
    left: total - gone,
    over: Math.max(elapsed - total, 0),
  };
}
