'use client';

import { useCallback } from 'react';
import { useStore } from '@/store/hooks';
import { notify } from './notify';

/** A write that takes longer than this is said to be under way, ms. */
const patience = 200;

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
        if (!store.unwritten() && !store.getState().trouble) notify(says, undo);
      });
    },
    [store],
  );
}
