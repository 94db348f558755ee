import { inColumns } from './columns';

/** A piece of text that stands by itself in its line: a table’s cell, or a whole line. */
export interface Cell {
  readonly text: string;
  /** Where it begins and ends across the page: points in a document, characters in a text. */
  readonly from: number;
  readonly to: number;
}

/** What stands side by side at one height of a page, from left to right. An empty line ends what stood before it. */
export interface Line {
  readonly cells: readonly Cell[];
  /** From one. */
  readonly page: number;
  /** Size of its letters against the usual ones, where that is known. */
  readonly size?: number;
}

/** A sheet as text in its layout. */
export interface Paper {
  readonly lines: readonly Line[];
  readonly pages: number;
}

/** A line of more letters is no line of a sheet: the rest of it is left out. */
const longestLine = 20_000;

const ruled = /^[\s|+\-=_:.*]*$/;

/**
 * Lays plain text out: cells are parted by bars, tabs, dots that lead the eye, or two and more spaces.
 *
 * Source: first principles.
 */
export function paperOfText(text: string): Paper {
  const lines: Line[] = [];
  let page = 1;
  for (const raw of text.split(/\r\n|[\n\r\u2028]/)) {
    for (const [i, part] of raw.slice(0, longestLine).split('\f').entries()) {
      if (i > 0) page += 1;
      // “SBV 78 % · VOC 190 g/l · one coat”: what dots part stands each for itself.
      for (const each of part.split(/\s+·\s+/)) {
        const line = cellsOf(each.replaceAll(/[\u00a0\u2007\u202f]/g, '\u00a0').replaceAll('\t', '    '));
        lines.push({ cells: line, page });
      }
    }
  }
  return {
    lines: inColumns(lines).flatMap((part) => [...part, { cells: [], page: part[0]?.page ?? 1 }]),
    pages: page,
  };
}

function cellsOf(line: string): Cell[] {
  if (ruled.test(line)) return [];
  const cells: Cell[] = [];
  const barred = /\S\s*\|\s*\S/.test(line) || /^\s*\|/.test(line);
  const parting = barred ? /\||\.{4,}|…{2,}/g : / {2,}\.{2,} *|\.{4,} ?|(?: \.){3,} ?|…{2,}| {2,}/g;
  let at = 0;
  const add = (end: number) => {
    const own = line.slice(at, end);
    const text = own.trim();
    if (text !== '') {
      const from = barred ? cells.length * 100 : at + own.indexOf(text);
      cells.push({ text: plain(text), from, to: barred ? from + 90 : from + text.length });
    }
  };
  for (const match of line.matchAll(parting)) {
    add(match.index);
    at = match.index + match[0].length;
  }
  add(line.length);
  return cells;
}

const plain = (text: string): string =>
  text
    .replaceAll(/^[#*•·▪‣–—-]+\s+/g, '')
    .replaceAll(/\*\*|__|`/g, '')
    .replaceAll(/(?<![\w*])\*(\S[^*]*?\S|\S)\*(?!\w)/g, '$1');
