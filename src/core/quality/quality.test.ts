import fc from 'fast-check';
import { isRefusal, type Outcome } from '../refusal';
import { judgeFilm, spotsWanted, type FilmSpec } from '.';

const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const um = (readings: readonly number[]) => readings.map((each) => each * 1e-6);
const spots = (...rows: number[][]) => rows.map((row, i) => ({ id: `s${i}`, readings: um(row) }));
const spec: FilmSpec = { min: 40e-6, nominal: 50e-6, max: 60e-6 };

describe('spot-mean rule', () => {
  it('passes when the set mean is inside and every spot mean within 80 % and 120 %', () => {
    // means 34, 50, 60: mean 48; 34 ≥ 32 and 60 ≤ 72
    const verdict = value(judgeFilm(spots([33, 34, 35], [49, 50, 51], [59, 60, 61]), spec, 'spot-mean'));
    expect(verdict.passes).toBe(true);
    expect(verdict.mean).toBeCloseTo(48e-6, 9);
  });

  it('fails on one thin spot and says which', () => {
    const verdict = value(judgeFilm(spots([30, 31, 32], [50, 50, 50], [60, 60, 60]), spec, 'spot-mean'));
    expect(verdict.passes).toBe(false);
    expect(verdict.spots.map(({ state }) => state)).toEqual(['low', 'inside', 'inside']);
    expect(verdict.conditions.find(({ holds }) => !holds)?.id).toBe('nothing-far-under');
  });

  it('fails when the mean is out though every spot would pass', () => {
    const verdict = value(judgeFilm(spots([65, 66, 67], [64, 65, 66]), spec, 'spot-mean'));
    expect(verdict.conditions.filter(({ holds }) => !holds).map(({ id }) => id)).toEqual(['mean-in-range']);
  });
});

describe('nominal rule', () => {
  it('needs the mean at nominal and fewer than a fifth of readings between 80 and 100 %', () => {
    expect(value(judgeFilm(spots([45, 52, 55], [53, 54, 55], [51, 52, 53]), spec, 'nominal')).passes).toBe(
      true,
    );
    const many = value(judgeFilm(spots([45, 46, 60], [55, 56, 57]), spec, 'nominal'));
    expect(many.conditions.find(({ id }) => id === 'few-under')?.holds).toBe(false);
  });

  it('lets nothing lie under 80 % of nominal or above the maximum', () => {
    const verdict = value(judgeFilm(spots([39, 58, 58], [62, 55, 55]), spec, 'nominal'));
    const failed = verdict.conditions.filter(({ holds }) => !holds).map(({ id }) => id);
    expect(failed).toEqual(['nothing-far-under', 'below-maximum']);
  });
});

describe('both rules', () => {
  it('pass a perfect film and refuse nothing, bad readings and a range upside down', () => {
    for (const rule of ['spot-mean', 'nominal'] as const) {
      fc.assert(
        fc.property(
          fc.array(fc.double({ min: 50, max: 60, noNaN: true }), { minLength: 3, maxLength: 30 }),
          (row) => {
            expect(value(judgeFilm(spots(row), spec, rule)).passes).toBe(true);
          },
        ),
      );
      expect(isRefusal(judgeFilm([], spec, rule))).toBe(true);
      expect(isRefusal(judgeFilm(spots([-4, 50]), spec, rule))).toBe(true);
      expect(isRefusal(judgeFilm(spots([50]), { ...spec, min: 70e-6 }, rule))).toBe(true);
    }
  });

  it('wants five spots to each 10 m²', () => {
    expect([0.5, 10, 10.1, 25].map(spotsWanted)).toEqual([5, 5, 10, 15]);
  });
});
