import type { Belief } from './belief';
import { remembered } from '../remembered';
import { blendLaws, curveOf, heightAt, riseOf, room, type BlendLaw, type Curve } from './laws';

/** One way the paint may be: a law, a steepness, and what the readings then say of its unthinned viscosity. */
export interface Way {
  readonly law: BlendLaw;
  readonly lnS: number;
  /** ln ν₀ and its variance. */
  readonly a: number;
  readonly aVar: number;
  readonly weight: number;
  readonly curve: Curve;
  /** A curve a little steeper, for the spread between two nodes, and one a little higher. */
  readonly steeper: Curve;
  readonly higher?: Curve;
}

export interface Posterior {
  readonly ways: readonly Way[];
  /** Distance of two nodes in ln S. */
  readonly spacing: number;
}

/** Errors have long tails, a badly stirred pot, a second hand: Student's t with so many degrees of freedom. */
const tails = 4;
/** Nodes in ln S: a few over all that is likely, to see what the readings leave, then more over that. */
const looks = 15;
const nodes = 31;
/** How far a start reaches, in its own spreads. */
const reach = 4;
/** A way this much less likely than the likeliest is no way. */
const least = 1e-4;
/** How far the steeper curve of a way lies, in ln S. */
export const nudge = 0.05;

/**
 * The ways a paint may be, weighed by its readings. Worked out once for a belief.
 *
 * Source: Laplace’s method over laws and steepness
 */
export function posteriorOf(belief: Belief): Posterior {
  return weighed(belief);
}

const weighed = remembered((belief: Belief): Posterior => {
  const { lnS, lnSVar } = belief.start;
  const sd = Math.sqrt(lnSVar);
  const wide = waysOver(belief, lnS - reach * sd, lnS + reach * sd, looks, 1e-3);
  const likely = wide.ways.map((way) => way.lnS);
  const from = Math.min(...likely) - wide.spacing / 2;
  const to = Math.max(...likely) + wide.spacing / 2;
  return waysOver(belief, from, to, nodes, 1e-5);
});

function waysOver(belief: Belief, from: number, to: number, count: number, closely: number): Posterior {
  const spacing = (to - from) / (count - 1);
  const { start } = belief;
  const found: { readonly way: Omit<Way, 'weight'>; readonly log: number }[] = [];
  for (const law of blendLaws) {
    if (!(start.laws[law] > 0)) continue;
    // The neighbour knows about where it lies.
    let near: number | undefined;
    for (let j = 0; j < count; j += 1) {
      const lnS = from + j * spacing;
      const way = wayOf(belief, law, lnS, near, closely);
      if (!way) continue;
      // At the edge of what a law can be a node counts by as much of its cell as lies within it.
      const cell = Math.min(0.5 + room(law, way.a - belief.lnThinner, lnS) / spacing, 1);
      if (cell <= 0) continue;
      near = way.a;
      const { evidence, ...rest } = way;
      const log = Math.log(start.laws[law] * cell) + evidence - (lnS - start.lnS) ** 2 / (2 * start.lnSVar);
      found.push({ way: { law, lnS, ...rest }, log });
    }
  }
  const most = found.reduce((max, { log }) => Math.max(max, log), -Infinity);
  const weights = found.map(({ log }) => Math.exp(log - most));
  const heaviest = weights.reduce((max, each) => Math.max(max, each), 0);
  // What is next to impossible is left out.
  const sum = weights.reduce((total, each) => total + (each > least * heaviest ? each : 0), 0);
  return {
    spacing,
    ways: found
      .filter((_, i) => (weights[i] as number) > least * heaviest)
      .map(({ way, log }) => ({ ...way, weight: Math.exp(log - most) / sum })),
  };
}

/** Where ln ν₀ lies under a law and a steepness, and how well that fits all readings: Laplace about the top, errors of long tail. */
function wayOf(
  { start, seen, lnThinner }: Belief,
  law: BlendLaw,
  lnS: number,
  near: number | undefined,
  closely: number,
):
  | {
      readonly a: number;
      readonly aVar: number;
      readonly evidence: number;
      readonly curve: Curve;
      readonly steeper: Curve;
      readonly higher?: Curve;
    }
  | undefined {
  const S = Math.exp(lnS);
  const at = (a: number) => curveOf(law, a - lnThinner, S);
  let a = near ?? start.a;
  if (near === undefined && seen.length > 0) {
    // Begin where the reading with least thinner puts it, so that a prior far off does not make good readings outliers.
    const first = seen.reduce((least, each) =>
      each.w < least.w || (each.w === least.w && each.lnViscosity < least.lnViscosity) ? each : least,
    );
    a = first.lnViscosity + Math.min(S, 14) * first.w * (1 - first.w / 2);
  }
  let precision = 1 / start.aVar;
  for (let round = 0; round < 8; round += 1) {
    const curve = at(a);
    if (!curve) return undefined;
    const higher = higherThan(curve, S);
    precision = 1 / start.aVar;
    let pull = (start.a - a) / start.aVar;
    for (const { w, lnViscosity, sd } of seen) {
      const slope = riseOf(curve, w, higher);
      const off = lnViscosity - lnThinner - heightAt(curve, w);
      const weight = (tails + 1) / (tails + (off / sd) ** 2) / (sd * sd);
      precision += weight * slope * slope;
      pull += weight * slope * off;
    }
    const step = Math.max(-0.7, Math.min(0.7, pull / precision));
    a += step;
    if (Math.abs(step) < closely) break;
  }
  const curve = at(a);
  const steeper = curve && curveOf(law, curve.L, S * Math.exp(nudge));
  if (!curve) return undefined;
  let evidence = -((a - start.a) ** 2) / (2 * start.aVar) - Math.log(start.aVar) / 2;
  for (const { w, lnViscosity, sd } of seen) {
    const off = (lnViscosity - lnThinner - heightAt(curve, w)) / sd;
    evidence -= ((tails + 1) / 2) * Math.log1p((off * off) / tails);
  }
  return {
    a,
    aVar: 1 / precision,
    evidence: evidence - Math.log(precision) / 2,
    curve,
    steeper: steeper ?? curve,
    ...optional(higherThan(curve, S)),
  };
}

/** The same law and slope a little higher, where a closed form does not tell how it moves. */
const higherThan = ({ law, L }: Curve, S: number): Curve | undefined =>
  law === 'suspension' ? curveOf(law, L + 1e-3, S) : undefined;
const optional = (higher: Curve | undefined) => (higher ? { higher } : {});
