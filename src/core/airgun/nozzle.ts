import { refuseUnlessPositive, type Outcome } from '../refusal';

/** Length of a fluid nozzle's bore, m, and its entry and exit loss coefficient. */
const boreLength = 1.5e-3;
const lossCoefficient = 1.5;
/** A nozzle passes with this slack, so that its needle is not held wide open to reach the film. */
export const slack = 1.1;

export interface Liquid {
  /** Dynamic viscosity, Pa·s. */
  readonly viscosity: number;
  /** kg/m³ */
  readonly density: number;
}

/**
 * Flow through a fluid nozzle under a driving pressure.
 *
 * @param bore m
 * @param pressure driving pressure, Pa: gravity head + cap suction + cup pressure
 * @returns m³/s
 * Source: Hagen–Poiseuille and an orifice loss, ΔP = 128µLQ/(πd⁴) + Kρ(Q/A)²/2, solved for Q.
 * Formula: ΔP = 128µLQ/(πd⁴) + Kρ(Q/A)²/2
 * @example 1.3 mm, 9 kPa, 72 mPa·s: about 185 mL/min
 * @example nozzleFlow(0.0013, 7000, { viscosity: 0.8, density: 1350 }) → 4.03448e-07
 */
export function nozzleFlow(bore: number, pressure: number, { viscosity, density }: Liquid): Outcome<number> {
  const wrong = refuseUnlessPositive({ bore, 'driving pressure': pressure, viscosity, density });
  if (wrong) return wrong;
  const area = (Math.PI / 4) * bore ** 2;
  const a = (lossCoefficient * density) / (2 * area ** 2);
  const b = (128 * viscosity * boreLength) / (Math.PI * bore ** 4);
  return (2 * pressure) / (b + Math.sqrt(b * b + 4 * a * pressure));
}

/**
 * Driving pressure a nozzle needs to pass a flow, Pa: the inverse of {@link nozzleFlow}.
 *
 * Source: Hagen–Poiseuille and an orifice loss
 * @example nozzlePressure(0.001, 0.000004485937499999999, { viscosity: 0.07411403999999999, density: 1040, temperature: 296.15, by: 'sheet', spread: 0.25, from: 'band' }) → 45765.2
 */
export function nozzlePressure(bore: number, flow: number, { viscosity, density }: Liquid): Outcome<number> {
  const wrong = refuseUnlessPositive({ bore, 'fluid flow': flow, viscosity, density });
  if (wrong) return wrong;
  const area = (Math.PI / 4) * bore ** 2;
  return (
    (128 * viscosity * boreLength * flow) / (Math.PI * bore ** 4) +
    (lossCoefficient * density * (flow / area) ** 2) / 2
  );
}

/**
 * The thickest liquid of which a nozzle, fully open, still passes a flow, Pa·s: {@link nozzleFlow} solved for
 * viscosity. Zero when not even a liquid without viscosity would pass.
 *
 * Source: Hagen–Poiseuille and an orifice loss
 * @example thickestFor(0.0013, 15000, 0.0000046255, 1040) → 0.0558473
 */
export function thickestFor(bore: number, pressure: number, flow: number, density: number): Outcome<number> {
  const wrong = refuseUnlessPositive({ bore, 'driving pressure': pressure, 'fluid flow': flow, density });
  if (wrong) return wrong;
  const area = (Math.PI / 4) * bore ** 2;
  const left = pressure - (lossCoefficient * density * (flow / area) ** 2) / 2;
  return Math.max((left * Math.PI * bore ** 4) / (128 * boreLength * flow), 0);
}
