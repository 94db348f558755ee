import type { Random } from '../../src/core/random';

/**
 * Paints written apart from what the method believes: each is a curve of ln viscosity against the mass share of thinner,
 * in mm²/s, and says what ten parts on a hundred divide its viscosity by.
 */
export interface HardPaint {
  readonly kind: PaintKind;
  /** mm²/s unthinned, and of its thinner. */
  readonly nu0: number;
  readonly nuT: number;
  /** Water thins it, as the sheet says; all that stand still at first are such, and some of the others. */
  readonly water: boolean;
  /** mm²/s at mass share w, true for the whole pot. */
  readonly at: (w: number) => number;
}

export const paintKinds = ['lederer', 'power', 'suspension', 'shear-thinning', 'plateau'] as const;
export type PaintKind = (typeof paintKinds)[number];

/** Parameter that makes a curve fall by this factor over ten parts on a hundred; by halving, whatever the curve. */
function fitted(curve: (p: number, w: number) => number, low: number, high: number, factor: number): number {
  const w = 10 / 110;
  const falls = (p: number) => curve(p, 0) / curve(p, w);
  let [a, b] = [low, high];
  for (let i = 0; i < 60; i += 1) {
    const p = Math.sqrt(a * b);
    if (falls(p) < factor) a = p;
    else b = p;
  }
  return Math.sqrt(a * b);
}

/** A paint of a kind that ten parts on a hundred divide by a factor. */
export function paintOf(
  kind: PaintKind,
  nu0: number,
  nuT: number,
  factor: number,
  twist: number,
  water = kind === 'plateau',
): HardPaint {
  const L = Math.log(nu0 / nuT);
  switch (kind) {
    case 'lederer': {
      const curve = (p: number, w: number) => nu0 * Math.exp((-L * p * w) / (p * w + 1 - w));
      const p = fitted(curve, 0.2, 12, factor);
      return { kind, nu0, nuT, water, at: (w) => curve(p, w) };
    }
    case 'power': {
      const curve = (p: number, w: number) => nuT * Math.exp(L * (1 - w) ** p);
      const p = fitted(curve, 0.2, 12, factor);
      return { kind, nu0, nuT, water, at: (w) => curve(p, w) };
    }
    case 'suspension': {
      // Solids by volume over their closest packing, after Krieger and Dougherty, in a binder that is diluted as well.
      const curve = (p: number, w: number) => {
        const crowd = 0.82 * (1 - w);
        const binder = Math.log(nu0 / nuT) + 1.6 * Math.log(1 - 0.82);
        return nuT * Math.exp(binder * (1 - w) ** p) * (1 - crowd) ** -1.6;
      };
      const p = fitted(curve, 0.05, 14, factor);
      return { kind, nu0, nuT, water, at: (w) => curve(p, w) };
    }
    case 'shear-thinning': {
      // A cup reads it thinner the faster it runs: thinning it makes it more Newtonian as well.
      const index = 0.75 + 0.2 * twist;
      const curve = (p: number, w: number) => {
        const rest = nuT * Math.exp(L * (1 - w) ** p);
        const own = index + (1 - index) * Math.min(w / 0.3, 1);
        return nu0 * (rest / nu0) ** (1 / (2 - own));
      };
      const p = fitted(curve, 0.2, 16, factor);
      return { kind, nu0, nuT, water, at: (w) => curve(p, w) };
    }
    case 'plateau': {
      // The first water swells the resin: it hardly falls, and then does.
      const stand = 0.01 + 0.02 * twist;
      const curve = (p: number, w: number) => {
        // It is taken up ever more slowly: what is not goes into thinning.
        const v = w - stand * (1 - Math.exp(-((w / stand) ** 1.5)));
        return nu0 * Math.exp((-L * p * v) / (p * v + 1 - v));
      };
      const p = fitted(curve, 0.2, 30, factor);
      return { kind, nu0, nuT, water, at: (w) => curve(p, w) };
    }
  }
}

/** A random paint over the middle of a band, mm²/s. */
export function anyPaint(
  middle: number,
  random: Random,
  kinds: readonly PaintKind[] = paintKinds,
): HardPaint {
  const kind = kinds[Math.floor(random() * kinds.length)] as PaintKind;
  const nu0 = middle * (1.3 + 2.7 * random());
  const nuT = 0.5 + 2.5 * random();
  const factor = Math.exp(Math.log(1.4) + random() * Math.log(4 / 1.4));

  const twist = random();
  return paintOf(kind, nu0, nuT, factor, twist, kind === 'plateau' || random() < 0.25);
}

/** A random paint over the middle of a band with this first slope, −d ln ν/dw, of a law by turns. */
export function steepPaint(middle: number, S: number, random: Random): HardPaint {
  const nu0 = middle * (1.3 + 2.7 * random());
  const nuT = 0.5 + 2.5 * random();
  const L = Math.log(nu0 / nuT);
  const w = 10 / 110;
  const kind = random() < 0.5 ? 'lederer' : 'power';
  const fall = kind === 'power' ? L - L * (1 - w) ** (S / L) : (S * w) / ((S / L) * w + 1 - w);
  return paintOf(kind, nu0, nuT, Math.exp(fall), 0);
}
