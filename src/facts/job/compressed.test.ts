import type { Rig } from '@/records';
import { aJob, seen, turbine } from '../../../tests/fixtures/job';
import { compressedAir } from './compressed';

const rig = (litres: number): Rig => ({
  ...turbine,
  air: 'compressor',
  airDemand: 400e-3 / 60,
  airHose: { bore: 9e-3, length: 10 },
  compressor: { delivers: litres / 60e3, tank: 0.1, high: 8e5, low: 5e5 },
});
const at = (litres: number) => {
  const view = seen(aJob(), { rig: rig(litres) });
  return { air: compressedAir(view)!, ready: view.permission.items.find(({ id }) => id === 'supply')!, view };
};

describe('a compressor beside its gun', () => {
  const takes = at(400).air.takes * 60e3;
  it('is judged by what the gun takes at its point, in one place', () => {
    const { air, view } = at(400);
    expect(air.takes).toBe(view.set.point.air);
    expect(air.margin).toBeCloseTo(400 / takes - 1, 9);
  });
  it('is ample from a fifth to spare, little under it, short under none: and permission says the same', () => {
    expect(at(takes * 1.201).air.state).toBe('ample');
    expect(at(takes * 1.199).air.state).toBe('little');
    expect(at(takes * 1.001).air.state).toBe('little');
    // So little short that its tank lasts longer than the coat: nobody waits, and that is no stop.
    expect(at(takes * 0.999).air).toMatchObject({ state: 'tank', waits: 0 });
    expect(at(takes * 0.999).ready).toMatchObject({ cause: 'air-tank', weight: 'care' });
    expect(at(takes / 2).air.state).toBe('short');
    expect(at(takes / 2).ready).toMatchObject({ cause: 'air-short', weight: 'stop' });
    expect(at(takes * 1.199).ready).toMatchObject({ cause: 'air-little', weight: 'care' });
    expect(at(takes * 1.201).ready.met).toBe(true);
    expect(Number.isFinite(at(takes * 0.999).air.lasts)).toBe(true);
  });
  it('carries a coat out of its tank only with a fifth more than the coat takes', () => {
    const { time } = seen(aJob(), { rig: rig(takes * 0.999) }).points[0]!;
    const lasting = (share: number) => {
      const own = rig(takes * 0.9);
      const { lasts } = compressedAir(seen(aJob(), { rig: own }))!;
      const tank = (0.1 * share * time) / lasts;
      return compressedAir(seen(aJob(), { rig: { ...own, compressor: { ...own.compressor!, tank } } }))!
        .state;
    };
    expect([lasting(1.19), lasting(1.21)]).toEqual(['short', 'tank']);
  });
  it('is waited for over a long coat where it is short, and that costs hands', () => {
    const half = at(takes / 2).air;
    const { time } = seen(aJob(), { rig: rig(takes / 2) }).points[0]!;
    expect(half.waits).toBeCloseTo(Math.max(time - half.lasts, 0), 6);
    expect(half.costs).toBeUndefined();
    const dear = compressedAir(
      seen(aJob(), {
        rig: {
          ...rig(takes / 4),
          compressor: { delivers: takes / 4 / 60e3, tank: 0.001, high: 8e5, low: 5e5 },
        },
        shop: { rates: { labour: 0.01 } },
      }),
    )!;
    expect(dear.waits).toBeGreaterThan(2 * time);
    expect(dear.costs).toBeCloseTo(dear.waits * 0.01, 9);
    expect(at(takes * 1.3).air.waits).toBe(0);
  });
  it('is not spoken of where none is described, or a turbine blows', () => {
    expect(compressedAir(seen(aJob(), { rig: { ...rig(400), compressor: undefined } }))).toBeUndefined();
    expect(compressedAir(seen(aJob(), { rig: { ...rig(400), air: 'turbine' } }))).toBeUndefined();
  });
});
