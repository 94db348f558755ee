import fc from 'fast-check';
import { ladderStep, scoreByEye, scoreOf, type CardPattern } from '.';

const bar = 1e5;
const rung = (pressure: number, score: number) => ({ pressure: pressure * bar, score });
const even = { flatness: 0.9, speckle: 0.0005, spatter: 0, tails: 1.2, centre: 0, bend: 0 } as CardPattern;

describe('pressure ladder', () => {
  const next = (...rungs: readonly ReturnType<typeof rung>[]) => ladderStep(rungs, 0.2 * bar, 2.4 * bar);
  it('goes up while the card improves, and back one at the first that does not', () => {
    expect(next()).toEqual({ kind: 'first' });
    expect(next(rung(1.4, 0.4))).toEqual({ kind: 'up', to: expect.closeTo(1.6 * bar, 3) });
    expect(next(rung(1.4, 0.4), rung(1.6, 0.6))).toEqual({ kind: 'up', to: expect.closeTo(1.8 * bar, 3) });
    expect(next(rung(1.4, 0.4), rung(1.6, 0.6), rung(1.8, 0.6))).toMatchObject({
      kind: 'back',
      to: 1.6 * bar,
    });
    expect(next(rung(2.2, 0.3), rung(2.4, 0.6))).toMatchObject({ kind: 'top' });
  });

  it('never ends on a rung that scored less than the first, nor past the most', () => {
    const scores = fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 1, maxLength: 6 });
    fc.assert(
      fc.property(scores, (all) => {
        const rungs = all.map((score, i) => rung(1.4 + 0.2 * i, score));
        const step = ladderStep(rungs, 0.2 * bar, 2.4 * bar);
        if (step.kind === 'back') {
          const chosen = rungs.find(({ pressure }) => pressure === step.to)!;
          expect(chosen.score).toBeGreaterThanOrEqual(all[0]!);
        }
        if (step.kind === 'up') expect(step.to).toBeLessThanOrEqual(2.4 * bar * 1.0001);
      }),
    );
  });
});

describe('scores', () => {
  it('by eye count the yeses; as read they fall with every fault', () => {
    expect(scoreByEye([true, true, false, true, false])).toBeCloseTo(0.6, 9);
    for (const fault of [
      { flatness: 0.5 },
      { speckle: 0.0014 },
      { spatter: 1 },
      { tails: 2.4 },
      { centre: 0.1 },
      { bend: 0.4 },
    ])
      expect(scoreOf({ ...even, ...fault })).toBeLessThan(scoreOf(even));
    expect(scoreOf(even)).toBeLessThanOrEqual(1);
  });
});
