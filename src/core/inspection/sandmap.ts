/** A guide coat is read on a grid: so many columns and rows a face. */
export const guideGrid = { columns: 6, rows: 4 } as const;
export const guideCells = guideGrid.columns * guideGrid.rows;

/** What the guide coat showed after one sanding: cells sanded through, and cells where it still lies. */
export interface GuideRead {
  readonly highs: readonly number[];
  readonly lows: readonly number[];
}

export type SandNext =
  /** The guide is gone everywhere: it is level. */
  | 'level'
  /** Nothing is cut through and there is film to take: go on. */
  | 'sand'
  /** A high place is through: fill what is low. */
  | 'build'
  /** Another round would leave less than the least: build it up first. */
  | 'thin'
  /** Round after round without an end: another block, or more film. */
  | 'change-block';

export interface SandAdvice {
  readonly next: SandNext;
  readonly cycles: number;
  /** Shares of the face. */
  readonly low: number;
  readonly high: number;
  /** m of film left above the least after one more round, where the film is known. */
  readonly left?: number;
}

/** Rounds after which more of the same is not the way. A default. */
export const mostCycles = 3;

/**
 * What to do after a round with a guide coat. High places are never dug: where one is through, or another round would leave
 * less than the least, the low ones are built up instead.
 *
 * @param reads of one face, the oldest first
 * @param film m there is above what must stay, and m a round takes; left out where nobody knows
 * Source: conservation: what may come off before it is cut through
 * @example sandAdvice([{ highs: [0], lows: [7] }]) → { cycles: 1, low: 0.0416667, high: 0.0416667, next: 'build' }
 */
export function sandAdvice(
  reads: readonly GuideRead[],
  film?: { readonly spare: number; readonly takes: number },
): SandAdvice | undefined {
  const last = reads.at(-1);
  if (!last) return undefined;
  const inside = (cells: readonly number[]) =>
    new Set(cells.filter((cell) => Number.isInteger(cell) && cell >= 0 && cell < guideCells)).size /
    guideCells;
  const [low, high] = [inside(last.lows), inside(last.highs)];
  const before = reads.at(-2);
  const left = film && film.spare - film.takes;
  const said = { cycles: reads.length, low, high, ...(left === undefined ? {} : { left }) };
  if (high > 0) return { ...said, next: low > 0 ? 'build' : 'level' };
  if (low === 0) return { ...said, next: 'level' };
  if (left !== undefined && left < 0) return { ...said, next: 'thin' };
  // No less low than a round ago, or too many rounds: the block rides over it.
  const stuck = before !== undefined && inside(before.lows) <= low;
  return { ...said, next: stuck || reads.length >= mostCycles ? 'change-block' : 'sand' };
}
