import { keyOf, newShop, type Shop } from '@/records';
import type { ShopStore } from './shopstore';

const shopOf = (store: ShopStore): Shop => {
  const held = store.getState().records.get('shop/shop');
  return held?.kind === 'shop' ? held : newShop;
};

/** Puts the demo shop beside whatever is here. Its data is fetched only now. */
export async function loadDemo(store: ShopStore, now: number): Promise<boolean> {
  const [{ demoShop }, { demoShopName }] = await Promise.all([import('@/demo'), import('@/demo/name')]);
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

/** Takes out what the demo put in, its name over the door among it, and nothing else. */
export async function removeDemo(store: ShopStore): Promise<boolean> {
  const { demoShopName } = await import('@/demo/name');
  const { demo, ...named } = shopOf(store);
  const shop: Shop = named.name === demoShopName ? { ...named, name: newShop.name } : named;
  const held = store.getState().records;
  const keys = (demo?.ids ?? []).filter((key) => held.has(key));
  return store.commit([shop], keys, 'demo shop removed');
}
