import 'fake-indexeddb/auto';
import { classSheet, newShop, type AnyRecord, type Coating } from '@/records';
import { browserDisk, memoryDisk, type Disk } from './disk/disk';
import { exclusive } from './disk/lock';
import type { Tabs } from './disk/tabs';
import { mergeRecords } from './merge';
import { ShopStore } from './shopstore';

const sheet = (id: string, name = id): Coating => classSheet('two-part-clear', id, name, '2026-11-01');

/** Tabs that hear each other only when the test lets them. */
function channel() {
  const heard: ((keys: readonly string[]) => void)[] = [];
  const tabs = (deaf = false): Tabs => ({
    announce: (keys) => heard.forEach((listener) => listener(keys)),
    listen: (listener) => void (deaf || heard.push(listener)),
    close: () => undefined,
  });
  return tabs;
}

async function open(disk: Disk, tabs: Tabs = channel()()): Promise<ShopStore> {
  const store = new ShopStore(
    () => disk,
    exclusive(),
    () => tabs,
    memoryDisk,
  );
  await store.open();
  return store;
}

const names = (store: ShopStore) =>
  [...store.getState().records.values()].map((record) => ('name' in record ? record.name : '')).sort();

/** A disk that fails on demand. */
function fragile(): Disk & { failAfter: number } {
  const disk = memoryDisk();
  return Object.assign(Object.create(null) as object, {
    ...disk,
    failAfter: Infinity,
    async set(this: { failAfter: number }, key: string, value: unknown) {
      this.failAfter -= 1;
      if (this.failAfter < 0) throw new DOMException('no room', 'QuotaExceededError');
      await disk.set(key, value);
    },
  }) as Disk & { failAfter: number };
}

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
    await new Promise((tick) => setTimeout(tick, 5));
    two.put(sheet('a', 'theirs'), 'renamed');
    await two.settled();
    await new Promise((tick) => setTimeout(tick, 5));
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
    await new Promise((tick) => setTimeout(tick, 5));
    expect(names(two)).toEqual(['a']);
    one.remove('coating/a', 'removed');
    await one.settled();
    await new Promise((tick) => setTimeout(tick, 5));
    expect(names(two)).toEqual([]);
  });

  it('refuses a stale write, shows it, keeps it over a restart, and can put it on top', async () => {
    const disk = memoryDisk();
    const tabs = channel();
    const one = await open(disk, tabs());
    const deaf = await open(disk, tabs(true));
    one.put(sheet('a', 'theirs'), 'new sheet');
    await one.settled();
    deaf.put(sheet('a', 'mine'), 'new sheet');
    await deaf.settled();
    expect(names(deaf)).toEqual(['theirs']);
    expect(deaf.getState().asides).toHaveLength(1);

    const later = await open(disk);
    const [aside] = later.getState().asides;
    expect(aside?.mine).toEqual(sheet('a', 'mine'));
    await later.decide(aside!, true);
    await later.settled();
    const last = await open(disk);
    expect(names(last)).toEqual(['mine']);
    expect(last.getState().asides).toEqual([]);
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
    await new Promise((heard) => setTimeout(heard, 20));
    for (const each of [store, other, await open(disk)]) {
      expect(names(each)).toEqual(['b']);
      expect(each.getState().damaged).toMatchObject([
        { key: 'coating/a', why: 'Set apart: it stops the shop.', apart: true, raw: { id: 'a' } },
      ]);
    }
    expect(await other.takeBack('coating/a')).toBe(true);
    await new Promise((heard) => setTimeout(heard, 20));
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

  it('shows the rest of the shop when one record cannot be read, or the journal cannot', async () => {
    for (const bad of ['coating/b', 'journal']) {
      const disk = memoryDisk();
      const writer = await open(disk);
      writer.put(sheet('a'), 'a');
      writer.put(sheet('b'), 'b');
      await writer.settled();
      const failing: Disk = {
        ...disk,
        get: (key) => (key === bad ? Promise.reject(new Error('bad sector')) : disk.get(key)),
      };
      const store = await open(failing);
      const { records, damaged, trouble } = store.getState();
      expect(records.has('coating/a')).toBe(true);
      expect(records.has('coating/b')).toBe(bad === 'journal');
      expect(damaged.map(({ key }) => key)).toEqual(bad === 'journal' ? [] : ['coating/b']);
      expect(trouble).toBe(bad === 'journal' ? 'write-failed' : undefined);
    }
  });

  it('works without any database, and says so', async () => {
    const broken: Disk = { ...memoryDisk(), keys: () => Promise.reject(new Error('private')) };
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

  it.each([1, 2, 3])('a set once taken is whole: disk full after %d writes', async (writes) => {
    const disk = fragile();
    const store = await open(disk);
    store.put(sheet('a', 'old'), 'new sheet');
    await store.settled();
    disk.failAfter = writes;
    expect(await store.commit([sheet('a', 'new'), sheet('b'), sheet('c')], [], 'import')).toBe(true);
    expect(store.getState().trouble).toBe('full');
    disk.failAfter = 0;
    // Seen whole while there is still no room, and after.
    for (const each of [store, await open(disk)]) expect(names(each)).toEqual(['b', 'c', 'new']);
    disk.failAfter = Infinity;
    const after = await open(disk);
    expect(names(after)).toEqual(['b', 'c', 'new']);
    after.put(sheet('b', 'b, later'), 'renamed');
    await after.settled();
    expect(names(await open(disk))).toEqual(['b, later', 'c', 'new']);
    expect(await disk.get('journal')).toBeNull();
  });

  it.each([0, 1, 2, 3])(
    'finishes a commit that a closed tab cut short after %d of its records, and undoes nobody’s later work',
    async (folded) => {
      const disk = memoryDisk();
      const store = await open(disk);
      store.put(sheet('a', 'old'), 'new sheet');
      store.put(sheet('gone'), 'new sheet');
      await store.settled();
      // The tab dies after the set was decided and some of it written.
      let left = folded + 1;
      const dying: Disk = {
        ...disk,
        set: (key, value) => (left-- > 0 ? disk.set(key, value) : new Promise(() => undefined)),
        remove: (key) => (left-- > 0 ? disk.remove(key) : new Promise(() => undefined)),
      };
      const tab = await open(dying);
      void tab.commit([sheet('a', 'new'), sheet('b')], ['coating/gone'], 'import');
      await new Promise((die) => setTimeout(die, 20));
      const next = await open(disk);
      expect(names(next)).toEqual(['b', 'new']);
      next.put(sheet('b', 'b, later'), 'renamed');
      await next.settled();
      expect(names(await open(disk))).toEqual(['b, later', 'new']);
      expect(await disk.get('journal')).toBeNull();
    },
  );

  it('a tab that is open already finishes it before it writes', async () => {
    const disk = memoryDisk();
    const other = await open(disk);
    other.put(sheet('a', 'old'), 'new sheet');
    await other.settled();
    await disk.set('journal', {
      set: [{ key: 'coating/b', was: 0, becomes: { revision: 1, record: sheet('b') } }],
    });
    other.put(sheet('a', 'later'), 'renamed');
    await other.settled();
    expect(names(await open(disk))).toEqual(['b', 'later']);
  });

  it('puts back what the journal of an earlier version kept', async () => {
    const disk = memoryDisk();
    const store = await open(disk);
    store.put(sheet('a', 'old'), 'new sheet');
    await store.settled();
    await disk.set('journal', [
      ['coating/a', { revision: 1, record: sheet('a', 'old') }],
      ['coating/b', null],
    ]);
    await disk.set('coating/a', { revision: 2, record: sheet('a', 'half') });
    await disk.set('coating/b', { revision: 1, record: sheet('b') });
    expect(names(await open(disk))).toEqual(['old']);
  });

  it('commits together and undoes together', async () => {
    const store = await open(memoryDisk());
    store.put(sheet('gone'), 'new sheet');
    expect(await store.commit([sheet('a'), sheet('b')], ['coating/gone'], 'import')).toBe(true);
    expect(names(store)).toEqual(['a', 'b']);
    expect(store.undo()).toBe('import');
    expect(names(store)).toEqual(['gone']);
  });
});

describe('merging', () => {
  it('keeps every log entry of both tabs, and takes other records from mine', () => {
    const note = (id: string, at: string) => ({ id, at, type: 'note', text: id });
    const job = (log: unknown[]) => ({ kind: 'job', id: 'j', log }) as unknown as AnyRecord;
    const merged = mergeRecords(
      job([note('1', '2026-01-01'), note('mine', '2026-01-03')]),
      job([note('1', '2026-01-01'), note('theirs', '2026-01-02')]),
    );
    expect(merged.kind === 'job' && merged.log.map(({ id }) => id)).toEqual(['1', 'theirs', 'mine']);
    expect(mergeRecords(newShop, { ...newShop, name: 'theirs' })).toBe(newShop);
  });
});
