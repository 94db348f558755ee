import { writtenHere } from './writtenhere';

/** A formatter for each order of day and month, made once: making one takes longer than hundreds of dates. */
const formatter = (options: Intl.DateTimeFormatOptions) => {
  const made = new Map<boolean, Intl.DateTimeFormat>();
  return (at: number | Date): string => {
    const { dayFirst } = writtenHere();
    const known = made.get(dayFirst) ?? new Intl.DateTimeFormat(dayFirst ? 'en-GB' : 'en-US', options);
    made.set(dayFirst, known);
    return known.format(at);
  };
};

/** `28 Nov` or `Nov 28` */
export const dayAndMonth = formatter({ day: 'numeric', month: 'short' });

/** `28 Nov 2026` or `Nov 28, 2026` */
export const fullDay = formatter({ day: 'numeric', month: 'short', year: 'numeric' });

/** A day of the calendar as it is kept, `2026-11-28`, written as {@link fullDay}; what is no day stays as it is. */
export function calendarDay(kept: string): string {
  const day = new Date(`${kept}T00:00`);
  return Number.isNaN(day.getTime()) ? kept : fullDay(day);
}

/** `Sat 28 Nov` or `Sat, Nov 28` */
export const weekday = formatter({ weekday: 'short', day: 'numeric', month: 'short' });

/** `Nov` */
export const monthName = formatter({ month: 'short' });
