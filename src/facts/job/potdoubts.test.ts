import { celsius } from '@/core/climate';
import { secondsFromViscosity, viscosityFromSeconds } from '@/core/cups';
import type { Cup } from '@/records';
import { aJob, ford, lacquer, logged, mixedLacquer, reading, seen } from '../../../tests/fixtures/job';
import { additionEffect } from './addition';
import { cupOf } from './cups';
import { betterCups, simulatedDrain, suspicionOf, tooThinFor } from './suspicion';

const timed = seen(logged(aJob(), [-60, mixedLacquer], [-50, reading(33)], [-49, reading(33.2)]));
const iso: Cup = { kind: 'cup', version: 1, id: 'iso', name: 'ISO 4', standardId: 'iso-4' };
const cup = cupOf(ford);
const at = (seconds: number | undefined) => ({ cup, seconds, temperature: celsius(23) });

describe('a reading before it is recorded', () => {
  it('is as expected, or asked about when it is far from what the pot has read', () => {
    expect(suspicionOf(timed, [ford], at(33.5))).toBeUndefined();
    expect(suspicionOf(timed, [ford], at(15))).toBeDefined();
  });

  it('names the other cup that would have read so', () => {
    const inIso = secondsFromViscosity(cupOf(iso)!, viscosityFromSeconds(cup!, 33.2) as number) as number;
    expect(suspicionOf(timed, [ford, iso], at(inIso))).toMatchObject({
      kind: 'other-cup',
      cup: { id: 'iso' },
    });
  });

  it('nothing is asked before the first reading, nor without a time', () => {
    expect(suspicionOf(seen(logged(aJob(), [-60, mixedLacquer])), [ford], at(15))).toBeUndefined();
    expect(suspicionOf(timed, [ford], at(undefined))).toBeUndefined();
  });

  it('tells nothing at the zero of a cup', () => {
    expect(tooThinFor(cup, 4.5)).toBe(true);
    expect(tooThinFor(cup, 25)).toBe(false);
    expect(tooThinFor(undefined, 4.5)).toBe(false);
  });

  it('names the cups that read the band inside their own range, where the one in hand does not', () => {
    expect(betterCups(timed, 'cup', [ford])).toEqual([]);
    const coarse: Cup = { ...iso, id: 'coarse', standardId: 'iso-8' };
    expect(betterCups(timed, 'coarse', [ford, coarse]).map(({ id }) => id)).toEqual(['cup']);
  });

  it('the simulated cup takes as long each time it is asked of the same pot, and longer when cold', () => {
    const warm = simulatedDrain(timed, 'cup', [ford], celsius(30));
    expect(simulatedDrain(timed, 'cup', [ford], celsius(30))).toBe(warm);
    expect(simulatedDrain(timed, 'cup', [ford], celsius(10))).toBeGreaterThan(warm);
    expect(simulatedDrain(seen(aJob()), 'cup', [ford], celsius(20))).toBe(30);
  });
});

describe('thinner poured that was not asked for', () => {
  it('is told by what it makes of the pot', () => {
    const little = additionEffect(timed, 0.01)!;
    expect(little).toMatchObject({ over: false, twice: false });
    expect(additionEffect(timed, 0.02)!.share).toBeGreaterThan(little.share);
    expect(additionEffect(timed, 1)).toMatchObject({ over: true });
    expect(additionEffect(seen(aJob()), 0.01)).toBeUndefined();
  });

  it('the same amount within a minute may be one pour written twice', () => {
    const poured = (minutes: number) =>
      seen(
        logged(
          aJob([lacquer]),
          [-60, mixedLacquer],
          [minutes, { type: 'addition', batchId: timed.thin.batch!.id, what: 'water', mass: 0.05 }],
        ),
      );
    expect(additionEffect(poured(-0.5), 0.05)).toMatchObject({ twice: true });
    expect(additionEffect(poured(-0.5), 0.06)).toMatchObject({ twice: false });
    expect(additionEffect(poured(-2), 0.05)).toMatchObject({ twice: false });
  });
});
