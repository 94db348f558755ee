'use client';

import { useCallback } from 'react';
import { useStore } from '@/store/hooks';
import type { ShopStore } from '@/store/shopstore';
import { notify } from './notify';

/** A write that takes longer than this is said to be under way, ms. */
const patience = 200;

/** A note’s Undo takes back the last change: with another change it would take back what it does not name. */
function untilChanged(store: ShopStore, withdraw: () => void): void {
  const change = store.lastChange();
  const stop = store.subscribe(() => {
    if (store.lastChange() === change) return;
    stop();
    withdraw();
  });
}

/**
 * Says that something is on record once it is on disk, and not before. A write that takes its time is said to be under way;
 * one that fails is said by the banner, with a way out.
 */
export function useRecorded(): (says: string, undo?: () => void) => void {
  const store = useStore();
  return useCallback(
    (says, undo) => {
      const slow = setTimeout(() => notify('Being written to this device.'), patience);
      void store.settled().then(() => {
        clearTimeout(slow);
        if (store.unwritten() || store.getState().trouble) return;
        const withdraw = notify(says, undo);
        if (undo) untilChanged(store, withdraw);
      });
    },
    [store],
  );
}
