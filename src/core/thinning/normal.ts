/**
 * Standard normal distribution: Φ(x). Source: Abramowitz and Stegun 7.1.26 on erfc with the Numerical-Recipes Chebyshev fit, |error| < 1.2e-7.
 *
 * @example normalCdf(0) → 0.5
 */
export function normalCdf(x: number): number {
  const z = Math.abs(x) / Math.SQRT2;
  const t = 1 / (1 + 0.5 * z);
  const poly =
    -1.26551223 +
    t *
      (1.00002368 +
        t *
          (0.37409196 +
            t *
              (0.09678418 +
                t *
                  (-0.18628806 +
                    t *
                      (0.27886807 +
                        t * (-1.13520398 + t * (1.48851587 + t * (-0.82215223 + t * 0.17087277))))))));
  const tail = 0.5 * t * Math.exp(-z * z + poly);
  return x > 0 ? 1 - tail : tail;
}

/**
 * Inverse of Φ for 0 < p < 1. Source: P. J. Acklam's rational approximation, relative error below 1.2e-9.
 *
 * @example normalQuantile(0.95) → 1.64485
 */
export function normalQuantile(p: number): number {
  const q = Math.min(p, 1 - p);
  const sign = p < 0.5 ? 1 : -1;
  if (q < 0.02425) {
    const r = Math.sqrt(-2 * Math.log(q));
    const top =
      ((((-7.784894002430293e-3 * r - 0.3223964580411365) * r - 2.400758277161838) * r - 2.549732539343734) *
        r +
        4.374664141464968) *
        r +
      2.938163982698783;
    const bottom =
      (((7.784695709041462e-3 * r + 0.3224671290700398) * r + 2.445134137142996) * r + 3.754408661907416) *
        r +
      1;
    return (sign * top) / bottom;
  }
  const d = q - 0.5;
  const r = d * d;
  const top =
    (((((-39.69683028665376 * r + 220.9460984245205) * r - 275.9285104469687) * r + 138.357751867269) * r -
      30.66479806614716) *
      r +
      2.506628277459239) *
    d;
  const bottom =
    ((((-54.47609879822406 * r + 161.5858368580409) * r - 155.6989798598866) * r + 66.80131188771972) * r -
      13.28068155288572) *
      r +
    1;
  return (sign * top) / bottom;
}
