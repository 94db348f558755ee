import { saturation } from '../climate/saturation';
import { refuseUnlessPositive, type Outcome } from '../refusal';
import { atmosphere } from './hose';

/** Specific gas constants of dry air and of water vapour, J/(kg·K). */
const airGas = 287.05;
const vapourGas = 461.5;

/**
 * Water that falls out of compressed air.
 *
 * @param freeAir m³/s drawn in
 * @param temperature K of the air drawn in, with its relative humidity, 0–1
 * @param tank gauge pressure, Pa, and K in the tank
 * @returns kg/s; none when the tank can hold all of it as vapour
 * Source: Magnus saturation pressure; intake vapour less what saturated air at tank pressure carries.
 * Formula: dry air × (mixing ratio drawn − mixing ratio saturated in the tank)
 * @example 500 L/min, 28 °C, 70 %, 8 bar, 35 °C: 0.44 kg/h
 */
export function waterInLine(
  freeAir: number,
  temperature: number,
  humidity: number,
  tank: { readonly pressure: number; readonly temperature: number },
): Outcome<number> {
  const wrong = refuseUnlessPositive({ 'air drawn in': freeAir, 'tank pressure': tank.pressure });
  if (wrong) return wrong;
  // kg of vapour on a kg of dry air, before and after.
  const vapour = humidity * saturation(temperature);
  const drawn = mixing(vapour, atmosphere);
  const held = mixing(saturation(tank.temperature), tank.pressure + atmosphere);
  const dry = ((atmosphere - vapour) / (airGas * temperature)) * freeAir;
  return Math.max(drawn - held, 0) * dry;
}

const mixing = (vapour: number, pressure: number): number =>
  ((airGas / vapourGas) * vapour) / (pressure - vapour);
