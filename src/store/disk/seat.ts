import { newId } from '@/records';
import { deviceId } from './device';

/**
 * The name this tab writes under: the device’s, and the first seat no other open tab sits on. A seat is kept as long as the
 * tab lives and taken by the next one after it, so that a record knows few writers. Without locks every tab has its own.
 */
export async function takeSeat(): Promise<string> {
  const locks = typeof navigator === 'undefined' ? undefined : navigator.locks;
  const device = deviceId();
  if (!locks) return `${device}-${newId().slice(0, 6)}`;
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
