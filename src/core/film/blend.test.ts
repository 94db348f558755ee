import fc from 'fast-check';
import { isRefusal, type Outcome } from '../refusal';
import {
  fitBlend,
  handGuide,
  planBlend,
  speedFor,
  surfaceKinds,
  type BlendQuestion,
  type GuideQuestion,
} from '.';

const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
// prettier-ignore
const question: BlendQuestion = {
  coverage: 0.2, keepOut: 0.9, coats: 3, step: 0.12, order: 'outward', fade: 0.25, film: 12e-6, hides: 30e-6,
};
const plan = (more: Partial<BlendQuestion> = {}) => value(planBlend({ ...question, ...more }));

describe('a blend inside a panel', () => {
  it('reaches further with each coat, or furthest first, and lays the same film either way', () => {
    expect(plan().coats.map(({ full }) => full)).toEqual([0.2, 0.32, 0.44].map((x) => expect.closeTo(x, 9)));
    expect(plan({ order: 'inward' }).coats.map(({ full }) => full)).toEqual(
      [0.44, 0.32, 0.2].map((x) => expect.closeTo(x, 9)),
    );
    expect(plan({ order: 'inward' }).along).toEqual(
      plan().along.map(({ x, film, hiding }) => ({
        x,
        film: expect.closeTo(film, 12),
        hiding: expect.closeTo(hiding, 9),
      })),
    );
  });

  it('hides in the middle, fades to nothing, and never gains on the way out', () => {
    const { along, ends } = plan();
    expect(along[0]!.film).toBeCloseTo(36e-6, 12);
    expect(along[0]!.hiding).toBeCloseTo(1 - 0.02 ** 1.2, 9);
    expect(along.filter(({ x }) => x > ends).every(({ film }) => film === 0)).toBe(true);
    for (let i = 1; i < along.length; i += 1)
      expect(along[i]!.film).toBeLessThanOrEqual(along[i - 1]!.film + 1e-15);
  });

  it('warns when the fade hits the kept edge, when it is steep, and when the middle is thin', () => {
    expect(plan().warnings).toEqual([]);
    expect(plan({ keepOut: 0.6 }).warnings).toContain('keep-out');
    const sudden = plan({ fade: 0.03, step: 0 });
    expect(sudden.warnings).toContain('steep');
    expect(sudden.steepest).toBeGreaterThan(plan().steepest);
    expect(plan({ coats: 2 }).warnings).toContain('thin');
  });

  it('refuses what cannot be laid', () => {
    expect(isRefusal(planBlend({ ...question, fade: 0 }))).toBe(true);
    expect(planBlend({ ...question, coats: 0 })).toMatchObject({ refused: 'blend-coats' });
    expect(planBlend({ ...question, step: -0.1 })).toMatchObject({ refused: 'blend-step' });
  });
});

const guide = (more: Partial<GuideQuestion>) =>
  value(
    handGuide({
      kind: 'flat',
      along: 2,
      across: 0.7,
      spacing: 0.115,
      speed: 0.4,
      fan: 0.23,
      lead: 0.1,
      ...more,
    }),
  );

describe('strokes a hand can follow', () => {
  it('go to and fro from the near edge till past the far one, beginning and ending beyond the part', () => {
    const { strokes, stroke, total } = guide({});
    expect(strokes).toHaveLength(8);
    expect(stroke).toBeCloseTo(5.5, 9);
    expect(total).toBeCloseTo(44, 9);
    expect([strokes[0]!.from, strokes[0]!.to]).toEqual([
      [-0.1, 0],
      [2.1, 0],
    ]);
    expect(strokes[1]!.from[0]).toBeCloseTo(2.1, 9);
    expect(strokes.at(-1)!.from[1]).toBeCloseTo(7 * 0.115, 9);
  });

  it('lie one spacing apart, whatever is sprayed; only the girth of a bar is shared out', () => {
    for (const kind of surfaceKinds) {
      const { strokes } = guide({ kind, across: kind === 'round' ? 0.2 : 0.7 });
      const rows = strokes
        .filter(({ aim }) => !aim || aim === 'round')
        .map(({ from }) => from[1])
        .sort((a, b) => a - b);
      for (let i = 1; i < rows.length; i += 1)
        expect(rows[i]! - rows[i - 1]!).toBeCloseTo(kind === 'round' ? (Math.PI * 0.2) / 6 : 0.115, 9);
    }
  });

  it('take edges first, corners last or first, bars round, and open work from both sides', () => {
    expect(
      guide({ kind: 'edge' })
        .strokes.slice(0, 2)
        .every(({ aim }) => aim === 'onto-edge'),
    ).toBe(true);
    expect(guide({ kind: 'inside-corner' }).strokes.at(-1)!.aim).toBe('into-corner');
    expect(guide({ kind: 'outside-corner' }).strokes[0]!.aim).toBe('onto-edge');
    // 0.2 m of bar is 0.63 m round.
    expect(guide({ kind: 'round', across: 0.2 }).strokes).toHaveLength(6);
    expect(guide({ kind: 'open' }).strokes.map(({ from }) => from[1])).toHaveLength(guide({}).strokes.length);
    expect(
      isRefusal(
        handGuide({ kind: 'flat', along: 2, across: 300, spacing: 0.1, speed: 0.4, fan: 0.2, lead: 0.1 }),
      ),
    ).toBe(true);
  });

  it('go quicker by as much as the comb read too much', () => {
    expect(value(speedFor(0.4, 60e-6, 50e-6))).toBeCloseTo(0.48, 9);
    expect(isRefusal(speedFor(0.4, 0, 50e-6))).toBe(true);
  });
});

describe('what fits inside the kept edge', () => {
  it('hides to 0.2 m, edge at 0.9, three coats of 0.12 m steps: 0.46 m of fade, or four coats of 0.3', () => {
    const fit = fitBlend({ coverage: 0.2, keepOut: 0.9, coats: 3, step: 0.12, fade: 0.3 });
    expect(fit.fade).toBeCloseTo(0.46, 9);
    expect(fit.coats).toBe(4);
    expect(fitBlend({ coverage: 0.8, keepOut: 0.9, coats: 3, step: 0.12, fade: 0.3 })).toEqual({ coats: 0 });
  });

  it('is the most that does not cross: as it is it fits, a little more and it crosses', () => {
    const length = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        length(0.05, 0.6),
        length(0.7, 2),
        fc.integer({ min: 1, max: 6 }),
        length(0.02, 0.3),
        length(0.05, 0.5),
        (coverage, keepOut, coats, step, fade) => {
          const at = (change: object) => {
            const found = planBlend({
              ...{ coverage, keepOut, coats, step, fade, order: 'outward' as const },
              ...{ film: 20e-6, hides: 40e-6 },
              ...change,
            });
            return !isRefusal(found) && found.warnings.includes('keep-out');
          };
          const fit = fitBlend({ coverage, keepOut, coats, step, fade });
          if (fit.fade !== undefined && fit.fade > 0.01) {
            expect(at({ fade: fit.fade - 1e-6 })).toBe(false);
            expect(at({ fade: fit.fade + 1e-3 })).toBe(true);
          }
          if (fit.coats > 0) expect(at({ coats: fit.coats })).toBe(false);
          if (fit.coats < 8) expect(at({ coats: fit.coats + 1 })).toBe(true);
        },
      ),
    );
  });
});
