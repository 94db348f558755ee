'use client';

import { useCallback } from 'react';
import { fileName } from '@/exchange/filename';
import type { AnyRecord } from '@/records';
import { isoNow } from '@/store/clock';
import { useStore } from '@/store/hooks';
import type { TakenOut } from '@/store/takeout';
import { download } from './download';
import { arrived } from './fetched';
import { notify } from './notify';
import { handOn } from './handon';

interface Packed extends TakenOut {
  readonly name: string;
}

/** Writes the file of some records, or of the whole shop; undefined, and said so, where it could not be. */
function usePacked(): (name: string, some?: readonly AnyRecord[]) => Promise<Packed | undefined> {
  const store = useStore();
  return useCallback(
    async (name, some) => {
      const out = await arrived(import('@/store/takeout'));
      if (!out) return undefined;
      const now = isoNow();
      const taken = await out.takeOut(store, now, some, out.inWorker);
      if (!taken) {
        notify('The archive did not read back as it was written, and was thrown away. Try again.');
        return undefined;
      }
      if (taken.missing > 0)
        notify(
          `${taken.missing} ${taken.missing === 1 ? 'picture is' : 'pictures are'} not on this device, and not in the file.`,
        );
      return { ...taken, name: fileName(name, now.slice(0, 10), taken.ending) };
    },
    [store],
  );
}

/**
 * Hands the user the file of some records, or of the whole shop.
 *
 * @returns whether it was handed out
 */
export function useTakeOut(): (name: string, some?: readonly AnyRecord[]) => Promise<boolean> {
  const packed = usePacked();
  return useCallback(
    async (name, some) => {
      const taken = await packed(name, some);
      if (taken) download(taken.name, taken.file);
      return taken !== undefined;
    },
    [packed],
  );
}

/** Sends the same to another device: by what the system has for sending, or else as a file to be carried over. */
export function useSend(): (name: string, some?: readonly AnyRecord[]) => Promise<void> {
  const packed = usePacked();
  return useCallback(
    async (name, some) => {
      const taken = await packed(name, some);
      if (!taken || (await handOn(taken.name, taken.file)) !== 'no') return;
      download(taken.name, taken.file);
      notify(
        'The file is saved here. Carry it to the other device, and take it in there: Settings, Import a file.',
      );
    },
    [packed],
  );
}
