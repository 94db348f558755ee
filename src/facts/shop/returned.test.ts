import fc from 'fast-check';
import { classSheet, type Can, type Coating } from '@/records';
import { lacquer } from '../../../tests/fixtures/job';
import { noReturn, returnEffects } from './returned';
import type { ShelfCan } from './shelf';

const onShelf = (litres: number, says: Partial<ShelfCan> = {}): ShelfCan => ({
  can: {
    kind: 'can',
    version: 1,
    id: `c${litres}`,
    coatingId: 'lacquer',
    componentId: 'base',
    lot: `L${litres}`,
    left: litres / 1000,
  } satisfies Can,
  left: litres / 1000,
  mass: litres,
  thinned: 0,
  thinners: [],
  expired: false,
  ...says,
});
const sheet: Coating = {
  ...lacquer,
  components: lacquer.components.map((part) => ({ ...part, density: 1000 })),
  thinning: { ...lacquer.thinning, maximum: 0.1, by: 'mass', of: 'mix' },
};
const water = { density: 1000 };

describe('what pouring back does to a can', () => {
  it('14 g of rinsings are 14 % of the cap of a litre, and 0.7 % of that of twenty', () => {
    const [one, twenty] = returnEffects(
      [onShelf(1), onShelf(20)],
      sheet,
      { mass: 0.014, thinner: 0.014 },
      water,
    );
    expect(one!.ofMost).toBeCloseTo(0.14, 9);
    expect(twenty!.ofMost).toBeCloseTo(0.007, 9);
    expect(one!.left).toBeCloseTo(1.014e-3, 9);
  });

  it('counts what came back before, and the paint that comes with it', () => {
    // 1000 g with 5 % thinner, and 200 g of mix with 20 g: 70 g thinner to 1130 g of paint.
    const [found] = returnEffects(
      [onShelf(1, { thinned: 0.05 })],
      sheet,
      { mass: 0.2, thinner: 0.02 },
      water,
    );
    expect(found!.share).toBeCloseTo(0.07 / 1.13, 9);
  });

  it('of a paint that takes no thinner, any is too much', () => {
    const none = { ...sheet, thinning: { ...sheet.thinning, maximum: 0 } };
    expect(returnEffects([onShelf(1)], none, { mass: 0.01, thinner: 0.01 }, water)[0]!.ofMost).toBe(Infinity);
    expect(returnEffects([onShelf(1)], none, { mass: 0.01, thinner: 0 }, water)[0]!.ofMost).toBe(0);
  });

  it('a larger can always bears it better', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 20, noNaN: true }),
        fc.double({ min: 1.01, max: 10, noNaN: true }),
        fc.double({ min: 0.001, max: 1, noNaN: true }),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        (litres, times, mass, part) => {
          const [small, large] = returnEffects(
            [onShelf(litres), onShelf(litres * times)],
            sheet,
            { mass, thinner: mass * part },
            water,
          );
          expect(large!.share).toBeLessThan(small!.share);
        },
      ),
    );
  });

  it('nothing of two parts goes back, and nothing that cures by damp', () => {
    expect(noReturn(lacquer)).toBeUndefined();
    expect(noReturn(classSheet('two-part-clear', 'a', 'A', '2026-01-01'))).toBe('two-part');
    expect(noReturn(classSheet('moisture-curing', 'a', 'A', '2026-01-01'))).toBe('moisture-curing');
  });
});
