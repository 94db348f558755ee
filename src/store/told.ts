import type { HeldRecord } from '@/exchange/told';
import type { ShopStore } from './shopstore';

/** So many parts of records are handed over at once: within a frame. */
const most = 1500;

/**
 * What a shop holds, in parts small enough that the screen answers while they are handed over.
 *
 * @param keys which records, with those removed; all of them where nothing is said
 */
export async function* toldOf(
  store: ShopStore,
  keys: readonly string[] = store.keys(),
): AsyncGenerator<readonly HeldRecord[]> {
  let told: HeldRecord[] = [];
  let parts = 0;
  for (const key of keys) {
    const doc = store.docs([key]).get(key);
    if (!doc) continue;
    told.push({ key, doc, here: store.getState().records.has(key) });
    parts += Object.keys(doc.parts).length;
    if (parts < most) continue;
    yield await Promise.resolve(told);
    [told, parts] = [[], 0];
  }
  if (told.length > 0) yield told;
}
