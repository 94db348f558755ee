import { isRefusal } from '@/core/refusal';
import type { Job, NewEntry } from '@/records';
import {
  aJob,
  coatsIn,
  end,
  kit,
  logged,
  mixedLacquer,
  noon,
  reading,
  setting,
  start,
  water,
} from '../../../tests/fixtures/job';
import { askedOf, bookMarks, bookRows, groupsOf } from './book';

const month = 30 * 24 * 60;
function sprayed(id: string, months: number, by?: string, bore = 1.5e-3, seconds = 24): Job {
  const from = months * month;
  const job = { ...aJob(), id, name: `Doors ${id}` };
  const done = logged(
    job,
    [from - 80, mixedLacquer],
    [from - 70, water(0.1)],
    [from - 65, reading(seconds)],
    [from - 60, { ...setting(), bore } as NewEntry],
    ...coatsIn(job).flatMap(
      ({ id: coat }, i) =>
        [
          [from - 50 + i * 20, start(coat)],
          [from - 40 + i * 20, end(coat)],
        ] as const,
    ),
  );
  return { ...done, log: done.log.map((entry) => (by ? { ...entry, by } : entry)) };
}
const measured = (job: Job, ...films: readonly number[]): Job =>
  logged(
    job,
    ...films.map(
      (each, i) =>
        [
          100_000 + i,
          { type: 'film', faceId: job.part.faces[0]!.id, spot: Math.floor(i / 3), reading: each } as const,
        ] as const,
    ),
  );
describe('the shop’s book', () => {
  const jobs = [sprayed('b', 1, 'Wren'), sprayed('a', 0, 'Rook'), sprayed('c', 2)];
  const rows = bookRows(jobs, kit);

  it('a row a product and job, the oldest first; what nobody recorded is left open', () => {
    expect(rows.map(({ use }) => use.jobId)).toEqual(['a', 'b', 'c']);
    expect(rows[0]?.month).toBe('2026-11');
    expect(rows[0]?.values).toMatchObject({ film: undefined, transfer: undefined, faults: 0, reworks: 0 });
    expect(rows[0]?.values.thinning).toBeCloseTo(24 / 23 - 1, 6);
    // 20 minutes and 2.1 kg for two coats of the part.
    const { area } = rows[0]!.use;
    expect(rows[0]?.values.minutes).toBeCloseTo(1200 / (2 * area), 6);
    expect(rows[0]?.values.paint).toBeCloseTo(rows[0]!.use.paint / (2 * area), 12);
  });

  it('only what is asked', () => {
    expect(askedOf(rows, { person: 'Wren' }).map(({ use }) => use.jobId)).toEqual(['b']);
    expect(askedOf(rows, { rigId: 'rig', sheetId: 'lacquer' })).toHaveLength(3);
    expect(askedOf(rows, { sheetId: 'another' })).toEqual([]);
    expect(askedOf(rows, {})).toHaveLength(3);
  });

  it('by product, gun, person and month; nobody’s jobs stand apart, a job of two counts for both', () => {
    expect(groupsOf(rows, 'sheet', 'faults').map(({ key, rows: own }) => [key, own.length])).toEqual([
      ['lacquer', 3],
    ]);
    expect(
      groupsOf(rows, 'person', 'faults')
        .map(({ key }) => key)
        .sort(),
    ).toEqual(['', 'Rook', 'Wren']);
    expect(groupsOf(rows, 'month', 'faults').map(({ key }) => key)).toEqual([
      '2026-11',
      '2026-12',
      '2027-01',
    ]);
    const two = {
      ...jobs[0]!,
      log: jobs[0]!.log.map((entry, i) => ({ ...entry, by: i % 2 ? 'Rook' : 'Wren' })),
    };
    expect(groupsOf(bookRows([two], kit), 'person', 'faults')).toHaveLength(2);
  });

  it('how far it varies, and what the film is capable of; of too few it says so', () => {
    const [one] = groupsOf(bookRows([measured(sprayed('a', 0), 58e-6, 57e-6, 59e-6)], kit), 'gun', 'film');
    expect(one?.spread).toEqual({ count: 1, mean: expect.closeTo(1, 6) });
    expect(one?.able && isRefusal(one.able)).toBe(true);
    const many = groupsOf(
      bookRows(
        [
          measured(sprayed('a', 0), 58e-6, 57e-6, 59e-6, 58e-6, 60e-6, 56e-6),
          measured(sprayed('b', 1), 55e-6, 54e-6, 56e-6),
        ],
        kit,
      ),
      'gun',
      'film',
    )[0];
    expect(many?.spread?.count).toBe(2);
    expect(many?.able && !isRefusal(many.able) && many.able.count).toBe(9);
  });

  it('marks when another nozzle was fitted, or the sheet was revised, and not what stayed', () => {
    const later = sprayed('d', 3, undefined, 1.8e-3);
    const [layer] = later.layers;
    const revised = { ...later, layers: [{ ...layer!, sheet: { ...layer!.sheet, sheetRevision: 'B' } }] };
    expect(bookMarks(rows)).toEqual([]);
    expect(bookMarks(bookRows([...jobs, revised], kit))).toEqual([
      { at: noon + 3 * month * 60_000 - 20 * 60_000, kind: 'fitted', of: 'rig', now: '0.0018' },
      { at: noon + 3 * month * 60_000 - 20 * 60_000, kind: 'revision', of: 'lacquer', now: 'B' },
    ]);
  });
});
