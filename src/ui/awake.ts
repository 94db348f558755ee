'use client';

import { useEffect } from 'react';

/** Whether this device can be kept from going dark at all. */
export const staysAwake = (): boolean => typeof navigator !== 'undefined' && 'wakeLock' in navigator;

/** Keeps the screen awake while asked to, where the device lets it; again after another application was in front. */
export function useAwake(on: boolean): void {
  useEffect(() => {
    if (!on || !staysAwake()) return;
    let over = false;
    let held: WakeLockSentinel | undefined;
    const ask = () => {
      if (document.visibilityState !== 'visible' || (held && !held.released)) return;
      void navigator.wakeLock
        .request('screen')
        .then((lock) => {
          held = lock;
          if (over) void lock.release();
        })
        .catch(() => undefined);
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', ask);
      void held?.release();
    };
  }, [on]);
}
