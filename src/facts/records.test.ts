import { canonical } from '@/records/canonical';
import { keyOf, type AnyRecord, type Job } from '@/records';
import { anyShop } from '../../tests/fixtures/anyjob';
import { deadlinesOf } from './job';
import { atMoment, jobFacts, jobViewOf, viewsOf } from './records';
import { aJob, noon } from '../../tests/fixtures/job';

/** The same shop again, of records that nothing has seen: what is concluded of it is derived anew. */
const fresh = (records: ReadonlyMap<string, AnyRecord>): ReadonlyMap<string, AnyRecord> =>
  new Map([...records].map(([key, record]) => [key, structuredClone(record)]));

/** What is concluded, the moment of asking left out. */
const said = (view: object) => canonical({ ...view, now: 0 });

describe('facts of a job', () => {
  it('stand between two deadlines: seen anew there, a job is as it was seen', () => {
    let held = 0;
    for (let seed = 1; seed <= 150; seed += 1) {
      const { records, job, now } = anyShop(seed);
      const facts = jobFacts(records, job.id, now)!;
      const until = Math.min(facts.until, now + 86_400_000);
      for (const share of [0.01, 0.5, 0.999]) {
        const later = now + Math.floor((until - now - 1) * share);
        if (later <= now) continue;
        held += 1;
        expect(jobFacts(records, job.id, later)).toBe(facts);
        const anew = jobViewOf(fresh(records), job.id, later)!;
        expect(said(atMoment(facts, later))).toBe(said(anew));
      }
    }
    expect(held).toBeGreaterThan(300);
  });

  it('are derived anew past a deadline, and before the moment they were derived at', () => {
    const { records, job, now } = anyShop(3);
    const facts = jobFacts(records, job.id, now)!;
    expect(facts.until).toBeLessThan(Infinity);
    expect(jobFacts(records, job.id, facts.until + 1)).not.toBe(facts);
    const again = jobFacts(records, job.id, facts.until + 1)!;
    expect(jobFacts(records, job.id, now)).not.toBe(again);
  });

  it('name their deadlines, soonest first', () => {
    for (let seed = 1; seed <= 50; seed += 1) {
      const { records, job, now } = anyShop(seed);
      const deadlines = deadlinesOf(jobViewOf(records, job.id, now)!);
      expect(deadlines).toEqual([...deadlines].sort((a, b) => a - b));
      expect(deadlines.every(Number.isFinite)).toBe(true);
    }
  });

  it('of a job that shares no can, gun or sheet stay the same object when another job is written in', () => {
    const [one, other] = [anyShop(11), anyShop(12)];
    const both = new Map([...one.records, ...other.records]);
    const now = Math.max(one.now, other.now);
    const before = jobFacts(both, one.job.id, now);
    const entry = {
      id: 'new',
      at: new Date(now).toISOString(),
      counter: 999,
      type: 'note',
      text: 'x',
    } as const;
    const written: Job = { ...other.job, log: [...other.job.log, entry] };
    const after = new Map(both).set(keyOf(written), written);
    expect(jobFacts(after, one.job.id, now)).toBe(before);
    expect(jobFacts(after, other.job.id, now)).not.toBe(jobFacts(both, other.job.id, now));
    // Its own gun is another matter.
    const rig = { ...one.rigs[0]!, fan: 0.111 };
    const regunned = new Map(both).set(keyOf(rig), rig);
    const used = one.job.layers.some(({ rigId }) => rigId === rig.id);
    expect(jobFacts(regunned, one.job.id, now) === before).toBe(!used);
  });

  it('are none of a job that is not there', () => {
    expect(jobFacts(new Map(), 'nobody', 0)).toBeUndefined();
  });
});

describe('a job from which nothing can be concluded', () => {
  it('is named with its reason, and the others are seen all the same', () => {
    const good = { ...aJob(), id: 'good' };
    const bad = { ...aJob(), id: 'bad', name: 'Bad', layers: null } as unknown as Job;
    const records = new Map<string, AnyRecord>([
      ['job/good', good],
      ['job/bad', bad],
    ]);
    const { views, inconclusive } = viewsOf(records, [bad, good], noon);
    expect(views.map(({ job }) => job.id)).toEqual(['good']);
    expect(inconclusive).toMatchObject([{ id: 'bad', name: 'Bad' }]);
    expect(inconclusive[0]!.why.length).toBeGreaterThan(3);
  });
});
