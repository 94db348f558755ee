import { isRefusal } from '@/core/refusal';
import { previewBundle, writeBundle } from '@/exchange/bundle';
import { newShop, type Photo } from '@/records';
import { channel, dying, opened } from '../../tests/fixtures/ground';
import { aJob, lacquer, logged } from '../../tests/fixtures/job';
import { memoryDisk, type Disk } from './disk/disk';
import { memoryPictures } from './disk/pictures';
import type { ShopStore } from './shopstore';

const secret = 'the customer’s name';
const job = logged({ ...aJob([lacquer]), name: secret }, [0, { type: 'note', text: secret }]);
const at = '2026-11-27T12:00:00.000Z';
const heard = () => new Promise((wait) => setTimeout(wait, 5));

async function written(disk: Disk): Promise<string> {
  const found: unknown[] = [];
  await disk.each((key, value) => found.push([key, value]));
  return JSON.stringify(found);
}

async function filled(disk: Disk): Promise<ShopStore> {
  const store = await opened(disk);
  await store.commit([job, newShop], [], 'begun');
  await store.folded();
  store.put({ ...job, name: `${secret}, again` }, 'renamed');
  await store.settled();
  return store;
}

const names = (store: ShopStore) =>
  [...store.getState().records.values()].map((record) => ('name' in record ? record.name : ''));

describe('removing everything', () => {
  it('leaves nothing of it on the disk or in a file, and no picture; undo brings the records back', async () => {
    const disk = memoryDisk();
    const pictures = memoryPictures();
    await pictures.set('p', new Blob(['x']));
    const store = await opened(disk, { pictures: () => pictures });
    await store.commit([job, newShop], [], 'begun');
    await store.folded();
    expect(await store.erase({ ...newShop, units: 'us' }, 'everything removed')).toBe(true);
    await store.settled();
    expect(await written(disk)).not.toContain(secret);
    expect(await pictures.keys()).toEqual([]);
    expect([...store.getState().records.keys()]).toEqual(['shop/shop']);
    const file = writeBundle([...store.getState().records.values()], at, store.docs());
    expect(file).not.toContain(secret);
    expect(file).not.toContain(job.id);

    expect(store.undo()).toBe('everything removed');
    expect(store.getState().records.get(`job/${job.id}`)).toEqual(job);
    expect(store.getState().records.get('shop/shop')).toEqual(newShop);
    await store.folded();
    const again = await opened(disk);
    expect(again.getState().records.get(`job/${job.id}`)).toEqual(job);
    expect(again.getState().damaged).toEqual([]);
  });

  it('a file from before brings everything back as new', async () => {
    const store = await filled(memoryDisk());
    const file = writeBundle([...store.getState().records.values()], at, store.docs());
    await store.erase(newShop, 'everything removed');
    const preview = previewBundle(file, {
      records: [...store.getState().records.values()],
      docs: store.docs(),
    });
    if (isRefusal(preview)) throw new Error(preview.says);
    expect(preview.items.find(({ key }) => key === `job/${job.id}`)?.state).toBe('new');
  });

  it('other tabs forget it too, and one that slept when it wakes', async () => {
    const disk = memoryDisk();
    const tabs = channel();
    const one = await opened(disk, { tabs });
    await one.commit([job], [], 'begun');
    await one.folded();
    const two = await opened(disk, { tabs });
    const asleep = await opened(disk);
    await one.erase(newShop, 'everything removed');
    await one.settled();
    await heard();
    expect(names(two)).toEqual([newShop.name]);
    await asleep.catchUp();
    expect(names(asleep)).toEqual([newShop.name]);
    // What one of them writes into a record it had not heard was gone makes no record of it.
    const deaf = await opened(disk, { tabs: () => channel()(true) });
    expect(names(deaf)).toEqual([newShop.name]);
  });

  it('cut short at any write, it has happened or not, and the rest is done at the next opening', async () => {
    let whole = 0;
    let none = 0;
    for (let after = 0; after < 12; after += 1) {
      const disk = memoryDisk();
      await filled(disk);
      const store = await opened(dying(disk, after));
      void store.erase(newShop, 'everything removed');
      await heard();
      const next = await opened(disk);
      if (next.getState().records.has(`job/${job.id}`)) {
        whole += 1;
        expect(names(next)).toContain(`${secret}, again`);
      } else {
        none += 1;
        expect(await written(disk)).not.toContain(secret);
      }
      expect(next.getState().damaged).toEqual([]);
    }
    expect(whole).toBeGreaterThan(0);
    expect(none).toBeGreaterThan(3);
  });

  it('what a tab wrote at the same moment into what is gone makes no record', async () => {
    const disk = memoryDisk();
    const one = await filled(disk);
    const deaf = await opened(disk);
    await one.erase(newShop, 'everything removed');
    deaf.put({ ...job, name: 'written too late' }, 'renamed');
    await deaf.settled();
    await one.catchUp();
    expect(names(one)).toEqual([newShop.name]);
    expect(names(await opened(disk))).toEqual([newShop.name]);
  });
});

describe('the picture of a removed photo', () => {
  it('stays a week, and goes then; one that stands again stays', async () => {
    const day = 86_400_000;
    const pictures = memoryPictures();
    for (const id of ['gone', 'here']) await pictures.set(id, new Blob([id]));
    const store = await opened(memoryDisk(), { pictures: () => pictures });
    const here: Photo = {
      ...{ id: 'here', kind: 'photo', version: 2, jobId: 'job', at, name: '' },
      ...{ width: 4, height: 3, marks: [] },
    };
    store.put(here, 'photo');
    const first = await store.tidyPictures({}, 100 * day);
    expect(first).toEqual({ gone: 100 * day });
    expect(await store.tidyPictures(first, 106 * day)).toEqual(first);
    expect(await store.tidyPictures(first, 108 * day)).toEqual({});
    expect(await pictures.keys()).toEqual(['here']);
  });
});
