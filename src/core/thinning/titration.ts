import { gaussian, type Random } from '../random';
import { isRefusal } from '../refusal';
import { secondsFromViscosity, viscosityFromSeconds, type FlowCup } from '../cups';
import { priorBelief, updateBelief } from './belief';
import { nextAddition, type Band } from './nextaddition';
import { readingError } from './readingerror';
import { blendShare } from './share';

/** A simulated paint: its viscosity at any share of thinner, which the method may only see through a cup. */
export interface SimulatedPaint {
  /** m²/s at mass share w. */
  readonly viscosity: (w: number) => number;
  /** Kinematic viscosity of its thinner, m²/s. */
  readonly thinner: number;
  /** What the sheet leads one to expect unthinned, m²/s, and the relative spread of that. */
  readonly expects: number;
  readonly expectsSd: number;
}

export interface Titration {
  readonly additions: number;
  readonly inBand: boolean;
  /** Did the pot ever go under the band? */
  readonly wentUnder: boolean;
}

/**
 * Thins a simulated paint by the method of {@link nextAddition}, as a finisher would: two timings, an
 * addition, two timings, until it says the pot is ready.
 *
 * @param mass kg of unthinned mix
 * @param scaleStep kg
 * @param error relative error of one timing, of its seconds
 */
export function titrate(
  paint: SimulatedPaint,
  band: Band,
  mass: number,
  scaleStep: number,
  error: number,
  random: Random,
): Titration {
  const batch = { mass, density: 1000, base: { mass, density: 1000 } };
  let belief = priorBelief(paint.expects, paint.expectsSd, paint.thinner);
  let thinner = 0;
  let additions = 0;
  let wentUnder = false;
  const secondsNow = () => trueSeconds(band.cup, paint.viscosity(blendShare(thinner, mass)));
  for (;;) {
    const truth = secondsNow();
    if (truth < band.min) wentUnder = true;
    const timing = () => truth * (1 + error * gaussian(random));
    const mean = (timing() + timing()) / 2;
    const viscosity = viscosityFromSeconds(band.cup, mean);
    const sd = readingError(band.cup, mean, 2);
    if (isRefusal(viscosity) || isRefusal(sd)) break;
    belief = updateBelief(belief, { w: blendShare(thinner, mass), viscosity, sd });
    const advice = nextAddition({
      belief,
      batch,
      thinner,
      thinnerDensity: 900,
      band,
      basis: { by: 'mass', of: 'mix' },
      scaleStep,
      readingSd: sd,
      timed: true,
    });
    if (isRefusal(advice) || advice.kind !== 'add' || additions >= 20) break;
    thinner += advice.mass;
    additions += 1;
  }
  const end = secondsNow();
  return { additions, inBand: end >= band.min && end <= band.max, wentUnder: wentUnder || end < band.min };
}

function trueSeconds(cup: FlowCup, viscosity: number): number {
  const seconds = secondsFromViscosity(cup, viscosity);
  return isRefusal(seconds) ? 0 : seconds;
}
