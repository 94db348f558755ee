import { refuseUnlessPositive, type Outcome } from '../refusal';
import type { Liquid } from './nozzle';

/** Where a plain cap is choked, Pa gauge, and the speed of its air there, m/s. */
const chokedAt = 0.9e5;
const chokedSpeed = 313;
const atmosphere = 101325;
/** Air: ratio of specific heats, specific gas constant. */
const gamma = 1.4;
const gas = 287.05;
/** Surface tension of coatings, N/m. A default. */
const tension = 0.028;
/** The viscosity term was measured on fuels and overstates paints: it counts this much. */
const damping = 0.35;

/**
 * Speed of the air that leaves a cap, m/s: isentropic expansion, capped where a plain cap is choked.
 *
 * @param pressure at the cap, Pa gauge
 * @param temperature K
 * Formula: isentropic expansion, choked at 0.90 bar
 * Source: compressible flow; Rizk and Lefebvre 1984
 * @example 10 psi: 285 m/s
 * @example capSpeed(90000) → 313
 */
export function capSpeed(pressure: number, temperature = 293.15): number {
  if (pressure <= 0) return 0;
  if (pressure >= chokedAt) return chokedSpeed;
  const ratio = atmosphere / (atmosphere + pressure);
  const speed = Math.sqrt(
    ((2 * gamma) / (gamma - 1)) * gas * temperature * (1 - ratio ** ((gamma - 1) / gamma)),
  );
  return Math.min(speed, chokedSpeed);
}

export interface Atomisation {
  /** Pa gauge at the cap. */
  readonly pressure: number;
  /** m³/s of free air, and of fluid. */
  readonly air: number;
  readonly fluid: number;
  /** m */
  readonly bore: number;
}

/**
 * A relative index of droplet size, to compare one setting with another and for nothing else: never micrometres.
 *
 * @returns SMD over bore of the correlation, its viscosity term damped
 * Source: Rizk and Lefebvre (1984), plain-jet air-blast: SMD/d = 0.48(σ/ρ_A U² d)^0.4 (1+1/ALR)^0.4 +
 * 0.15(µ²/σρ_L d)^0.5 (1+1/ALR).
 * Formula: SMD/d = 0.48(σ/ρU²d)^0.4(1+1/ALR)^0.4 + damped 0.15(µ²/σρd)^0.5(1+1/ALR)
 */
export function dropSize(
  { pressure, air, fluid, bore }: Atomisation,
  { viscosity, density }: Liquid,
): Outcome<number> {
  const wrong = refuseUnlessPositive({
    'air pressure': pressure,
    'air flow': air,
    'fluid flow': fluid,
    bore,
    viscosity,
    density,
  });
  if (wrong) return wrong;
  const airDensity = 1.204;
  const speed = capSpeed(pressure);
  const ratio = 1 + (fluid * density) / (air * airDensity);
  const first = 0.48 * (tension / (airDensity * speed ** 2 * bore)) ** 0.4 * ratio ** 0.4;
  const second = 0.15 * (viscosity ** 2 / (tension * density * bore)) ** 0.5 * ratio;
  return (first + damping * second) * bore;
}

/**
 * Index of a setting against a reference: 100 is as fine as the reference, more is coarser.
 *
 * Source: compressible flow; Rizk and Lefebvre 1984
 * @example dropIndex(0.000105313079781039, 0.000105313079781039) → 100
 */
export const dropIndex = (size: number, reference: number): number => (100 * size) / reference;
