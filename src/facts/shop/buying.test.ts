import { isRefusal } from '@/core/refusal';
import type { Can, Coating, Job } from '@/records';
import {
  aJob,
  at,
  colour,
  coatsIn,
  end,
  lacquer,
  logged,
  mixedColour,
  seen,
  start,
} from '../../../tests/fixtures/job';
import { stockToBuy, toBuy } from './buying';
import { shelfOf } from './shelf';

const today = '2026-11-23';
const can = (componentId: string, litres: number, useBefore = '2027-01-01'): Can => ({
  ...{ kind: 'can', version: 1, id: `${componentId}/${useBefore}`, coatingId: colour.id, componentId },
  ...{ lot: 'L', left: litres * 1e-3, useBefore, countedAt: at(-9999) },
});
const listed = (job: Job, cans: readonly Can[] = [], sheets: readonly Coating[] = [colour, lacquer]) =>
  toBuy([seen(job)], shelfOf(cans, sheets, [], today), sheets, today);
const job = aJob([colour]);
const parts = colour.components.map(({ id }) => id);

describe('what is to be bought', () => {
  it('is every part the open jobs want and the shelf does not hold, with the sizes that cover it', () => {
    const all = listed(job);
    expect(all.map(({ component }) => component.id)).toEqual(parts);
    const { remaining } = seen(job).supply;
    if (isRefusal(remaining)) throw new Error(remaining.says);
    expect(all.reduce((sum, { need }) => sum + need, 0)).toBeCloseTo(remaining, 6);
    expect(all.every(({ cheapest }) => isRefusal(cheapest) && cheapest.refused === 'packs')).toBe(true);
    const sold = {
      ...colour,
      packs: [
        { componentId: parts[0]!, volume: 1e-3, price: 30 },
        { componentId: parts[0]!, volume: 5e-3, price: 60 },
      ],
      shelf: { closed: 365, opened: 30 },
      lead: 3,
    };
    const [first] = listed(job, [], [sold]);
    if (!first || isRefusal(first.cheapest)) throw new Error('nothing bought');
    expect(first.cheapest.volume).toBeGreaterThanOrEqual(first.short);
    expect(first).toMatchObject({ lead: 3, deadBy: '2026-12-23' });
  });

  it('counts what is in date, and nothing for coats that are on or mixed', () => {
    const [first] = listed(job);
    const half = (first!.short * 1000) / 2;
    expect(listed(job, [can(parts[0]!, half)])[0]!.short).toBeCloseTo(first!.short / 2, 9);
    expect(listed(job, [can(parts[0]!, half, '2026-01-01')])[0]!.short).toBeCloseTo(first!.short, 9);
    expect(listed(job, [can(parts[0]!, half * 3)]).map(({ component }) => component.id)).toEqual(
      parts.slice(1),
    );
    const done = logged(
      job,
      ...coatsIn(job).flatMap(
        ({ id }, i) =>
          [
            [-90 + i * 40, start(id)],
            [-80 + i * 40, end(id)],
          ] as const,
      ),
    );
    expect(listed(done)).toEqual([]);
    expect(listed(logged(job, [-10, mixedColour()]))[0]!.need).toBeLessThan(first!.need);
  });

  it('is what of the store room is down to its least', () => {
    const stock = [
      { id: 'g', name: 'Gloves', stock: 3, least: 10 },
      { id: 'f', name: 'Filters', stock: 8, least: 2 },
    ];
    expect(stockToBuy({ stock })).toEqual([{ row: stock[0], count: 17 }]);
    expect(stockToBuy({})).toEqual([]);
  });
});
