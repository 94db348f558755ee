import type { Liquid } from '@/core/airgun';
import { andradeFromSlope, shiftViscosity } from '@/core/climate';
import { viscosityFromSeconds } from '@/core/cups';
import { isRefusal } from '@/core/refusal';
import type { Coating, EntryOf } from '@/records';
import type { ThinView } from './thin';

/** What goes through the gun now, at the temperature it has itself. */
export interface SprayedLiquid extends Liquid {
  /** K it is taken at, and whose temperature that is. */
  readonly temperature: number;
  readonly by: 'cup' | 'room' | 'sheet';
  /** 90 % of what it may be lies within this share of it, either way. */
  readonly spread: number;
  /** A cup timed it; it is taken as the middle of the band; or no cup applies, and nothing is claimed. */
  readonly from: 'timed' | 'band' | 'none';
}

/** How well a mix nobody timed is known, and one that no cup measures. Shares; defaults. */
const spreadOfBand = 0.25;
const spreadUnknown = 0.5;

/** What a mix that no cup measures resists with as it is sheared, m²/s. A guess, and never shown as anything else. */
const sheared: Partial<Record<Coating['class'], number>> = { 'gel-coat': 400e-6 };
const usuallySheared = 100e-6;

/** Share a kelvin where the sheet says nothing. A class default. */
const usualSlope = 0.03;

/**
 * Viscosity where the paint is, not where the sheet is: the cup’s is taken to the temperature the paint was last read at, or
 * that of the room it stands in.
 */
export function sprayedLiquid(
  thin: Pick<ThinView, 'sheet' | 'choice' | 'band' | 'law' | 'now' | 'readings' | 'viscosity'>,
  density: number,
  room: Pick<EntryOf<'climate'>, 'air'> | undefined,
): SprayedLiquid {
  const { sheet, choice, band, law, now, readings } = thin;
  const timed = readings.at(-1);
  const by = timed ? 'cup' : room ? 'room' : 'sheet';
  const stated = choice?.temperature ?? sheet.times.temperature;
  const temperature = timed?.temperature ?? room?.air ?? stated;
  if (!choice)
    return {
      viscosity: (sheet.viscosity ?? sheared[sheet.class] ?? usuallySheared) * density,
      density,
      temperature,
      by,
      spread: spreadUnknown,
      from: 'none',
    };
  const B = law?.B ?? andradeFromSlope(sheet.temperatureSlope ?? usualSlope, stated);
  return {
    viscosity: shiftViscosity(thin.viscosity, stated, temperature, B) * density,
    density,
    temperature,
    by,
    spread: (now && band && spreadOf(band.cup, now)) ?? spreadOfBand,
    from: now ? 'timed' : 'band',
  };
}

/** Half of what lies between two ends of seconds, as a share of the viscosity. */
function spreadOf(
  cup: Parameters<typeof viscosityFromSeconds>[0],
  { low, high }: { readonly low: number; readonly high: number },
): number | undefined {
  const [thin, thick] = [viscosityFromSeconds(cup, low), viscosityFromSeconds(cup, high)];
  return isRefusal(thin) || isRefusal(thick) || thin <= 0 ? undefined : Math.log(thick / thin) / 2;
}
