import { isRefusal } from '@/core/refusal';
import { writeBundle } from '@/exchange/bundle';
import { keyOf, type AnyRecord } from '@/records';
import type { ShopStore } from './shopstore';

/** A file on its way out: plain JSON, or an archive where there are photos. */
export interface TakenOut {
  readonly ending: 'fluorite.json' | 'fluorite.zip';
  readonly file: Blob;
  /** Photos whose pictures are not on this device. */
  readonly missing: number;
}

/**
 * The file of some records, or of the whole shop with what is known of removed ones, ready to merge on another device. An
 * archive is read back before it is handed out.
 *
 * @param now ISO 8601
 * @returns undefined where the archive did not read back as it was written
 */
export async function takeOut(
  store: ShopStore,
  now: string,
  some?: readonly AnyRecord[],
): Promise<TakenOut | undefined> {
  const records = some ?? [...store.getState().records.values()];
  const bundle = writeBundle(records, now, store.docs(some?.map(keyOf)));
  const photos = records.filter(({ kind }) => kind === 'photo');
  if (photos.length === 0)
    return { ending: 'fluorite.json', file: new Blob([bundle], { type: 'application/json' }), missing: 0 };
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
