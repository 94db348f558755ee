import type { JobDraft } from '@/facts/newjob/draft';
import { statedFaces } from './draftarea';

/** Pieces of one size drawn one by one; more are said as a number. */
const drawnAtMost = 6;
/** Room for that number, beside the last of them. */
const numberWide = 44;
const gap = 8;

export interface DrawnPiece {
  readonly key: string;
  readonly x: number;
  readonly wide: number;
  readonly tall: number;
  readonly both: boolean;
  /** How many more of it there are than are drawn. */
  readonly more: number;
}

/**
 * The sizes beside each other, to one scale.
 *
 * @param high how high the tallest is drawn
 * @returns what to draw, and how wide it all is
 */
export function drawnPieces(
  faces: JobDraft['faces'],
  high: number,
): { readonly pieces: readonly DrawnPiece[]; readonly wide: number } {
  const stated = statedFaces(faces);
  const scale = high / Math.max(...stated.map(({ width, height }) => Math.max(height, width / 4)));
  const pieces: DrawnPiece[] = [];
  let wide = 0;
  for (const [i, { width, height, count, both }] of stated.entries()) {
    const shown = Math.min(count, drawnAtMost);
    for (let n = 0; n < shown; n += 1) {
      const more = n === shown - 1 ? count - shown : 0;
      const piece = { key: `${i}-${n}`, x: wide, wide: Math.max(width * scale, 2), tall: Math.max(height * scale, 2), both, more }; // prettier-ignore
      pieces.push(piece);
      wide += piece.wide + gap + (more > 0 ? numberWide : 0);
    }
  }
  return { pieces, wide };
}
