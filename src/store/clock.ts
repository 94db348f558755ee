'use client';

import { useSyncExternalStore } from 'react';

/**
 * One clock for the whole page, beating once a second. Timers are moments compared with it, never counters,
 * so a throttled or sleeping tab is right again at its first beat.
 */
const listeners = new Set<() => void>();
let now = Date.now();
let beat: ReturnType<typeof setInterval> | undefined;

function tick() {
  now = Date.now();
  for (const listener of listeners) listener();
}

function subscribe(listener: () => void) {
  listeners.add(listener);
  if (!beat) {
    beat = setInterval(tick, 1000);
    document.addEventListener('visibilitychange', tick);
    tick();
  }
  return () => {
    listeners.delete(listener);
    if (listeners.size > 0) return;
    clearInterval(beat);
    beat = undefined;
    document.removeEventListener('visibilitychange', tick);
  };
}

const read = () => now;

/** Now, ms since the epoch, fresh every second. */
export const useNow = (): number => useSyncExternalStore(subscribe, read, read);
