/**
 * When something was written and by whom: `1764280000000.k3x…-0`. The count is greater than any the writer had seen, so that
 * what was written knowing of something else comes after it, whatever the clocks say; the writer is one tab of one device.
 */
export type Stamp = string;

/** Counts beyond this are no moment of our days: nothing could be written after them any more. */
const mostCount = 1e14;

export const stampOf = (count: number, writer: string): Stamp => `${count}.${writer}`;

export const countOf = (stamp: Stamp): number => Number(stamp.slice(0, stamp.indexOf('.')));

export const writerOf = (stamp: Stamp): string => stamp.slice(stamp.indexOf('.') + 1);

/** The order of stamps, alike on every device. */
export const byStamp = (a: Stamp, b: Stamp): number =>
  countOf(a) - countOf(b) || (writerOf(a) < writerOf(b) ? -1 : writerOf(a) > writerOf(b) ? 1 : 0);

/** Could a stamp found in a file have been made here or on another device? */
export const isStamp = (raw: unknown): raw is Stamp =>
  typeof raw === 'string' && /^\d{1,14}\.[a-z0-9-]{1,40}$/.test(raw) && countOf(raw) <= mostCount;

/**
 * The count of the next stamp.
 *
 * @param last the greatest count known here
 * @param now ms since the epoch: a tab that forgot what it had not written yet does not use its counts again
 */
export const nextCount = (last: number, now: number): number =>
  Math.max(last + 1, now <= mostCount ? now : 0);
