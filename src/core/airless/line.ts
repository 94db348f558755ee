import { refuseUnlessPositive, type Outcome } from '../refusal';
import { jointOrifice, tipFlow, type Tip } from './tip';

/**
 * Pressure a fluid hose takes, Pa, for a Newtonian liquid in laminar flow: 128·µ·L·Q/(π·d⁴).
 *
 * @param flow m³/s
 * @param viscosity Pa·s
 * Source: Hagen–Poiseuille.
 * Formula: 128µLQ/(πd⁴)
 * @example 15 m, 6.35 mm, 0.1 Pa·s, 1 L/min: 6.3 bar
 */
export function fluidHoseLoss(
  flow: number,
  viscosity: number,
  { bore, length }: { readonly bore: number; readonly length: number },
): Outcome<number> {
  return (
    refuseUnlessPositive({ 'fluid flow': flow, viscosity, 'hose bore': bore, 'hose length': length }) ??
    (128 * viscosity * length * flow) / (Math.PI * bore ** 4)
  );
}

/** A pump should deliver this much more than its tips take, so that pressure holds while spraying. A default. */
export const pumpMargin = 0.25;

export interface PumpCheck {
  /** m³/s all guns take together at pressure. */
  readonly takes: number;
  /** Delivered ÷ taken − 1. */
  readonly margin: number;
  readonly state: 'good' | 'tight' | 'too-small';
}

/**
 * Does the pump keep up? Guns together count as one orifice, √Σd².
 *
 * Source: Hagen–Poiseuille
 */
export function checkPump(
  delivers: number,
  tips: readonly Pick<Tip, 'orifice'>[],
  pressure: number,
  density: number,
): Outcome<PumpCheck> {
  const takes = tipFlow(jointOrifice(tips.map(({ orifice }) => orifice)), pressure, density);
  if (typeof takes !== 'number') return takes;
  const margin = delivers / takes - 1;
  return { takes, margin, state: margin < 0 ? 'too-small' : margin < pumpMargin ? 'tight' : 'good' };
}

/** Gun filters by the orifice behind them: mesh that stops what would clog the tip. Usual values, defaults. */
const filters = [
  { upTo: 0.3e-3, mesh: 200 },
  { upTo: 0.4e-3, mesh: 100 },
  { upTo: 0.55e-3, mesh: 60 },
  { upTo: Infinity, mesh: 30 },
] as const;

/**
 * The mesh before a tip, by its orifice.
 *
 * Source: Hagen–Poiseuille
 */
export const filterMesh = (orifice: number): number =>
  filters.find(({ upTo }) => orifice <= upTo + 1e-9)?.mesh ?? 30;
