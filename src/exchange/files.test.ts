import fc from 'fast-check';
import { PDFDocument, StandardFonts, type PDFFont } from 'pdf-lib';
import { fileName } from './filename';
import { fitted, printable } from './pdftext';

describe('the name of a file', () => {
  it('is the thing, the day and the kind', () => {
    expect(fileName('Saloon doors, car 6', '2026-11-23', 'csv')).toBe('saloon-doors-car-6-2026-11-23.csv');
    expect(fileName('Räder & Türen', '2026-11-23', 'fluorite.json')).toBe(
      'rader-turen-2026-11-23.fluorite.json',
    );
  });

  it('is taken by every system, whatever the thing is called, and never leads out of its folder', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 300 }), (name) => {
        const file = fileName(name, '2026-11-23', 'pdf');
        expect(file).toMatch(/^[a-z0-9]+(-[a-z0-9]+)*-2026-11-23\.pdf$/);
        expect(file).not.toMatch(/[/\\:*?"<>|\s]|\.\./);
        expect(file.length).toBeLessThan(80);
      }),
    );
    expect(fileName('../../etc/passwd', '2026-11-23', 'pdf')).toBe('etcpasswd-2026-11-23.pdf');
    expect(fileName('Двери', '2026-11-23', 'pdf')).toBe('shop-2026-11-23.pdf');
  });
});

describe('text of a printed page', () => {
  let font: PDFFont;
  beforeAll(async () => {
    font = await (await PDFDocument.create()).embedFont(StandardFonts.Helvetica);
  });

  it('keeps what the font knows, drops an accent it lacks, and marks what it cannot write', () => {
    expect(printable('12 µm × 3, “fine”', font)).toBe('12 µm × 3, “fine”');
    expect(printable('Dvořák ḍ', font)).toBe('Dvorák d'.replace('r', printable('ř', font)));
    expect(printable('Дверь 日本', font)).toBe('????? ??');
  });

  it('can always be drawn: nothing typed stops a report from being written', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 60 }), (text) => {
        expect(font.widthOfTextAtSize(printable(text, font), 10)).toBeGreaterThanOrEqual(0);
      }),
    );
  });

  it('is cut to the width there is, and says that it was', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 80 }), fc.integer({ min: 20, max: 300 }), (typed, width) => {
        const text = printable(typed, font);
        const shown = fitted(text, font, 10, width);
        if (shown !== text) expect(shown.endsWith('…')).toBe(true);
        expect(font.widthOfTextAtSize(shown, 10)).toBeLessThanOrEqual(Math.max(width, 22));
      }),
    );
    expect(fitted('short', font, 10, 300)).toBe('short');
  });
});
