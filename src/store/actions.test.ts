import { demoShop } from '@/demo';
import { type Job, type LogEntry } from '@/records';
import { readRecord } from '@/records/readrecord';
import { correctEntry, strikeEntry } from './actions';
import { liveEntries } from '@/facts/job';

const job = demoShop(Date.parse('2026-11-23T09:00:00Z')).find(
  (record): record is Job => record.kind === 'job',
) as Job;
const reading = job.log.find(({ type }) => type === 'reading') as Extract<LogEntry, { type: 'reading' }>;

describe('correcting the log', () => {
  it('keeps what an entry said before, every time', () => {
    const once = correctEntry(job, { ...reading, seconds: 33 }, 1e12);
    const again = once.log.find(({ id }) => id === reading.id) as typeof reading;
    const twice = correctEntry(once, { ...again, seconds: 34 }, 2e12);
    const now = twice.log.find(({ id }) => id === reading.id) as typeof reading;
    expect(now.seconds).toBe(34);
    expect(now.was?.map(({ said }) => said.type === 'reading' && said.seconds)).toEqual([
      reading.seconds,
      33,
    ]);
    expect(readRecord(twice)).toEqual(JSON.parse(JSON.stringify(twice)));
  });

  it('strikes an entry without losing it, and takes the strike back', () => {
    const struck = strikeEntry(job, reading.id, 'wrong cup', 1e12);
    expect(struck.log).toHaveLength(job.log.length);
    expect(liveEntries(struck)).toHaveLength(job.log.length - 1);
    expect(strikeEntry(struck, reading.id, undefined, 2e12).log).toEqual(job.log);
  });
});
