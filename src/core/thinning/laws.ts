/**
 * Laws a paint may follow as thinner goes into it. Each is told by its first slope S = −d ln ν/dw at w = 0 and by
 * L = ln(ν₀/ν_T); all fall steadily and none dips under the thinner.
 */
export const blendLaws = ['lederer', 'power', 'grunberg', 'suspension', 'standing', 'standing-long'] as const;
export type BlendLaw = (typeof blendLaws)[number];

/** A law fitted to a slope: its one parameter. */
export interface Curve {
  readonly law: BlendLaw;
  /** ln(ν₀/ν_T) */
  readonly L: number;
  readonly shape: number;
}

/** Ten parts of thinner on a hundred, by which the trade tells how far a paint thins. */
const tenOnHundred = 10 / 110;

/** Mass share of thinner that a resin takes up before it falls, where it stands still at first. Defaults. */
const stands = { standing: standOf(0.015), 'standing-long': standOf(0.035) };

interface Stand {
  readonly at: number;
  readonly soft: number;
  /** Of no thinner, and of nothing else, before it is drawn to run from 0 to 1. */
  readonly none: number;
  readonly all: number;
  /** How much steeper it falls past the stand than a paint without one that ten parts on a hundred thin as far. */
  readonly steeper: number;
}

function standOf(at: number): Stand {
  const soft = at / 2.5;
  const of = (w: number) => Math.log1p(Math.exp((w - at) / soft));
  const stand = { at, soft, none: of(0), all: of(1), steeper: 1 };
  return { ...stand, steeper: tenOnHundred / pastStand(tenOnHundred, stand) };
}

/** How much of a share of thinner is past the stand: none at first, all of the rest later. */
function pastStand(w: number, { at, soft, none, all }: Stand): number {
  return (Math.log1p(Math.exp((w - at) / soft)) - none) / (all - none);
}

/**
 * The curve of a law with a first slope.
 *
 * Source: Lederer 1933, α = S/L; power, k = S/L; Grunberg–Nissan, G = L − S, itself only for −L ≤ G ≤ L; suspension after
 * Krieger and Dougherty, ν = ν_T·(1 − p(1−w))^(−n) with n(e^(L/n) − 1) = S, itself only for S > L ({@link room} says which);
 * standing still at first as
 * water-reducible resins may, Lederer on what is past the stand, where it falls so much steeper that ten parts on a hundred
 * thin it as far as S says of the others.
 * @example curveOf('power', 5, 8) → { law: 'power', L: 5, shape: 1.6 }
 */
export function curveOf(law: BlendLaw, L: number, S: number): Curve | undefined {
  if (!(L > 0.01) || !(S > 0)) return undefined;
  switch (law) {
    case 'lederer':
    case 'power':
      return { law, L, shape: S / L };
    case 'standing':
    case 'standing-long':
      return { law, L, shape: (S * stands[law].steeper) / L };
    case 'grunberg':
      return { law, L, shape: L - S };
    case 'suspension': {
      const steep = S / L;
      // At S = L it is a straight line, and x is 0.
      if (Math.abs(steep - 1) < 1e-3) return { law, L, shape: L / 1e-3 };
      // (e^x − 1)/x = S/L, for x = L/n.
      let x = steep > 1 ? Math.min(2 * (steep - 1), Math.log(steep) + 1.5) : 2 * (steep - 1);
      for (let i = 0; i < 12; i += 1) {
        const e = Math.exp(x);
        const off = (e - 1) / x - steep;
        const step = off / ((e * x - e + 1) / (x * x));
        x = steep > 1 ? Math.max(x - step, x / 4) : x - step;
        if (Math.abs(step) < 1e-7) break;
      }
      return { law, L, shape: L / x };
    }
  }
}

/**
 * How far ln S lies within what a law can be; under 0 the curve is no longer that law’s.
 *
 * Source: Grunberg–Nissan does not dip under the thinner while S ≤ 2L; a suspension is steeper than a straight line.
 * @example room('lederer', 5, 3) → Infinity
 */
export function room(law: BlendLaw, L: number, lnS: number): number {
  if (law === 'grunberg') return Math.log(2 * L) - lnS;
  if (law === 'suspension') return lnS - Math.log(1.02 * L);
  return Infinity;
}

/**
 * ln(ν/ν_T) along a curve.
 *
 * @param w mass share of thinner, 0–1
 * Formula: Lederer L(1−w)/(αw + 1 − w); power L(1−w)^k; Grunberg–Nissan (1−w)(L + Gw)
 * Source: Lederer 1933; Krieger and Dougherty 1959
 * @example 220, 0.9, 10 on 100: Lederer α 2 87.98, G −4 95.88 mm²/s
 * @example heightAt({ law: 'power', L: 5, shape: 1.6 }, 0) → 5
 */
export function heightAt({ law, L, shape }: Curve, w: number): number {
  switch (law) {
    case 'lederer': {
      const thin = shape * w;
      return (L * (1 - w)) / (thin + 1 - w);
    }
    case 'standing':
    case 'standing-long': {
      const past = pastStand(w, stands[law]);
      return (L * (1 - past)) / (shape * past + 1 - past);
    }
    case 'power':
      return L * (1 - w) ** shape;
    case 'grunberg':
      return (1 - w) * (L + shape * w);
    case 'suspension': {
      const p = 1 - Math.exp(-L / shape);
      return -shape * Math.log(1 - p * (1 - w));
    }
  }
}

/**
 * How ln(ν/ν_T) along a curve moves with its height, the first slope kept.
 *
 * @param higher the same law and slope a little higher, where no closed form tells it
 * Source: Lederer 1933; Krieger and Dougherty 1959
 * @example riseOf({ law: 'power', L: 5.013593986715, shape: 2.230439959457064 }, 0, undefined) → 1
 */
export function riseOf(curve: Curve, w: number, higher?: Curve): number {
  const { law, L, shape } = curve;
  switch (law) {
    case 'lederer':
      return risen(L, shape, w);
    case 'standing':
    case 'standing-long':
      return risen(L, shape, pastStand(w, stands[law]));
    case 'power':
      return (1 - w) ** shape * (1 - shape * Math.log(1 - w));
    case 'grunberg':
      return (1 - w) * (1 + w);
    case 'suspension':
      return higher ? (heightAt(higher, w) - heightAt(curve, w)) / (higher.L - L) : 1 - w;
  }
}

/** Lederer’s L²u/(Sw + Lu), u = 1 − w, by L; S = shape·L. */
function risen(L: number, shape: number, w: number): number {
  const u = 1 - w;
  const d = shape * L * w + L * u;
  return (2 * L * u * d - L * L * u * u) / (d * d);
}
