'use client';

import { useState } from 'react';
import { isRefusal } from '@/core/refusal';
import { newId, type Photo } from '@/records';
import { isoNow } from '@/store/clock';
import { useShop, useStore } from '@/store/hooks';
import { shrunkPhoto } from '@/workers/photo';
import { useUnits } from '../units';

async function* one<T>(item: T) {
  yield await Promise.resolve(item);
}

/** Takes photos of a job in, made small in a worker. `busy` counts those under way; `refused` says why one was not taken. */
export function usePhotoIn(jobId: string) {
  const store = useStore();
  const shop = useShop();
  const units = useUnits();
  const [busy, setBusy] = useState(0);
  const [refused, setRefused] = useState<string>();
  const add = async (files: readonly File[], of: Partial<Pick<Photo, 'name' | 'faceId' | 'zone'>> = {}) => {
    setRefused(undefined);
    setBusy(files.length);
    for (const file of files) {
      const small = await shrunkPhoto(file).result;
      setBusy((n) => n - 1);
      if (!small) continue;
      if (isRefusal(small)) setRefused(`${file.name}: ${units.says(small)}`);
      else {
        const { picture, ...size } = small;
        const id = newId();
        // The picture first: a photo never stands there without it.
        if (!(await store.keepPictures(one([id, picture])))) return setBusy(0);
        store.put(
          {
            ...{ kind: 'photo', version: 2, id, jobId, at: isoNow(), name: '' },
            ...(shop.operator ? { by: shop.operator } : {}),
            ...size,
            marks: [],
            ...of,
          },
          'photo',
        );
      }
    }
  };
  return { add, busy, refused };
}
