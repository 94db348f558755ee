import fc from 'fast-check';
import { blobsAbove } from './blobs';
import { paperUnder } from './paper';
import { brightness, smoothed, type Field } from './photo';

const field = (width: number, height: number, of: (x: number, y: number) => number): Field => ({
  width,
  height,
  at: Float32Array.from({ length: width * height }, (_, i) => of(i % width, Math.floor(i / width))),
});

describe('brightness', () => {
  it('weighs green most, and is the grey of a grey', () => {
    const data = Uint8ClampedArray.from([255, 0, 0, 255, 0, 255, 0, 255, 0, 0, 255, 255, 90, 90, 90, 255]);
    const { at } = brightness({ width: 4, height: 1, data });
    expect(at[1]!).toBeGreaterThan(at[0]!);
    expect(at[0]!).toBeGreaterThan(at[2]!);
    expect(at[3]).toBeCloseTo(90, 3);
  });
});

describe('smoothing', () => {
  it('leaves an even field even, to its very edge', () => {
    const even = smoothed(
      field(31, 17, () => 7),
      4,
    );
    expect(even.at.every((each) => Math.abs(each - 7) < 1e-4)).toBe(true);
  });

  it('is the mean of the square round a pixel', () => {
    const spike = smoothed(
      field(21, 21, (x, y) => (x === 10 && y === 10 ? 49 : 0)),
      3,
    );
    expect(spike.at[10 * 21 + 10]).toBeCloseTo(1, 4);
    expect(spike.at[10 * 21 + 13]).toBeCloseTo(1, 4);
    expect(spike.at[10 * 21 + 14]).toBeCloseTo(0, 4);
  });

  it('never leaves the range of what it smooths', () => {
    const values = fc.array(fc.integer({ min: 0, max: 255 }), { minLength: 48, maxLength: 48 });
    fc.assert(
      fc.property(values, fc.integer({ min: 1, max: 5 }), (all, r) => {
        const from = field(8, 6, (x, y) => all[y * 8 + x]!);
        const { at } = smoothed(from, r);
        expect(Math.min(...at)).toBeGreaterThanOrEqual(Math.min(...all) - 1e-3);
        expect(Math.max(...at)).toBeLessThanOrEqual(Math.max(...all) + 1e-3);
      }),
    );
  });
});

describe('the blank card', () => {
  it('is found under a pattern, with its light from one side', () => {
    const light = (x: number, y: number) => 210 + 0.1 * x - 0.05 * y;
    const card = field(200, 200, (x, y) =>
      (x - 100) ** 2 / 900 + (y - 100) ** 2 / 4900 < 1 ? light(x, y) * 0.4 : light(x, y),
    );
    const paper = paperUnder(card);
    for (const [x, y] of [
      [10, 10],
      [100, 100],
      [190, 20],
      [60, 180],
    ] as const)
      expect(Math.abs(paper.at[y * 200 + x]! / light(x, y) - 1)).toBeLessThan(0.02);
  });
});

describe('patches', () => {
  it('are joined over edges and not over corners, the largest first', () => {
    const dots = field(10, 10, (x, y) =>
      (x < 3 && y < 3) || (x === 3 && y === 3) || (x > 6 && y === 8) ? 1 : 0,
    );
    const blobs = blobsAbove(dots, 0.5);
    expect(blobs.map(({ area }) => area)).toEqual([9, 3, 1]);
    expect(blobs[0]).toEqual({ area: 9, x0: 0, x1: 2, y0: 0, y1: 2 });
    expect(blobsAbove(dots, 0.5, 4)).toHaveLength(1);
  });

  it('cover every pixel above the threshold once', () => {
    const values = fc.array(fc.boolean(), { minLength: 60, maxLength: 60 });
    fc.assert(
      fc.property(values, (all) => {
        const blobs = blobsAbove(
          field(10, 6, (x, y) => (all[y * 10 + x] ? 1 : 0)),
          0.5,
        );
        expect(blobs.reduce((sum, { area }) => sum + area, 0)).toBe(all.filter(Boolean).length);
      }),
    );
  });
});
