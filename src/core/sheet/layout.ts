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
  /** Of its last line, where its cells are wrapped. */
  readonly low?: number;
  readonly height: number;
  readonly cells: readonly Cell[];
}

/** Gaps wider than this share of the letters’ size part two cells. */
const cellGap = 0.65;
/** Narrower ones part two words. */
const wordGap = 0.16;

/**
 * Puts the text of a document together in its layout: pieces to cells, cells to lines, columns of running text one after
 * the other. Rows of a table stay side by side.
 *
 * @param pages the pieces of each page
 *
 * Source: first principles.
 * @example paperOfPages([[{ text: 'Density .......... 1.2 kg/l', x: 40, y: 700, width: 121.5, height: 9 }]]) → { lines: [{ cells: [{ text: 'Density', from: 40, to: 95.75 }, { text: '1.2 kg/l', from: 100.75, to: 161.5 }], page: 1, size: 1 }, { cells: [], page: 1 }], pages: 1 }
 */
export function paperOfPages(pages: readonly (readonly Placed[])[]): Paper {
  const heights = pages
    .flat()
    .flatMap(({ height, text }) => (height > 0 ? Array<number>(Math.min(text.length, 80)).fill(height) : []));
  const usual = heights.toSorted((a, b) => a - b)[Math.floor(heights.length / 2)] ?? 10;
  const lines = pages.flatMap((placed, page) => {
    const rows = rowsOf(placed);
    return inColumns(rows)
      .map(unwrapped)
      .flatMap((column): Line[] => [
        ...column.flatMap((row, i): Line[] => {
          const before = column[i - 1];
          // More than a line and a half of nothing ends what stood above.
          const gap = before && (before.low ?? before.y) - row.y > 1.9 * Math.max(row.height, before.height);
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

/** Lines nearer than their letters are high belong to one row of a table whose cells are wrapped. */
const nearest = 0.8;
/** A longer run of such lines is text in columns that are not level. */
const mostWrapped = 4;

/** Rows of tables whose cells are wrapped: what stands over each other in one column is read down, then on to the next. */
function unwrapped(rows: readonly Row[]): Row[] {
  const out: Row[] = [];
  for (let i = 0; i < rows.length;) {
    let to = i + 1;
    while (
      to < rows.length &&
      (rows[to - 1]?.y ?? 0) - (rows[to]?.y ?? 0) < nearest * (rows[to]?.height ?? 0)
    )
      to += 1;
    const run = rows.slice(i, to);
    const [first] = run;
    const cells = run.length > 1 && run.length <= mostWrapped ? stacked(run) : [];
    // One column alone is lines that stand close.
    if (first && cells.length > 1) out.push({ ...first, low: run.at(-1)?.y ?? first.y, cells });
    else out.push(...run);
    i = to;
  }
  return out;
}

/** Cells that stand over each other become one, from the top down. */
function stacked(run: readonly Row[]): Cell[] {
  const stacks: Cell[] = [];
  for (const cell of run.flatMap(({ cells }) => cells)) {
    const at = stacks.findIndex((each) => cell.from < each.to && each.from < cell.to);
    const above = stacks[at];
    if (!above) stacks.push(cell);
    else
      stacks[at] = {
        text: `${above.text} ${cell.text}`,
        from: Math.min(above.from, cell.from),
        to: Math.max(above.to, cell.to),
      };
  }
  return stacks.toSorted((a, b) => a.from - b.from);
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
