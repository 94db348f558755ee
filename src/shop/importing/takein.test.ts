import fs from 'node:fs';
import { isRefusal } from '@/core/refusal';
import { isArchive, readArchive } from '@/exchange/archive';
import { previewBundle } from '@/exchange/bundle';
import type { Photo } from '@/records';
import { canonical } from '@/records/canonical';
import { memoryDisk } from '@/store/disk/disk';
import { memoryPictures, type Pictures } from '@/store/disk/pictures';
import type { ShopStore } from '@/store/shopstore';
import { takeOut } from '@/store/takeout';
import { aJob } from '../../../tests/fixtures/job';
import { opened } from '../../../tests/fixtures/ground';
import { takeIn, type Looked } from './takein';

const now = '2026-11-27T12:00:00.000Z';
const job = aJob();

const photo = (id: string): Photo => ({
  kind: 'photo',
  version: 2,
  id,
  jobId: job.id,
  at: now,
  name: id,
  width: 40,
  height: 30,
  marks: [],
});

/** A JPEG’s beginning, and bytes that differ from photo to photo. */
const bytesOf = (n: number, size = 3000) =>
  Uint8Array.from({ length: size }, (_, i) => (i === 0 ? 0xff : i === 1 ? 0xd8 : (n * 31 + i * 7) % 251));

async function shopWith(photos: number, pictures: Pictures): Promise<ShopStore> {
  const store = await opened(memoryDisk(), { pictures: () => pictures });
  await store.commit([job, ...Array.from({ length: photos }, (_, n) => photo(`p${n}`))], [], 'photos');
  for (let n = 0; n < photos; n += 1) await pictures.set(`p${n}`, new Blob([bytesOf(n)]));
  return store;
}

/** What the worker does with a file. */
async function look(store: ShopStore, file: File): Promise<Looked> {
  const archive = (await isArchive(file)) ? await readArchive(file) : undefined;
  if (isRefusal(archive)) throw new Error(archive.says);
  const existing = { records: [...store.getState().records.values()], docs: store.docs() };
  const preview = previewBundle(archive?.bundle ?? (await file.text()), existing);
  if (isRefusal(preview)) throw new Error(preview.says);
  return { ...preview, ...(archive ? { pictures: archive.pictures } : {}), file };
}

async function out(store: ShopStore): Promise<File> {
  const taken = await takeOut(store, now);
  if (!taken) throw new Error('It did not read back.');
  return new File([taken.file], `shop.${taken.ending}`);
}

const said = (store: ShopStore) =>
  canonical([...store.getState().records].sort(([a], [b]) => (a < b ? -1 : 1)));

describe('photos in files', () => {
  it('two thousand leave in an archive and are restored, each as it was', async () => {
    const first = await shopWith(2000, memoryPictures());
    const file = await out(first);
    expect(file.name).toBe('shop.fluorite.zip');
    const pictures = memoryPictures();
    const second = await opened(memoryDisk(), { pictures: () => pictures });
    expect(await takeIn(second, await look(second, file), false)).toEqual({ records: 2001 });
    expect(said(second)).toBe(said(first));
    expect((await pictures.keys()).length).toBe(2000);
    for (const n of [0, 1, 777, 1999])
      expect(new Uint8Array(await ((await second.picture(`p${n}`)) as Blob).arrayBuffer())).toEqual(
        bytesOf(n),
      );
    // A picture lost on the way is put back by the same file, though its record is the same.
    await pictures.remove('p7');
    expect(await takeIn(second, await look(second, file), false)).toEqual({ records: 0 });
    expect(await second.picture('p7')).toBeDefined();
  }, 300_000);

  it('a shop without photos leaves as plain JSON', async () => {
    const file = await out(await shopWith(0, memoryPictures()));
    expect(file.name).toBe('shop.fluorite.json');
    expect(JSON.parse(await file.text())).toMatchObject({ format: 'fluorite-bundle' });
  });

  it('a photo whose picture is not here says so, and its record goes along', async () => {
    const pictures = memoryPictures();
    const store = await shopWith(3, pictures);
    await pictures.remove('p1');
    const taken = await takeOut(store, now);
    expect(taken?.missing).toBe(1);
    const second = await opened(memoryDisk());
    expect(await takeIn(second, await look(second, await out(store)), false)).toEqual({ records: 4 });
    expect(await second.picture('p0')).toBeDefined();
    expect(await second.picture('p1')).toBeUndefined();
  });

  it('no room for a picture takes nothing in at all', async () => {
    const file = await out(await shopWith(5, memoryPictures()));
    const pictures = memoryPictures();
    let left = 3;
    const full: Pictures = {
      ...pictures,
      set: (id, picture) =>
        left-- > 0
          ? pictures.set(id, picture)
          : Promise.reject(new DOMException('no room', 'QuotaExceededError')),
    };
    const store = await opened(memoryDisk(), { pictures: () => full });
    expect(await takeIn(store, await look(store, file), false)).toMatchObject({ refused: 'no-room' });
    expect(store.getState().records.size).toBe(0);
    expect(await pictures.keys()).toEqual([]);
  });

  it('an archive that is damaged, cut off or foreign is refused, and nothing is taken in', async () => {
    const file = await out(await shopWith(4, memoryPictures()));
    const bytes = new Uint8Array(await file.arrayBuffer());
    const store = await opened(memoryDisk());
    const looked = await look(store, file);
    // One byte of the last picture: behind it stands only the list of what is in the archive.
    const spoilt = bytes.slice();
    const at = spoilt.length - 2500;
    spoilt[at] = (spoilt[at] as number) ^ 0xff;
    expect(await takeIn(store, { ...looked, file: new File([spoilt], file.name) }, false)).toMatchObject({
      refused: 'cut-off',
    });
    expect(store.getState().records.size).toBe(0);
    expect(await readArchive(new Blob([bytes.slice(0, bytes.length / 2)]))).toMatchObject({
      refused: 'cut-off',
    });
    expect(await readArchive(new Blob(['PK and nothing else']))).toMatchObject({ refused: 'cut-off' });
    expect(await isArchive(new Blob([]))).toBe(false);
  });

  it('a picture that stood in its record, as older files have it, is kept beside it', async () => {
    const data = Buffer.from(bytesOf(3, 60)).toString('base64');
    const old = { ...photo('old'), version: 1, picture: `data:image/jpeg;base64,${data}` };
    const text = JSON.stringify({ format: 'fluorite-bundle', version: 2, exported: now, records: [old] });
    const store = await opened(memoryDisk());
    await takeIn(store, await look(store, new File([text], 'old.fluorite.json')), false);
    expect(store.getState().records.get('photo/old')).toEqual(photo('old'));
    expect(new Uint8Array(await ((await store.picture('old')) as Blob).arrayBuffer())).toEqual(
      bytesOf(3, 60),
    );
  });
});

describe('bundles of earlier versions', () => {
  const fixture = (version: number) =>
    new File(
      [fs.readFileSync(`tests/fixtures/bundles/demo-${version}.fluorite.json`)],
      `demo-${version}.fluorite.json`,
    );

  it.each([1, 2, 3, 4])(
    'version %i is taken in whole, and a second time changes nothing',
    async (version) => {
      const store = await opened(memoryDisk());
      const looked = await look(store, fixture(version));
      expect(looked.items.filter(({ state }) => state === 'refused')).toEqual([]);
      expect(looked.items.filter(({ state }) => state === 'new').length).toBeGreaterThan(25);
      await takeIn(store, looked, false);
      const again = await look(store, fixture(version));
      expect(again.items.every(({ state }) => state === 'same')).toBe(true);
    },
  );

  it('lifted apart on two devices they meet without a question', async () => {
    const [one, other] = [await opened(memoryDisk()), await opened(memoryDisk())];
    for (const store of [one, other]) await takeIn(store, await look(store, fixture(3)), false);
    const file = (await takeOut(one, now))?.file as Blob;
    const looked = await look(other, new File([file], 'one.fluorite.json'));
    expect(looked.items.every(({ state }) => state === 'same')).toBe(true);
    await takeIn(other, looked, false);
    expect(other.getState().asking).toEqual([]);
  });

  it('the third knows what was removed, and merges with what it came from', async () => {
    const store = await opened(memoryDisk());
    await takeIn(store, await look(store, fixture(3)), false);
    expect(store.getState().records.has('can/demo-can-c4b')).toBe(false);
    expect(store.docs().has('can/demo-can-c4b')).toBe(true);
    type Replicas = Record<string, unknown>;
    const replicasOf = (text: string) => (JSON.parse(text) as { replicas: Replicas }).replicas;
    // What was lifted since says so; the rest is as it was written.
    const unlifted = (replicas: Replicas) =>
      Object.entries(replicas).filter(([key]) => !/^(job|coating|revision)\//.test(key));
    const before = unlifted(replicasOf(await fixture(3).text()));
    const out = await ((await takeOut(store, now))?.file as Blob).text();
    expect(before.length).toBeGreaterThan(10);
    expect(canonical(unlifted(replicasOf(out)))).toBe(canonical(before));
  });
});
