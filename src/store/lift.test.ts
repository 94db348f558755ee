import fs from 'node:fs';
import { dying, opened } from '../../tests/fixtures/ground';
import { classSheet, keyOf, versions, type AnyRecord, type Job, type LogEntry } from '@/records';
import { canonical } from '@/records/canonical';
import { memoryDisk, type Disk } from './disk/disk';
import { pageSize, storedFormat } from './disk/layout';
import { entriesIn } from './disk/page';
import { writtenDoc } from '@/records/replica';
import type { ShopStore } from './shopstore';

const { records } = JSON.parse(fs.readFileSync('tests/fixtures/bundles/demo-5.fluorite.json', 'utf8')) as {
  records: AnyRecord[];
};
const job = records.find((record): record is Job => record.kind === 'job' && record.log.length > 5) as Job;
const long: Job = {
  ...job,
  id: 'long',
  log: Array.from({ length: 1200 }, (_, i) => ({ ...(job.log[0] as LogEntry), id: `e${i}`, counter: i })),
};
const seat = { seat: () => Promise.resolve('dev-0') };

/** A disk as an earlier version left it: one record whole under one key. */
async function oldDisk(list: readonly AnyRecord[]): Promise<Disk> {
  const disk = memoryDisk();
  for (const record of list) await disk.set(keyOf(record), { revision: 3, record });
  return disk;
}

/** A page as the last layout had it. */
const asLaidOutBefore = (page: unknown) =>
  writtenDoc({ seen: new Map(), parts: entriesIn(page) ?? new Map() }).parts;

const said = (store: ShopStore) =>
  canonical([...store.getState().records.values()].sort((a, b) => (keyOf(a) < keyOf(b) ? -1 : 1)));
const wanted = (list: readonly AnyRecord[]) =>
  canonical([...list].sort((a, b) => (keyOf(a) < keyOf(b) ? -1 : 1)));

describe('what an earlier version left on disk', () => {
  it('is lifted whole, its entries into pages', async () => {
    const disk = await oldDisk([...records, long]);
    expect(said(await opened(disk, seat))).toBe(wanted([...records, long]));
    expect((await disk.keys()).filter((key) => key.startsWith('log/long/'))).toHaveLength(
      Math.ceil(long.log.length / pageSize),
    );
    expect(canonical(await disk.get('job/long')).length).toBeLessThan(40_000);
    const again = await opened(disk, seat);
    expect(said(again)).toBe(wanted([...records, long]));
    expect(again.getState()).toMatchObject({ damaged: [], asking: [], trouble: undefined });
  });

  it.each([2, 3, 4])(
    'with records of earlier versions in it, as bundle %i has them, is lifted to the present ones',
    async (bundle) => {
      const old = JSON.parse(
        fs.readFileSync(`tests/fixtures/bundles/demo-${bundle}.fluorite.json`, 'utf8'),
      ) as { records: AnyRecord[] };
      const disk = await oldDisk(old.records);
      const first = await opened(disk, seat);
      const all = [...first.getState().records.values()];
      expect(all).toHaveLength(old.records.length);
      for (const { kind, version } of all) expect([kind, version]).toEqual([kind, versions[kind]]);
      const again = await opened(disk, seat);
      expect(said(again)).toBe(said(first));
      expect(again.getState()).toMatchObject({ damaged: [], asking: [], trouble: undefined });
    },
  );

  it('is lifted whole although the tab dies at any write of it', async () => {
    const list = [job, long, classSheet('gel-coat', 's', 's', '2026-11-01')];
    for (let writes = 0; writes < 9; writes += 1) {
      const disk = await oldDisk(list);
      void opened(dying(disk, writes), seat);
      await new Promise((die) => setTimeout(die, 30));
      const next = await opened(disk, seat);
      expect(said(next)).toBe(wanted(list));
      expect(next.getState().asking).toEqual([]);
    }
  });

  it('finishes the commit that a closed tab had decided, and puts back what a still older one kept', async () => {
    const sheet = (id: string, name: string) => classSheet('gel-coat', id, name, '2026-11-01');
    const forward = await oldDisk([sheet('a', 'old')]);
    await forward.set('journal', {
      set: [
        { key: 'coating/a', was: 3, becomes: { revision: 4, record: sheet('a', 'new') } },
        { key: 'coating/b', was: 0, becomes: { revision: 1, record: sheet('b', 'b') } },
        { key: 'coating/c', was: 9, becomes: { revision: 10, record: sheet('c', 'overtaken') } },
      ],
    });
    expect(said(await opened(forward))).toBe(wanted([sheet('a', 'new'), sheet('b', 'b')]));
    const back = await oldDisk([sheet('a', 'half'), sheet('b', 'b')]);
    await back.set('journal', [
      ['coating/a', { revision: 1, record: sheet('a', 'old') }],
      ['coating/b', null],
    ]);
    expect(said(await opened(back))).toBe(wanted([sheet('a', 'old')]));
    expect((await back.keys()).includes('journal')).toBe(false);
  });

  it('puts a change that was kept aside beside what overtook it, and asks', async () => {
    const sheet = (id: string, name: string) => classSheet('gel-coat', id, name, '2026-11-01');
    const disk = await oldDisk([sheet('a', 'theirs'), job]);
    const entry = { ...(job.log[0] as LogEntry), id: 'mine', counter: 9999 };
    await disk.set('aside/coating/a/4-0', sheet('a', 'mine'));
    await disk.set(`aside/job/${job.id}/4-1`, { ...job, log: [entry] });
    const store = await opened(disk);
    const { asking, records: shown } = store.getState();
    expect(asking.map(({ key, conflicts }) => [key, conflicts.map(({ path }) => path)])).toEqual([
      ['coating/a', ['name']],
    ]);
    expect((shown.get(keyOf(job)) as Job).log.map(({ id }) => id)).toEqual([
      ...job.log.map(({ id }) => id),
      'mine',
    ]);
    expect((await disk.keys()).some((key) => key.startsWith('aside/'))).toBe(false);
  });

  it('opens what cannot be lifted for want of room, and keeps it', async () => {
    const disk = await oldDisk([job]);
    const full: Disk = {
      ...disk,
      set: () => Promise.reject(new DOMException('no room', 'QuotaExceededError')),
    };
    const store = await opened(full, seat);
    expect(said(store)).toBe(wanted([job]));
    expect(store.getState().trouble).toBe('full');
    expect(await disk.get(keyOf(job))).toMatchObject({ revision: 3 });
  });

  it('what the last layout left is read, and written again as this one does when there is time', async () => {
    const disk = memoryDisk();
    const before = await opened(disk, seat);
    await before.commit([...records], [], 'begun');
    await before.folded();
    const wantedNow = said(before);
    for (const key of await disk.keys()) {
      const value = (await disk.get(key)) as { format?: number; of?: string; text?: string };
      if (value.text !== undefined) await disk.set(key, { of: value.of, entries: asLaidOutBefore(value) });
      else if (value.format !== undefined) await disk.set(key, { ...value, format: storedFormat - 100 });
    }
    const store = await opened(disk, seat);
    expect(said(store)).toBe(wantedNow);
    expect(store.getState()).toMatchObject({ damaged: [], asking: [] });
    // So many at a time: the shop is in use meanwhile.
    for (let i = 0; i < 5; i += 1) await store.folded();
    for (const key of await disk.keys()) {
      const value = (await disk.get(key)) as { format?: number; entries?: unknown };
      expect(value.entries).toBeUndefined();
      if (value.format !== undefined) expect(value.format).toBe(storedFormat);
    }
    expect(said(await opened(disk, seat))).toBe(wantedNow);
  });
});
