import { isoNow } from '@/store/clock';
import { refuse, type Outcome } from '@/core/refusal';
import type { BundleItem, BundlePreview } from '@/exchange/bundle';
import { changedSheet } from '@/facts/shop/revisions';
import type { AnyRecord } from '@/records';
import type { ShopStore } from '@/store/shopstore';
import { arrived } from '@/ui/fetched';

/** A file looked at, and what was found in it. */
export interface Looked extends BundlePreview {
  readonly file: File;
}

/** A sheet that replaces another leaves the other behind as a revision. */
function withRevision(record: AnyRecord, held: ReadonlyMap<string, AnyRecord>): AnyRecord[] {
  const before = record.kind === 'coating' ? held.get(`coating/${record.id}`) : undefined;
  return before?.kind === 'coating' && record.kind === 'coating'
    ? changedSheet(before, record, isoNow())
    : [record];
}

const noRoom = () => refuse('no-room', 'There is no room for this file on this device. Nothing was changed.');

/** The photos that come, and those that are here without their pictures. */
async function photosAmong(
  store: ShopStore,
  items: readonly BundleItem[],
): Promise<ReadonlyMap<string, BundleItem>> {
  const found = new Map<string, BundleItem>();
  for (const item of items) {
    if (item.record?.kind !== 'photo') continue;
    const { id } = item.record;
    if (item.state !== 'same' || !(await store.picture(id))) found.set(id, item);
  }
  return found;
}

/** Takes the pictures of a file in, before the photos they belong to. */
async function takePictures(
  store: ShopStore,
  { file, pictures }: Looked,
  photos: ReadonlyMap<string, BundleItem>,
): Promise<Outcome<true>> {
  if (photos.size === 0) return true;
  if (!pictures) {
    async function* inline() {
      for (const [id, { picture }] of photos)
        if (picture) yield await Promise.resolve([id, picture] as const);
    }
    return (await store.keepPictures(inline())) || noRoom();
  }
  const archive = await arrived(import('@/exchange/archive'));
  if (!archive) return refuse('no-part', 'A part of Fluorite did not arrive. Nothing was changed.');
  async function* packed(from: NonNullable<typeof archive>) {
    for await (const { id, picture } of from.picturesIn(file, new Set(photos.keys())))
      yield [id, picture] as const;
  }
  try {
    return (await store.keepPictures(packed(archive))) || noRoom();
  } catch (error) {
    if (error instanceof archive.ArchiveRefused) return error.refusal;
    throw error;
  }
}

/**
 * Takes in what a file would bring: pictures first, then all records together or none.
 *
 * @param back brings back what was removed here, too
 */
export async function takeIn(
  store: ShopStore,
  looked: Looked,
  back: boolean,
): Promise<Outcome<{ readonly records: number }>> {
  const items = looked.items.filter(({ state }) => state !== 'refused' && (back || state !== 'gone'));
  const wanted = items.filter(({ state }) => state !== 'same');
  const pictures = await takePictures(store, looked, await photosAmong(store, items));
  if (pictures !== true) return pictures;
  const { records } = store.getState();
  const done = await store.commit(
    // What merges brings its history along; what does not leaves what it replaces behind as a revision.
    wanted.flatMap(({ record, doc }) => (record && !doc ? withRevision(record, records) : [])),
    [],
    'import',
    { docs: new Map(items.flatMap(({ key, doc }) => (doc ? [[key, doc] as const] : []))) },
  );
  return done ? { records: wanted.length } : noRoom();
}
