import { showClock } from '@/core/quantity';
import { weekday } from './dates';

/** How long until a moment or since it, as a running clock; which of the two, the words beside it say. */
export const clockTo = (at: number, now: number): string => showClock(Math.abs(at - now) / 1000);

/** `16:40` */
export const timeOfDay = (moment: number): string => new Date(moment).toTimeString().slice(0, 5);

/** `16:40`; with the day when it is not the present one. */
export function clockTime(moment: number, now: number = Date.now()): string {
  const at = new Date(moment);
  return new Date(now).toDateString() === at.toDateString()
    ? timeOfDay(moment)
    : `${weekday(at)} ${timeOfDay(moment)}`;
}
