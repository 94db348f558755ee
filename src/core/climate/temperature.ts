const zeroCelsius = 273.15;

/**
 * Degrees Celsius to kelvin.
 *
 * Formula: t + 273.15
 * Source: 0 °C is 273.15 K
 * @example celsius(5) → 278.15
 */
export const celsius = (degrees: number): number => degrees + zeroCelsius;

/**
 * Kelvin to degrees Celsius.
 *
 * Source: 0 °C is 273.15 K
 * @example inCelsius(278.15) → 5
 */
export const inCelsius = (kelvin: number): number => kelvin - zeroCelsius;
