import fc from 'fast-check';
import { isRefusal } from '../refusal';
import { byAccident } from './recurs';
import { sure } from '../../../tests/fixtures/gun';

describe('by accident', () => {
  it.each([
    // The lady tasting tea: all four of eight cups.
    [4, 4, 0, 4, 1 / 70],
    // Three of four: the tail is (16 + 1) of 70.
    [3, 4, 1, 4, 17 / 70],
    // Nothing seen at all says nothing.
    [0, 5, 0, 5, 1],
    [1, 1, 0, 9, 0.1],
    [5, 5, 5, 5, 1],
  ])('%i of %i, and %i of %i others: %f', (withIt, of, without, ofOthers, chance) => {
    expect(byAccident({ withIt, of, without, ofOthers })).toBeCloseTo(chance, 12);
  });

  it('never leaves 0 to 1, and more of it is never likelier by accident', () => {
    const counts = fc
      .record({ of: fc.integer({ min: 1, max: 30 }), ofOthers: fc.integer({ min: 0, max: 300 }) })
      .chain(({ of, ofOthers }) =>
        fc.record({
          of: fc.constant(of),
          ofOthers: fc.constant(ofOthers),
          withIt: fc.integer({ min: 0, max: of - 1 }),
          without: fc.integer({ min: 0, max: ofOthers }),
        }),
      );
    fc.assert(
      fc.property(counts, (each) => {
        const chance = sure(byAccident(each));
        expect(chance).toBeGreaterThanOrEqual(0);
        expect(chance).toBeLessThanOrEqual(1);
        expect(sure(byAccident({ ...each, withIt: each.withIt + 1 }))).toBeLessThanOrEqual(chance + 1e-9);
      }),
    );
  });

  it.each([
    [2, 1, 0, 4],
    [-1, 1, 0, 4],
    [0.5, 1, 0, 4],
    [1, 1, 5, 4],
  ])('refuses %f of %f and %f of %f', (withIt, of, without, ofOthers) => {
    expect(isRefusal(byAccident({ withIt, of, without, ofOthers }))).toBe(true);
  });
});
