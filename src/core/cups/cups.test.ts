import fc from 'fast-check';
import { isRefusal, type Outcome } from '../refusal';
import {
  agreement,
  conversionSpread,
  cupsThatRead,
  flowCup,
  flowCups,
  judgeSeconds,
  secondsFromViscosity,
  spreadFactor,
  viscosityFromSeconds,
  zeroSeconds,
} from '.';

const cup = (id: string) => flowCup(id)!;
const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};

describe('flow cups', () => {
  it.each([
    ['ford-4', 30, 98.21],
    ['iso-4', 60, 78.87],
    ['din-4', 30, 122.0],
    ['dip-2', 30, 56.0],
    ['iso-6', 50, 333.6],
  ])('%s %d s is %d mm²/s', (id, seconds, nu) => {
    expect(value(viscosityFromSeconds(cup(id), seconds)) * 1e6).toBeCloseTo(nu, 1);
  });

  it.each([
    ['ford-4', 25.27],
    ['iso-4', 60.8],
    ['dip-2', 36.86],
    ['din-4', 22.0],
  ])('80 mm²/s runs out of %s in %d s', (id, seconds) => {
    expect(value(secondsFromViscosity(cup(id), 80e-6))).toBeCloseTo(seconds, 2);
  });

  it.each([
    ['iso-3', 21],
    ['iso-4', 12],
    ['iso-5', 8],
    ['iso-6', 9],
    ['din-4', 10],
    ['ford-4', 4.49],
    ['dip-2', 14],
  ])('%s is too thin to tell at %d s', (id, seconds) => {
    const outcome = viscosityFromSeconds(cup(id), seconds);
    expect(isRefusal(outcome) && outcome.refused).toBe('too-thin-for-cup');
  });

  it.each([
    ['iso-4', 60, 0.05],
    ['din-4', 16, 0.11],
    ['dip-2', 20, 0.15],
  ])('5 %% of time in %s at %d s is %d of viscosity', (id, seconds, spread) => {
    expect(0.05 * value(spreadFactor(cup(id), seconds))).toBeCloseTo(spread, spread > 0.12 ? 1 : 2);
  });

  it('goes both ways in every cup', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...flowCups),
        fc.double({ min: 1.03, max: 12, noNaN: true }),
        (each, factor) => {
          const seconds = Math.max(zeroSeconds(each), 2) * factor;
          const back = value(secondsFromViscosity(each, value(viscosityFromSeconds(each, seconds))));
          expect(back).toBeCloseTo(seconds, 6);
        },
      ),
    );
  });

  it('a thicker liquid is never quicker', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...flowCups),
        fc.double({ min: 1, max: 2000, noNaN: true }),
        fc.double({ min: 1.001, max: 5, noNaN: true }),
        (each, nu, factor) => {
          const thin = value(secondsFromViscosity(each, nu * 1e-6));
          expect(value(secondsFromViscosity(each, nu * factor * 1e-6))).toBeGreaterThan(thin);
        },
      ),
    );
  });

  it('names a cup that reads inside when this one does not', () => {
    const verdict = value(judgeSeconds(cup('din-4'), 16));
    expect(verdict.where).toBe('below');
    expect(verdict.better.length).toBeGreaterThan(0);
    const nu = value(viscosityFromSeconds(cup('din-4'), 16));
    for (const better of verdict.better) {
      const seconds = value(secondsFromViscosity(better, nu));
      expect(seconds).toBeGreaterThanOrEqual(better.valid.min);
      expect(seconds).toBeLessThanOrEqual(better.valid.max);
    }
    expect(value(judgeSeconds(cup('iso-4'), 60)).better).toEqual([]);
    expect(cupsThatRead(1)).toEqual([]);
  });

  it('refuses what is no time and no viscosity', () => {
    expect(isRefusal(viscosityFromSeconds(cup('iso-4'), -3))).toBe(true);
    expect(isRefusal(viscosityFromSeconds(cup('iso-4'), Number.NaN))).toBe(true);
    expect(isRefusal(secondsFromViscosity(cup('iso-4'), 0))).toBe(true);
  });

  it('adds spread only when seconds change cups', () => {
    expect(conversionSpread(cup('iso-4'), cup('iso-4'))).toBe(0);
    expect(conversionSpread(cup('iso-4'), cup('din-4'))).toBe(0.1);
    expect(conversionSpread(cup('iso-4'), cup('dip-2'))).toBe(0.25);
  });
});

describe('agreement of timings', () => {
  it('accepts two within 5 % of their mean', () => {
    expect(value(agreement([27.1, 27.5]))).toMatchObject({ agree: true, mean: 27.3 });
    expect(value(agreement([20, 21.2])).agree).toBe(false);
  });

  it('takes the closest two of three, and a single timing never agrees', () => {
    expect(value(agreement([20, 24, 20.4]))).toMatchObject({ agree: true, mean: 20.2 });
    expect(value(agreement([20])).agree).toBe(false);
    expect(isRefusal(agreement([]))).toBe(true);
  });
});
