import fc from 'fast-check';
import { transferFound } from '../film';
import {
  capability,
  correctedFilm,
  extraCoat,
  gaugeCorrection,
  histogram,
  judgeFilm,
  mendings,
  signOff,
} from '.';
import { sure } from '../../../tests/fixtures/gun';

describe('capability', () => {
  it('comes from the moving range, by hand: 50 52 49 51 53 in 40–60', () => {
    // Ranges 2 3 2 2: mean 2.25, spread 1.9947; mean 51; nearer limit 9 away.
    const found = sure(capability([50, 52, 49, 51, 53], { min: 40, max: 60 }));
    expect(found.spread).toBeCloseTo(1.9947, 4);
    expect(found.cp).toBeCloseTo(20 / (6 * 1.9947), 4);
    expect(found.cpk).toBeCloseTo(9 / (3 * 1.9947), 4);
    const half = 1.645 * Math.sqrt(1 / 45 + found.cpk ** 2 / 8);
    expect(found.low).toBeCloseTo(found.cpk - half, 9);
    expect(found.high).toBeCloseTo(found.cpk + half, 9);
  });

  it('is surer of more readings, and refuses what says nothing', () => {
    const some = [50, 52, 49, 51, 53];
    const few = sure(capability(some, { min: 40, max: 60 }));
    const many = sure(capability(Array.from({ length: 10 }, () => some).flat(), { min: 40, max: 60 }));
    expect(many.high - many.low).toBeLessThan(few.high - few.low);
    expect(capability([1, 2], { min: 0, max: 3 })).toMatchObject({ refused: 'few-readings' });
    expect(capability([5, 5, 5, 5, 5], { min: 0, max: 9 })).toMatchObject({ refused: 'no-spread' });
    expect(capability(some, { min: 60, max: 40 })).toMatchObject({ refused: 'limits' });
  });

  it('a histogram holds every reading once and spans the limits', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 1, max: 99, noNaN: true }), { minLength: 1, maxLength: 200 }),
        (values) => {
          const bins = histogram(values, { min: 40, max: 60 });
          expect(bins.reduce((sum, { count }) => sum + count, 0)).toBe(values.length);
          expect(bins[0]!.from).toBeLessThanOrEqual(40);
          expect(bins.at(-1)!.to).toBeGreaterThanOrEqual(60 - 1e-9);
        },
      ),
    );
    expect(histogram([], { min: 0, max: 1 })).toEqual([]);
  });

  it('signs off after so many parts in a row, and a failure begins the count anew', () => {
    expect(signOff(Array<boolean>(10).fill(true))).toEqual({ inRow: 10, wanted: 10, signed: true });
    expect(signOff([...Array<boolean>(12).fill(true), false, true])).toMatchObject({
      inRow: 1,
      signed: false,
    });
    expect(signOff([])).toMatchObject({ inRow: 0, signed: false });
  });
});

describe('a gauge', () => {
  it('is corrected by its zero and shim, and mended when it is a tenth off', () => {
    const found = sure(gaugeCorrection({ zero: 1e-6, shim: 50e-6, read: 53e-6 }));
    expect(found.scale).toBeCloseTo(50 / 52, 9);
    expect(found.off).toBeCloseTo(0.04, 9);
    expect(found.usable).toBe(true);
    expect(correctedFilm(53e-6, found)).toBeCloseTo(50e-6, 12);
    expect(correctedFilm(53e-6, found, 10e-6)).toBeCloseTo(40e-6, 12);
    expect(correctedFilm(5e-6, undefined, 10e-6)).toBe(0);
    expect(sure(gaugeCorrection({ zero: 0, shim: 50e-6, read: 60e-6 })).usable).toBe(false);
    expect(gaugeCorrection({ zero: 55e-6, shim: 50e-6, read: 53e-6 })).toMatchObject({ refused: 'shim' });
  });

  it('tells transfer from paint used: 50 µm on 4 m² from 1 L at 40 %', () => {
    expect(sure(transferFound(50e-6, 4, 1e-3, 0.4))).toBeCloseTo(0.5, 9);
    expect(transferFound(50e-6, 40, 1e-3, 0.4)).toMatchObject({ refused: 'transfer' });
  });
});

describe('putting film right', () => {
  const spec = { min: 40e-6, nominal: 50e-6, max: 60e-6 };
  it('says how much is missing or too much, and whether another coat everywhere would be too much', () => {
    const spots = [
      { id: 'a', mean: 30e-6, state: 'low' },
      { id: 'b', mean: 75e-6, state: 'high' },
      { id: 'c', mean: 50e-6, state: 'inside' },
    ] as const;
    const found = mendings(spots, spec);
    expect(found.map(({ id, kind }) => [id, kind])).toEqual([
      ['a', 'coat'],
      ['b', 'sand'],
    ]);
    expect(found[0]!.by).toBeCloseTo(20e-6, 12);
    expect(found[1]!.by).toBeCloseTo(15e-6, 12);
    expect(extraCoat(30e-6, 45e-6, 25e-6, spec)).toMatchObject({ coats: 1, onlyThere: true });
    expect(extraCoat(30e-6, 35e-6, 25e-6, spec)).toMatchObject({ coats: 1, onlyThere: false });
    expect(sure(extraCoat(55e-6, 58e-6, 25e-6, spec)).coats).toBe(0);
    expect(extraCoat(30e-6, 45e-6, 0, spec)).toMatchObject({ refused: 'not-positive' });
  });

  it('by own limits every reading counts', () => {
    const judged = (readings: number[]) => sure(judgeFilm([{ id: 'a', readings }], spec, 'own'));
    expect(judged([40e-6, 60e-6]).passes).toBe(true);
    expect(judged([39e-6, 60e-6]).conditions.find(({ holds }) => !holds)!.id).toBe('none-under');
    expect(judged([41e-6, 61e-6]).conditions.find(({ holds }) => !holds)!.id).toBe('none-over');
  });
});
