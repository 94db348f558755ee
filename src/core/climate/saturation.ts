import { inCelsius } from './temperature';

/**
 * Pressure of water vapour in saturated air, Pa.
 *
 * @param temperature K
 * Source: Magnus over water, 6.112 hPa, 17.62, 243.12 °C.
 * Formula: 6.112 hPa·e^(17.62 t/(243.12 + t))
 * @example saturation(294) → 2458.14
 */
export function saturation(temperature: number): number {
  const degrees = inCelsius(temperature);
  return 611.2 * Math.exp((17.62 * degrees) / (243.12 + degrees));
}
