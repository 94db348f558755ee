import fc from 'fast-check';
import { isRefusal } from '@/core/refusal';
import {
  guessMapping,
  mostRows,
  numberOf,
  previewReadings,
  readGaugeTable,
  type GaugeMapping,
} from './readingscsv';
import { sure } from '../../tests/fixtures/gun';

const faces = [
  { id: 'f', name: 'Front' },
  { id: 'b', name: 'Back' },
];
const expected = { min: 40e-6, max: 60e-6 };
const preview = (text: string, part: Partial<GaugeMapping> = {}) => {
  const table = sure(readGaugeTable(text));
  return previewReadings(table, { ...guessMapping(table), ...part }, faces, expected, 3, 60);
};

describe('a gauge’s table', () => {
  it('is read with commas, with semicolons and decimal commas, and with tabs', () => {
    for (const text of [
      'Face,Spot,Thickness µm\nFront,1,48.5\nBack,2,51',
      'Face;Spot;Thickness µm\nFront;1;48,5\nBack;2;51',
      'Face\tSpot\tThickness µm\nFront\t1\t48.5\nBack\t2\t51\n',
    ])
      expect(
        preview(text).readings.map(({ faceId, spot, film }) => [faceId, spot, Math.round(film * 1e7) / 10]),
      ).toEqual([
        ['f', 0, 48.5],
        ['b', 1, 51],
      ]);
  });

  it('without a head, or with one column, fills spots in threes', () => {
    const { readings, duplicates } = preview('48\n49\n50\n51\n48');
    expect(readings.map(({ spot }) => spot)).toEqual([0, 0, 0, 1, 1]);
    // Alike numbers in a table of nothing else are readings, not copies.
    expect(duplicates).toBe(0);
  });

  it('asks about a unit that puts the film far off, and only then', () => {
    expect(preview('DFT [mil]\n48\n50\n47').meant).toBe('µm');
    expect(preview('DFT [µm]\n1.9\n2.1\n2.0').meant).toBe('mil');
    expect(preview('DFT [µm]\n48\n50\n47').meant).toBeUndefined();
    expect(preview('DFT [µm]\n900\n910\n905').meant).toBeUndefined();
    expect(preview('DFT [mil]\n2\n2.1\n1.9').readings[0]!.film).toBeCloseTo(50.8e-6, 9);
  });

  it('says row by row what is wrong and keeps the rest', () => {
    const { readings, problems, duplicates } = preview(
      'No,Face,Spot,Film\n1,Front,1,48\n1,Front,1,48\n2,Side,1,50\n3,Front,99,50\n4,Front,2,abc\n5,Front,2,-4\n6,Front,S3,50',
    );
    expect(readings.map(({ row }) => row)).toEqual([2, 3, 8]);
    expect(readings[2]!.spot).toBe(2);
    expect(duplicates).toBe(1);
    expect(problems.map(({ row }) => row)).toEqual([4, 5, 6, 7]);
    expect(problems[1]!.says).toContain('Spot 99 is not on the part');
  });

  it('refuses what is no table, and one too long', () => {
    expect(readGaugeTable('')).toMatchObject({ refused: 'empty' });
    expect(readGaugeTable('Film\n')).toMatchObject({ refused: 'empty' });
    expect(readGaugeTable('PNG\u0000\u0001')).toMatchObject({ refused: 'foreign' });
    expect(readGaugeTable(`Film\n${'48\n'.repeat(mostRows + 1)}`)).toMatchObject({ refused: 'too-many' });
    expect(readGaugeTable('Film;Note\n48;"open\n49;x')).toMatchObject({ refused: 'damaged' });
    expect(preview(`Film\n${'48\n'.repeat(170)}`).readings).toHaveLength(170);
  });

  it('never throws, whatever the text', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 200 }), (text) => {
        const table = readGaugeTable(text);
        if (!isRefusal(table)) previewReadings(table, guessMapping(table), faces, expected, 3, 60);
      }),
    );
    expect(['1.234,5', '1,234.5', '48 µm', '4,5', 'x', '1e5'].map(numberOf)).toEqual([
      1234.5,
      1234.5,
      48,
      4.5,
      undefined,
      undefined,
    ]);
  });
});
