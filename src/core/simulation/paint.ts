import { andradeFromSlope, shiftViscosity } from '../climate';
import { secondsFromViscosity, type FlowCup } from '../cups';
import { gaussian, seeded, seedFrom, type Random } from '../random';
import type { Outcome } from '../refusal';
import { isRefusal } from '../refusal';
import { blendViscosity, leastInteraction } from '../thinning';

/** A made-up liquid whose nature is hidden from the user: what the simulated flow cup is filled with. */
export interface HiddenPaint {
  /** Unthinned, m²/s at `temperature`. */
  readonly viscosity: number;
  readonly temperature: number;
  readonly thinner: number;
  readonly interaction: number;
  /** K, Andrade's B. */
  readonly B: number;
}

export interface PaintQuestion {
  /** Same seed, same paint: a batch's id. */
  readonly seed: string;
  /** What the sheet leads one to expect unthinned, m²/s. */
  readonly expects: number;
  readonly temperature: number;
  readonly thinner: number;
  /** Share a kelvin. */
  readonly slope: number;
}

/**
 * Draws the paint that stands in for a batch: near what its sheet says, never exactly it.
 *
 * Source: made up, from the same laws
 */
export function hiddenPaint({ seed, expects, temperature, thinner, slope }: PaintQuestion): HiddenPaint {
  const random = seeded(seedFrom(seed));
  const viscosity = expects * Math.exp(0.12 * gaussian(random));
  const least = leastInteraction(viscosity, thinner);
  return {
    viscosity,
    temperature,
    thinner,
    interaction: Math.max(-3.6 + 0.8 * gaussian(random), least * 0.95),
    B: andradeFromSlope(slope * (1 + 0.2 * gaussian(random)), temperature),
  };
}

/**
 * Viscosity of a hidden paint at a mass share of thinner and a temperature, m²/s.
 *
 * Source: made up, from the same laws
 */
export function hiddenViscosity(paint: HiddenPaint, w: number, temperature: number): Outcome<number> {
  const blend = blendViscosity(paint.viscosity, paint.thinner, paint.interaction, w);
  return isRefusal(blend) ? blend : shiftViscosity(blend, paint.temperature, temperature, paint.B);
}

/**
 * Seconds a cup of it truly takes this time: the cup repeats within 1.5 %.
 *
 * Source: made up, from the same laws
 */
export function drainSeconds(
  paint: HiddenPaint,
  cup: FlowCup,
  w: number,
  temperature: number,
  random: Random,
): Outcome<number> {
  const viscosity = hiddenViscosity(paint, w, temperature);
  if (isRefusal(viscosity)) return viscosity;
  const seconds = secondsFromViscosity(cup, viscosity);
  return isRefusal(seconds) ? seconds : seconds * (1 + 0.015 * gaussian(random));
}
