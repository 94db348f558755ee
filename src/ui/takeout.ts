'use client';

import { isoNow } from '@/store/clock';
import { useCallback } from 'react';
import { fileName } from '@/exchange/filename';
import type { AnyRecord } from '@/records';
import { useStore } from '@/store/hooks';
import { download } from './download';
import { arrived } from './fetched';
import { notify } from './notify';

/**
 * Hands the user the file of some records, or of the whole shop.
 *
 * @returns whether it was handed out
 */
export function useTakeOut(): (name: string, some?: readonly AnyRecord[]) => Promise<boolean> {
  const store = useStore();
  return useCallback(
    async (name, some) => {
      const out = await arrived(import('@/store/takeout'));
      if (!out) return false;
      const now = isoNow();
      const taken = await out.takeOut(store, now, some, out.inWorker);
      if (!taken) {
        notify('The archive did not read back as it was written, and was thrown away. Try again.');
        return false;
      }
      download(fileName(name, now.slice(0, 10), taken.ending), taken.file);
      if (taken.missing > 0)
        notify(
          `${taken.missing} ${taken.missing === 1 ? 'picture is' : 'pictures are'} not on this device, and not in the file.`,
        );
      return true;
    },
    [store],
  );
}
