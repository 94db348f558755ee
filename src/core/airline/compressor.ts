import { refuseUnlessPositive, type Outcome } from '../refusal';
import { atmosphere } from './hose';

export interface Compressor {
  /** m³/s of free air delivered. */
  readonly delivers: number;
  /** m³ of the tank. */
  readonly tank: number;
  /** Pa gauge where it stops, and the least the gun can be fed from. */
  readonly high: number;
  readonly low: number;
}

export interface AirSupply {
  /** s of spraying from a full tank before the pressure falls too low; Infinity when the compressor keeps up. */
  readonly lasts: number;
  /** Share of the time the compressor runs while spraying goes on, 1 for always. */
  readonly duty: number;
  /** Delivered ÷ taken − 1. */
  readonly margin: number;
}

/** A compressor should deliver this much more than the gun takes. A default. */
export const wantedMargin = 0.2;

/**
 * How long a compressor and its tank feed a gun: V(p_high − p_low)/(p_atm·(Q_gun − Q_comp)).
 *
 * @param takes m³/s of free air the gun takes while the trigger is pulled
 * @param triggerShare share of the time it is pulled
 * Formula: V(p_high − p_low)/(p_atm·(Q_gun − Q_comp))
 * Source: ideal gas
 * @example 50 L, 8 to 4 bar, 150 L/min short: 79 s
 * @example airSupply({ delivers: 0.002, tank: 0.1, high: 900000, low: 600000 }, 0.004691190577328587) → { lasts: 110.017, duty: 1, margin: -0.573669 }
 */
export function airSupply(
  { delivers, tank, high, low }: Compressor,
  takes: number,
  triggerShare = 1,
): Outcome<AirSupply> {
  const wrong = refuseUnlessPositive({
    'air delivered': delivers,
    'air the gun takes': takes,
    'tank volume': tank,
    'span of tank pressure': high - low,
  });
  if (wrong) return wrong;
  const mean = takes * triggerShare;
  const short = mean - delivers;
  return {
    lasts: short > 0 ? (tank * (high - low)) / (atmosphere * short) : Infinity,
    duty: Math.min(mean / delivers, 1),
    margin: delivers / mean - 1,
  };
}

/**
 * How long somebody waits for the tank over so much spraying: what is taken beyond what is delivered comes back in pauses,
 * once the full tank is spent.
 *
 * Source: conservation of air. Worked: a gun that takes 350 L/min from 200 waits 0.75 s for each second past the tank’s own.
 *
 * @param seconds with the trigger pulled
 * @example airWait({ lasts: 110.01709894090997, duty: 1, margin: -0.5736689936099535 }, 325.0842) → 289.393
 */
export const airWait = ({ lasts, margin }: Pick<AirSupply, 'lasts' | 'margin'>, seconds: number): number =>
  margin >= 0 ? 0 : Math.max(seconds - lasts, 0) * (1 / (1 + margin) - 1);
