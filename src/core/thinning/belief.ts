/**
 * What is believed of a coating: a Gaussian over (a, G) with a = ln ν₀ (ν₀ in m²/s), and the thinner it is
 * about. The blend law is linear in both, so every reading updates it in closed form.
 */
export interface Belief {
  /** ln of the thinner's kinematic viscosity in m²/s. */
  readonly lnThinner: number;
  readonly mean: readonly [a: number, G: number];
  /** Covariance: var a, cov, var G. */
  readonly cov: readonly [aa: number, aG: number, GG: number];
}

/** Before anything is known of a paint: G about −4 ± 2. */
export const defaultInteraction = { mean: -4, sd: 2 } as const;

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
  interaction: { readonly mean: number; readonly sd: number } = defaultInteraction,
): Belief {
  return {
    lnThinner: Math.log(thinner),
    mean: [Math.log(viscosity), interaction.mean],
    cov: [viscositySd ** 2, 0, interaction.sd ** 2],
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
 * Updates a belief with a reading.
 *
 * @returns a new belief whose spread is never larger
 * Source: conjugate Bayesian linear regression; ln ν − w ln ν_T = (1−w) a + w(1−w) G + error.
 */
export function updateBelief(belief: Belief, { w, viscosity, sd }: Observation): Belief {
  const [a, G] = belief.mean;
  const [aa, aG, GG] = belief.cov;
  const h0 = 1 - w;
  const h1 = w * (1 - w);
  const gain0 = aa * h0 + aG * h1;
  const gain1 = aG * h0 + GG * h1;
  const variance = h0 * gain0 + h1 * gain1 + sd * sd;
  const surprise = Math.log(viscosity) - w * belief.lnThinner - h0 * a - h1 * G;
  return {
    lnThinner: belief.lnThinner,
    mean: [a + (gain0 / variance) * surprise, G + (gain1 / variance) * surprise],
    cov: [aa - gain0 ** 2 / variance, aG - (gain0 * gain1) / variance, GG - gain1 ** 2 / variance],
  };
}
