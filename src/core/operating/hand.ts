import { handSpeed } from '../film';

/** Speeds of a hand, m/s: comfortable from slow to fast, held for a while from crawl to rush. */
export interface HandRange {
  readonly crawl: number;
  readonly slow: number;
  readonly usual: number;
  readonly fast: number;
  readonly rush: number;
}

/** A measured hand keeps its own speed this closely, and any hand leaves its comfort by so much. Shares; defaults. */
const own = { slow: 0.9, fast: 1.25 };
const beyond = { crawl: 0.6, rush: 1.25 };

/**
 * What a hand can do: its own speed where it was measured, else any that hands are comfortable with.
 *
 * @param measured m/s
 * @example a hand measured at 0.25 m/s is comfortable from 0.225 to 0.31 and can be held at 0.135
 * Source: estimate, a default until timed
 * @example handRange(0) → { crawl: 0.15, slow: 0.25, usual: 0.4, fast: 0.8, rush: 1 }
 */
export function handRange(measured?: number): HandRange {
  const known = measured !== undefined && measured > 0;
  const usual = known ? measured : handSpeed.usual;
  const slow = known ? measured * own.slow : handSpeed.min;
  const fast = known ? measured * own.fast : handSpeed.max;
  return { crawl: slow * beyond.crawl, slow, usual, fast, rush: fast * beyond.rush };
}
