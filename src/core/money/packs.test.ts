import fc from 'fast-check';
import { isRefusal } from '../refusal';
import { packsFor, type Pack } from '.';

const litre = 1e-3;
const sizes: readonly Pack[] = [
  { volume: 1 * litre, price: 30 },
  { volume: 5 * litre, price: 110 },
];
const bought = (...said: Parameters<typeof packsFor>) => {
  const found = packsFor(...said);
  if (isRefusal(found)) throw new Error(found.says);
  return found;
};
const counts = (need: number, aim: 'cheapest' | 'least-left') =>
  bought(need * litre, sizes, aim).packs.map(({ pack, count }) => [pack.volume / litre, count]);

describe('packs for a need', () => {
  it('cost least, or leave least', () => {
    expect(counts(4, 'cheapest')).toEqual([[5, 1]]);
    expect(counts(4, 'least-left')).toEqual([[1, 4]]);
    expect(counts(6, 'cheapest')).toEqual([
      [1, 1],
      [5, 1],
    ]);
    expect(bought(4 * litre, sizes, 'cheapest')).toMatchObject({
      price: 110,
      left: expect.closeTo(1e-3, 12),
    });
  });

  it('are counted by what they hold where nobody priced them', () => {
    const bare = sizes.map(({ volume }) => ({ volume }));
    expect(bought(4 * litre, bare, 'cheapest').price).toBeUndefined();
    expect(bought(4 * litre, bare, 'cheapest').left).toBeCloseTo(0, 12);
  });

  it('are refused where there are none, or none that counts', () => {
    expect(packsFor(1, [], 'cheapest')).toMatchObject({ refused: 'packs' });
    expect(isRefusal(packsFor(0, sizes, 'cheapest'))).toBe(true);
    expect(packsFor(1, [{ volume: 0 }], 'cheapest')).toMatchObject({ refused: 'pack' });
    expect(packsFor(1, [{ volume: 1e-6 }], 'cheapest')).toMatchObject({ refused: 'pack' });
  });

  it('always cover the need, and the cheapest is never dearer than the one that leaves least', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 80, noNaN: true }),
        fc.array(
          fc.record({
            volume: fc.constantFrom(0.25, 0.5, 0.75, 1, 2.5, 5, 10, 20).map((v) => v * litre),
            price: fc.double({ min: 1, max: 400, noNaN: true }),
          }),
          { minLength: 1, maxLength: 4 },
        ),
        (need, packs) => {
          const [cheap, least] = (['cheapest', 'least-left'] as const).map((aim) =>
            bought(need * litre, packs, aim),
          );
          for (const each of [cheap!, least!])
            expect(each.volume).toBeGreaterThanOrEqual(need * litre * (1 - 1e-9));
          expect(cheap!.price).toBeLessThanOrEqual(least!.price! + 1e-6);
          expect(least!.left).toBeLessThanOrEqual(cheap!.left + need * litre * 2e-3);
        },
      ),
    );
  });
});
