import { refuse, type Outcome } from '../refusal';

/**
 * Andrade's law: ln ν = a + B/T. Moves a viscosity from one temperature to another.
 *
 * @param viscosity m²/s
 * @param from K
 * @param to K
 * @param B K
 * @returns m²/s
 * Formula: ln ν = a + B/T
 * Source: Andrade: ln ν = a + B/T
 * @example 3 % a degree at 20 °C: 0.97 after 1 °C
 * @example shiftViscosity(1, 296.15, 301.15, 2192.6205625) → 0.88433
 */
export function shiftViscosity(viscosity: number, from: number, to: number, B: number): number {
  return viscosity * Math.exp(B * (1 / to - 1 / from));
}

/**
 * B of a liquid timed at two temperatures.
 *
 * @returns K; refuses two temperatures less than 2 K apart, where timing error would drown the difference
 * Source: Andrade: ln ν = a + B/T
 */
export function andradeFromPair(
  first: { readonly viscosity: number; readonly temperature: number },
  second: { readonly viscosity: number; readonly temperature: number },
): Outcome<number> {
  if (Math.abs(first.temperature - second.temperature) < 2)
    return refuse('temperatures-too-close', 'Time the cup at two temperatures at least {min} apart.', {
      quantity: 'temperatureStep',
      value: Math.abs(first.temperature - second.temperature),
      min: 2,
    });
  return Math.log(first.viscosity / second.viscosity) / (1 / first.temperature - 1 / second.temperature);
}

/**
 * B that makes viscosity fall by a share for each degree of warming, as class defaults are stated.
 *
 * @param perDegree share a kelvin, 0.03 for 3 %
 * @param at K
 * Source: Andrade: ln ν = a + B/T
 * @example andradeFromSlope(0.025, 296.15) → 2192.62
 */
export const andradeFromSlope = (perDegree: number, at: number): number => perDegree * at * at;
