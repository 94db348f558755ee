import type { Job, NewEntry } from '@/records';
import { aJob, coatsIn, colour, end, lacquer, logged, noon, start } from '../../../tests/fixtures/job';
import { finishedWork, looksDue, looksOf } from './looks';

const day = 86_400_000;
const minutes = 24 * 60;
/** Both coats on, the last one ended at noon. */
const finished = (job: Job = aJob()) =>
  logged(
    job,
    [-90, start(coatsIn(job)[0]!.id)],
    [-80, end(coatsIn(job)[0]!.id)],
    [-10, start(coatsIn(job)[1]!.id)],
    [0, end(coatsIn(job)[1]!.id)],
  );
const look = (found: 'good' | 'worse'): NewEntry => ({ type: 'look', text: 'x', found });

describe('looks at a finished job', () => {
  it('count from its last coat, and ask for what such work may bring', () => {
    const looks = looksOf(finished());
    expect(looks[0]).toMatchObject({ at: noon + day, for: ['cloudiness'] });
    expect(looks.at(-1)).toMatchObject({ at: noon + 365 * day, for: ['cracking', 'peeling'] });
    expect(looks.every(({ seen }) => seen === undefined)).toBe(true);
    expect(looksOf(aJob())).toEqual([]);
  });

  it('a job under way is looked at only for what was already seen on it', () => {
    const half = logged(aJob(), [-90, start('lacquer-1')], [-80, end('lacquer-1')]);
    expect(looksOf(half)).toEqual([]);
    const named = logged(half, [-70, { type: 'defect', name: 'Soft', defect: 'soft-cure' }]);
    expect(looksOf(named).map(({ at }) => at - noon + 80 * 60_000)).toEqual([2 * day, 7 * day]);
    const unknown = logged(half, [-70, { type: 'defect', name: 'Odd', defect: 'of-older-days' }]);
    expect(looksOf(unknown)).toEqual([]);
  });

  it('knows the work by its sheets, its part and its plan', () => {
    expect(finishedWork(aJob())).toEqual({
      waterBorne: true,
      cures: false,
      filled: false,
      over: false,
      iron: false,
      blended: false,
    });
    const { part } = aJob();
    const filler = { ...colour, class: 'filler-primer' as const };
    expect(
      finishedWork(
        aJob([filler, colour], { part: { ...part, metal: true, kind: 'metal', existing: 'keep' } }),
      ),
    ).toMatchObject({ waterBorne: false, cures: true, filled: true, over: true, iron: true });
    // A gauge may read galvanised steel and aluminium too: they do not rust brown.
    expect(finishedWork(aJob([lacquer], { part: { ...part, metal: true, kind: 'galvanised' } })).iron).toBe(
      false,
    );
  });

  it('one look answers for all that were missed, and none that come after', () => {
    const looked = logged(finished(), [8 * minutes, look('good')]);
    const looks = looksOf(looked);
    expect(looks.filter(({ seen }) => seen).map(({ at }) => (at - noon) / day)).toEqual([1, 2, 7]);
    expect(looksDue([looked], noon + 29 * day)).toEqual([]);
    expect(looksDue([looked], noon + 31 * day)).toMatchObject([{ since: noon + 30 * day }]);
  });

  it('a look too early answers for nothing, and a struck one for nothing either', () => {
    expect(looksOf(logged(finished(), [60, look('good')]))[0]!.seen).toBeUndefined();
    const job = logged(finished(), [2 * minutes, look('worse')]);
    const struck = {
      ...job,
      log: job.log.map((entry) =>
        entry.type === 'look' ? { ...entry, struck: { at: entry.at, why: 'Another job' } } : entry,
      ),
    };
    expect(looksOf(job)[0]!.seen?.found).toBe('worse');
    expect(looksOf(struck)[0]!.seen).toBeUndefined();
  });

  it('are due over all jobs, put away or not, the longest due first, each named once', () => {
    const old = { ...finished(), id: 'old', closed: new Date(noon).toISOString() };
    const later = { ...finished(), id: 'later' };
    const looked = logged(later, [1.5 * minutes, look('good')]);
    const due = looksDue([looked, old, aJob()], noon + 8 * day);
    expect(due.map(({ job }) => job.id)).toEqual(['old', 'later']);
    expect(due[0]!.for).toEqual([...new Set(due[0]!.for)]);
    expect(due[0]!.since).toBe(noon + day);
    expect(looksDue([old], noon + day - 1)).toEqual([]);
  });

  it('lapse when they are long overdue: work of years ago does not crowd the bench', () => {
    const old = finished();
    expect(looksDue([old], noon + 60 * day)).toMatchObject([{ since: noon + day }]);
    expect(looksDue([old], noon + 100 * day)).toMatchObject([{ since: noon + 30 * day }]);
    expect(looksDue([old], noon + 200 * day)).toEqual([]);
    expect(looksDue([old], noon + 370 * day)).toMatchObject([{ since: noon + 365 * day }]);
    expect(looksDue([old], noon + 3 * 365 * day)).toEqual([]);
  });
});
