'use client';

import { useCallback } from 'react';
import { notify } from '@/ui/notify';
import { useShop, useStore } from '@/store/hooks';

/** Undo, redo and the switch of units, with a word on what was done. */
export function useShopActions() {
  const store = useStore();
  const shop = useShop();
  const undo = useCallback(() => {
    const label = store.undo();
    notify(label ? `Undone: ${label}.` : 'Nothing to undo.');
  }, [store]);
  const redo = useCallback(() => {
    const label = store.redo();
    notify(label ? `Done again: ${label}.` : 'Nothing to do again.');
  }, [store]);
  const switchUnits = useCallback(() => {
    const units = shop.units === 'metric' ? 'us' : 'metric';
    store.put({ ...shop, units }, 'units');
    notify(units === 'us' ? 'US units.' : 'Metric units.');
  }, [store, shop]);
  const switchTheme = useCallback(() => {
    store.put({ ...shop, theme: shop.theme === 'bench' ? 'booth' : 'bench' }, 'theme');
  }, [store, shop]);
  return { undo, redo, switchUnits, switchTheme };
}
