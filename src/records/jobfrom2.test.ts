import fs from 'node:fs';
import { isRefusal } from '@/core/refusal';
import type { AnyRecord, Job, Revision } from '.';
import { canonical } from './canonical';
import type { Raw } from './read';
import { readRecord } from './readrecord';

/** The demo shop as version 2 of jobs wrote it: kept for good. */
const { records } = JSON.parse(fs.readFileSync('tests/fixtures/bundles/demo-3.fluorite.json', 'utf8')) as {
  records: Raw[];
};

const lifted = <R extends AnyRecord>(raw: unknown): R => {
  const record = readRecord(raw);
  if (isRefusal(record)) throw new Error(record.says);
  return record as R;
};
const jobs = records.filter(({ kind }) => kind === 'job');

describe('a job of version 2', () => {
  it('is lifted with its sheets, says what it said, and stays as it is from then on', () => {
    expect(jobs.length).toBeGreaterThan(5);
    for (const raw of jobs) {
      const job = lifted<Job>(raw);
      expect([job.version, ...new Set(job.layers.map(({ sheet }) => sheet.version))]).toEqual([3, 2]);
      const before = raw as unknown as Job;
      expect(job.log.map(({ id }) => id)).toEqual(before.log.map(({ id }) => id));
      expect(canonical(lifted(JSON.parse(JSON.stringify(job))))).toBe(canonical(job));
    }
  });

  it('names the gun of each tick of cleaning: the one sprayed with last before it', () => {
    const raw = structuredClone(jobs.find(({ layers }) => (layers as unknown[]).length > 1)!) as Raw & {
      layers: { id: string; rigId: string; coats: { id: string }[] }[];
      log: unknown[];
    };
    const [below, above] = raw.layers as [(typeof raw.layers)[0], (typeof raw.layers)[0]];
    [below.rigId, above.rigId] = ['gun-a', 'gun-b'];
    const at = '2026-11-20T08:00:00.000Z';
    const entry = (counter: number, says: object) => ({ id: `e${counter}`, at, counter, ...says });
    const tick = (list: string) => ({ type: 'tick', list, step: 'flush', done: true });
    raw.log = [
      entry(1, { type: 'coat-start', coatId: below.coats[0]!.id }),
      entry(2, tick('midway')),
      entry(3, { type: 'card', layerId: above.id, verdict: 'good' }),
      entry(5, { type: 'coat-start', coatId: below.coats[0]!.id, struck: { at, why: 'slip' } }),
      entry(6, tick('clean')),
      entry(7, tick('ready')),
    ];
    const guns = lifted<Job>(raw).log.map((each) => (each.type === 'tick' ? each.rigId : '-'));
    expect(guns).toEqual(['-', 'gun-a', '-', '-', 'gun-b', undefined]);
  });

  it('an earlier state of a sheet is lifted with the sheet in it', () => {
    const sheet = records.find(({ kind }) => kind === 'coating')!;
    const revision = {
      kind: 'revision',
      version: 1,
      id: 'r',
      coatingId: 's',
      until: '2026-11-20T08:00:00Z',
      sheet,
    };
    expect(lifted<Revision>({ ...revision, until: '2026-11-20T08:00:00.000Z' }).sheet.version).toBe(2);
  });

  it('what has not the shape of one is refused, not thrown', () => {
    for (const bad of [{ layers: 5 }, { layers: [null, 3] }, { log: 'all' }, { log: [null, 7] }])
      expect(readRecord({ ...jobs[0], ...bad })).toMatchObject({ refused: 'invalid' });
  });
});
