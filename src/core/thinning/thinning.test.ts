import fc from 'fast-check';
import { flowCup, secondsFromViscosity } from '../cups';
import { seeded } from '../random';
import { isRefusal, type Outcome } from '../refusal';
import {
  blendShare,
  blendViscosity,
  condition,
  leastInteraction,
  massAtShare,
  meanOf,
  nextAddition,
  predict,
  priorBelief,
  quantileOf,
  reachable,
  readingError,
  sheetShare,
  spreadOf,
  thinnerAt,
  updateBelief,
  type AdditionQuestion,
} from '.';
import { normalCdf, normalQuantile } from './normal';
import { chanceBelow } from './predict';
import { trial } from './titration';

const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const iso4 = flowCup('iso-4')!;
const share = fc.double({ min: 0, max: 0.6, noNaN: true });

describe('blend law', () => {
  it('takes 220 mm²/s to 95.88 with 10 parts of thinner on 100', () => {
    expect(value(blendViscosity(220e-6, 0.9e-6, -4, 10 / 110)) * 1e6).toBeCloseTo(95.88, 2);
  });

  it('more thinner is never thicker while G stays where physics allows', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 30, max: 600, noNaN: true }),
        fc.double({ min: 0.4, max: 3.5, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        share,
        fc.double({ min: 0.001, max: 0.3, noNaN: true }),
        (nu, thin, part, w, more) => {
          const G = leastInteraction(nu, thin) * part;
          const before = value(blendViscosity(nu, thin, G, w));
          expect(value(blendViscosity(nu, thin, G, w + more))).toBeLessThanOrEqual(before * (1 + 1e-12));
        },
      ),
    );
  });

  it('puts the least G at −4.2 for 60 and −5.5 for 220 mm²/s', () => {
    expect(leastInteraction(60, 0.9)).toBeCloseTo(-4.2, 1);
    expect(leastInteraction(220, 0.9)).toBeCloseTo(-5.5, 1);
    expect(isRefusal(blendViscosity(220, 1, -4, 1.2))).toBe(true);
  });
});

describe('belief', () => {
  it('never grows wider with a reading, at any share of thinner', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(share, fc.double({ min: 20, max: 400, noNaN: true })), {
          minLength: 1,
          maxLength: 6,
        }),
        share,
        (readings, at) => {
          let belief = priorBelief(200e-6, 0.4, 1e-6);
          const width = (b: typeof belief) => {
            const [h0, h1] = [1 - at, at * (1 - at)];
            return h0 * h0 * b.cov[0] + 2 * h0 * h1 * b.cov[1] + h1 * h1 * b.cov[2];
          };
          for (const [w, nu] of readings) {
            const before = width(belief);
            belief = updateBelief(belief, { w, viscosity: nu * 1e-6, sd: 0.05 });
            expect(width(belief)).toBeLessThanOrEqual(before + 1e-12);
          }
        },
      ),
    );
  });

  it('finds the paint it was shown', () => {
    let belief = priorBelief(150e-6, 0.5, 0.9e-6);
    for (const w of [0, 0.05, 0.1, 0.15, 0.2, 0.3])
      belief = updateBelief(belief, {
        w,
        viscosity: value(blendViscosity(220e-6, 0.9e-6, -4.6, w)),
        sd: 0.002,
      });
    expect(Math.exp(belief.mean[0]) * 1e6).toBeCloseTo(220, 0);
    expect(belief.mean[1]).toBeCloseTo(-4.6, 1);
  });

  it('does not depend on the order of the readings', () => {
    const readings = [
      { w: 0, viscosity: 210e-6, sd: 0.04 },
      { w: 0.08, viscosity: 110e-6, sd: 0.05 },
      { w: 0.15, viscosity: 60e-6, sd: 0.03 },
    ];
    const [one, other] = [readings, [...readings].reverse()].map((order) =>
      order.reduce(updateBelief, priorBelief(200e-6, 0.4, 1e-6)),
    );
    expect(one!.mean[0]).toBeCloseTo(other!.mean[0], 9);
    expect(one!.cov[2]).toBeCloseTo(other!.cov[2], 9);
  });

  it('is cut off where the blend would dip under its own thinner', () => {
    // −4 ± 2 on a 60 mm²/s paint reaches far past −4.2; conditioned, hardly any of it is left under the thinner.
    const conditioned = condition(priorBelief(60e-6, 0.01, 0.9e-6));
    const nearlyThinner = predict(conditioned, 0.95);
    expect(chanceBelow(nearlyThinner, Math.log(0.9e-6))).toBeLessThan(0.02);
    const raw = priorBelief(60e-6, 0.01, 0.9e-6);
    const mean = 0.05 * raw.mean[0] + 0.95 * Math.log(0.9e-6) - 4 * 0.95 * 0.05;
    expect(meanOf(nearlyThinner)).toBeGreaterThan(mean);
  });

  it('gives quantiles that its own chances agree with', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 0.99, noNaN: true }), share, (p, w) => {
        const prediction = predict(condition(priorBelief(180e-6, 0.3, 1e-6)), w, 0.001);
        expect(chanceBelow(prediction, quantileOf(prediction, p))).toBeCloseTo(p, 4);
        expect(spreadOf(prediction)).toBeGreaterThan(0);
      }),
    );
    expect(normalCdf(normalQuantile(0.05))).toBeCloseTo(0.05, 6);
    expect(normalCdf(1.959964)).toBeCloseTo(0.975, 5);
  });
});

describe('percent in the sheet’s own terms', () => {
  const batch = { mass: 1.2, density: 1100, base: { mass: 1, density: 1150 } };

  it('tells mass from volume, and the paint alone from the whole mix', () => {
    expect(sheetShare(0.1, 900, batch, { by: 'mass', of: 'base' })).toBeCloseTo(0.1, 9);
    expect(sheetShare(0.1, 900, batch, { by: 'mass', of: 'mix' })).toBeCloseTo(0.0833, 4);
    expect(sheetShare(0.09, 900, batch, { by: 'volume', of: 'mix' })).toBeCloseTo(0.0001 / (1.2 / 1100), 9);
  });

  it('goes both ways', () => {
    const basis = fc.record({
      by: fc.constantFrom('mass' as const, 'volume' as const),
      of: fc.constantFrom('base' as const, 'mix' as const),
    });
    fc.assert(
      fc.property(basis, share, (each, part) => {
        expect(sheetShare(massAtShare(part, 870, batch, each), 870, batch, each)).toBeCloseTo(part, 9);
        expect(blendShare(thinnerAt(part, 1.2), 1.2)).toBeCloseTo(part, 9);
      }),
    );
  });
});

describe('next addition', () => {
  const band = { cup: iso4, min: 38, max: 44 };
  const truth = (w: number) => value(blendViscosity(120e-6, 1e-6, -4.2, w));
  const question = (thinner: number, readings: readonly number[]): AdditionQuestion => {
    const batch = { mass: 1.4, density: 1040, base: { mass: 1.4, density: 1040 } };
    const belief = readings.reduce(
      (sum, w) => updateBelief(sum, { w, viscosity: truth(w), sd: 0.03 }),
      priorBelief(130e-6, 0.3, 1e-6),
    );
    return {
      belief,
      batch,
      thinner,
      thinnerDensity: 1000,
      band,
      basis: { by: 'volume', of: 'base' },
      maximum: 0.1,
      scaleStep: 0.001,
      readingSd: 0.03,
      timed: readings.length > 0,
    };
  };

  it('wants a timing before anything else', () => {
    expect(value(nextAddition(question(0, []))).kind).toBe('time-first');
  });

  it('adds whole steps of the scale, within the risk, and says what to expect', () => {
    const advice = value(nextAddition(question(0, [0])));
    if (advice.kind !== 'add') throw new Error(advice.kind);
    expect((advice.mass / 0.001) % 1).toBeCloseTo(0, 6);
    expect(advice.riskUnder).toBeLessThanOrEqual(0.05);
    expect(advice.expect.low).toBeLessThan(advice.expect.seconds);
    expect(advice.expect.seconds).toBeLessThan(advice.expect.high);
    expect(advice.share).toBeLessThanOrEqual(0.1);
  });

  it('never passes the maximum by rounding, and says so when it is reached above the band', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 0.02, noNaN: true }),
        fc.double({ min: 0.0005, max: 0.06, noNaN: true }),
        (maximum, scaleStep) => {
          const advice = value(nextAddition({ ...question(0, [0]), maximum, scaleStep }));
          if (advice.kind === 'add') expect(advice.share).toBeLessThanOrEqual(maximum + 1e-9);
        },
      ),
    );
    const stuck = { ...question(0.014, [0, 0.014 / 1.414]), maximum: 0.01 };
    expect(value(nextAddition(stuck)).kind).toBe('at-maximum');
    expect(value(reachable(stuck)).reaches).toBe(false);
    expect(value(reachable({ ...question(0, [0]), maximum: 0.15 })).reaches).toBe(true);
  });

  it('brings a pot that is too thin back with unthinned mix', () => {
    const advice = value(nextAddition(question(0.3, [0, 0.3 / 1.7])));
    if (advice.kind !== 'too-thin') throw new Error(advice.kind);
    const w = 0.3 / (1.7 + advice.bringBack);
    const seconds = value(secondsFromViscosity(iso4, truth(w)));
    expect(seconds).toBeGreaterThan(band.min);
    expect(seconds).toBeLessThan(band.max);
  });

  it('refuses an empty pot and a band its cup cannot read', () => {
    expect(
      isRefusal(
        nextAddition({
          ...question(0, [0]),
          batch: { mass: 0, density: 1000, base: { mass: 0, density: 1000 } },
        }),
      ),
    ).toBe(true);
    expect(isRefusal(nextAddition({ ...question(0, [0]), band: { cup: iso4, min: 9, max: 11 } }))).toBe(true);
    expect(isRefusal(nextAddition({ ...question(0, [0]), band: { cup: iso4, min: 44, max: 38 } }))).toBe(
      true,
    );
  });

  it('knows a reading near the cup’s zero less well', () => {
    const din = flowCup('din-4')!;
    expect(value(readingError(din, 16, 1))).toBeGreaterThan(value(readingError(din, 40, 1)) * 1.5);
    expect(value(readingError(din, 40, 2))).toBeLessThan(value(readingError(din, 40, 1)));
    expect(isRefusal(readingError(din, 9, 1))).toBe(true);
  });
});

describe('1,200 random paints of every class, band ± 10 %', () => {
  const model = trial(1200, 0.1, { kind: 'model' }, seeded(20261123));

  it('end in the band, 95 % within two additions, 99 % within three', () => {
    expect(model.inBand).toBeGreaterThanOrEqual(0.99);
    expect(model.within(2)).toBeGreaterThanOrEqual(0.95);
    expect(model.within(3)).toBeGreaterThanOrEqual(0.985);
  });

  it('hardly one ever goes under it', () => expect(model.wentUnder).toBeLessThan(0.005));

  it('the next reading falls inside its 90 % as often as it should', () => {
    expect(model.coverage).toBeGreaterThanOrEqual(0.85);
    expect(model.coverage).toBeLessThanOrEqual(0.965);
  });

  it('steps of 1 % by mass take many times as many, steps of 5 % by volume overshoot', () => {
    const small = trial(120, 0.1, { kind: 'mass-steps', step: 0.01 }, seeded(5));
    const large = trial(120, 0.1, { kind: 'volume-steps', step: 0.05 }, seeded(5));
    expect(small.median).toBeGreaterThanOrEqual(6);
    expect(small.wentUnder).toBeLessThan(0.01);
    expect(large.wentUnder).toBeGreaterThan(model.wentUnder + 0.02);
  });
});
