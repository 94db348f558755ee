import { isRefusal } from '@/core/refusal';
import { writeBundle } from '@/exchange/bundle';
import { existingFrom, type HeldRecord } from '@/exchange/told';
import { keyOf, type AnyRecord } from '@/records';
import { bundleFile } from '@/workers/bundle';
import type { ShopStore } from './shopstore';
import { toldOf } from './told';

/** A file on its way out: plain JSON, or an archive where there are photos. */
export interface TakenOut {
  readonly ending: 'fluorite.json' | 'fluorite.zip';
  readonly file: Blob;
  /** Photos whose pictures are not on this device. */
  readonly missing: number;
}

/** Writes the bundle of a shop, or of the records of these keys; undefined where it could not. */
export type BundleWriter = (
  store: ShopStore,
  now: string,
  keys: readonly string[] | undefined,
) => Promise<Blob | undefined>;

/** On the main thread, which waits. */
async function atOnce(store: ShopStore, now: string, keys?: readonly string[]): Promise<Blob> {
  const told: HeldRecord[] = [];
  for await (const part of toldOf(store, keys)) told.push(...part);
  const { records, docs } = existingFrom(told);
  return new Blob([writeBundle(records, now, docs)], { type: 'application/json' });
}

/** In a worker, while the screen answers. */
export const inWorker: BundleWriter = (store, now, keys) => bundleFile(toldOf(store, keys), now);

/**
 * The file of some records, or of the whole shop with what is known of removed ones, ready to merge on another device. An
 * archive is read back before it is handed out.
 *
 * @param now ISO 8601
 * @param write what writes the bundle: the main thread where nothing is said
 * @returns undefined where the archive did not read back as it was written
 */
export async function takeOut(
  store: ShopStore,
  now: string,
  some?: readonly AnyRecord[],
  write: BundleWriter = atOnce,
): Promise<TakenOut | undefined> {
  const records = some ?? [...store.getState().records.values()];
  const keys = some?.map(keyOf);
  // A worker that does not come is no reason to be without a backup.
  const bundle = (await write(store, now, keys)) ?? (await atOnce(store, now, keys));
  const photos = records.filter(({ kind }) => kind === 'photo');
  if (photos.length === 0) return { ending: 'fluorite.json', file: bundle, missing: 0 };
  // What packs is large, and only wanted where there are photos.
  const { checkedArchive, writeArchive } = await import('@/exchange/archive');
  let missing = 0;
  async function* pictures() {
    for (const { id } of photos) {
      const picture = await store.picture(id);
      if (picture) yield { id, picture };
      else missing += 1;
    }
  }
  const file = await writeArchive(bundle, pictures());
  const checked = await checkedArchive(file);
  if (isRefusal(checked) || checked.pictures !== photos.length - missing) return undefined;
  return { ending: 'fluorite.zip', file, missing };
}
