import fc from 'fast-check';
import { flowCup, secondsFromViscosity } from '../cups';
import { isRefusal, type Outcome } from '../refusal';
import {
  additionBy,
  aged,
  bandByFlow,
  beliefFrom,
  condition,
  cupRepeat,
  meanOf,
  predict,
  repeatOf,
  spreadOf,
  fitDrift,
  priorBelief,
  stickSigns,
  stickViscosity,
  suspect,
  timeInBand,
  updateBelief,
  type AdditionQuestion,
} from '.';

const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const ford = flowCup('ford-4')!;
const secondsAt = (nu: number) => value(secondsFromViscosity(ford, nu));
/** A pot of 1 kg that was timed at 200 mm²/s. */
const question = (says: Partial<AdditionQuestion> = {}): AdditionQuestion => ({
  belief: updateBelief(priorBelief(200e-6, 0.3, 1e-6), { w: 0, viscosity: 200e-6, sd: 0.02 }),
  batch: { mass: 1, density: 1250, base: { mass: 1, density: 1250 } },
  thinner: 0,
  thinnerDensity: 900,
  band: { cup: ford, min: 24, max: 28 },
  basis: { by: 'mass', of: 'mix' },
  maximum: 0.12,
  scaleStep: 0.001,
  readingSd: 0.03,
  timed: true,
  ...says,
});
const added = (approach: Parameters<typeof additionBy>[0], says: Partial<AdditionQuestion> = {}) => {
  const advice = value(additionBy(approach, question(says)));
  if (advice.kind !== 'add') throw new Error(advice.kind);
  return advice;
};

describe('approaches', () => {
  it('1 % by mass of 1 kg is 10 g; 5 % by volume of 0.8 L at 0.9 is 36 g; a fixed 8 % is 80 g at once', () => {
    expect(added({ kind: 'mass-steps', step: 0.01 })).toMatchObject({ mass: 0.01, limitedBy: 'step' });
    expect(added({ kind: 'volume-steps', step: 0.05 }).mass).toBeCloseTo(0.036, 9);
    expect(added({ kind: 'fixed', share: 0.08 }, { timed: false })).toMatchObject({
      mass: 0.08,
      limitedBy: 'fixed',
    });
  });

  /** Still far above the band with 100 g in it. */
  const thick = updateBelief(priorBelief(600e-6, 0.3, 1e-6), { w: 0.1 / 1.1, viscosity: 240e-6, sd: 0.02 });

  it('all tell what to expect, and none goes past the sheet’s maximum', () => {
    const step = added({ kind: 'volume-steps', step: 0.05 }, { thinner: 0.1, belief: thick });
    expect(step.total).toBeCloseTo(0.12, 9);
    expect(step.limitedBy).toBe('maximum');
    expect(step.expect.low).toBeLessThan(step.expect.seconds);
    expect(added({ kind: 'fixed', share: 0.3 }).share).toBeCloseTo(0.12, 9);
  });

  it('steps stop as soon as the cup reads inside the band, and a fixed percent is checked, not repeated', () => {
    const inside = question({
      belief: updateBelief(priorBelief(90e-6, 0.3, 1e-6), { w: 0, viscosity: 89e-6, sd: 0.02 }),
    });
    expect(secondsAt(89e-6)).toBeLessThan(28);
    expect(value(additionBy({ kind: 'mass-steps', step: 0.01 }, inside)).kind).toBe('ready');
    const after = value(additionBy({ kind: 'fixed', share: 0.08 }, question({ thinner: 0.08 })));
    expect(after).toEqual(value(additionBy({ kind: 'model' }, question({ thinner: 0.08 }))));
  });

  it('a band by flow lies under what the nozzle just passes', () => {
    const { min, max } = value(bandByFlow(ford, 100e-6));
    expect(max).toBeLessThan(secondsAt(100e-6));
    expect(min).toBeLessThan(max);
  });
});

describe('stick tests', () => {
  it('run from thick to thin in each kind', () => {
    const [stays, fades, gone, slow, steady, run] = stickSigns.map(stickViscosity) as [
      number,
      number,
      number,
      number,
      number,
      number,
    ];
    expect(stays > fades && fades > gone).toBe(true);
    expect(slow > steady && steady > run).toBe(true);
  });
});

describe('drift', () => {
  const at = (hours: number, nu: number) => ({ hours, lnViscosity: Math.log(nu * 1e-6), sd: 0.02 });

  it('with one reading is what is usual; with many it is the mix’s own', () => {
    expect(fitDrift([at(0, 90)])).toMatchObject({
      rate: expect.closeTo(0.02, 9),
      rateSd: expect.closeTo(0.06, 6),
    });
    const own = fitDrift([0, 0.5, 1, 1.5, 2, 2.5, 3].map((hours) => at(hours, 90 * Math.exp(0.1 * hours))))!;
    expect(own.rate).toBeCloseTo(0.1, 1);
    expect(own.rateSd).toBeLessThan(0.01);
    expect(fitDrift([])).toBeUndefined();
  });

  it('tells when the band is left, with its spread: ln 1.105 above the middle at 0.05 an hour takes two hours', () => {
    const left = timeInBand(
      { now: Math.log(90e-6), nowSd: 0.01, rate: 0.05, rateSd: 0.01 },
      Math.log(80e-6),
      Math.log(90e-6) + 0.1,
    );
    expect(left.hours).toBeCloseTo(2, 9);
    expect(left.low).toBeGreaterThan(1);
    expect(left.low).toBeLessThan(2);
    expect(left.high).toBeGreaterThan(2);
  });

  it('soonest is never later than latest, whichever way it drifts', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.3, max: 0.3, noNaN: true }),
        fc.double({ min: 0.001, max: 0.1, noNaN: true }),
        (rate, sd) => {
          const { low, hours, high } = timeInBand({ now: 0, nowSd: 0.02, rate, rateSd: sd }, -0.1, 0.1);
          expect(low).toBeLessThanOrEqual(hours);
          expect(hours).toBeLessThanOrEqual(high);
          expect(low).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });
});

describe('learning from earlier batches', () => {
  const fallback = priorBelief(150e-6, 0.5, 1e-6);
  const lesson = (nu: number, S: number) => ({
    a: Math.log(nu * 1e-6),
    aVar: 0.0005,
    lnS: Math.log(S),
    lnSVar: 0.005,
    laws: fallback.start.laws,
  });

  it('starts from the class when there are none, and moves toward them as they come', () => {
    expect(beliefFrom([], fallback)).toBe(fallback);
    const one = beliefFrom([lesson(200, 12)], fallback);
    const ten = beliefFrom(
      Array.from({ length: 10 }, (_, i) => lesson(200 + (i % 3), 12)),
      fallback,
    );
    const off = (belief: typeof fallback) => Math.abs(belief.start.lnS - Math.log(12));
    expect(off(one)).toBeLessThan(off(fallback));
    expect(off(ten)).toBeLessThan(off(one));
    expect(ten.start.lnSVar).toBeLessThan(one.start.lnSVar);
    expect(Math.exp(ten.start.a) * 1e6).toBeCloseTo(201, -1);
  });

  it('stays wide when batches differ much among themselves', () => {
    const alike = beliefFrom(
      [198, 200, 202, 201, 199, 200].map((nu) => lesson(nu, 12)),
      fallback,
    );
    const unlike = beliefFrom(
      [120, 300, 160, 260, 140, 320].map((nu) => lesson(nu, 12)),
      fallback,
    );
    expect(unlike.start.aVar).toBeGreaterThan(alike.start.aVar * 3);
    expect(unlike.start.aVar).toBeLessThanOrEqual(fallback.start.aVar);
  });
});

describe('a reading looked at before it is recorded', () => {
  const known = condition(
    updateBelief(priorBelief(100e-6, 0.2, 1e-6), { w: 0, viscosity: 100e-6, sd: 0.02 }),
  );
  const cups = ['din-4', 'iso-4', 'ford-4'].map((id) => flowCup(id)!);

  it('is asked about when another cup of the shop would explain it', () => {
    // 100 mm²/s takes 30.5 s in ford-4, and 74.9 s in iso-4.
    expect(suspect(known, 0, ford, 30.5, 1, cups)).toBeUndefined();
    expect(suspect(known, 0, ford, 74.9, 1, cups)).toMatchObject({ kind: 'other-cup', cup: { id: 'iso-4' } });
  });

  it('is asked about when nothing explains it, and when it is thinner than the thinner', () => {
    expect(suspect(known, 0, ford, 200, 1, [ford])).toEqual({ kind: 'unlikely' });
    const glycol = condition(priorBelief(60e-6, 0.3, 3.5e-6));
    expect(suspect(glycol, 0.1, ford, 5.2, 1, cups)).toEqual({ kind: 'thinner-than-thinner' });
  });
});

describe('laws that batches found', () => {
  const fallback = priorBelief(150e-6, 0.5, 1e-6);

  it('are likelier the next time, and none is forgotten', () => {
    const laws = {
      ...fallback.start.laws,
      lederer: 1,
      power: 0,
      grunberg: 0,
      suspension: 0,
      standing: 0,
      'standing-long': 0,
    };
    const lesson = { ...fallback.start, laws };
    const next = beliefFrom(
      Array.from({ length: 9 }, () => lesson),
      fallback,
    ).start.laws;
    expect(next.lederer).toBeGreaterThan(0.7);
    for (const share of Object.values(next)) expect(share).toBeGreaterThan(0.02);
    expect(Object.values(next).reduce((sum, each) => sum + each, 0)).toBeCloseTo(1, 9);
  });
});

describe('an aged belief', () => {
  const known = updateBelief(priorBelief(100e-6, 0.2, 1e-6), { w: 0, viscosity: 100e-6, sd: 0.02 });
  const at = (belief: typeof known) => predict(condition(belief), 0);

  it('is as it was within a quarter of an hour, and wider by the hour', () => {
    expect(aged(known, 0.2)).toBe(known);
    expect(spreadOf(at(aged(known, 1)))).toBeGreaterThan(spreadOf(at(known)));
    expect(spreadOf(at(aged(known, 3)))).toBeGreaterThan(spreadOf(at(aged(known, 1))));
    expect(meanOf(at(aged(known, 3)))).toBeCloseTo(meanOf(at(known)), 2);
  });

  it('believes a fresh reading after lunch', () => {
    const later = { w: 0, viscosity: 125e-6, sd: 0.02 };
    const mean = (belief: typeof known) => Math.exp(meanOf(at(updateBelief(belief, later)))) * 1e6;
    expect(mean(known)).toBeLessThan(118);
    expect(mean(aged(known, 4))).toBeGreaterThan(122);
  });
});

describe('how far timings scatter in these hands', () => {
  it('is what is usual while they agree, and more when they do not', () => {
    expect(repeatOf([])).toBe(cupRepeat);
    expect(
      repeatOf([
        [30, 30.1],
        [22, 22],
      ]),
    ).toBe(cupRepeat);
    const apart = repeatOf([
      [30, 34],
      [22, 25],
      [19, 21.5],
    ]);
    expect(apart).toBeGreaterThan(0.05);
    expect(apart).toBeLessThan(0.1);
    // One pair far apart says less than three of them.
    expect(repeatOf([[30, 34]])).toBeLessThan(apart);
  });
});
