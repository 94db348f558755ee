import fc from 'fast-check';
import { isRefusal } from '@/core/refusal';
import type { Rig } from '@/records';
import { aJob, seen, turbine } from '../../../tests/fixtures/job';
import { newRig } from '../newjob/newrig';
import { leversBefore, leversJudged } from './levers';
import { airChainOf, type AirChain, type PressurePlace } from './airchain';

const bar = 1e5;
const hose = { bore: 9e-3, length: 10 };
const hvlp: Rig = { ...newRig('r', 'hvlp'), airHose: hose };
const chain = (rig: Rig, pressure: number, at: PressurePlace): AirChain => {
  const found = airChainOf(rig, pressure, at);
  if (!found || isRefusal(found)) throw new Error(found?.says ?? 'There is no chain.');
  return found;
};

describe('one pressure at every place of the line', () => {
  it('the cap of an HVLP gun is not its inlet, and the wall is set for the inlet', () => {
    const { cap, inlet, wall, air, capAssumed } = chain(hvlp, 0.5 * bar, 'cap');
    expect(cap).toBe(0.5 * bar);
    expect(inlet / bar).toBeCloseTo(1.56, 2);
    expect(wall as number).toBeGreaterThan(inlet);
    expect(air! * 60_000).toBeGreaterThan(300);
    expect(capAssumed).toBe(true);
    // Had the cap been taken for the inlet, the wall would stand at a third of this.
    expect((wall as number) / (0.5 * bar)).toBeGreaterThan(3);
  });

  it('tells the same whichever place it was read at', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.25 * bar, max: 0.9 * bar, noNaN: true }), (cap) => {
        const from = chain(hvlp, cap, 'cap');
        for (const [pressure, at] of [
          [from.inlet, 'inlet'],
          [from.wall as number, 'wall'],
        ] as const) {
          const again = chain(hvlp, pressure, at);
          expect(again.cap! / cap).toBeCloseTo(1, 2);
          expect(again.inlet / from.inlet).toBeCloseTo(1, 2);
          expect((again.wall as number) / (from.wall as number)).toBeCloseTo(1, 2);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('is the air the levers tell too, at the proposed pressure and at another', () => {
    const rig: Rig = { ...turbine, id: 'rig', air: 'compressor', maxPressure: undefined, airHose: hose };
    const view = seen(aJob(), { rig });
    const { levers, distance } = leversBefore(view);
    for (const pressure of [0.42 * bar, 0.6 * bar]) {
      const { point } = leversJudged(
        view,
        { levers, pressure, distance },
        { pressureAt: 'cap', bore: 1.5e-3 },
      );
      expect(point.air).toBeCloseTo(chain(rig, pressure, 'cap').air!, 9);
    }
  });

  it('says nothing of a cap nobody knows, of a turbine, an airless, or a tank', () => {
    const compliant: Rig = { ...newRig('r', 'compliant'), airHose: hose, airDemand: 290e-3 / 60 };
    const found = chain(compliant, 2 * bar, 'inlet');
    expect(found).not.toHaveProperty('cap');
    expect(found.wall as number).toBeGreaterThan(2 * bar);
    expect(chain(compliant, found.wall as number, 'wall').inlet / bar).toBeCloseTo(2, 2);
    expect(airChainOf(compliant, 1 * bar, 'cap')).toBeUndefined();
    expect(airChainOf({ ...hvlp, air: 'turbine' }, 0.4 * bar, 'cap')).toBeUndefined();
    expect(airChainOf(newRig('r', 'airless'), 150 * bar, 'tip')).toBeUndefined();
    expect(airChainOf(hvlp, 8 * bar, 'tank')).toBeUndefined();
  });

  it('a cap that somebody read outranks the default, of any gun on a compressor', () => {
    const read: Rig = { ...newRig('r', 'hvlp'), rated: { inlet: 1.5 * bar, cap: 0.6 * bar, by: 'gauge' } };
    const found = chain(read, 1.5 * bar, 'inlet');
    expect(found.cap! / bar).toBeCloseTo(0.6, 4);
    expect(found.capAssumed).toBe(false);
    expect(chain(newRig('r', 'hvlp'), 1.5 * bar, 'inlet').cap! / bar).toBeLessThan(0.5);
    expect(chain(read, 0.6 * bar, 'cap').inlet / bar).toBeCloseTo(1.5, 2);
    const compliant: Rig = {
      ...newRig('r', 'compliant'),
      rated: { inlet: 2 * bar, cap: 1.1 * bar, by: 'maker' },
    };
    expect(chain(compliant, 2 * bar, 'inlet').cap! / bar).toBeCloseTo(1.1, 3);
  });

  it('knows no wall without a hose, and refuses a hose too thin', () => {
    expect(chain(newRig('r', 'hvlp'), 0.5 * bar, 'cap')).not.toHaveProperty('wall');
    const thin = chain({ ...hvlp, airHose: { bore: 4e-3, length: 20 } }, 0.6 * bar, 'cap');
    expect(isRefusal(thin.wall)).toBe(true);
  });
});
