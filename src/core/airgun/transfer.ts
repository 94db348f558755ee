/**
 * Transfer efficiency away from the usual distance and pressure: an estimate.
 *
 * Overspray grows with distance, since slow drops turn aside, and with pressure, since fine ones bounce and drift:
 * a fifth more distance costs about 6 % of what lands, a fifth more pressure about 3 %. Nearer or softer than
 * usual gains half as much, and never past 0.95.
 *
 * @param base transfer at the usual distance and pressure, 0–1
 * @param distance ÷ usual distance
 * @param pressure ÷ usual pressure
 */
export function transferAt(base: number, distance: number, pressure: number): number {
  return bounded(base * landsFrom(distance) * change(pressure, 0.15));
}

/** What a distance does to transfer, as a factor: see {@link transferAt}. */
export const landsFrom = (distance: number): number => change(distance, 0.35);

/** Some always misses and some always lands. */
export const bounded = (transfer: number): number => Math.min(Math.max(transfer, 0.05), 0.95);

const change = (ratio: number, exponent: number) => ratio ** -(ratio > 1 ? exponent : exponent / 2);
