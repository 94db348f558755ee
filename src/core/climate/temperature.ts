const zeroCelsius = 273.15;

/** Degrees Celsius to kelvin. */
export const celsius = (degrees: number): number => degrees + zeroCelsius;

/** Kelvin to degrees Celsius. */
export const inCelsius = (kelvin: number): number => kelvin - zeroCelsius;
