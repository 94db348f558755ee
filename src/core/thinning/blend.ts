import { refuse, type Outcome } from '../refusal';

/**
 * Viscosity of a coating with thinner in it.
 *
 * @param coating kinematic viscosity unthinned, m²/s
 * @param thinner kinematic viscosity of the thinner, m²/s
 * @param interaction G, dimensionless, about −4 ± 2 for paints
 * @param w mass share of thinner in the blend, 0–1
 * @returns m²/s
 * Source: blend law of Grunberg–Nissan form, ln ν = (1−w) ln ν₀ + w ln ν_T + G w(1−w).
 * @example blendViscosity(0.00012, 0.000001, -4.2, 0) → 0.00012
 */
export function blendViscosity(
  coating: number,
  thinner: number,
  interaction: number,
  w: number,
): Outcome<number> {
  if (!(w >= 0 && w <= 1))
    return refuse('thinner-share', 'The share of thinner must lie between {min} and {max}.', {
      quantity: 'share',
      value: w,
      min: 0,
      max: 1,
    });
  return Math.exp((1 - w) * Math.log(coating) + w * Math.log(thinner) + interaction * w * (1 - w));
}

/**
 * The least G that physics allows: below it the blend would dip under the thinner itself.
 *
 * Source: Lederer 1933; blend law of Grunberg–Nissan form
 * @example leastInteraction(60, 0.9) → -4.19971
 */
export const leastInteraction = (coating: number, thinner: number): number => -Math.log(coating / thinner);
