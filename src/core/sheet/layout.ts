import { inColumns } from './columns';
import type { Cell, Line, Paper } from './paper';

/** A piece of text as a document places it, in points from the lower left corner of its page. */
export interface Placed {
  readonly text: string;
  readonly x: number;
  /** Of its base line. */
  readonly y: number;
  readonly width: number;
  /** Size of its letters. */
  readonly height: number;
}

interface Row {
  readonly y: number;
  readonly height: number;
  readonly cells: readonly Cell[];
}

/** Gaps wider than this share of the letters’ size part two cells. */
const cellGap = 0.85;
/** Narrower ones part two words. */
const wordGap = 0.16;

/**
 * Puts the text of a document together in its layout: pieces to cells, cells to lines, columns of running text one after
 * the other. Rows of a table stay side by side.
 *
 * @param pages the pieces of each page
 *
 * Source: first principles.
 */
export function paperOfPages(pages: readonly (readonly Placed[])[]): Paper {
  const heights = pages
    .flat()
    .flatMap(({ height, text }) => (height > 0 ? Array<number>(Math.min(text.length, 80)).fill(height) : []));
  const usual = heights.toSorted((a, b) => a - b)[Math.floor(heights.length / 2)] ?? 10;
  const lines = pages.flatMap((placed, page) => {
    const rows = rowsOf(placed);
    return inColumns(rows).flatMap((column): Line[] => [
      ...column.flatMap((row, i): Line[] => {
        const before = column[i - 1];
        // More than a line and a half of nothing ends what stood above.
        const gap = before && before.y - row.y > 1.9 * Math.max(row.height, before.height);
        const line: Line = { cells: row.cells, page: page + 1, size: row.height / usual };
        return gap ? [{ cells: [], page: page + 1 }, line] : [line];
      }),
      { cells: [], page: page + 1 },
    ]);
  });
  return { lines, pages: pages.length };
}

function rowsOf(placed: readonly Placed[]): Row[] {
  const written = placed.filter(({ text }) => text.trim() !== '');
  const rows: { y: number; height: number; pieces: Placed[] }[] = [];
  for (const piece of written.toSorted((a, b) => b.y - a.y || a.x - b.x)) {
    const row = rows.findLast(
      ({ y, height }) => Math.abs(y - piece.y) < 0.45 * Math.max(height, piece.height, 4),
    );
    if (row) {
      row.pieces.push(piece);
      row.height = Math.max(row.height, piece.height);
    } else rows.push({ y: piece.y, height: piece.height, pieces: [piece] });
  }
  return rows.map(({ y, height, pieces }) => ({
    y,
    height,
    cells: cellsOf(pieces.toSorted((a, b) => a.x - b.x)),
  }));
}

function cellsOf(pieces: readonly Placed[]): Cell[] {
  const cells: { text: string; from: number; to: number }[] = [];
  for (const { text, x, width, height } of pieces) {
    const last = cells.at(-1);
    const gap = last ? x - last.to : Infinity;
    if (last && gap < cellGap * height) {
      last.text += gap > wordGap * height && !/\s$/.test(last.text) && !/^\s/.test(text) ? ` ${text}` : text;
      last.to = Math.max(last.to, x + width);
    } else cells.push({ text, from: x, to: x + width });
  }
  return cells.flatMap(({ text, from, to }) =>
    dotted({ text: text.replaceAll(/\s+/g, ' ').trim(), from, to }),
  );
}

/** Dots that lead the eye part a label from what it says. */
function dotted(cell: Cell): Cell[] {
  const match = /^(.*?)\s*(?:\.{4,}|(?:\s\.){4,}|…{2,})\s*(.*)$/.exec(cell.text);
  if (!match) return cell.text === '' ? [] : [cell];
  const [, label = '', said = ''] = match;
  const middle = (cell.from + cell.to) / 2;
  return [
    ...(label === '' ? [] : [{ text: label, from: cell.from, to: middle - 5 }]),
    ...(said === '' ? [] : [{ text: said, from: middle, to: cell.to }]),
  ];
}
