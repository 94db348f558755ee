import { writeBundle } from '@/exchange/bundle';
import { keyOf, type AnyRecord } from '@/records';
import type { ShopStore } from './shopstore';

/**
 * The file of some records, or of the whole shop with what is known of removed ones, ready to merge on another device.
 *
 * @param now ISO 8601
 */
export function takeOut(store: ShopStore, now: string, some?: readonly AnyRecord[]): string {
  const records = some ?? [...store.getState().records.values()];
  return writeBundle(records, now, store.docs(some?.map(keyOf)));
}
