import { remembered } from '../remembered';
import type { Belief } from './belief';
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
const nodes = 37;
/** How far a start reaches, in its own spreads. */
const reach = 4;
/** ln ν₀ is summed over so many places, close about its top and farther apart out on the tails, in spreads of the top. */
const steps = Array.from({ length: 15 }, (_, k) => {
  const u = -2.5 + (5 * k) / 14;
  return { away: Math.sinh(u), width: Math.log(Math.cosh(u)) };
});
/** A way this much less likely than the likeliest is no way. */
const least = 1e-4;
/** How far the steeper curve of a way lies, in ln S. */
export const nudge = 0.05;

/**
 * The ways a paint may be, weighed by its readings. Worked out once for a belief.
 *
 * Source: Bayes’ rule, summed over laws, steepness and unthinned viscosity
 */
export function posteriorOf(belief: Belief): Posterior {
  return weighed(belief);
}

const weighed = remembered((belief: Belief): Posterior => {
  const { lnS, lnSVar } = belief.start;
  const sd = Math.sqrt(lnSVar);
  const wide = waysOver(belief, lnS - reach * sd, lnS + reach * sd, looks, 1e-3);
  const likely = wide.ways.map((way) => way.lnS);
  const from = Math.min(...likely) - wide.spacing;
  const to = Math.max(...likely) + wide.spacing;
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
      const way = wayOf(belief, law, lnS, spacing, near, closely);
      if (!way) continue;
      const { evidence, top, ...rest } = way;
      near = top;
      const log = Math.log(start.laws[law]) + evidence - (lnS - start.lnS) ** 2 / (2 * start.lnSVar);
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

interface Fitted {
  /** ln ν₀ where it is likeliest: the neighbour begins its search there. */
  readonly top: number;
  readonly a: number;
  readonly aVar: number;
  readonly evidence: number;
  readonly curve: Curve;
  readonly steeper: Curve;
  readonly higher?: Curve;
}

/**
 * Where ln ν₀ lies under a law and a steepness, and how well that fits all readings: its mean, its variance and the
 * evidence by summing over ln ν₀ itself. Errors of long tail leave no normal, whose curvature at the top would tell them.
 */
function wayOf(
  belief: Belief,
  law: BlendLaw,
  lnS: number,
  spacing: number,
  near: number | undefined,
  closely: number,
): Fitted | undefined {
  const { start, seen, lnThinner } = belief;
  const S = Math.exp(lnS);
  const at = (a: number) => curveOf(law, a - lnThinner, S);
  const peak = topOf(belief, law, S, near, closely);
  if (!peak) return undefined;
  const logs: number[] = [];
  const places: number[] = [];
  for (const { away, width } of steps) {
    const a = peak.a + peak.sd * away;
    // At the edge of what a law can be a node counts by as much of its cell as lies within it.
    const cell = Math.min(0.5 + room(law, a - lnThinner, lnS) / spacing, 1);
    const curve = cell > 0 ? at(a) : undefined;
    if (!curve) continue;
    let log = width + Math.log(cell) - (a - start.a) ** 2 / (2 * start.aVar);
    for (const { w, lnViscosity, sd } of seen) {
      const off = (lnViscosity - lnThinner - heightAt(curve, w)) / sd;
      log -= ((tails + 1) / 2) * Math.log1p((off * off) / tails);
    }
    logs.push(log);
    places.push(a);
  }
  const most = Math.max(...logs);
  let [sum, first, second] = [0, 0, 0];
  for (const [i, log] of logs.entries()) {
    const weight = Math.exp(log - most);
    const away = (places[i] as number) - peak.a;
    sum += weight;
    first += weight * away;
    second += weight * away * away;
  }
  const a = peak.a + first / sum;
  const curve = at(a);
  if (!curve || !(sum > 0)) return undefined;
  return {
    top: peak.a,
    a,
    aVar: Math.max(second / sum - (first / sum) ** 2, 0),
    evidence: most + Math.log(sum * peak.sd) - Math.log(start.aVar) / 2,
    curve,
    steeper: curveOf(law, curve.L, S * Math.exp(nudge)) ?? curve,
    ...optional(higherThan(curve, S)),
  };
}

/** The likeliest ln ν₀ under a law and a steepness, and how narrow it is there. */
function topOf(
  { start, seen, lnThinner }: Belief,
  law: BlendLaw,
  S: number,
  near: number | undefined,
  closely: number,
): { readonly a: number; readonly sd: number } | undefined {
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
    const curve = curveOf(law, a - lnThinner, S);
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
  return { a, sd: 1 / Math.sqrt(precision) };
}

/** The same law and slope a little higher, where a closed form does not tell how it moves. */
const higherThan = ({ law, L }: Curve, S: number): Curve | undefined =>
  law === 'suspension' ? curveOf(law, L + 1e-3, S) : undefined;
const optional = (higher: Curve | undefined) => (higher ? { higher } : {});
