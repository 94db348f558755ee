import { saturation } from '../climate/saturation';
import type { Drying } from './windows';

export interface DryingRoom {
  /** K of the air and of the part, humidity 0–1. */
  readonly air: number;
  readonly part: number;
  readonly humidity: number;
}

/** The room a sheet’s times are stated for, as far as it says: its temperature, half damp. */
const sheetHumidity = 0.5;

/**
 * How much longer a film takes here than in the room its sheet was written for. An estimate; the touch test decides.
 *
 * Solvent and reactive films by 2^(−ΔT/10) of the part; water-borne by the drying power psat(T_film) − RH·psat(T_air);
 * moisture-curing by the water in the air and the temperature of the part.
 *
 * @param sheetTemperature K
 * @returns 1 and more: a warm or dry room never makes a sheet’s time shorter; Infinity where nothing dries
 * Formula: (psat(T_s) − ½psat(T_s)) / (psat(T_film) − RH·psat(T_air)), at least 1, for water
 * Source: drying power; rule of thumb 2^(−ΔT/10)
 * @example 75 % instead of 50: twice as long
 * @example dryingIn('water', 293.15, { id: 'e5', at: '2026-11-23T11:10:00.000Z', type: 'climate', air: 294.15, part: 275, humidity: 0.5, counter: 5 }) → Infinity
 */
export function dryingIn(
  kind: Drying,
  sheetTemperature: number,
  { air, part, humidity }: DryingRoom,
): number {
  const cold = 2 ** (-(part - sheetTemperature) / 10);
  if (kind === 'water') {
    const power = (film: number, room: number, damp: number) => saturation(film) - damp * saturation(room);
    const here = power(part, air, humidity);
    return here <= 0
      ? Infinity
      : Math.max(power(sheetTemperature, sheetTemperature, sheetHumidity) / here, 1);
  }
  if (kind === 'moisture') {
    const water = humidity * saturation(air);
    if (water <= 0) return Infinity;
    return Math.max(((sheetHumidity * saturation(sheetTemperature)) / water) * Math.min(cold, 1), cold, 1);
  }
  return Math.max(cold, 1);
}

/**
 * Which law a chemistry dries by.
 *
 * Source: drying power; rule of thumb 2^(−ΔT/10)
 * @example dryingOf('unknown') → 'solvent'
 */
export const dryingOf = (chemistry: string): Drying =>
  chemistry === 'water-borne'
    ? 'water'
    : chemistry === 'moisture-curing'
      ? 'moisture'
      : chemistry === 'two-part' || chemistry === 'polyester'
        ? 'reactive'
        : 'solvent';
