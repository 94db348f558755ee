import { turbineAtGun, turbineOf, type AirHose, type Turbine } from '@/core/airline';
import type { Outcome } from '@/core/refusal';
import type { Rig } from '@/records';

/** A turbine of usual stages, its hose and what a gun takes of it, where the rig says nothing. Defaults. */
const usualStages = 4;
const usualHose: AirHose = { bore: 19e-3, length: 6 };
const usualTakes = 12e-3;

/** A turbine as a rig has it, and what of it is a default. */
export interface TurbineHeld {
  readonly turbine: Turbine;
  readonly takes: number;
  readonly hose: AirHose;
  readonly assumed: boolean;
}

/** A fan wheel raises pressure by a factor: of thinner air it makes less, in proportion. */
const inAir = ({ sealed, open }: Turbine, airLeft: number): Turbine => ({ sealed: sealed * airLeft, open });

/**
 * None where the rig is not driven by one.
 *
 * @param airLeft share of the sea’s air there is here
 */
export const turbineHeld = (
  rig: Pick<Rig, 'air' | 'turbine' | 'stages' | 'airDemand' | 'airHose'>,
  airLeft: number,
): TurbineHeld | undefined =>
  rig.air === 'turbine'
    ? {
        turbine: inAir(rig.turbine ?? turbineOf(rig.stages ?? usualStages), airLeft),
        takes: rig.airDemand ?? usualTakes,
        hose: rig.airHose ?? usualHose,
        assumed: !rig.turbine || !rig.airDemand || !rig.airHose,
      }
    : undefined;

/** Pa a blower of five stages gives with its outlet shut: no turbine leaves more, whatever nobody said of it. */
const mostOfAny = 0.6e5;

/**
 * What a turbine leaves at the gun while the gun takes its air, Pa gauge; none for another rig. Of a turbine of which nobody
 * said a stage it is the most that any gives: a default forbids nothing, physics does.
 */
export function turbineLeaves(
  rig: Parameters<typeof turbineHeld>[0],
  airLeft: number,
): Outcome<number> | undefined {
  if (rig.turbine === undefined && rig.stages === undefined)
    return rig.air === 'turbine' ? mostOfAny * airLeft : undefined;
  const held = turbineHeld(rig, airLeft);
  return held && turbineAtGun(held.turbine, held.takes, held.hose);
}
