import { flowCup, secondsFromViscosity } from '@/core/cups';
import type { Cup } from '@/records';
import { ford } from '../../../tests/fixtures/job';
import { cupBehind, cupOf, lastCheck } from './cups';

const own = (liquids: NonNullable<Cup['own']>['liquids'] = []): Cup => ({
  kind: 'cup',
  version: 1,
  id: 'own',
  name: 'Brass',
  own: { use: 'dip', liquids },
});
const timed = (nu: number) => ({
  viscosity: nu * 1e-6,
  seconds: secondsFromViscosity(flowCup('iso-4')!, nu * 1e-6) as number,
});

describe('what a cup reads', () => {
  it('of a standard, its formula', () => expect(cupOf(ford)).toBe(flowCup('ford-4')));

  it('calibrated, its own formula over the range it was timed in', () => {
    const cup = cupOf(own([timed(50), timed(80), timed(130)]));
    expect(cup).toMatchObject({ id: 'own', name: 'Brass', use: 'dip', standard: 'own, calibrated' });
    expect(cup?.relative).toBeUndefined();
    expect(cup?.valid.min).toBeCloseTo(timed(50).seconds, 6);
  });

  it('with fewer than two liquids, or ones that contradict, only itself', () => {
    expect(cupOf(own())?.relative).toBe(true);
    expect(cupOf(own([timed(50)]))?.relative).toBe(true);
    expect(
      cupOf(
        own([
          { seconds: 30, viscosity: 40e-6 },
          { seconds: 20, viscosity: 90e-6 },
        ]),
      )?.relative,
    ).toBe(true);
  });

  it('is found by the shop’s id first, else by the standard’s own', () => {
    expect(cupBehind('cup', [ford])?.id).toBe('ford-4');
    expect(cupBehind('din-4', [ford])?.id).toBe('din-4');
    expect(cupBehind('nowhere', [ford])).toBeUndefined();
  });
});

describe('the last check', () => {
  const checked = (...seconds: readonly number[]): Cup => ({
    ...ford,
    checks: seconds.map((each, i) => ({ on: `2026-0${i + 1}-01`, seconds: each, viscosity: 98.21e-6 })),
  });
  it('is the youngest, whatever order they stand in', () => {
    expect(lastCheck(checked(30, 28))).toMatchObject({ state: 'worn', on: '2026-02-01' });
    const cup = checked(30, 28);
    expect(lastCheck({ ...cup, checks: [...cup.checks!].reverse() })?.on).toBe('2026-02-01');
  });
  it('tells nothing of a cup never checked, or one without viscosity', () => {
    expect(lastCheck(ford)).toBeUndefined();
    expect(lastCheck({ ...own(), checks: checked(30).checks })).toBeUndefined();
  });
});
