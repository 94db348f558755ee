import fc from 'fast-check';
import { sure } from '../../../tests/fixtures/gun';
import { distanceStep, fanAtTurns, turnsForFan, type DistanceCard } from '.';

const range = { min: 0.15, max: 0.25 };
const three = (middle: number, near: number, far: number): DistanceCard[] => [
  { distance: 0.2, score: middle },
  { distance: 0.15, score: near },
  { distance: 0.25, score: far },
];

describe('the distance by three cards', () => {
  it('asks for the middle, the near and the far one, each once', () => {
    const cards = three(0.8, 0.6, 0.4);
    for (const [n, at] of [0.2, 0.15, 0.25].entries())
      expect(distanceStep(cards.slice(0, n), range)).toEqual({ kind: 'spray', at, nth: n + 1 });
  });

  it('finds the top between them, or says that it lies at an end', () => {
    expect(sure(distanceStep(three(0.9, 0.6, 0.6), range))).toEqual({ kind: 'best', at: 0.2 });
    expect(sure(distanceStep(three(0.9, 0.8, 0.6), range)).at).toBeCloseTo(0.1875, 9);
    expect(sure(distanceStep(three(0.6, 0.9, 0.2), range))).toEqual({ kind: 'best', at: 0.15, edge: 'near' });
    expect(sure(distanceStep(three(0.6, 0.2, 0.9), range))).toEqual({ kind: 'best', at: 0.25, edge: 'far' });
    // All alike: nothing speaks against the middle.
    expect(sure(distanceStep(three(0.6, 0.6, 0.6), range))).toEqual({ kind: 'best', at: 0.2 });
  });

  it('of one distance the last card counts, and a range that is none is refused', () => {
    const again = [...three(0.2, 0.6, 0.6), { distance: 0.2, score: 0.9 }];
    expect(sure(distanceStep(again, range)).at).toBeCloseTo(0.2, 9);
    expect(distanceStep([], { min: 0.2, max: 0.2 })).toMatchObject({ refused: 'no-range' });
    expect(distanceStep([], { min: 0, max: 0.2 })).toMatchObject({ refused: 'no-range' });
  });

  it('never leaves what may be tried, and finds the top of any hump inside it', () => {
    const score = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(score, score, score, (a, b, c) => {
        const { at } = sure(distanceStep(three(a, b, c), range));
        return at >= range.min && at <= range.max;
      }),
    );
    fc.assert(
      fc.property(fc.double({ min: 0.16, max: 0.24, noNaN: true }), (top) => {
        const hump = (x: number) => 0.9 - 40 * (x - top) ** 2;
        const { at } = sure(distanceStep(three(hump(0.2), hump(0.15), hump(0.25)), range));
        return Math.abs(at - top) < 1e-6;
      }),
    );
  });
});

describe('a fan by the turns of its knob', () => {
  const cards = [
    { turns: 2, width: 0.24, distance: 0.2 },
    { turns: 0, width: 0.06, distance: 0.2 },
  ];
  it('lies evenly between two cards, in proportion to the distance, and no further', () => {
    expect(fanAtTurns(cards, 1, 0.2)).toBeCloseTo(0.15, 12);
    expect(fanAtTurns(cards, 1, 0.3)).toBeCloseTo(0.225, 12);
    expect(fanAtTurns(cards, 0, 0.2)).toBeCloseTo(0.06, 12);
    expect(fanAtTurns(cards, 5, 0.2)).toBeCloseTo(0.24, 12);
  });
  it('goes back to its turns, and says nothing of what no card showed', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 2, noNaN: true }), (turns) => {
        const width = fanAtTurns(cards, turns, 0.18)!;
        return Math.abs(turnsForFan(cards, width, 0.18)! - turns) < 1e-6;
      }),
    );
    expect(turnsForFan(cards, 0.3, 0.2)).toBeUndefined();
    expect(turnsForFan(cards, 0.05, 0.2)).toBeUndefined();
    for (const few of [[], cards.slice(1), [cards[0]!, cards[0]!]]) {
      expect(fanAtTurns(few, 1, 0.2)).toBeUndefined();
      expect(turnsForFan(few, 0.1, 0.2)).toBeUndefined();
    }
  });
  it('of the same turns the youngest card counts', () => {
    expect(fanAtTurns([...cards, { turns: 2, width: 0.2, distance: 0.2 }], 2, 0.2)).toBeCloseTo(0.2, 12);
  });
});
