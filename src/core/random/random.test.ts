import fc from 'fast-check';
import { gaussian, seeded, seedFrom } from '.';

describe('seeded randomness', () => {
  it('repeats for the same seed and differs for another', () => {
    const draw = (seed: number) => Array.from({ length: 8 }, seeded(seed));
    fc.assert(
      fc.property(fc.integer(), (seed) => {
        expect(draw(seed)).toEqual(draw(seed));
        expect(draw(seed)).not.toEqual(draw(seed + 1));
        for (const value of draw(seed)) expect(value >= 0 && value < 1).toBe(true);
      }),
    );
  });

  it('is even over its range, and normal where asked', () => {
    const random = seeded(11);
    const counts = new Array<number>(10).fill(0);
    for (let i = 0; i < 20_000; i += 1) counts[Math.floor(random() * 10)]! += 1;
    for (const count of counts) expect(Math.abs(count - 2000)).toBeLessThan(200);
    const normals = Array.from({ length: 20_000 }, () => gaussian(random));
    const mean = normals.reduce((sum, each) => sum + each, 0) / normals.length;
    const variance = normals.reduce((sum, each) => sum + (each - mean) ** 2, 0) / normals.length;
    expect(mean).toBeCloseTo(0, 1);
    expect(variance).toBeCloseTo(1, 1);
    expect(normals.filter((each) => Math.abs(each) < 1.96).length / normals.length).toBeCloseTo(0.95, 1);
  });

  it('makes different seeds of different texts', () => {
    const seeds = new Set(['a', 'b', 'ab', 'ba', 'saloon', 'saloon doors', ''].map(seedFrom));
    expect(seeds.size).toBe(7);
  });
});
