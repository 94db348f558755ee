'use client';

import { useShopState } from '@/store/hooks';
import { fetched } from '@/ui/fetched';

const StorageTrouble = fetched(() => import('./StorageTrouble').then((loaded) => loaded.StorageTrouble));

/** Nothing while all is well; else what is wrong with the records and the way out. */
export function StorageBanner() {
  const { trouble, damaged, asking } = useShopState();
  return trouble || damaged.some(({ apart }) => !apart) || asking.length > 0 ? <StorageTrouble /> : null;
}
