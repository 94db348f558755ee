import { newId } from '@/records';
import { deviceId } from './device';

const leaseKey = 'fluorite-writer';
/** A writing tab renews its lease so often, and loses it when it has not for so long, ms. */
const renewEvery = 1500;
const lapses = 6000;

interface Lease {
  readonly tab: string;
  readonly until: number;
}

function leaseNow(): Lease | undefined {
  try {
    return JSON.parse(localStorage.getItem(leaseKey) ?? 'null') as Lease | undefined;
  } catch {
    return undefined;
  }
}

/**
 * Without locks two tabs could fold over each other: one of them writes, as long as it renews its lease.
 *
 * @returns whether this is the one
 */
async function onlyWriter(tab: string): Promise<boolean> {
  const take = () => {
    try {
      localStorage.setItem(leaseKey, JSON.stringify({ tab, until: Date.now() + lapses } satisfies Lease));
    } catch {
      // Nothing can be stored: nothing can be written over either.
    }
  };
  const held = leaseNow();
  if (held && held.tab !== tab && held.until > Date.now()) return false;
  take();
  // Two that opened together both took it: the later one has it.
  await new Promise((wait) => setTimeout(wait, 50));
  if ((leaseNow()?.tab ?? tab) !== tab) return false;
  setInterval(take, renewEvery);
  addEventListener('pagehide', () => {
    if (leaseNow()?.tab === tab) localStorage.removeItem(leaseKey);
  });
  return true;
}

/**
 * The name this tab writes under: the device’s, and the first seat no other open tab sits on. A seat is kept as long as the
 * tab lives and taken by the next one after it, so that a record knows few writers.
 *
 * @returns undefined where there are no locks, as on an insecure page, and another tab writes already
 */
export async function takeSeat(): Promise<string | undefined> {
  const locks = typeof navigator === 'undefined' ? undefined : navigator.locks;
  const device = deviceId();
  if (!locks) {
    const tab = `${device}-${newId().slice(0, 6)}`;
    return (await onlyWriter(tab)) ? tab : undefined;
  }
  for (let seat = 0; ; seat += 1) {
    const taken = await new Promise<boolean>((resolve) => {
      void locks.request(`fluorite-seat-${seat}`, { ifAvailable: true }, (lock) => {
        resolve(lock !== null);
        // Held until the tab is gone.
        return lock ? new Promise<never>(() => undefined) : undefined;
      });
    });
    if (taken) return `${device}-${seat}`;
  }
}
