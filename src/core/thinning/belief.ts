import type { BlendLaw } from './laws';

/** What is known of a paint before its pot is timed: its unthinned viscosity, how steeply it thins, which laws fit it. */
export interface Start {
  /** ln ν₀, ν₀ in m²/s, and its variance. */
  readonly a: number;
  readonly aVar: number;
  /** ln of the first slope S = −d ln ν/dw, and its variance. */
  readonly lnS: number;
  readonly lnSVar: number;
  /** How likely each law is, beside the others. */
  readonly laws: Readonly<Record<BlendLaw, number>>;
}

/** A timing of the pot, as the belief holds it. */
export interface Seen {
  readonly w: number;
  readonly lnViscosity: number;
  readonly sd: number;
}

/**
 * What is believed of a coating with a thinner: where it began, and every reading since. The laws, their steepness and
 * the unthinned viscosity are weighed by the readings when something is to be foretold (`condition`).
 */
export interface Belief {
  /** ln of the thinner's kinematic viscosity in m²/s. */
  readonly lnThinner: number;
  readonly start: Start;
  readonly seen: readonly Seen[];
}

/** The first slope of paints nobody knows: median 8.5, and its spread in logarithms. Source: the trade; 10 parts on 100 divide the viscosity by 1.4 to 4. */
export const usualSteepness = { median: 8.5, sd: 0.4 } as const;

/** What thins a paint: resins that water thins may stand still or thicken on the first of it, others hardly ever do. */
export type ThinnedWith = 'water' | 'solvent' | 'unknown';

/** How likely a paint stands still at first, by what thins it: a short while, a long one. Defaults. */
const standingStill: Readonly<Record<ThinnedWith, readonly [number, number]>> = {
  solvent: [0.008, 0.004],
  unknown: [0.03, 0.02],
  water: [0.1, 0.08],
};

/**
 * How likely each law is before anything is known.
 *
 * Source: the trade: 10 parts on 100 divide the viscosity by 1.4 to 4
 * @example usualLaws('unknown') → { lederer: 0.2945, power: 0.2565, grunberg: 0.1995, suspension: 0.1995, standing: 0.03, 'standing-long': 0.02 }
 */
export function usualLaws(thinnedWith: ThinnedWith): Readonly<Record<BlendLaw, number>> {
  const [standing, long] = standingStill[thinnedWith];
  const rest = 1 - standing - long;
  return {
    lederer: 0.31 * rest,
    power: 0.27 * rest,
    grunberg: 0.21 * rest,
    suspension: 0.21 * rest,
    standing,
    'standing-long': long,
  };
}

/**
 * A starting belief.
 *
 * @param viscosity expected unthinned viscosity, m²/s
 * @param viscositySd its relative spread; 0.5 when only the class is known
 * @param thinner kinematic viscosity of the thinner, m²/s
 * @param thinnedWith whether the thinner is water, so that the paint may stand still at first
 * Source: the trade: 10 parts on 100 divide the viscosity by 1.4 to 4
 */
export function priorBelief(
  viscosity: number,
  viscositySd: number,
  thinner: number,
  thinnedWith: ThinnedWith = 'unknown',
  steepness: { readonly median: number; readonly sd: number } = usualSteepness,
): Belief {
  return {
    lnThinner: Math.log(thinner),
    start: {
      a: Math.log(viscosity),
      aVar: viscositySd ** 2,
      lnS: Math.log(steepness.median),
      lnSVar: steepness.sd ** 2,
      laws: usualLaws(thinnedWith),
    },
    seen: [],
  };
}

export interface Observation {
  /** Mass share of thinner in the blend when it was timed. */
  readonly w: number;
  /** m²/s, at the temperature the belief is about. */
  readonly viscosity: number;
  /** Relative standard error of the viscosity. */
  readonly sd: number;
}

/**
 * A belief with one more reading. Their order does not matter.
 *
 * Source: the trade: 10 parts on 100 divide the viscosity by 1.4 to 4
 */
export const updateBelief = (belief: Belief, { w, viscosity, sd }: Observation): Belief => ({
  ...belief,
  seen: [...belief.seen, { w, lnViscosity: Math.log(viscosity), sd: Math.max(sd, 1e-4) }],
});
