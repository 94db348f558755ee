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

  it('are not one more than it takes, whatever the need is divided by', () => {
    for (let need = 1; need <= 40; need += 1)
      expect(bought(need * litre, [{ volume: litre, price: 9 }], 'cheapest')).toMatchObject({
        packs: [{ count: need }],
        price: 9 * need,
        left: expect.closeTo(0, 12),
      });
    // Divided into steps, a can counts for a little less than it holds: the one too many is put back.
    const near = [
      { volume: litre, price: 10 },
      { volume: 0.9463 * litre, price: 50 },
    ];
    expect(bought(7 * litre, near, 'cheapest')).toMatchObject({ packs: [{ count: 7 }], price: 70 });
    expect(bought(7.5 * litre, near, 'cheapest')).toMatchObject({ packs: [{ count: 8 }], price: 80 });
    // Sizes with no measure in common, and a need of thousands of the smallest.
    const odd = [0.9463, 1, 3.7854, 0.0137].map((each) => ({ volume: each * litre, price: each }));
    const { packs, volume } = bought(60.01 * litre, odd, 'least-left');
    expect(volume / litre).toBeGreaterThanOrEqual(60.01);
    for (const { pack } of packs) expect((volume - pack.volume) / litre).toBeLessThan(60.01);
  });

  it('a hair more than whole packs is one pack more; what is lost in reckoning is not', () => {
    expect(counts(5.0001, 'least-left')).toEqual([
      [1, 1],
      [5, 1],
    ]);
    expect(counts(5 + 1e-12, 'least-left')).toEqual([[5, 1]]);
  });

  it('of as much for as much are the fewer', () => {
    expect(counts(5, 'least-left')).toEqual([[5, 1]]);
    const even = [
      { volume: 5 * litre, price: 100 },
      { volume: 1 * litre, price: 20 },
    ];
    expect(bought(5 * litre, even, 'cheapest').packs).toEqual([{ pack: even[0], count: 1 }]);
    expect(bought(5 * litre, even.toReversed(), 'cheapest').packs).toEqual([{ pack: even[0], count: 1 }]);
    expect(bought(5 * litre, even.toReversed(), 'least-left').packs).toEqual([{ pack: even[0], count: 1 }]);
  });

  it('are the cheapest of all there are, and leave the least of all there are', () => {
    const three = [1, 2, 5].map((each) => each * litre);
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.tuple(...three.map(() => fc.integer({ min: 1, max: 60 }))),
        (need, prices) => {
          const packs = three.map((volume, i) => ({ volume, price: prices[i]! }));
          let [cheapest, least] = [Infinity, Infinity];
          for (let a = 0; a <= 12; a += 1)
            for (let b = 0; b <= 6; b += 1)
              for (let c = 0; c <= 3; c += 1) {
                const holds = a + 2 * b + 5 * c;
                if (holds < need) continue;
                cheapest = Math.min(cheapest, a * prices[0]! + b * prices[1]! + c * prices[2]!);
                least = Math.min(least, holds - need);
              }
          expect(bought(need * litre, packs, 'cheapest').price).toBe(cheapest);
          expect(bought(need * litre, packs, 'least-left').left / litre).toBeCloseTo(least, 9);
        },
      ),
    );
  });

  it('one without a price is not taken for free, and its sum is not told', () => {
    const half = [{ volume: litre }, { volume: 5 * litre, price: 1 }];
    expect(bought(2 * litre, half, 'cheapest')).toMatchObject({ packs: [{ count: 2 }] });
    expect(bought(2 * litre, half, 'cheapest').price).toBeUndefined();
  });

  it('are counted by what they hold where nobody priced them', () => {
    const bare = sizes.map(({ volume }) => ({ volume }));
    expect(bought(4 * litre, bare, 'cheapest').price).toBeUndefined();
    expect(bought(4 * litre, bare, 'cheapest').left).toBeCloseTo(0, 12);
  });

  it('are refused where there are none, or none that counts', () => {
    expect(packsFor(1, [], 'cheapest')).toMatchObject({ refused: 'packs', min: 1, max: 12 });
    const so = (many: number) => Array.from({ length: many }, (_, i) => ({ volume: (i + 1) * litre }));
    expect(isRefusal(packsFor(litre, so(12), 'cheapest'))).toBe(false);
    expect(packsFor(litre, so(13), 'cheapest')).toMatchObject({ refused: 'packs' });
    expect(packsFor(litre, [{ volume: litre }, { volume: -litre }], 'cheapest')).toMatchObject({
      refused: 'pack',
      min: 0,
    });
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
