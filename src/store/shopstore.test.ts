import 'fake-indexeddb/auto';
import { classSheet, newShop, type Coating } from '@/records';
import { browserDisk, memoryDisk, type Disk } from './disk/disk';
import { channel, dying, fragile, opened } from '../../tests/fixtures/ground';
import { storedFormat, type StoredRecord } from './disk/layout';
import type { Tabs } from './disk/tabs';
import type { Conflict, Dot } from '@/records/replica';
import type { ShopStore } from './shopstore';

const sheet = (id: string, name = id): Coating => classSheet('two-part-clear', id, name, '2026-11-01');
const open = (disk: Disk, tabs: Tabs = channel()()) => opened(disk, { tabs: () => tabs });
const heard = () => new Promise((tick) => setTimeout(tick, 20));

const names = (store: ShopStore) =>
  [...store.getState().records.values()].map((record) => ('name' in record ? record.name : '')).sort();

let database = 0;

describe('the shop store', () => {
  it('keeps what is put over a restart, in the browser’s own database', async () => {
    const name = `test-${(database += 1)}`;
    const store = await open(browserDisk(name));
    store.put(sheet('a'), 'new sheet');
    store.put(sheet('b'), 'new sheet');
    store.put(sheet('a', 'a again'), 'renamed');
    store.remove('coating/b', 'removed');
    await store.settled();
    expect(names(await open(browserDisk(name)))).toEqual(['a again']);
  });

  it('undoes and redoes, and still does after a reload', async () => {
    const disk = memoryDisk();
    const store = await open(disk);
    store.put(sheet('a', 'first'), 'new sheet');
    store.put(sheet('a', 'second'), 'renamed');
    expect(store.getState().canUndo).toBe('renamed');
    expect(store.undo()).toBe('renamed');
    expect(names(store)).toEqual(['first']);
    expect(store.redo()).toBe('renamed');
    await store.settled();

    const again = await open(disk);
    again.loadSteps(store.saveSteps());
    again.undo();
    again.undo();
    await again.settled();
    expect(names(await open(disk))).toEqual([]);
    again.loadSteps('{damaged');
    expect(again.getState().canRedo).toBe('new sheet');
  });

  it('does not undo what another tab has since built upon', async () => {
    const disk = memoryDisk();
    const tabs = channel();
    const one = await open(disk, tabs());
    const two = await open(disk, tabs());
    one.put(sheet('a', 'mine'), 'renamed');
    await one.settled();
    await heard();
    two.put(sheet('a', 'theirs'), 'renamed');
    await two.settled();
    await heard();
    expect(one.undo()).toBeUndefined();
    expect(names(one)).toEqual(['theirs']);
  });

  it('tells other tabs', async () => {
    const disk = memoryDisk();
    const tabs = channel();
    const one = await open(disk, tabs());
    const two = await open(disk, tabs());
    one.put(sheet('a'), 'new sheet');
    await one.settled();
    await heard();
    expect(names(two)).toEqual(['a']);
    one.remove('coating/a', 'removed');
    await one.settled();
    await heard();
    expect(names(two)).toEqual([]);
  });

  it('keeps both values of what two tabs wrote without hearing of each other, asks, and holds what is decided', async () => {
    const disk = memoryDisk();
    const first = await open(disk);
    first.put({ ...sheet('a'), note: 'as it was' }, 'new sheet');
    await first.folded();
    const tabs = channel();
    const one = await open(disk, tabs());
    const deaf = await open(disk, tabs(true));
    one.put({ ...sheet('a', 'theirs'), note: 'as it was' }, 'renamed');
    await one.settled();
    deaf.put({ ...sheet('a', 'mine'), note: 'changed too' }, 'renamed');
    await deaf.folded();
    for (const each of [deaf, one, await open(disk)]) {
      expect(names(each)).toEqual(['mine']);
      expect(each.getState().records.get('coating/a')).toMatchObject({ note: 'changed too' });
      const [asking] = each.getState().asking;
      expect(asking?.conflicts.map(({ path }) => path)).toEqual(['name']);
      expect(asking?.conflicts[0]?.values.map(({ value }) => value)).toEqual(['mine', 'theirs']);
    }
    const later = await open(disk);
    const conflict = later.getState().asking[0]?.conflicts[0] as Conflict;
    later.decide('coating/a', conflict, conflict.values[1] as Dot);
    expect(later.getState().asking).toEqual([]);
    await later.settled();
    const last = await open(disk);
    expect(names(last)).toEqual(['theirs']);
    expect(last.getState().asking).toEqual([]);
  });

  it('shows everything and writes nothing where only one tab may write and another does', async () => {
    const disk = memoryDisk();
    const writer = await open(disk);
    writer.put(sheet('a'), 'new sheet');
    await writer.folded();
    const reader = await opened(disk, { seat: () => Promise.resolve(undefined) });
    expect(reader.getState().trouble).toBe('second-tab');
    expect(names(reader)).toEqual(['a']);
    reader.put(sheet('b'), 'new sheet');
    expect(await reader.commit([sheet('c')], [], 'import')).toBe(false);
    await reader.folded();
    expect(names(reader)).toEqual(['a']);
    expect(names(await open(disk))).toEqual(['a']);
    expect(reader.unwritten()).toBe(false);
  });

  it('wakes up to what was written while it slept, folded or not', async () => {
    const disk = memoryDisk();
    const asleep = await open(disk);
    const awake = await open(disk);
    awake.put(sheet('a'), 'new sheet');
    await awake.folded();
    awake.put(sheet('b'), 'new sheet');
    await awake.settled();
    expect(names(asleep)).toEqual([]);
    await asleep.catchUp();
    expect(names(asleep)).toEqual(['a', 'b']);
    expect(asleep.getState().asking).toEqual([]);
  });

  it('writes memory back where storage was emptied under it', async () => {
    const disk = memoryDisk();
    const store = await open(disk);
    store.put(sheet('a'), 'new sheet');
    await store.folded();
    for (const key of await disk.keys()) await disk.remove(key);
    expect(names(await open(disk))).toEqual([]);
    await store.catchUp();
    expect(names(await open(disk))).toEqual(['a']);
    await store.folded();
    expect(names(await open(disk))).toEqual(['a']);
  });

  it('stops writing where a newer version has been at work, and loses nothing of it', async () => {
    const disk = memoryDisk();
    const store = await open(disk);
    store.put(sheet('a'), 'new sheet');
    await store.folded();
    const stored = (await disk.get('coating/a')) as StoredRecord;
    const newer = { ...stored, format: storedFormat + 1 };
    await disk.set('coating/a', newer);
    const old = await open(disk);
    expect(old.getState().trouble).toBe('newer');
    old.put(sheet('a', 'by the old one'), 'renamed');
    await old.folded();
    expect(old.unwritten()).toBe(true);
    expect(await old.commit([sheet('b')], [], 'import')).toBe(false);
    expect(await disk.get('coating/a')).toEqual(newer);
    expect((await disk.keys()).filter((key) => key.startsWith('set/'))).toEqual([]);
  });

  it('sets a record apart by hand and takes it back, here and in the other tabs', async () => {
    const disk = memoryDisk();
    const tabs = channel();
    const store = await open(disk, tabs());
    store.put(sheet('a'), 'new sheet');
    store.put(sheet('b'), 'new sheet');
    await store.settled();
    const other = await open(disk, tabs());
    expect(await store.setApart('coating/a', 'it stops the shop')).toBe(true);
    await heard();
    for (const each of [store, other, await open(disk)]) {
      expect(names(each)).toEqual(['b']);
      expect(each.getState().damaged).toMatchObject([
        { key: 'coating/a', why: 'Set apart: it stops the shop.', apart: true, raw: { id: 'a' } },
      ]);
    }
    expect(await other.takeBack('coating/a')).toBe(true);
    await heard();
    for (const each of [store, other, await open(disk)]) {
      expect(names(each)).toEqual(['a', 'b']);
      expect(each.getState().damaged).toEqual([]);
    }
    // It is written on as before.
    store.put(sheet('a', 'a again'), 'renamed');
    await store.settled();
    expect(names(await open(disk))).toEqual(['a again', 'b']);
    expect(store.unwritten()).toBe(false);
    expect(await store.setApart('coating/none', 'nothing there')).toBe(false);
  });

  it('says while something is not on disk yet, and keeps a record that a full disk will not mark', async () => {
    const disk = fragile();
    const store = await open(disk);
    store.put(sheet('a'), 'new sheet');
    expect(store.unwritten()).toBe(true);
    await store.settled();
    expect(store.unwritten()).toBe(false);
    disk.failAfter = 0;
    expect(await store.setApart('coating/a', 'no room')).toBe(false);
    expect(names(store)).toEqual(['a']);
    expect(store.getState().trouble).toBe('full');
  });

  it('sets damaged records apart, untouched, and opens with the rest', async () => {
    const disk = memoryDisk();
    const before = await open(disk);
    before.put(sheet('good'), 'new sheet');
    await before.settled();
    await before.folded();
    await disk.set('coating/bad', { revision: 3, record: { kind: 'coating', version: 1, id: 'bad' } });
    await disk.set('rig/junk', 'junk');
    await disk.set('coating/liar', { revision: 1, record: sheet('other') });
    const store = await open(disk);
    expect(names(store)).toEqual(['good']);
    expect(
      store
        .getState()
        .damaged.map(({ key }) => key)
        .sort(),
    ).toEqual(['coating/bad', 'coating/liar', 'rig/junk']);
    expect(await disk.get('rig/junk')).toBe('junk');
    await store.discardDamaged('rig/junk');
    expect(await disk.get('rig/junk')).toBeNull();
  });

  it('keeps working on a full disk, says so, and writes when there is room again', async () => {
    const disk = fragile();
    const store = await open(disk);
    disk.failAfter = 0;
    store.put(sheet('a'), 'new sheet');
    await store.settled();
    expect(store.getState().trouble).toBe('full');
    expect(names(store)).toEqual(['a']);
    disk.failAfter = Infinity;
    await store.retry();
    expect(store.getState().trouble).toBeUndefined();
    expect(names(await open(disk))).toEqual(['a']);
  });

  it('shows the rest of the shop when one value cannot be read', async () => {
    const disk = memoryDisk();
    const writer = await open(disk);
    writer.put(sheet('a'), 'a');
    writer.put(sheet('b'), 'b');
    await writer.folded();
    const failing: Disk = {
      ...disk,
      each: () => Promise.reject(new Error('bad sector')),
      get: (key) => (key === 'coating/b' ? Promise.reject(new Error('bad sector')) : disk.get(key)),
    };
    const { records, damaged } = (await open(failing)).getState();
    expect([...records.keys()]).toEqual(['coating/a']);
    expect(damaged.map(({ key }) => key)).toEqual(['coating/b']);
  });

  it('a record that does not hold together is replaced whole by what is written next', async () => {
    const disk = memoryDisk();
    const store = await open(disk);
    store.put({ ...newShop, name: 'The shop' }, 'settings');
    await store.folded();
    const stored = (await disk.get('shop/shop')) as StoredRecord;
    const parts = { ...stored.doc.parts, units: [['5.x', 'cubits']], odd: [['5.x', 'left behind']] };
    await disk.set('shop/shop', { ...stored, format: storedFormat - 1, doc: { ...stored.doc, parts } });
    const again = await open(disk);
    expect(again.getState().damaged).toMatchObject([{ key: 'shop/shop', raw: { units: 'cubits' } }]);
    again.put(newShop, 'settings');
    await again.folded();
    const last = (await open(disk)).getState();
    expect(last.damaged).toEqual([]);
    expect(last.records.get('shop/shop')).toEqual(newShop);
  });

  it('works without any database, and says so', async () => {
    const broken: Disk = {
      ...memoryDisk(),
      keys: () => Promise.reject(new Error('private')),
      each: () => Promise.reject(new Error('private')),
    };
    const store = await open(broken);
    expect(store.getState().trouble).toBe('no-disk');
    store.put(sheet('a'), 'new sheet');
    await store.settled();
    expect(names(store)).toEqual(['a']);
  });

  it('commits nothing where the disk will not take the set', async () => {
    const disk = fragile();
    const store = await open(disk);
    store.put(sheet('a', 'old'), 'new sheet');
    await store.settled();
    disk.failAfter = 0;
    expect(await store.commit([sheet('a', 'new'), sheet('b'), sheet('c')], [], 'import')).toBe(false);
    disk.failAfter = Infinity;
    expect(names(store)).toEqual(['old']);
    expect(names(await open(disk))).toEqual(['old']);
  });

  it.each([1, 2, 3, 4])('a set once taken is whole: disk full after %d writes', async (writes) => {
    const disk = fragile();
    const store = await open(disk);
    store.put(sheet('a', 'old'), 'new sheet');
    await store.folded();
    disk.failAfter = writes;
    expect(await store.commit([sheet('a', 'new'), sheet('b'), sheet('c')], [], 'import')).toBe(true);
    await store.folded();
    expect(store.getState().trouble).toBe(writes < 5 ? 'full' : undefined);
    disk.failAfter = 0;
    // Seen whole while there is still no room, and after.
    for (const each of [store, await open(disk)]) expect(names(each)).toEqual(['b', 'c', 'new']);
    disk.failAfter = Infinity;
    const after = await open(disk);
    expect(names(after)).toEqual(['b', 'c', 'new']);
    after.put(sheet('b', 'b, later'), 'renamed');
    await after.folded();
    expect(names(await open(disk))).toEqual(['b, later', 'c', 'new']);
    expect((await disk.keys()).filter((key) => key.startsWith('set/'))).toEqual([]);
  });

  it.each([0, 1, 2, 3, 4, 5, 6])(
    'folds a set that a closed tab cut short after %d writes, and undoes nobody’s later work',
    async (writes) => {
      const disk = memoryDisk();
      const store = await open(disk);
      store.put(sheet('a', 'old'), 'new sheet');
      store.put(sheet('gone'), 'new sheet');
      await store.folded();
      const tab = await open(dying(disk, writes + 1));
      void tab.commit([sheet('a', 'new'), sheet('b')], ['coating/gone'], 'import').then(() => tab.folded());
      await heard();
      const next = await open(disk);
      expect(names(next)).toEqual(['b', 'new']);
      next.put(sheet('b', 'b, later'), 'renamed');
      await next.folded();
      for (const each of [next, await open(disk)]) expect(names(each)).toEqual(['b, later', 'new']);
      expect(next.getState().asking).toEqual([]);
      expect((await disk.keys()).filter((key) => key.startsWith('set/'))).toEqual([]);
    },
  );

  it('commits together and undoes together', async () => {
    const store = await open(memoryDisk());
    store.put(sheet('gone'), 'new sheet');
    expect(await store.commit([sheet('a'), sheet('b')], ['coating/gone'], 'import')).toBe(true);
    expect(names(store)).toEqual(['a', 'b']);
    expect(store.undo()).toBe('import');
    expect(names(store)).toEqual(['gone']);
  });
});
