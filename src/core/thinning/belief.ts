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

/** How likely each law is before anything is known: few paints stand still at first. */
export const usualLaws: Readonly<Record<BlendLaw, number>> = {
  lederer: 0.3,
  power: 0.27,
  grunberg: 0.2,
  suspension: 0.2,
  standing: 0.02,
  'standing-long': 0.01,
};

/**
 * A starting belief.
 *
 * @param viscosity expected unthinned viscosity, m²/s
 * @param viscositySd its relative spread; 0.5 when only the class is known
 * @param thinner kinematic viscosity of the thinner, m²/s
 */
export function priorBelief(
  viscosity: number,
  viscositySd: number,
  thinner: number,
  steepness: { readonly median: number; readonly sd: number } = usualSteepness,
): Belief {
  return {
    lnThinner: Math.log(thinner),
    start: {
      a: Math.log(viscosity),
      aVar: viscositySd ** 2,
      lnS: Math.log(steepness.median),
      lnSVar: steepness.sd ** 2,
      laws: usualLaws,
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

/** A belief with one more reading. Their order does not matter. */
export const updateBelief = (belief: Belief, { w, viscosity, sd }: Observation): Belief => ({
  ...belief,
  seen: [...belief.seen, { w, lnViscosity: Math.log(viscosity), sd: Math.max(sd, 1e-4) }],
});
