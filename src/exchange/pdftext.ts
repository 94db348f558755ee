import type { PDFFont } from 'pdf-lib';

/** The fonts every reader has know Latin letters only; what they lack is written without its accent, else as ?. */
export function printable(text: string, font: PDFFont): string {
  const known = new Set(font.getCharacterSet());
  return [...text]
    .map((each) => {
      if (known.has(each.codePointAt(0) ?? 0)) return each;
      const bare = each.normalize('NFKD')[0] ?? '?';
      return known.has(bare.codePointAt(0) ?? 0) ? bare : '?';
    })
    .join('');
}

/** A text cut to a width, with an ellipsis where it was cut. */
export function fitted(text: string, font: PDFFont, size: number, width: number): string {
  if (font.widthOfTextAtSize(text, size) <= width) return text;
  let short = text;
  while (short.length > 1 && font.widthOfTextAtSize(`${short}…`, size) > width) short = short.slice(0, -1);
  return `${short}…`;
}

/** A text in lines of a width, broken between words. */
export function wrapped(text: string, font: PDFFont, size: number, width_: number): string[] {
  const lines: string[] = [];
  let held = '';
  for (const word of text.split(/\s+/)) {
    const next = held ? `${held} ${word}` : word;
    if (font.widthOfTextAtSize(next, size) <= width_ || !held) held = next;
    else {
      lines.push(held);
      held = word;
    }
  }
  return held ? [...lines, held] : lines;
}
