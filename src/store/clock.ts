'use client';

import { useSyncExternalStore } from 'react';
import { aheadOf, SteadyClock, type KeptClock } from './steadyclock';

const clockKey = 'fluorite-clock';
const aheadKey = 'fluorite-ahead';

function kept<T>(key: string): T | undefined {
  try {
    const text = localStorage.getItem(key);
    return text === null ? undefined : (JSON.parse(text) as T);
  } catch {
    return undefined;
  }
}

function keep(key: string, value: unknown): void {
  try {
    localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // No room, or no storage: what a clock did is known until the page is left.
  }
}

const clock = new SteadyClock(
  () => Date.now(),
  () => performance.now(),
  {
    read: () => {
      const { last, late } = kept<Partial<KeptClock>>(clockKey) ?? {};
      return Number.isFinite(last) && Number.isFinite(late)
        ? { last: Number(last), late: Number(late) }
        : undefined;
    },
    write: (clockKept) => keep(clockKey, clockKept),
  },
);

/** Now, ms since the epoch, by a clock that does not go back. */
export const momentNow = (): number => (typeof window === 'undefined' ? Date.now() : clock.now());

/** What the clock of this device says, whether it can be believed or not. */
export const wallNow = (): number => Date.now();

/** The same, as records write it: ISO 8601, UTC. */
export const isoNow = (): string => new Date(momentNow()).toISOString();

/** How far each job’s own time is ahead of this device, ms. */
let ahead: Record<string, number> | undefined;

/**
 * How far a job is ahead of this device, by its latest entry: kept, so that its clocks go on and do not stand still until
 * this device has caught up.
 *
 * @param now by this device
 */
export function jobAhead(id: string, lastEntry: number | undefined, now: number): number {
  ahead ??= kept<Record<string, number>>(aheadKey) ?? {};
  const before = Number(ahead[id] ?? 0) || 0;
  const next = aheadOf(before, lastEntry, now);
  if (next > before) {
    ahead[id] = next;
    keep(aheadKey, ahead);
  }
  return next;
}

/**
 * One clock for the whole page, beating once a second. Timers are moments compared with it, never counters,
 * so a throttled or sleeping tab is right again at its first beat.
 */
const listeners = new Set<() => void>();
let now = momentNow();
let beat: ReturnType<typeof setInterval> | undefined;

function tick() {
  now = momentNow();
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

const setBack = () => clock.setBack;

/** ms by which this device’s clock was set back; 0 while it is right. */
export const useClockSetBack = (): number => useSyncExternalStore(subscribe, setBack, () => 0);

/** The device’s clock is right as it is. */
export function trustClock(): void {
  clock.trust();
  tick();
}
