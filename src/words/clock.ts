import { showClock } from '@/core/quantity';
import { weekday } from './dates';
import { writtenHere } from './writtenhere';

/** How long until a moment or since it, as a running clock; which of the two, the words beside it say. */
export const clockTo = (at: number, now: number): string => showClock(Math.abs(at - now) / 1000);

/** `16:40`, or `4:40 pm` where that is how time is told. */
export function timeOfDay(moment: number): string {
  const at = new Date(moment);
  if (writtenHere().hours24) return at.toTimeString().slice(0, 5);
  const hours = at.getHours();
  return `${hours % 12 || 12}:${String(at.getMinutes()).padStart(2, '0')}\u00a0${hours < 12 ? 'am' : 'pm'}`;
}

/** The midnight a day ends with, where 00:00 would be the one it begins with. */
export const endOfDay = (): string => (writtenHere().hours24 ? '24:00' : 'midnight');

/** The time of day; with the day when it is not the present one. */
export function clockTime(moment: number, now: number = Date.now()): string {
  const at = new Date(moment);
  return new Date(now).toDateString() === at.toDateString()
    ? timeOfDay(moment)
    : `${weekday(at)} ${timeOfDay(moment)}`;
}
