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
 * Formula: (distance ratio)^−0.35 × (pressure ratio)^−0.15, half as much the other way
 * Source: estimate, defaults
 * @example 20 % further: −6 %
 * @example transferAt(0.5, 1, 1) → 0.5
 */
export function transferAt(base: number, distance: number, pressure: number): number {
  return bounded(base * landsFrom(distance) * change(pressure, 0.15));
}

/**
 * What a distance does to transfer, as a factor: see {@link transferAt}.
 *
 * Source: estimate, defaults
 * @example landsFrom(2) → 0.784584
 */
export const landsFrom = (distance: number): number => change(distance, 0.35);

/**
 * Some always misses and some always lands.
 *
 * Source: estimate, defaults
 * @example bounded(0.01) → 0.05
 */
export const bounded = (transfer: number): number => Math.min(Math.max(transfer, 0.05), 0.95);

const change = (ratio: number, exponent: number) => ratio ** -(ratio > 1 ? exponent : exponent / 2);
