import type { Cell } from './paper';

/** What stands side by side. */
interface Side {
  readonly cells: readonly Cell[];
}

/**
 * A band of rows that running text in two columns fills, cut in two; everything else as it stands.
 *
 * Source: the words of product sheets
 * @example inColumns([{ y: 700, height: 9, cells: [{ text: 'Density', from: 40, to: 95.75 }, { text: '1.2 kg/l', from: 100.75, to: 161.5 }] }]) → [[{ y: 700, height: 9, cells: [{ text: 'Density', from: 40, to: 95.75 }, { text: '1.2 kg/l', from: 100.75, to: 161.5 }] }]]
 */
export function inColumns<Row extends Side>(rows: readonly Row[]): Row[][] {
  const parts: Row[][] = [];
  let [left, right] = [Infinity, -Infinity];
  for (const { cells } of rows)
    for (const cell of cells) [left, right] = [Math.min(left, cell.from), Math.max(right, cell.to)];
  let from = 0;
  while (from < rows.length) {
    const band = bandFrom(rows, from, left, right);
    if (!band) {
      const last = parts.at(-1);
      const row = rows[from];
      if (row) {
        if (last && !cut.has(last)) last.push(row);
        else parts.push([row]);
      }
      from += 1;
      continue;
    }
    for (const side of [0, 1]) {
      const column = rows.slice(from, band.to).flatMap((row) => {
        const cells = row.cells.filter((cell) =>
          side === 0 ? cell.to <= band.gutter + 2 : cell.from >= band.gutter - 2,
        );
        return cells.length > 0 ? [{ ...row, cells }] : [];
      });
      // A side may hold columns of its own.
      for (const own of inColumns(column)) {
        cut.add(own);
        parts.push(own);
      }
    }
    from = band.to;
  }
  return parts;
}

/** Columns that stand by themselves: nothing is added to them. */
const cut = new WeakSet<readonly Side[]>();

const fewestRows = 5;
/** No page has more. */
const mostRows = 160;

/** The longest band of rows from here that a gutter parts into two columns that know nothing of each other. */
function bandFrom(
  rows: readonly Side[],
  from: number,
  left: number,
  right: number,
): { to: number; gutter: number } | undefined {
  const edges = [
    ...new Set(
      rows.slice(from, from + 40).flatMap(({ cells }) => cells.slice(0).map((cell) => Math.round(cell.from))),
    ),
  ];
  let best: { to: number; gutter: number; rows: number } | undefined;
  for (const gutter of edges.filter(
    (x) => x > left + 0.32 * (right - left) && x < left + 0.7 * (right - left),
  )) {
    let to = from;
    while (to < rows.length && to - from < mostRows && stands(rows[to]?.cells ?? [], gutter)) to += 1;
    if (to - from < fewestRows) continue;
    if (!apart(rows.slice(from, to), gutter)) continue;
    if (!best || to - from > best.rows) best = { to, gutter, rows: to - from };
  }
  return best;
}

/** Does nothing of a row cross the gutter, and what stands right of it begin there? */
function stands(cells: readonly Cell[], gutter: number): boolean {
  if (cells.some((cell) => cell.to > gutter + 1 && cell.from < gutter - 2)) return false;
  const right = cells.filter((cell) => cell.from >= gutter - 2);
  const [first] = right;
  // A bullet or an indented line may stand a little to the right.
  if (first === undefined || first.from - gutter < (right.length === 1 ? 30 : 9)) return true;
  // So may the end of a word that is wrapped in a cell.
  return right.length === 1 && first.text.length <= 8;
}

/** Do the two sides stand for themselves? Their lines are not level, or each side has labels and values of its own, or text. */
function apart(rows: readonly Side[], gutter: number): boolean {
  const sides = rows.map(({ cells }) => ({
    left: cells.filter((cell) => cell.to <= gutter + 1),
    right: cells.filter((cell) => cell.from >= gutter - 2),
  }));
  const both = sides.filter(({ left, right }) => left.length > 0 && right.length > 0);
  const rightOnly = sides.filter(({ left, right }) => left.length === 0 && right.length > 0);
  const leftOnly = sides.filter(({ left, right }) => left.length > 0 && right.length === 0);
  if (rightOnly.length + both.length < 4 || leftOnly.length + both.length < 4) return false;
  // The right side begins at one edge.
  const starts = sides
    .flatMap(({ right }) => right.slice(0, 1))
    .filter((cell) => Math.abs(cell.from - gutter) < 9);
  if (starts.length < 0.7 * (both.length + rightOnly.length)) return false;
  if (rightOnly.length >= 3 && leftOnly.length >= 3 && rightOnly.length + leftOnly.length > both.length)
    return true;
  const long = (cells: readonly Cell[]) => cells.some(({ text }) => text.length > 28);
  const prose = both.filter(({ left, right }) => long(left) && long(right)).length;
  if (prose >= 0.4 * both.length) return true;
  const labelled = (cells: readonly Cell[]) =>
    /^[A-Za-zÄÖÜäöüÉé][^\d]*$/.test(cells[0]?.text ?? '') && cells.length >= 2;
  const own = (cells: readonly Cell[]) => labelled(cells) || cells.some(({ text }) => /\S: \S/.test(text));
  const paired = both.filter(({ left, right }) => own(left) && own(right)).length;
  return paired > 0.6 * both.length;
}
