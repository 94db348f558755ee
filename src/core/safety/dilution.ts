import { refuseUnlessPositive, type Outcome } from '../refusal';

/** A solvent's vapour, as far as fire is concerned. */
export interface Vapour {
  /** kg/mol */
  readonly molarMass: number;
  /** Lower explosive limit as a volume share, 0.01 for 1 %. */
  readonly lowerLimit: number;
}

/** Xylene, the usual solvent with the lowest limit: what is assumed until a sheet names its own. */
export const assumedVapour: Vapour = { molarMass: 0.10617, lowerLimit: 0.01 };

export const gasConstant = 8.314462618;
export const atmospheric = 101325;
/** Air must keep the vapour at a quarter of its lower limit. */
export const keptAt = 0.25;

/**
 * Dilution air for a mass of solvent: (R·T/p)/M × 1/LEL ÷ 0.25.
 *
 * A fire figure only: it does not make the air fit to breathe, and hot ovens need more.
 *
 * @param solvent kg
 * @param temperature K
 * @returns m³ of air
 * Formula: (R·T/p)/M ÷ LEL ÷ 0.25
 * Source: ideal gas, a quarter of the lower limit
 * @example xylene 91 m³/kg, acetone 66
 * @example dilutionAir(1, { molarMass: 0.10617, lowerLimit: 0.01 }) → 90.6287
 */
export function dilutionAir(solvent: number, vapour: Vapour, temperature = 293.15): Outcome<number> {
  const wrong = refuseUnlessPositive({
    'molar mass of the solvent': vapour.molarMass,
    'lower limit of the solvent': vapour.lowerLimit,
    temperature,
  });
  if (wrong) return wrong;
  return (
    (Math.max(solvent, 0) * ((gasConstant * temperature) / atmospheric)) /
    vapour.molarMass /
    vapour.lowerLimit /
    keptAt
  );
}
