import fc from 'fast-check';
import { celsius } from '@/core/climate';
import type { Advice } from '@/core/thinning';
import {
  aJob,
  colour,
  lacquer,
  logged,
  mixedColour,
  mixedLacquer,
  reading,
  seen,
  trueSeconds,
  water,
} from '../../../tests/fixtures/job';
import { thinCurve } from './index';

const mixed = logged(aJob(), [-60, mixedLacquer]);
const adviceOf = (job: typeof mixed): Advice => {
  const { step } = seen(job).thin;
  if (step.kind !== 'advice') throw new Error(step.kind);
  return step.advice;
};

describe('what Thin asks for', () => {
  it('mixing first, then a timing, then a second one', () => {
    expect(seen(aJob()).thin.step.kind).toBe('mix-first');
    expect(seen(mixed).thin.step).toEqual({ kind: 'time', timings: 0 });
    expect(seen(logged(mixed, [-50, reading(33)])).thin.step).toEqual({ kind: 'time', timings: 1 });
  });

  it('goes on with one timing where the shop works that way', () => {
    const { step } = seen(logged(mixed, [-50, reading(33)]), { shop: { timings: 1 } }).thin;
    expect(step.kind).toBe('advice');
  });

  it('a third when two differ by more than 5 %, and takes the closest two of the three', () => {
    const two = logged(mixed, [-50, reading(31)], [-49, reading(34)]);
    expect(seen(two).thin.step.kind).toBe('third');
    const three = seen(logged(two, [-48, reading(33.8)])).thin;
    expect(three.step.kind).toBe('advice');
    expect(three.readings[0]?.seconds).toBeCloseTo(33.9, 6);
  });

  it('nothing of a coating that no cup can judge', () => {
    const gel = { ...lacquer, target: undefined };
    expect(seen(aJob([gel])).thin.step.kind).toBe('no-cup');
  });

  it('discarding, not thinning, once a two-part mix is past its pot life', () => {
    const job = logged(aJob([colour]), [-200, mixedColour('b')], [-190, reading(40)], [-189, reading(40)]);
    expect(seen(job).thin.step.kind).toBe('expired');
    expect(seen(job, { minutes: -150 }).thin.step.kind).not.toBe('expired');
  });
});

describe('readings', () => {
  it('are grouped between additions, and know how much thinner was in', () => {
    const job = logged(
      mixed,
      [-50, reading(33)],
      [-49, reading(33.2)],
      [-45, water(0.1)],
      [-40, reading(27)],
      [-39, reading(27.2)],
    );
    const { readings } = seen(job).thin;
    expect(readings.map(({ entries, thinner }) => [entries.length, thinner])).toEqual([
      [2, 0],
      [2, 0.1],
    ]);
    expect(readings[1]?.share).toBeCloseTo(0.05, 9);
  });

  it('are kept as taken and shown at the sheet’s temperature: cold paint runs slower', () => {
    const at = (degrees: number) => seen(logged(mixed, [-50, reading(33, degrees)])).thin.readings[0];
    expect(at(23)?.atSheet).toBeCloseTo(33, 6);
    expect(at(18)?.seconds).toBe(33);
    expect(at(18)?.atSheet).toBeLessThan(33);
    expect(at(28)?.atSheet).toBeGreaterThan(33);
    // The slope is a guess: how far it may mislead is no error that another timing takes away.
    // At the sheet’s temperature only the thermometer’s half kelvin is left.
    expect(at(23)?.bias).toBeCloseTo(0.0125, 9);
    expect(at(13)?.bias).toBeGreaterThan(0.05);
  });

  it('half an hour apart are not one reading', () => {
    expect(seen(logged(mixed, [-59, reading(33)], [-20, reading(34)])).thin.readings).toHaveLength(2);
  });

  it('from another cup are converted, and trusted less', () => {
    const inIso = logged(mixed, [
      -50,
      { type: 'reading', batchId: 'b', cupId: 'iso-4', seconds: 80, temperature: celsius(23) },
    ]);
    const [other] = seen(inIso).thin.readings;
    expect(other?.cup.id).toBe('iso-4');
    expect(other?.atSheet).toBeLessThan(40);
    expect(other?.bias).toBeCloseTo(Math.hypot(0.1, 0.0125), 9);
  });

  it('outside their cup’s range say which cup would do better', () => {
    const [short] = seen(logged(mixed, [-50, reading(16)])).thin.readings;
    expect(short?.outside?.where).toBe('below');
    expect(short?.outside?.better.length).toBeGreaterThan(0);
  });

  it('that a cup cannot tell are left out rather than guessed', () => {
    expect(seen(logged(mixed, [-50, reading(4)])).thin.readings).toEqual([]);
  });
});

describe('the next addition', () => {
  const timed = logged(mixed, [-50, reading(trueSeconds(0))], [-49, reading(trueSeconds(0))]);

  it('leads a true paint into the band, by what it advises alone', () => {
    let job = timed;
    let total = 0;
    for (let i = 0; i < 4; i += 1) {
      const advice = adviceOf(job);
      if (advice.kind !== 'add') break;
      total += advice.mass;
      const seconds = trueSeconds(total);
      job = logged(
        job,
        [-45 + i * 5, water(advice.mass)],
        [-44 + i * 5, reading(seconds)],
        [-43 + i * 5, reading(seconds)],
      );
    }
    expect(adviceOf(job).kind).toBe('ready');
    expect(seen(job).thin.inBand).toBe('inside');
    expect(seen(job).done.has('thin')).toBe(true);
  });

  it('never passes the sheet’s maximum in total', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.005, max: 0.2, noNaN: true }), (maximum) => {
        const sheet = { ...lacquer, thinning: { ...lacquer.thinning, maximum } };
        const advice = adviceOf(
          logged(aJob([sheet]), [-60, mixedLacquer], [-50, reading(60)], [-49, reading(60)]),
        );
        if (advice.kind === 'add') expect(advice.share).toBeLessThanOrEqual(maximum + 1e-9);
      }),
      { numRuns: 40 },
    );
  });

  it('says beforehand when the maximum will not reach the band', () => {
    const tight = { ...lacquer, thinning: { ...lacquer.thinning, maximum: 0.01 } };
    const thick = logged(aJob([tight]), [-60, mixedLacquer], [-50, reading(60)], [-49, reading(60)]);
    expect(seen(thick).thin.reachable?.reaches).toBe(false);
    expect(seen(timed).thin.reachable?.reaches).toBe(true);
  });

  it('brings a pot that is too thin back', () => {
    const thin = logged(
      timed,
      [-45, water(0.35)],
      [-40, reading(trueSeconds(0.35))],
      [-39, reading(trueSeconds(0.35))],
    );
    const advice = adviceOf(thin);
    if (advice.kind !== 'too-thin') throw new Error(advice.kind);
    const mix = 2 + advice.bringBack;
    expect(trueSeconds(0.35, mix)).toBeGreaterThan(21);
    expect(trueSeconds(0.35, mix)).toBeLessThan(25);
  });

  it('draws a curve that falls, inside its own spread, to past the maximum', () => {
    const curve = thinCurve(seen(timed).thin.question!);
    expect(curve.at(-1)?.share).toBeGreaterThan(lacquer.thinning.maximum);
    for (let i = 1; i < curve.length; i += 1) {
      expect(curve[i]!.seconds).toBeLessThan(curve[i - 1]!.seconds);
      expect(curve[i]!.low).toBeLessThan(curve[i]!.seconds);
      expect(curve[i]!.high).toBeGreaterThan(curve[i]!.seconds);
    }
  });
});
