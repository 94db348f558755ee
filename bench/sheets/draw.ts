import { PDFDocument, StandardFonts, type PDFFont } from 'pdf-lib';

/** Letters that the standard fonts lack, as a printer would replace them. */
const replaced: readonly (readonly [RegExp, string])[] = [
  [/[\u2009\u202f]/g, ' '],
  [/[≤]/g, 'max. '],
  [/[≥]/g, 'min. '],
  [/[−]/g, '-'],
  [/[−∶]/g, ':'],
];

/**
 * A text sheet as a document: what stands side by side in the text stands side by side on the page, in letters of their
 * own widths.
 */
export async function drawn(text: string): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  const fonts = [
    await document.embedFont(StandardFonts.Helvetica),
    await document.embedFont(StandardFonts.HelveticaBold),
  ] as const;
  const size = 9;
  let page = document.addPage([640, 842]);
  let y = 800;
  for (const [i, line] of text.split('\n').entries()) {
    if (y < 50) {
      page = document.addPage([640, 842]);
      y = 800;
    }
    if (line.length > 105 && !/\S {2,}\S/.test(line.trim())) {
      // A paragraph is broken where the page ends.
      for (const part of line.trim().match(/.{1,105}(?:\s|$)/g) ?? []) {
        page.drawText(written(fonts[0], part.trim()), { x: 36, y, size, font: fonts[0] });
        y -= 13;
      }
      continue;
    }
    const title = i < 3 && line.trim() !== '' && line === line.toUpperCase();
    for (const match of line.matchAll(/\S+(?: \S+)*/g)) {
      const font: PDFFont = title ? fonts[1] : fonts[0];
      page.drawText(written(font, match[0]), {
        x: 36 + match.index * 5.4,
        y,
        size: title ? 13 : size,
        font,
      });
    }
    y -= 13;
  }
  return document.save();
}

function written(font: PDFFont, said: string): string {
  const text = replaced.reduce((sum, [pattern, by]) => sum.replace(pattern, by), said);
  const known = new Set(font.getCharacterSet());
  return [...text].filter((letter) => known.has(letter.codePointAt(0) ?? 0)).join('');
}
