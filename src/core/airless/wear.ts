import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';
import type { Tip } from './tip';

/** A tip is renewed when its fan has lost this share of its width: the usual rule. */
export const renewAt = 0.25;

export interface TipWear {
  /** Share of the fan that is gone. */
  readonly fanLost: number;
  /** Orifice now, m, and how many times the flow it had. */
  readonly orifice: number;
  readonly flowGrowth: number;
  readonly renew: boolean;
}

/**
 * Wear of a tip from the fan it sprays at 305 mm: the slot wears round, so that what the fan loses in width the
 * orifice gains in area. An estimate; a timed flow tells more.
 *
 * @param fan measured width at 305 mm, m
 * Formula: 1/(1 − share lost)
 * Source: estimate: flow grows as the fan narrows; renewed at a quarter, the usual rule
 * @example 517 at 7.5 in: a third more flow
 * @example wearFromFan({ code: '517', orifice: 0.0004318, fan: 0.254 }, 0.2) → { fanLost: 0.212598, orifice: 0.000486614, flowGrowth: 1.27, renew: false }
 */
export function wearFromFan({ orifice, fan: fresh }: Tip, fan: number): Outcome<TipWear> {
  const wrong = refuseUnlessPositive({ 'measured fan': fan });
  if (wrong) return wrong;
  if (fan > fresh * 1.15)
    return refuse(
      'wider-than-new',
      'A worn tip sprays narrower, not wider. Measure at {min} from the card.',
      {
        quantity: 'distance',
        min: 0.305,
      },
    );
  const lost = Math.max(1 - fan / fresh, 0);
  const growth = 1 / (1 - lost);
  return { fanLost: lost, orifice: orifice * Math.sqrt(growth), flowGrowth: growth, renew: lost >= renewAt };
}

/**
 * Wear of a tip from a timed flow at the same pressure: flow grows with the square of the orifice.
 *
 * @param flow measured, m³/s, and what it was new
 * Source: estimate: flow grows as the fan narrows; renewed at a quarter, the usual rule
 */
export function wearFromFlow(
  { orifice, fan }: Tip,
  flow: number,
  fresh: number,
): Outcome<TipWear & { fan: number }> {
  const wrong = refuseUnlessPositive({ 'measured flow': flow, 'flow when new': fresh });
  if (wrong) return wrong;
  const growth = Math.max(flow / fresh, 1);
  const lost = 1 - 1 / growth;
  return {
    fanLost: lost,
    orifice: orifice * Math.sqrt(growth),
    flowGrowth: growth,
    renew: lost >= renewAt,
    fan: fan * (1 - lost),
  };
}

/**
 * What running on with a worn tip wastes: the same hand speed over a narrower fan lays the extra flow as film
 * nobody asked for.
 *
 * @param volume m³ that a new tip would take
 * @param price currency a m³
 * Formula: flow × share more
 * Source: estimate: flow grows as the fan narrows; renewed at a quarter, the usual rule
 */
export const wornWaste = (flowGrowth: number, volume: number, price: number): number =>
  Math.max(flowGrowth - 1, 0) * volume * price;
