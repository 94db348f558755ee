import { isRefusal, refuse, refuseUnlessPositive, type Outcome } from '../refusal';
import { hoseOutlet, type AirHose } from './hose';

export interface Turbine {
  /** Pa gauge with its outlet shut. */
  readonly sealed: number;
  /** m³/s with its outlet open. */
  readonly open: number;
}

/**
 * Usual turbines by their stages: a default until the maker’s figures are entered. Pa, m³/s.
 *
 * Source: estimate between its two ends, p = p_sealed·(1 − (Q/Q_open)²)
 */
export const turbineOf = (stages: number): Turbine => ({
  sealed: 1.25e4 * Math.max(stages, 1),
  open: 40e-3,
});

/** Air of a turbine leaves it this warm, K: it thins a film’s solvent and dries the spray. A default. */
export const turbineAir = 323.15;

/**
 * Pressure a turbine gives at a flow, Pa: it falls with the square of the flow. An estimate between its two ends.
 *
 * Formula: p = p_sealed·(1 − (Q/Q_open)²)
 * Source: estimate between its two ends, p = p_sealed·(1 − (Q/Q_open)²)
 */
export const turbinePressure = ({ sealed, open }: Turbine, flow: number): number =>
  Math.max(sealed * (1 - (flow / open) ** 2), 0);

/**
 * Pressure at the gun of a turbine while the gun takes its air, through its hose.
 *
 * @param takes m³/s of free air the gun passes
 * @returns Pa gauge; refuses a gun that takes more than the turbine and hose can pass
 * Source: estimate between its two ends, p = p_sealed·(1 − (Q/Q_open)²)
 */
export function turbineAtGun(turbine: Turbine, takes: number, hose: AirHose): Outcome<number> {
  const wrong = refuseUnlessPositive({
    'pressure of the turbine': turbine.sealed,
    'flow of the turbine': turbine.open,
    'air the gun takes': takes,
  });
  if (wrong) return wrong;
  const gives = turbinePressure(turbine, takes);
  const tooMuch = () =>
    refuse('turbine-too-small', 'This gun takes more air than the turbine gives. At most {max} pass.', {
      quantity: 'airFlow',
      value: takes,
      max: turbine.open,
    });
  if (gives <= 0) return tooMuch();
  const outlet = hoseOutlet(takes, gives, hose, turbineAir);
  return isRefusal(outlet) && outlet.refused === 'hose-chokes' ? tooMuch() : outlet;
}
