import { showClock } from '@/core/quantity';

/** How long until a moment or since it, as a running clock; which of the two, the words beside it say. */
export const clockTo = (at: number, now: number): string => showClock(Math.abs(at - now) / 1000);
