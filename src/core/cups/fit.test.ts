import fc from 'fast-check';
import { isRefusal, type Outcome } from '../refusal';
import {
  calibratedCup,
  checkCup,
  fitCup,
  flowCup,
  secondsFromViscosity,
  viscosityFromSeconds,
  type FlowCup,
} from '.';

const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const timed = (id: string, ...mm2: number[]) =>
  mm2.map((nu) => ({ viscosity: nu * 1e-6, seconds: value(secondsFromViscosity(flowCup(id)!, nu * 1e-6)) }));

describe('calibrating a shop cup', () => {
  it('finds the form and the numbers of a standard cup from its own times', () => {
    const iso = value(fitCup(timed('iso-4', 40, 80, 120)));
    expect(iso.formula).toMatchObject({
      kind: 'inverse',
      A: expect.closeTo(1.37, 3),
      B: expect.closeTo(200, 0),
    });
    const ford = value(fitCup(timed('ford-4', 60, 100, 200)));
    expect(ford.formula).toMatchObject({
      kind: 'offset',
      A: expect.closeTo(3.85, 3),
      t0: expect.closeTo(4.49, 2),
    });
    expect(ford).toMatchObject({ tested: true, error: expect.closeTo(0, 6) });
  });

  it('makes a cup of the shop that reads as the standard one it was timed beside, between its liquids', () => {
    const own = value(calibratedCup('shop', 'Shop cup', 'stand', timed('ford-4', 60, 100, 200)));
    const ford = flowCup('ford-4')!;
    for (const nu of [70e-6, 150e-6])
      expect(value(secondsFromViscosity(own, nu))).toBeCloseTo(value(secondsFromViscosity(ford, nu)), 2);
    expect(own.valid.max).toBeLessThan(ford.valid.max);
    expect(calibratedCup('shop', 'Shop cup', 'stand', timed('ford-4', 60))).toHaveProperty('refused');
  });

  it('meets two liquids exactly and says it is untested', () => {
    const fit = value(
      fitCup([
        { seconds: 20, viscosity: 40e-6 },
        { seconds: 41, viscosity: 110e-6 },
      ]),
    );
    expect(fit.tested).toBe(false);
    const cup: FlowCup = { ...flowCup('iso-4')!, formula: fit.formula };
    expect(value(viscosityFromSeconds(cup, 20)) * 1e6).toBeCloseTo(40, 6);
    expect(value(viscosityFromSeconds(cup, 41)) * 1e6).toBeCloseTo(110, 6);
    expect(fit.valid).toEqual({ min: 20, max: 41 });
  });

  it('shows the error of liquids that no line meets, and never a B below zero', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -0.04, max: 0.04, noNaN: true }), { minLength: 3, maxLength: 5 }),
        (errors) => {
          const liquids = timed('din-4', ...[40, 70, 120, 200, 340].slice(0, errors.length)).map(
            (each, i) => ({ ...each, seconds: each.seconds * (1 + errors[i]!) }),
          );
          const fit = fitCup(liquids);
          if (isRefusal(fit)) return;
          expect(fit.error).toBeLessThan(0.12);
          if (fit.formula.kind === 'inverse') expect(fit.formula.B).toBeGreaterThanOrEqual(0);
          else expect(fit.formula.t0).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });

  it('refuses one liquid, liquids alike, and a thicker one that ran quicker', () => {
    expect(fitCup([{ seconds: 20, viscosity: 40e-6 }])).toMatchObject({ refused: 'one-liquid' });
    expect(fitCup(timed('iso-4', 60, 63))).toMatchObject({ refused: 'too-alike' });
    expect(
      fitCup([
        { seconds: 30, viscosity: 40e-6 },
        { seconds: 25, viscosity: 80e-6 },
      ]),
    ).toMatchObject({ refused: 'quicker' });
    expect(
      isRefusal(
        fitCup([
          { seconds: 0, viscosity: 40e-6 },
          { seconds: 25, viscosity: 80e-6 },
        ]),
      ),
    ).toBe(true);
  });
});

describe('a check liquid', () => {
  const cup = flowCup('ford-4')!;
  it('finds a worn orifice: 98.21 mm²/s should take 30 s', () => {
    expect(value(checkCup(cup, 30.2, 98.21e-6)).state).toBe('good');
    expect(value(checkCup(cup, 28, 98.21e-6))).toMatchObject({
      state: 'worn',
      off: expect.closeTo(-0.0667, 3),
    });
    expect(value(checkCup(cup, 32, 98.21e-6)).state).toBe('slow');
    expect(isRefusal(checkCup(cup, 30, 0))).toBe(true);
  });
});
