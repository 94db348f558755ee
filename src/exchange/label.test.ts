import { PDFDocument } from 'pdf-lib';
import { labelData, type Label } from '@/words/label';
import { codeCells, labelLayout, labelSize } from './label';
import { labelPdf } from './labelpdf';

const data = labelData({
  batch: 'b1',
  sheet: 'Colour',
  revision: '3',
  mixed: '2026-11-23T12:00:00.000Z',
  poured: [{ part: 'Base', kg: 0.96 }],
  thinned: 0.05,
  lots: ['C4-1'],
});
const label: Label = {
  title: 'Livery green C4',
  lines: [{ label: 'Mixed', value: '12:00 by Łucja, “Wren” ▲ 漆' }],
  hazards: ['Isocyanates: air-fed protection as the safety sheet demands.'],
  foot: 'The safety data sheet decides.',
  data,
};

describe('a label', () => {
  it('carries the batch’s data, and reads back as it was', () => {
    expect(JSON.parse(data)).toMatchObject({ fluorite: 'batch', version: 1, batch: 'b1', thinned: 0.05 });
    expect(data).not.toContain('\n');
  });

  it('has a code with its three finders, large enough to be scanned', () => {
    const cells = codeCells(data);
    expect(cells.length).toBeGreaterThanOrEqual(21);
    for (const [y, x] of [
      [0, 0],
      [0, cells.length - 7],
      [cells.length - 7, 0],
    ] as const) {
      expect(cells[y]!.slice(x, x + 7).every(Boolean)).toBe(true);
      expect(cells[y + 1]!.slice(x + 1, x + 6).some(Boolean)).toBe(false);
    }
    // 30 mm of code: a cell of at least 0.45 mm.
    expect(30 / cells.length).toBeGreaterThan(0.45);
  });

  const isocyanate =
    'Contains isocyanates. Wear air-fed protection as the safety sheet demands; a cartridge mask is not the default. Also while it flashes.';

  it('cuts no warning off: every word of it stands there, and the label grows with them', () => {
    const long = { ...label, hazards: [isocyanate, isocyanate, isocyanate, isocyanate, isocyanate] };
    const layout = labelLayout(long);
    expect(layout.hazards.map(({ text }) => text).join(' ')).toBe(long.hazards.join(' '));
    expect(layout.height).toBeGreaterThan(labelSize.height);
    expect(layout.hazards.at(-1)!.y).toBeLessThan(layout.foot - 2);
    expect(labelLayout(label).height).toBe(labelSize.height);
    // Below the last line, above the foot.
    const last = labelLayout({ ...label, lines: Array.from({ length: 8 }, () => label.lines[0]!) });
    expect(last.lines.at(-1)!.y).toBeLessThan(last.hazards[0]!.y - 2);
  });

  it('writes a long name smaller instead of cutting it', () => {
    const { title, lines } = labelLayout({
      ...label,
      title: 'A two-part high-solids coating for outside doors and frames',
      lines: [{ label: 'For', value: 'Doors of the long corridor on the second floor' }],
    });
    expect(title.size).toBeLessThan(3);
    expect(lines[0]!.size).toBeLessThan(2);
    expect(labelLayout(label).title.size).toBe(5.2);
  });

  it('grows as a PDF too', async () => {
    const document = await PDFDocument.load(
      await labelPdf({ ...label, hazards: [isocyanate, isocyanate, isocyanate, isocyanate, isocyanate] }),
    );
    expect((document.getPages()[0]!.getHeight() / 72) * 25.4).toBeGreaterThan(labelSize.height + 2);
  });

  it('becomes a PDF of the label’s own size, whatever letters a name has', async () => {
    const document = await PDFDocument.load(await labelPdf(label));
    const [page] = document.getPages();
    expect(document.getPageCount()).toBe(1);
    expect((page!.getWidth() / 72) * 25.4).toBeCloseTo(labelSize.width, 1);
    expect((page!.getHeight() / 72) * 25.4).toBeCloseTo(labelSize.height, 1);
  });
});
