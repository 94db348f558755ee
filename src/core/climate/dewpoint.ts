import { refuse, type Outcome } from '../refusal';
import { celsius, inCelsius } from './temperature';

/** Magnus constants over water: –, °C. The dew point needs no pressure, so 6.112 hPa drops out. */
const magnus = { a: 17.62, b: 243.12 };

/** A part must be at least this much warmer than the dew point, K. */
export const dewMarginLimit = 3;

/**
 * Dew point of air.
 *
 * @param temperature of the air, K
 * @param humidity relative, 0–1
 * @returns K; refuses a humidity outside 0–1 and a temperature the formula was not made for (−45 to 60 °C)
 * Source: Magnus over water, 6.112 hPa, 17.62, 243.12 °C.
 * Formula: 6.112 hPa·e^(17.62 t/(243.12 + t)) turned round
 * @example 22 °C, 60 %: 13.9 °C
 * @example dewPoint(284.15, 1) → 284.15
 */
export function dewPoint(temperature: number, humidity: number): Outcome<number> {
  if (!(humidity > 0 && humidity <= 1))
    return refuse('humidity', 'Relative humidity must lie between {min} and {max}.', {
      quantity: 'share',
      value: humidity,
      min: 0.01,
      max: 1,
    });
  if (!(temperature >= celsius(-45) && temperature <= celsius(60)))
    return refuse('air-temperature', 'Air temperature must lie between {min} and {max}.', {
      quantity: 'temperature',
      value: temperature,
      min: celsius(-45),
      max: celsius(60),
    });
  const t = inCelsius(temperature);
  const g = Math.log(humidity) + (magnus.a * t) / (magnus.b + t);
  return celsius((magnus.b * g) / (magnus.a - g));
}

/**
 * How much warmer the part is than the dew point of the air around it.
 *
 * @returns K; at least {@link dewMarginLimit} is wanted before spraying
 * Source: Magnus
 * @example dewMargin(294, 0.5, 293) → 9.81293
 */
export function dewMargin(air: number, humidity: number, part: number): Outcome<number> {
  const dew = dewPoint(air, humidity);
  return typeof dew === 'number' ? part - dew : dew;
}
