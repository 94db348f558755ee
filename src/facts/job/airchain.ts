import {
  capAt,
  gunDropOf,
  hoseOutlet,
  inletFor,
  usualRated,
  wallPressure,
  type GunDrop,
} from '@/core/airline';
import { isRefusal, refuse, type Outcome } from '@/core/refusal';
import type { EntryOf, Rig } from '@/records';

export type PressurePlace = EntryOf<'setting'>['pressureAt'];

/** One pressure as it stands at every place of an air line while the trigger is pulled. Pa gauge, m³/s of free air. */
export interface AirChain {
  /** None where nobody knows what the gun itself loses. */
  readonly cap?: number;
  readonly inlet: number;
  /** What to set at the wall; none where the hose is not known, or cannot do it. */
  readonly wall?: Outcome<number>;
  readonly air?: number;
  /** What stands at the cap is reckoned from an HVLP gun nobody measured: a default that certifies nothing. */
  readonly capAssumed: boolean;
}

/** A search over a pressure that rises with what is set. */
function solved(low: number, high: number, tooMuch: (at: number) => boolean): number {
  let [from, to] = [low, high];
  for (let i = 0; i < 50; i += 1) {
    const middle = (from + to) / 2;
    if (tooMuch(middle)) to = middle;
    else from = middle;
  }
  return (from + to) / 2;
}

/** Cap and inlet of a gun that drops pressure inside, from whichever of them, or the wall, is given. */
function throughGun(
  drop: GunDrop,
  pressure: number,
  at: PressurePlace,
  outletOf: (inlet: number, air: number) => number,
): Outcome<{ readonly cap: number; readonly inlet: number; readonly air: number }> {
  if (at === 'cap') {
    const found = inletFor(drop, pressure);
    return isRefusal(found) ? found : { cap: pressure, ...found };
  }
  const inlet =
    at === 'inlet'
      ? pressure
      : // What the hose leaves falls as the gun takes more: where both agree is the inlet.
        solved(1, pressure, (each) => {
          const found = capAt(drop, each);
          return isRefusal(found) || outletOf(pressure, found.air) < each;
        });
  const found = capAt(drop, inlet);
  return isRefusal(found) ? found : { inlet, ...found };
}

/**
 * A pressure read at one place of a compressor’s line, told at the others: wall → hose → inlet → cap. Which is which is not
 * a detail: the cap of an HVLP gun has a third of what its inlet has.
 *
 * @param pressure Pa gauge, trigger pulled
 * @returns none for a gun without a line (airless, turbine) or a pressure read at the tank; refuses what cannot be
 */
export function airChainOf(
  rig: Pick<Rig, 'atomising' | 'air' | 'airDemand' | 'airHose' | 'rated'>,
  pressure: number,
  at: PressurePlace,
): Outcome<AirChain> | undefined {
  if (rig.air !== 'compressor' || at === 'tip' || at === 'tank' || !(pressure > 0)) return undefined;
  const { airHose: hose, airDemand, rated } = rig;
  const outletOf = (wall: number, air: number): number => {
    if (!hose) return wall;
    const found = hoseOutlet(air, wall, hose);
    return isRefusal(found) ? 0 : found;
  };
  if (at === 'wall' && !hose) return undefined;
  if (rig.atomising !== 'hvlp' && !rated) {
    // Other guns atomise by what stands at their inlet: what they lose inside is in their maker’s numbers.
    if (at === 'cap') return undefined;
    const inlet =
      at === 'inlet' ? pressure : airDemand === undefined ? undefined : outletOf(pressure, airDemand);
    if (inlet === undefined) return undefined;
    if (inlet <= 0)
      return refuse('hose-chokes', 'This hose cannot pass {value}. Take a wider or shorter one.', {
        quantity: 'airFlow',
        value: airDemand,
      });
    const wall = at === 'wall' ? pressure : hose && airDemand && wallPressure(airDemand, inlet, hose);
    return {
      inlet,
      ...(wall === undefined || wall === 0 ? {} : { wall }),
      ...(airDemand === undefined ? {} : { air: airDemand }),
      capAssumed: false,
    };
  }
  // What was read or its maker states outranks what such guns usually lose.
  const drop = gunDropOf({
    ...(rated ?? usualRated),
    air: rated?.air ?? airDemand ?? usualRated.air,
  });
  if (isRefusal(drop)) return drop;
  const found = throughGun(drop, pressure, at, outletOf);
  if (isRefusal(found)) return found;
  const wall = at === 'wall' ? pressure : hose && wallPressure(found.air, found.inlet, hose);
  return { ...found, ...(wall === undefined ? {} : { wall }), capAssumed: !rated };
}
