import { andradeFromSlope, celsius, shiftViscosity } from '../../src/core/climate';
import {
  agreement,
  cupsThatRead,
  secondsFromViscosity,
  viscosityFromSeconds,
  type FlowCup,
} from '../../src/core/cups';
import { gaussian, type Random } from '../../src/core/random';
import { isRefusal } from '../../src/core/refusal';
import { normalCdf } from '../../src/core/thinning/normal';
import {
  additionBy,
  blendShare,
  priorBelief,
  readingError,
  repeatOf,
  updateBelief,
  type Band,
  type Belief,
  type ThinningApproach,
} from '../../src/core/thinning';
import type { HardPaint } from './paints';

/** How it goes at the bench. */
export interface Hardship {
  /** Relative error of one timing, of its seconds. */
  readonly reading: number;
  /** K, error of the thermometer, the same for the whole pot. */
  readonly thermometer: number;
  /** Share of pots that are stirred badly, so that one reading is off by about a tenth and a half. */
  readonly stirredBadly: number;
  /** Two people take turns, each reading a little long or short. */
  readonly people: number;
}

export const clean: Hardship = { reading: 0.02, thermometer: 0.5, stirredBadly: 0, people: 0 };
export const stressed: Hardship = { reading: 0.06, thermometer: 2, stirredBadly: 1 / 7, people: 0.03 };

/** Who thins it: the method, equal steps of a hand, or one who knows the curve and only not where it begins. */
export type Thinner = ThinningApproach | { readonly kind: 'ideal' };

export interface Pot {
  readonly additions: number;
  readonly inBand: boolean;
  readonly wentUnder: boolean;
  /** The next readings foretold, and how many lay within their 90 %. */
  readonly foretold: number;
  readonly held: number;
  /** The chance shown when it was called ready. */
  readonly shown?: number;
}

const temperature = celsius(20);
const scaleStep = 0.001;
const mass = 1;
/** Fall of viscosity a kelvin: what is assumed, by which a thermometer’s error becomes one of viscosity. */
const slope = 0.03;

const secondsOf = (cup: FlowCup, nu: number): number => {
  const seconds = secondsFromViscosity(cup, nu * 1e-6);
  return isRefusal(seconds) ? 0 : seconds;
};

/** A band of ± a share of its seconds about a viscosity, in a cup that reads it. */
export function bandAbout(middle: number, half: number): Band | undefined {
  const cup = cupsThatRead(middle * 1e-6).find(
    ({ id }) => (id.startsWith('iso') || id.startsWith('din')) && secondsOf(cupOf(id), middle) > 25,
  );
  if (!cup) return undefined;
  const centre = secondsOf(cup, middle);
  return { cup, min: centre * (1 - half), max: centre * (1 + half) };
  function cupOf(id: string): FlowCup {
    return cupsThatRead(middle * 1e-6).find((each) => each.id === id) as FlowCup;
  }
}

/** Thins one pot to its end. */
export function thin(paint: HardPaint, band: Band, hardship: Hardship, by: Thinner, random: Random): Pot {
  const B = andradeFromSlope(slope, temperature);
  const thermometer = hardship.thermometer * gaussian(random);
  const badly = random() < hardship.stirredBadly ? Math.floor(random() * 3) : -1;
  const people = [0, 1].map(() => hardship.people * gaussian(random));
  const expects = paint.nu0 * Math.exp(0.25 * gaussian(random));
  let belief: Belief = priorBelief(expects * 1e-6, 0.3, paint.nuT * 1e-6, paint.water ? 'water' : 'solvent');
  // Who knows the curve knows all but where it begins.
  const known: { w: number; ln: number; sd: number }[] = [];
  const groups: number[][] = [];
  let thinner = 0;
  let additions = 0;
  let foretold = 0;
  let held = 0;
  let wentUnder = false;
  let shown: number | undefined;
  let expect: { low: number; high: number } | undefined;
  const bias = hardship.thermometer * slope;
  for (let turn = 0; ; turn += 1) {
    const w = blendShare(thinner, mass);
    const truth = paint.at(w);
    if (secondsOf(band.cup, truth) < band.min) wentUnder = true;
    // The paint is at the band’s temperature; what the thermometer says is off, and is corrected for.
    const asRead = shiftViscosity(truth * 1e-6, temperature + thermometer, temperature, B) * 1e6;
    const off = (people[turn % 2] as number) + (turn === badly ? 0.15 * (random() < 0.5 ? 1 : -1) : 0);
    const one = () => secondsOf(band.cup, asRead) * (1 + off + hardship.reading * gaussian(random));
    const timings = [one(), one()];
    let agreed = agreement(timings);
    if (!isRefusal(agreed) && !agreed.agree) {
      timings.push(one());
      agreed = agreement(timings);
    }
    groups.push(timings);
    if (isRefusal(agreed)) break;
    const taken = viscosityFromSeconds(band.cup, agreed.mean);
    const sd = readingError(
      band.cup,
      agreed.mean,
      agreed.used.length,
      0,
      repeatOf(groups),
      hardship.people > 0 ? 2 : 1,
    );
    if (isRefusal(taken) || isRefusal(sd)) break;
    if (expect) {
      foretold += 1;
      if (agreed.mean >= expect.low && agreed.mean <= expect.high) held += 1;
    }
    belief = updateBelief(belief, { w, viscosity: taken, sd });
    known.push({ w, ln: Math.log(taken * 1e6), sd });
    const question = {
      belief,
      batch: { mass, density: 1000, base: { mass, density: 1000 } },
      thinner,
      thinnerDensity: 900,
      band,
      basis: { by: 'mass', of: 'mix' },
      scaleStep,
      readingSd: sd,
      timed: true,
      bias,
    } as const;
    if (by.kind === 'ideal') {
      const step = idealStep(paint, band, known, thinner, bias);
      if (step === undefined || additions >= 40) break;
      expect = undefined;
      thinner += step;
      additions += 1;
      continue;
    }
    const advice = additionBy(by, question);
    if (isRefusal(advice)) break;
    if (advice.kind === 'ready' || advice.kind === 'near') shown = advice.chanceInBand;
    if (advice.kind !== 'add' || additions >= 40) break;
    expect = advice.expect;
    thinner += advice.mass;
    additions += 1;
  }
  const end = secondsOf(band.cup, paint.at(blendShare(thinner, mass)));
  return {
    additions,
    inBand: end >= band.min && end <= band.max,
    wentUnder: wentUnder || end < band.min,
    foretold,
    held,
    ...(shown === undefined ? {} : { shown }),
  };
}

/** kg to add next by one who knows the curve, and learns from the readings only how far it lies above or below; none when done. */
function idealStep(
  paint: HardPaint,
  band: Band,
  known: readonly { readonly w: number; readonly ln: number; readonly sd: number }[],
  thinner: number,
  bias: number,
): number | undefined {
  const low = lnAt(band.cup, band.min);
  const high = lnAt(band.cup, band.max);
  const middle = lnAt(band.cup, (band.min + band.max) / 2);
  let mean = 0;
  let precision = 1 / 0.3 ** 2;
  for (let round = 0; round < 12; round += 1) {
    precision = 1 / 0.3 ** 2;
    let pull = 0;
    for (const { w, ln, sd } of known) {
      const off = ln - Math.log(paint.at(w));
      const weight = 5 / (4 + ((off - mean) / sd) ** 2) / (sd * sd);
      precision += weight;
      pull += weight * off;
    }
    mean = pull / precision;
  }
  const sd = Math.hypot(1 / Math.sqrt(precision), bias);
  const at = (w: number) => Math.log(paint.at(w)) + mean;
  const w0 = blendShare(thinner, mass);
  const chance = (x: number) => normalCdf((x - at(w0)) / sd);
  if (chance(high) - chance(low) > 0.9 || at(w0) <= middle) return undefined;
  let [from, to] = [w0, 0.95];
  for (let i = 0; i < 40; i += 1) {
    const w = (from + to) / 2;
    if (at(w) >= middle) from = w;
    else to = w;
  }
  const steps = Math.floor(((from / (1 - from)) * mass - thinner) / scaleStep + 1e-6);
  return steps < 1 ? undefined : steps * scaleStep;
}

const lnAt = (cup: FlowCup, seconds: number): number =>
  Math.log((viscosityFromSeconds(cup, seconds) as number) * 1e6);
