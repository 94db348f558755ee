import { andradeFromSlope, celsius, shiftViscosity } from '../climate';
import { agreement, cupsThatRead, secondsFromViscosity, viscosityFromSeconds, type FlowCup } from '../cups';
import { gaussian, type Random } from '../random';
import { isRefusal } from '../refusal';
import { additionBy, type ThinningApproach } from './approach';
import { priorBelief, updateBelief } from './belief';
import { blendViscosity, leastInteraction } from './blend';
import type { Band } from './nextaddition';
import { readingError } from './readingerror';
import { blendShare } from './share';

/** A simulated paint: what it truly is, which the method may only see through a cup. */
interface SimulatedPaint {
  /** m²/s at mass share w, at the sheet's temperature. */
  readonly viscosity: (w: number) => number;
  /** Kinematic viscosity of its thinner, m²/s. */
  readonly thinner: number;
  /** What the sheet leads one to expect unthinned, m²/s, and the relative spread of that. */
  readonly expects: number;
  readonly expectsSd: number;
  /** K warmer than the sheet's temperature when timed, the true fall of viscosity a kelvin, and the assumed one. */
  readonly warmer: number;
  readonly slope: number;
  readonly assumedSlope: number;
}

/**
 * A random paint of a class, with a blend curve that the model's law does not share.
 *
 * @param middle m²/s, the middle of the class's band
 */
function randomPaint(middle: number, random: Random): SimulatedPaint {
  const thinner = (0.4 + 3.1 * random()) * 1e-6;
  const unthinned = middle * (1.3 + 2.7 * random());
  const least = leastInteraction(unthinned, thinner);
  let G = -4 + 2 * gaussian(random);
  while (G < least) G = -4 + 2 * gaussian(random);
  // Up to about a tenth of viscosity beside the law at the shares thinning uses, bent either way.
  const bend = 1.2 * gaussian(random);
  return {
    thinner,
    expects: unthinned * Math.exp(0.25 * gaussian(random)),
    expectsSd: 0.5,
    viscosity: (w) => {
      const ideal = blendViscosity(unthinned, thinner, G, w);
      const law = isRefusal(ideal) ? thinner : ideal;
      return Math.max(law * Math.exp(bend * w * w * (1 - w)), thinner);
    },
    warmer: 2 * gaussian(random),
    slope: 0.02 + 0.03 * random(),
    assumedSlope: 0.03,
  };
}

interface Conditions {
  readonly band: Band;
  /** kg of unthinned mix. */
  readonly mass: number;
  /** kg */
  readonly scaleStep: number;
  /** Relative error of one timing, of its seconds. */
  readonly error: number;
  readonly approach?: ThinningApproach;
  /** K, the temperature the band is for. */
  readonly temperature?: number;
}

interface Titration {
  readonly additions: number;
  readonly inBand: boolean;
  /** Did the pot ever go under the band? */
  readonly wentUnder: boolean;
  /** Predictions made for the next reading, and how many of them held it within their 90 %. */
  readonly predicted: number;
  readonly held: number;
}

/** The band is for the sheet's temperature, and the pot is judged there. */
const usualTemperature = celsius(20);

/**
 * Thins a simulated paint under an approach, as a finisher would: two timings (a third when they differ), an
 * addition, two timings, until it says the pot is ready.
 */
function titrate(paint: SimulatedPaint, conditions: Conditions, random: Random): Titration {
  const {
    band,
    mass,
    scaleStep,
    error,
    approach = { kind: 'model' },
    temperature = usualTemperature,
  } = conditions;
  const batch = { mass, density: 1000, base: { mass, density: 1000 } };
  const truth = (w: number) => paint.viscosity(w);
  const timedAt = temperature + paint.warmer;
  const trueB = andradeFromSlope(paint.slope, temperature);
  const assumedB = andradeFromSlope(paint.assumedSlope, temperature);
  let belief = priorBelief(paint.expects, paint.expectsSd, paint.thinner);
  let thinner = 0;
  let additions = 0;
  let predicted = 0;
  let held = 0;
  let wentUnder = false;
  let expects: { low: number; high: number } | undefined;
  for (;;) {
    const w = blendShare(thinner, mass);
    const own = secondsOf(band.cup, truth(w));
    if (own < band.min) wentUnder = true;
    const asTaken = secondsOf(band.cup, shiftViscosity(truth(w), temperature, timedAt, trueB));
    const timings = [asTaken, asTaken].map((seconds) => seconds * (1 + error * gaussian(random)));
    let agreed = agreement(timings);
    if (!isRefusal(agreed) && !agreed.agree)
      agreed = agreement([...timings, asTaken * (1 + error * gaussian(random))]);
    if (isRefusal(agreed)) break;
    const taken = viscosityFromSeconds(band.cup, agreed.mean);
    if (isRefusal(taken)) break;
    const sd = readingError(band.cup, agreed.mean, 2);
    if (isRefusal(sd)) break;
    const viscosity = shiftViscosity(taken, timedAt, temperature, assumedB);
    const read = secondsOf(band.cup, viscosity);
    if (expects) {
      predicted += 1;
      if (read >= expects.low && read <= expects.high) held += 1;
    }
    belief = updateBelief(belief, { w, viscosity, sd });
    const advice = additionBy(approach, {
      belief,
      batch,
      thinner,
      thinnerDensity: 900,
      band,
      basis: { by: 'mass', of: 'mix' },
      scaleStep,
      readingSd: sd,
      timed: true,
      bias: Math.abs(paint.warmer) * paint.assumedSlope * 0.4,
    });
    if (isRefusal(advice) || advice.kind !== 'add' || additions >= 40) break;
    expects = advice.expect;
    thinner += advice.mass;
    additions += 1;
  }
  const end = secondsOf(band.cup, truth(blendShare(thinner, mass)));
  return {
    additions,
    inBand: end >= band.min && end <= band.max,
    wentUnder: wentUnder || end < band.min,
    predicted,
    held,
  };
}

function secondsOf(cup: FlowCup, viscosity: number): number {
  const seconds = secondsFromViscosity(cup, viscosity);
  return isRefusal(seconds) ? 0 : seconds;
}

/** Bands of the classes, mm²/s: where a random paint is to be thinned to. Typical values of the trade. */
// prettier-ignore
const classBands: readonly (readonly [min: number, max: number])[] = [
  [35, 55], [60, 100], [40, 70], [50, 80], [70, 120], [90, 150], [250, 500], [60, 130], [40, 80], [150, 300], [40, 80], [45, 70],
];

export interface Summary {
  readonly runs: number;
  /** Share of runs that were in the band within so many additions. */
  readonly within: (additions: number) => number;
  readonly inBand: number;
  readonly wentUnder: number;
  /** Additions of the run in the middle, and of one in twenty. */
  readonly median: number;
  readonly worst: number;
  /** Share of predictions that held the next reading within their 90 %. */
  readonly coverage: number;
}

/** Many titrations of one approach, summed up. */
function summarise(runs: readonly Titration[]): Summary {
  const share = (holds: (run: Titration) => boolean) => runs.filter(holds).length / runs.length;
  const sorted = runs.map(({ additions }) => additions).sort((a, b) => a - b);
  const at = (part: number) => sorted[Math.min(Math.floor(part * sorted.length), sorted.length - 1)] ?? 0;
  const predicted = runs.reduce((sum, run) => sum + run.predicted, 0);
  return {
    runs: runs.length,
    within: (additions) => share((run) => run.inBand && run.additions <= additions),
    inBand: share(({ inBand }) => inBand),
    wentUnder: share((run) => run.wentUnder),
    median: at(0.5),
    worst: at(0.95),
    coverage: predicted > 0 ? runs.reduce((sum, run) => sum + run.held, 0) / predicted : Number.NaN,
  };
}

/** Scales and pots that go together, kg: a small mix is weighed finer. */
const potsAndScales = [
  [0.2, 0.0001],
  [0.5, 0.001],
  [1, 0.001],
  [3, 0.005],
] as const;

/**
 * Thins random paints over all classes to bands of ± a share of their seconds, each in a cup that reads it, with
 * timings that err by 1 to 3 %.
 *
 * @param half half width of the band, 0.1 for ± 10 %
 */
export function trial(runs: number, half: number, approach: ThinningApproach, random: Random): Summary {
  return summarise(
    Array.from({ length: runs }, (_, i) => {
      const [low, high] = classBands[i % classBands.length] as readonly [number, number];
      const middle = Math.sqrt(low * high) * 1e-6;
      const [cup] = cupsThatRead(middle);
      const [mass, scaleStep] = potsAndScales[i % potsAndScales.length] as readonly [number, number];
      const seconds = secondsOf(cup as FlowCup, middle);
      const band = { cup: cup as FlowCup, min: seconds * (1 - half), max: seconds * (1 + half) };
      const error = 0.01 + 0.02 * random();
      return titrate(randomPaint(middle, random), { band, mass, scaleStep, error, approach }, random);
    }),
  );
}
