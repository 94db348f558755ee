import { isRefusal, type Outcome } from '../refusal';
import type { FlowCup } from './cups';
import { secondsFromViscosity } from './seconds';

/** A cup that reads a check liquid this far off is set aside: as a share of its seconds. A default. */
export const wearLimit = 0.05;

export interface CupCheck {
  /** s the cup should take. */
  readonly expected: number;
  /** Timed ÷ expected − 1: below zero the orifice has grown, above it is clogged or dented. */
  readonly off: number;
  readonly state: 'good' | 'worn' | 'slow';
}

/**
 * Judges a cup by a liquid of known viscosity.
 *
 * @param viscosity m²/s at the temperature it was timed at
 * Formula: timed ÷ expected − 1 beyond 5 %
 * Source: check liquid: timed over expected
 * @example ford-4, 98.21 mm²/s in 28 s: −6.7 %
 */
export function checkCup(cup: FlowCup, seconds: number, viscosity: number): Outcome<CupCheck> {
  const expected = secondsFromViscosity(cup, viscosity);
  if (isRefusal(expected)) return expected;
  const off = seconds / expected - 1;
  return { expected, off, state: off < -wearLimit ? 'worn' : off > wearLimit ? 'slow' : 'good' };
}
