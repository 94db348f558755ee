import fc from 'fast-check';
import { flowCups, viscosityFromSeconds } from '../cups';
import { isRefusal } from '../refusal';
import { nextAddition, priorBelief, updateBelief, type AdditionQuestion, type Advice } from '.';

/** Random pots: a cup, a band it can read, a paint somewhere above or below it, some thinner in already. */
const questions = fc
  .record({
    cup: fc.constantFrom(...flowCups.filter(({ id }) => !['iso-3', 'ford-1', 'dip-1', 'dip-5'].includes(id))),
    middle: fc.double({ min: 24, max: 70, noNaN: true }),
    half: fc.double({ min: 0.04, max: 0.2, noNaN: true }),
    factor: fc.double({ min: 0.8, max: 4, noNaN: true }),
    mass: fc.double({ min: 0.2, max: 20, noNaN: true }),
    added: fc.double({ min: 0, max: 0.15, noNaN: true }),
    maximum: fc.option(fc.double({ min: 0.01, max: 0.4, noNaN: true }), { nil: undefined }),
    scaleStep: fc.constantFrom(0.0001, 0.001, 0.005),
    by: fc.constantFrom('mass' as const, 'volume' as const),
    of: fc.constantFrom('base' as const, 'mix' as const),
    sd: fc.double({ min: 0.01, max: 0.15, noNaN: true }),
  })
  .map((given): AdditionQuestion => {
    const { cup, middle, half, factor, mass, added, sd } = given;
    const target = viscosityFromSeconds(cup, middle) as number;
    const thinner = added * mass;
    const belief = updateBelief(priorBelief(target * factor, 0.4, 1e-6), {
      w: thinner / (thinner + mass),
      viscosity: target * factor,
      sd,
    });
    return {
      belief,
      batch: { mass, density: 1100, base: { mass: mass * 0.8, density: 1150 } },
      thinner,
      thinnerDensity: 900,
      band: { cup, min: middle * (1 - half), max: middle * (1 + half) },
      maximum: given.maximum,
      basis: { by: given.by, of: given.of },
      scaleStep: given.scaleStep,
      readingSd: sd,
      timed: true,
    };
  });

const checked = (check: (advice: Advice, question: AdditionQuestion) => void) =>
  fc.assert(
    fc.property(questions, (question) => {
      const advice = nextAddition(question);
      if (!isRefusal(advice)) check(advice, question);
    }),
    { numRuns: 120 },
  );

describe('whatever the pot', () => {
  it('an addition is whole steps of the scale, at least one, within the risk and the maximum', () => {
    checked((advice, { scaleStep, maximum }) => {
      if (advice.kind !== 'add') return;
      const steps = advice.mass / scaleStep;
      expect(steps).toBeGreaterThan(0.999);
      expect(Math.abs(steps - Math.round(steps))).toBeLessThan(1e-3);
      expect(advice.riskUnder).toBeLessThanOrEqual(0.05);
      if (maximum !== undefined) expect(advice.share).toBeLessThanOrEqual(maximum + 1e-9);
    });
  });

  it('every number in it is a number, and intervals are the right way round', () => {
    checked((advice) => {
      const spans =
        advice.kind === 'add' || advice.kind === 'at-maximum' ? [advice.now, advice.expect] : [advice.now];
      for (const { low, seconds, high } of spans) {
        expect(low).toBeLessThanOrEqual(seconds + 1e-9);
        expect(seconds).toBeLessThanOrEqual(high + 1e-9);
        expect(Number.isFinite(low + high)).toBe(true);
      }
      expect(advice.chanceInBand).toBeGreaterThanOrEqual(-1e-9);
      expect(advice.chanceInBand).toBeLessThanOrEqual(1);
    });
  });

  it('an addition is expected to thin, never past the middle of the band by more than a step', () => {
    checked((advice, { band }) => {
      if (advice.kind !== 'add') return;
      expect(advice.expect.seconds).toBeLessThan(advice.now.seconds + 1e-6);
      expect(advice.expect.seconds).toBeGreaterThan(((band.min + band.max) / 2) * 0.97);
    });
  });

  it('thinner is never advised for a pot that is already below the band', () => {
    checked((advice, { band }) => {
      if (advice.now.seconds < band.min) expect(advice.kind).not.toBe('add');
    });
  });

  it('a pot not timed since the last addition is timed first', () => {
    fc.assert(
      fc.property(questions, (question) => {
        const advice = nextAddition({ ...question, timed: false });
        if (!isRefusal(advice)) expect(advice.kind).toBe('time-first');
      }),
      { numRuns: 60 },
    );
  });

  it('a wider band is never harder to be ready in', () => {
    checked((advice, question) => {
      if (advice.kind !== 'ready') return;
      const { band } = question;
      const wider = nextAddition({
        ...question,
        band: { ...band, max: band.max * 1.05, min: band.min * 0.97 },
      });
      if (!isRefusal(wider)) expect(wider.chanceInBand).toBeGreaterThanOrEqual(advice.chanceInBand - 1e-9);
    });
  });
});
