import { refuse, type Outcome } from '../refusal';

/** A row of a certified oil's table. */
export interface OilRow {
  /** K */
  readonly temperature: number;
  /** m²/s */
  readonly viscosity: number;
}

/**
 * Viscosity of a certified oil at a temperature, from its table: Andrade's ln ν = a + B/T between the two rows
 * next to it.
 *
 * @returns m²/s; refuses an empty table and a temperature more than 2 K outside it
 * Formula: ln ν = a + B/T between rows
 * Source: Andrade
 * @example 120 and 94 at 20 and 25 °C: 106 at 22.5
 */
export function oilViscosity(table: readonly OilRow[], temperature: number): Outcome<number> {
  const rows = [...table].sort((a, b) => a.temperature - b.temperature);
  const [first] = rows;
  const last = rows.at(-1);
  if (!first || !last)
    return refuse('no-table', 'Enter the oil’s table: viscosity at two temperatures or more.');
  if (temperature < first.temperature - 2 || temperature > last.temperature + 2)
    return refuse('outside-table', 'The oil’s table runs from {min} to {max}; {value} lies outside.', {
      quantity: 'temperature',
      value: temperature,
      min: first.temperature,
      max: last.temperature,
    });
  if (rows.length === 1) return first.viscosity;
  const at = Math.min(
    Math.max(
      rows.findIndex((row) => row.temperature >= temperature),
      1,
    ),
    rows.length - 1,
  );
  const high = temperature >= last.temperature ? last : (rows[at] as OilRow);
  const low = rows[rows.indexOf(high) - 1] as OilRow;
  const B = Math.log(low.viscosity / high.viscosity) / (1 / low.temperature - 1 / high.temperature);
  return low.viscosity * Math.exp(B * (1 / temperature - 1 / low.temperature));
}

/**
 * Temperature at which a liquid reaches a viscosity, by Andrade's law.
 *
 * @param viscosity m²/s at `temperature`, K
 * @param wanted m²/s
 * @param B K
 * @returns K
 * Formula: 1/T = 1/T₀ + ln(ν/ν₀)/B
 * Source: Andrade
 * @example 118 to 100 mm²/s at 3 %: 25.6 °C
 * @example temperatureFor(0.00012403650402109274, 296.15, 0.00007126349999999999, 2192.6205625) → 320.111
 */
export const temperatureFor = (viscosity: number, temperature: number, wanted: number, B: number): number =>
  1 / (1 / temperature + Math.log(wanted / viscosity) / B);
