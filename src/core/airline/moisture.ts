import { saturation } from '../climate/saturation';
import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';
import { atmosphere } from './hose';
import { waterInLine } from './water';

export interface MoistureQuestion {
  /** m³/s of free air drawn in while the gun works, and s a day that it does. */
  readonly freeAir: number;
  readonly working: number;
  /** The weather: K and relative humidity of the air drawn in. */
  readonly air: number;
  readonly humidity: number;
  /** Gauge pressure of the tank, Pa, and K in it; where nothing is said, 10 K over the air drawn in. */
  readonly tankPressure: number;
  readonly tank?: number;
  /** K of the room the line hangs in, and gauge pressure at the gun, Pa. */
  readonly room: number;
  readonly gunPressure: number;
  /** kg a separator bowl holds before it is carried over. */
  readonly bowl?: number;
  readonly dried?: boolean;
}

export interface MoistureForecast {
  /** kg/s falling out in the tank, and in the line after it, while the gun works. */
  readonly inTank: number;
  readonly inLine: number;
  /** kg a working day, of both. */
  readonly aDay: number;
  /** s of spraying until a bowl is full of what the line drops; infinite when it drops none. */
  readonly bowlLasts: number;
  /** Relative humidity of the air at the gun, let down to its pressure; 1 is wet. */
  readonly atGun: number;
}

/** A usual separator bowl, kg of water. A default. */
export const usualBowl = 0.05;
/** A compressor’s tank stays warmer than the air it draws, K. A default. */
const tankAbove = 10;
/** Humidity that a refrigerating dryer leaves at line pressure: a dew point of 3 °C. */
const driedTo = 276.15;

/**
 * Water from compressed air in this weather: what falls out in the tank, what still falls out in a cooler line, and
 * how damp the air is at the gun once it is let down.
 *
 * Vapour’s pressure falls with the air’s when it expands; all saturation pressures by Magnus.
 * Source: Magnus; what a separator and a dryer let through, defaults
 */
export function moistureForecast(question: MoistureQuestion): Outcome<MoistureForecast> {
  const {
    freeAir,
    working,
    air,
    humidity,
    tankPressure,
    room,
    gunPressure,
    bowl = usualBowl,
    dried,
  } = question;
  const wrong = refuseUnlessPositive({
    'air drawn in': freeAir,
    'tank pressure': tankPressure,
    'gun pressure': gunPressure,
    'separator bowl': bowl,
  });
  if (wrong) return wrong;
  if (!(humidity >= 0 && humidity <= 1)) return refuse('humidity', 'Humidity lies between 0 and 100 %.');
  if (gunPressure > tankPressure)
    return refuse('gun-above-tank', 'The gun cannot have more pressure than the tank ({max}).', {
      quantity: 'pressure',
      value: gunPressure,
      max: tankPressure,
    });
  const tank = question.tank ?? air + tankAbove;
  const inTank = waterInLine(freeAir, air, humidity, { pressure: tankPressure, temperature: tank });
  const coldest = dried ? driedTo : Math.min(room, tank);
  const all = waterInLine(freeAir, air, humidity, { pressure: tankPressure, temperature: coldest });
  if (typeof inTank !== 'number') return inTank;
  if (typeof all !== 'number') return all;
  const inLine = Math.max(all - inTank, 0);
  // What is left as vapour: what was drawn in, or what saturated air at the coldest place can hold.
  const vapour = Math.min(
    (humidity * saturation(air) * (tankPressure + atmosphere)) / atmosphere,
    saturation(coldest),
  );
  const atGun = (vapour * (gunPressure + atmosphere)) / (tankPressure + atmosphere) / saturation(room);
  const line = dried ? 0 : inLine;
  return {
    inTank,
    inLine,
    aDay: (inTank + inLine) * working,
    bowlLasts: line > 0 ? bowl / line : Infinity,
    atGun,
  };
}
