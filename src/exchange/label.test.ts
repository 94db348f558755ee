import { PDFDocument } from 'pdf-lib';
import { labelData, type Label } from '@/words/label';
import { codeCells, labelSize } from './label';
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

  it('becomes a PDF of the label’s own size, whatever letters a name has', async () => {
    const document = await PDFDocument.load(await labelPdf(label));
    const [page] = document.getPages();
    expect(document.getPageCount()).toBe(1);
    expect((page!.getWidth() / 72) * 25.4).toBeCloseTo(labelSize.width, 1);
    expect((page!.getHeight() / 72) * 25.4).toBeCloseTo(labelSize.height, 1);
  });
});
