import { calendarOf } from './calendar';

/** Something to look after, as a calendar keeps it. */
export interface CareEntry {
  readonly id: string;
  readonly title: string;
  readonly note: string;
  /** ms since the epoch. */
  readonly due: number;
}

const quarter = 15 * 60_000;

/**
 * Care as a calendar file: a quarter of an hour at the hour work begins on the day it is due, and not before the
 * moment the file was written.
 *
 * @param begins s after midnight that work begins
 * @param now ms since the epoch; what is overdue is put there
 */
export function careCalendarFile(entries: readonly CareEntry[], begins: number, now: number): string {
  return calendarOf(
    entries.map(({ id, title, note, due }) => {
      const at = new Date(Math.max(due, now));
      at.setHours(0, 0, begins, 0);
      const start = Math.max(at.getTime(), now);
      return { id: `care-${id}`, title, note, start, end: start + quarter, call: 15 };
    }),
  );
}
