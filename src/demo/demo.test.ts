import { isRefusal } from '@/core/refusal';
import { previewBundle, recordsOfJob, writeBundle } from '@/exchange/bundle';
import { keyOf, type AnyRecord, type Job } from '@/records';
import { readRecord } from '@/records/readrecord';
import { demoShop } from '.';

const at = '2026-11-23T09:00:00.000Z';
const shop = demoShop(Date.parse(at));

describe('the demo shop', () => {
  it('holds together, record by record', () => {
    for (const record of shop) expect(readRecord(record)).toEqual(JSON.parse(JSON.stringify(record)));
    expect(new Set(shop.map(keyOf)).size).toBe(shop.length);
  });

  it('leaves and comes back identical', () => {
    const text = writeBundle(shop, at);
    const preview = previewBundle(text);
    if (isRefusal(preview)) throw new Error(preview.says);
    expect(preview.items.every(({ state }) => state === 'new')).toBe(true);
    expect(
      writeBundle(
        preview.items.map(({ record }) => record as AnyRecord),
        at,
      ),
    ).toBe(text);
  });

  it('sends a job with its rig, cup, sheets and cans', () => {
    const all = new Map(shop.map((record) => [keyOf(record), record]));
    const job = shop.find((record): record is Job => record.kind === 'job') as Job;
    const kinds = new Set(recordsOfJob(job, all).map(({ kind }) => kind));
    expect([...kinds].sort()).toEqual(['can', 'coating', 'cup', 'job', 'rig']);
  });
});
