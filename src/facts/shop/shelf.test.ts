import fc from 'fast-check';
import { classSheet, type Can, type NewEntry } from '@/records';
import { aJob, at, lacquer, logged } from '../../../tests/fixtures/job';
import { cansFor, drawFrom, shelfOf, useBeforeOf } from './shelf';

const can = (id: string, says: Partial<Can> = {}): Can => ({
  kind: 'can',
  version: 1,
  id,
  coatingId: 'lacquer',
  componentId: 'base',
  lot: id,
  left: 2e-3,
  ...says,
});
const poured = (canId: string, mass: number): NewEntry => ({
  type: 'poured',
  batchId: 'b',
  layerId: 'lacquer',
  volume: 1e-3,
  partId: 'base',
  mass,
  from: [{ canId, mass }],
});
const today = '2026-11-23';
const shelf = (cans: readonly Can[], ...jobs: ReturnType<typeof aJob>[]) =>
  shelfOf(cans, [lacquer], jobs, today);

describe('the shelf', () => {
  it('is drawn down by what every job poured: 2 L at 1.04 less 520 g is 1.5 L', () => {
    const job = logged(aJob(), [-60, poured('a', 0.52)]);
    expect(shelf([can('a')], job)[0]?.left).toBeCloseTo(1.5e-3, 9);
    expect(shelf([can('a')], job, { ...job, id: 'other' })[0]?.left).toBeCloseTo(1e-3, 9);
    expect(shelf([can('a')], logged(aJob(), [-60, poured('a', 9)]))[0]?.left).toBe(0);
  });

  it('counts only what was drawn since somebody looked into the can', () => {
    const job = logged(aJob(), [-60, poured('a', 0.52)], [-10, poured('a', 0.104)]);
    expect(shelf([can('a', { left: 1e-3, countedAt: at(-30) })], job)[0]?.left).toBeCloseTo(0.9e-3, 9);
  });

  it('is thinned by what goes back, and the next draw takes that thinner with it', () => {
    // 1040 g less 540 g is 500 g; 100 g of mix with 20 g water back: 600 g with 20 g water, 3.3 %.
    const back = { type: 'returned', canId: 'a', mass: 0.1, thinner: 0.02 } as const;
    const job = logged(aJob(), [-60, poured('a', 0.54)], [-50, back]);
    const [one] = shelf([can('a', { left: 1e-3 })], job);
    expect(one?.thinned).toBeCloseTo(0.02 / 0.6, 9);
    const [after] = shelf([can('a', { left: 1e-3 })], logged(job, [-40, poured('a', 0.3)]));
    expect(after?.thinned).toBeCloseTo(0.02 / 0.6, 9);
    expect(drawFrom([one!], 0.3).thinner).toBeCloseTo(0.01, 9);
  });

  it('counts litres by the density of what is in it: 1 kg of rinsings of 800 are 1.25 L', () => {
    const sheet = {
      ...lacquer,
      thinning: { ...lacquer.thinning, thinners: [{ ...lacquer.thinning.thinners[0]!, density: 800 }] },
    };
    const back = { type: 'returned', canId: 'a', mass: 1, thinner: 1, liquid: 'water' } as const;
    const [one] = shelfOf([can('a')], [sheet], [logged(aJob(), [-50, back])], today);
    expect(one?.left).toBeCloseTo(3.25e-3, 9);
    expect(one?.thinners).toEqual(['water']);
  });

  it('goes out of date at the first of its printed date, its age and its time open', () => {
    const sheet = { shelf: { closed: 365, opened: 90 } };
    expect(useBeforeOf({ useBefore: '2027-06-30', made: '2026-02-10' }, sheet)).toBe('2027-02-10');
    expect(useBeforeOf({ useBefore: '2027-06-30', made: '2026-02-10', opened: '2026-08-01' }, sheet)).toBe(
      '2026-10-30',
    );
    expect(useBeforeOf({ useBefore: '2026-05-01' }, sheet)).toBe('2026-05-01');
    expect(useBeforeOf({}, undefined)).toBeUndefined();
    expect(shelf([can('a', { useBefore: today })])[0]?.expired).toBe(false);
    expect(shelf([can('a', { useBefore: '2026-11-22' })])[0]?.expired).toBe(true);
  });

  it('gives the can that goes out first, those chosen before all, an expired one only if there is no other', () => {
    const cans = [
      can('old', { useBefore: '2026-01-01' }),
      can('late', { useBefore: '2027-09-01' }),
      can('soon', { useBefore: '2027-01-01' }),
    ];
    const on = shelf(cans);
    const ids = (chosen?: string[]) => cansFor(on, 'lacquer', 'base', chosen).map(({ can: { id } }) => id);
    expect(ids()).toEqual(['soon']);
    expect(ids(['late', 'old'])).toEqual(['old', 'late']);
    expect(cansFor(shelf(cans.slice(0, 1)), 'lacquer', 'base').map((each) => each.expired)).toEqual([true]);
    expect(cansFor(on, classSheet('water-base', 'x', 'X', today).id, 'base')).toEqual([]);
  });

  it('boxed cans give in proportion to what is in them, and the whole is what was weighed', () => {
    const lefts = fc.array(fc.double({ min: 0, max: 5e-3, noNaN: true }), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(lefts, fc.double({ min: 0.001, max: 5, noNaN: true }), (all, mass) => {
        const { from } = drawFrom(shelf(all.map((left, i) => can(`c${i}`, { left }))), mass);
        expect(from.reduce((sum, each) => sum + each.mass, 0)).toBeCloseTo(mass, 9);
        expect(from.every((each) => each.mass >= 0)).toBe(true);
      }),
    );
    expect(
      drawFrom(shelf([can('a', { left: 1e-3 }), can('b', { left: 3e-3 })]), 1).from.map(({ mass }) => mass),
    ).toEqual([0.25, 0.75]);
  });
});
