import type { LogEntry } from './log';

/** The counter of the next entry of a log: one more than any in it. */
export const nextCounter = (log: readonly Pick<LogEntry, 'counter'>[]): number =>
  log.reduce((most, { counter }) => Math.max(most, counter + 1), 0);

/**
 * The order of entries: what a device had seen when it wrote came before. Entries of two devices that had not seen each
 * other lie by their clocks, then by their ids, so that every device orders them alike.
 */
export const inOrder = (a: LogEntry, b: LogEntry): number =>
  a.counter - b.counter || a.at.localeCompare(b.at) || a.id.localeCompare(b.id);
