import fc from 'fast-check';
import { isRefusal, type Outcome } from '../refusal';
import { capAt, gunDropOf, inletFor, usualRated, type GunDrop } from './gundrop';

const bar = 1e5;
const litres = (freeAir: number) => freeAir * 60_000;
const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const usual = value(gunDropOf(usualRated));

describe('from the inlet to the cap', () => {
  it.each([
    [1.0, 0.29, 260],
    [1.5, 0.47, 332],
    [2.0, 0.7, 400],
    [2.5, 0.97, 467],
  ])(
    'rated 2.0 bar, 0.70 bar, 400 L/min: an inlet of %d has a cap of %d and takes %d L/min',
    (inlet, cap, air) => {
      const found = value(capAt(usual, inlet * bar));
      expect(Math.abs(found.cap / bar - cap)).toBeLessThan(0.006);
      expect(Math.abs(litres(found.air) - air)).toBeLessThan(1);
    },
  );

  it('a cap of 0.5 bar wants an inlet of 1.56', () =>
    expect(value(inletFor(usual, 0.5 * bar)).inlet / bar).toBeCloseTo(1.56, 2));

  it('a narrower fan shuts part of the cap: 30 % less at 2.0 bar gives 1.19', () => {
    const narrow: GunDrop = { ...usual, cap: usual.cap * 0.7 };
    expect(value(capAt(narrow, 2 * bar)).cap / bar).toBeCloseTo(1.19, 2);
  });

  it('there and back is the same, the cap lies between nothing and the inlet, and more gives more', () => {
    const rated = fc.record({
      inlet: fc.double({ min: 0.8 * bar, max: 4 * bar, noNaN: true }),
      share: fc.double({ min: 0.15, max: 0.9, noNaN: true }),
      air: fc.double({ min: 100 / 60_000, max: 700 / 60_000, noNaN: true }),
    });
    fc.assert(
      fc.property(
        rated,
        fc.double({ min: 0.3 * bar, max: 5 * bar, noNaN: true }),
        ({ inlet, share, air }, at) => {
          const drop = value(gunDropOf({ inlet, cap: inlet * share, air }));
          const here = value(capAt(drop, at));
          expect(here.cap).toBeGreaterThan(0);
          expect(here.cap).toBeLessThan(at);
          expect(value(inletFor(drop, here.cap)).inlet / at).toBeCloseTo(1, 4);
          expect(value(capAt(drop, at * 1.1)).cap).toBeGreaterThan(here.cap);
          // The rated point is its own.
          expect(value(capAt(drop, inlet)).cap / (inlet * share)).toBeCloseTo(1, 6);
          expect(value(capAt(drop, inlet)).air / air).toBeCloseTo(1, 6);
        },
      ),
      { numRuns: 200 },
    );
  });

  it('says what cannot be', () => {
    expect(gunDropOf({ inlet: 1 * bar, cap: 1.2 * bar, air: 0.006 })).toMatchObject({
      refused: 'cap-over-inlet',
    });
    expect(gunDropOf({ inlet: 2 * bar, cap: 0.7 * bar, air: 0 })).toMatchObject({ refused: 'not-positive' });
    expect(capAt(usual, Number.NaN)).toMatchObject({ refused: 'not-a-number' });
    const wheezing: GunDrop = { gun: usual.gun / 20, cap: usual.cap };
    expect(inletFor(wheezing, 0.7 * bar)).toMatchObject({ refused: 'cap-out-of-reach' });
  });
});
