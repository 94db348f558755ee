import { createEvents, type EventAttributes } from 'ics';

/** One thing of a plan, as a calendar keeps it. */
export interface CalendarEntry {
  readonly id: string;
  readonly title: string;
  readonly note?: string;
  /** ms since the epoch. */
  readonly start: number;
  readonly end: number;
  /** Minutes before its start that the calendar is to call. */
  readonly call?: number;
}

const whole = (moment: number): number => Math.round(moment / 1000) * 1000;

/**
 * A calendar file of a plan (RFC 5545), in UTC, so that a clock change moves nothing.
 */
export function calendarOf(entries: readonly CalendarEntry[]): string {
  const { value, error } = createEvents(
    entries.map(({ id, title, note, start, end, call }): EventAttributes => ({
      uid: `${id}@fluorite`,
      productId: 'fluorite',
      title,
      ...(note ? { description: note } : {}),
      // A plan counts in parts of a second; a calendar does not.
      start: whole(start),
      startInputType: 'utc',
      startOutputType: 'utc',
      end: Math.max(whole(end), whole(start) + 1000),
      endInputType: 'utc',
      endOutputType: 'utc',
      ...(call === undefined
        ? {}
        : { alarms: [{ action: 'display', description: title, trigger: { minutes: call, before: true } }] }),
    })),
  );
  if (error || !value) throw error ?? new Error('The calendar could not be written.');
  return value;
}
