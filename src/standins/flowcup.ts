/** What the stream under a simulated cup looks like at a moment. */
export interface Stream {
  /** Share of its first width, 0 when nothing runs. */
  readonly width: number;
  /** How full the cup still is, 0–1. */
  readonly level: number;
  /** Has the stream broken into drops? The watch is stopped here. */
  readonly broken: boolean;
}

/** Drops go on falling this long after the break, as a share of the drain. */
const dripping = 0.25;

/**
 * The stream of a simulated flow cup.
 *
 * The level falls quicker at first than at the end, the stream narrows with it, and necks down over the last
 * few per cent before it breaks: what a finisher watches for.
 *
 * @param elapsed s since the orifice was opened
 * @param drain s the cup truly takes
 */
export function streamAt(elapsed: number, drain: number): Stream {
  if (elapsed <= 0) return { width: 0, level: 1, broken: false };
  const part = Math.min(elapsed / drain, 1);
  const level = (1 - part) ** 1.6;
  if (part >= 1) {
    const drips = elapsed < drain * (1 + dripping);
    return { width: drips ? 0.12 : 0, level: 0, broken: true };
  }
  const neck = part > 0.94 ? 1 - 0.8 * ((part - 0.94) / 0.06) ** 2 : 1;
  return { width: (0.45 + 0.55 * Math.sqrt(level)) * neck, level, broken: false };
}
