import { keyOf, newShop, type Shop } from '@/records';
import type { ShopStore } from './shopstore';

const shopOf = (store: ShopStore): Shop => {
  const held = store.getState().records.get('shop/shop');
  return held?.kind === 'shop' ? held : newShop;
};

/** Puts the demo shop beside whatever is here. Its data is fetched only now. */
export async function loadDemo(store: ShopStore, now: number): Promise<boolean> {
  const { demoShop, demoShopName } = await import('@/demo');
  const records = demoShop(now);
  const shop = shopOf(store);
  return store.commit(
    [
      ...records,
      {
        ...shop,
        name: shop.name || demoShopName,
        demo: { at: new Date(now).toISOString(), ids: records.map(keyOf) },
      },
    ],
    [],
    'demo shop loaded',
    { writer: 'demo' },
  );
}

/** Takes out what the demo put in, and nothing else. */
export function removeDemo(store: ShopStore): Promise<boolean> {
  const { demo, ...shop } = shopOf(store);
  const held = store.getState().records;
  const keys = (demo?.ids ?? []).filter((key) => held.has(key));
  return store.commit([shop], keys, 'demo shop removed');
}
