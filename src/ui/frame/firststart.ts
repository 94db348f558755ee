'use client';

import { momentNow } from '@/store/clock';
import { useEffect, useState } from 'react';
import { loadDemo } from '@/store/demo';
import { useShopState, useStore } from '@/store/hooks';

/**
 * On a browser's very first visit asks the server whether it was started with the demo shop, and if so loads
 * it once. Offline, or on a plain start, the shop simply opens.
 *
 * @returns true while that is being found out
 */
export function useFirstStart(): boolean {
  const store = useStore();
  const { status, records, damaged } = useShopState();
  const [asked, setAsked] = useState(false);
  const fresh = status === 'ready' && records.size === 0 && damaged.length === 0;
  const asking = fresh && !asked;

  useEffect(() => {
    if (!asking) return;
    void fetch('/start')
      .then((answer) => answer.json() as Promise<{ demo: boolean }>)
      .then(({ demo }) => (demo ? loadDemo(store, momentNow()) : undefined))
      .catch(() => undefined)
      .finally(() => setAsked(true));
  }, [asking, store]);

  return asking;
}
