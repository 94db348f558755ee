import { shiftViscosity } from '@/core/climate';
import { secondsFromViscosity } from '@/core/cups';
import { isRefusal } from '@/core/refusal';
import type { Coating } from '@/records';
import type { BandChoice } from './band';
import type { Reading, TemperatureLaw } from './readings';

/** Paint is not warmed past this, K, whatever the room may be. A default. */
export const warmest = 308.15;
/** Nearer than this the two temperatures are one, K. */
const alike = 1;

/** A pot that reads otherwise where it is than at the temperature its band is for. */
export interface AsItIs {
  /** K, of the paint when it was last timed, and what the band is for. */
  readonly temperature: number;
  readonly bandFor: number;
  /** Seconds of the band’s cup there. */
  readonly seconds: number;
  /** Seconds of it at the temperature the band is for. */
  readonly atBand: number;
  readonly inside: boolean;
}

/** How the last reading stands where the paint is, where that is another temperature than the band’s. */
export function asItIs(
  { band, temperature }: BandChoice,
  reading: Reading | undefined,
  law: TemperatureLaw,
): AsItIs | undefined {
  if (!reading || band.cup.relative || Math.abs(reading.temperature - temperature) < alike) return undefined;
  const seconds = secondsFromViscosity(
    band.cup,
    shiftViscosity(reading.viscosity, temperature, reading.temperature, law.B),
  );
  if (isRefusal(seconds)) return undefined;
  return {
    temperature: reading.temperature,
    bandFor: temperature,
    seconds,
    atBand: reading.atSheet,
    inside: seconds >= band.min && seconds <= band.max,
  };
}

/**
 * The temperature a pot is judged at. Schools differ: the sheet’s band holds at the sheet’s temperature; or the paint is
 * right when it is so as it is sprayed. Where nobody chose, a warm pot that is right as it is and would be too thick at the
 * sheet’s temperature is not thinned: thinner cannot be taken out again when it cools.
 */
export function judgedAt(
  choice: BandChoice,
  own: AsItIs | undefined,
  judged: 'sheet' | 'sprayed' | undefined,
  { limits }: Coating,
): BandChoice {
  if (!own || judged === 'sheet' || own.temperature > Math.min(limits.air.max, warmest)) return choice;
  const spared = own.inside && own.atBand > choice.band.max;
  return judged === 'sprayed' || spared ? { ...choice, temperature: own.temperature } : choice;
}
