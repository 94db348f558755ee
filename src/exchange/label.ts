import QRCode from 'qrcode';
import type { Label } from '@/words/label';

/** A label is this wide, and this high where its hazards go into that; mm. */
export const labelSize = { width: 100, height: 62 };

/** mm: where the hazards begin, how far apart their lines are, what stays below them for the foot. */
const hazardsFrom = 47.5;
const hazardLine = 2.7;
const forFoot = 4.5;
/** mm a letter of the hazards takes at most on average, bold, and how wide their lines may be. */
const hazardLetter = 1.24;
const hazardWidth = 92;

/** What stands where on a label: nothing is cut off, a long text makes it higher. mm. */
export interface LabelLayout {
  readonly height: number;
  readonly title: { readonly size: number };
  readonly lines: readonly { readonly y: number; readonly size: number }[];
  readonly hazards: readonly { readonly text: string; readonly y: number }[];
  readonly foot: number;
}

/** The size at which a text goes into a width, mm; never larger than usual. */
const sizeFor = (text: string, usual: number, width: number): number =>
  Math.min(usual, width / (0.58 * Math.max(text.length, 1)));

/** Words in lines of at most so many letters; a word longer than a line is broken. */
function wrapped(text: string, most: number): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of text
    .split(/\s+/)
    .flatMap((each) => each.match(new RegExp(`.{1,${most}}`, 'gu')) ?? [])) {
    if (line !== '' && line.length + 1 + word.length > most) {
      lines.push(line);
      line = word;
    } else line = line === '' ? word : `${line} ${word}`;
  }
  return line === '' ? lines : [...lines, line];
}

/** Where everything of a label goes. */
export function labelLayout({ title, lines, hazards }: Label): LabelLayout {
  const most = Math.floor(hazardWidth / hazardLetter);
  const texts = hazards.flatMap((hazard) => wrapped(hazard, most));
  const height = Math.max(labelSize.height, hazardsFrom + texts.length * hazardLine + forFoot);
  return {
    height,
    title: { size: sizeFor(title, 5.2, 92) },
    lines: lines.map(({ value }, i) => ({ y: 13.5 + i * 4.2, size: sizeFor(value, 3.1, 45) })),
    hazards: texts.map((text, i) => ({ text, y: hazardsFrom + i * hazardLine })),
    foot: height - 1.6,
  };
}

/** The dark cells of the code, row by row. */
export function codeCells(text: string): boolean[][] {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'L' });
  return Array.from({ length: modules.size }, (_, row) =>
    Array.from({ length: modules.size }, (__, column) => modules.get(row, column) === 1),
  );
}
