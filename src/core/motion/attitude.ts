import type { EvenRecording } from './recording';
import {
  about,
  cross,
  dot,
  fromTo,
  norm,
  plus,
  rotate,
  times,
  turned,
  unit,
  whole,
  type Turn,
  type Vec,
} from './vector';

/** How the phone stood at every step, and what pushed it beside its weight, in a level frame: z up. */
export interface Attitude {
  readonly turn: readonly Turn[];
  /** m/s² */
  readonly push: readonly Vec[];
}

const up: Vec = [0, 0, 1];
/** s in which what the turning sensor says is drawn back to where weight points: longer while nobody knows how the gun is pushed. */
const [pullBack, pullBackKnown] = [2.2, 1.1];
/** m/s²: pushed harder than this, weight is not to be told from it. */
const calm = 0.7;

/**
 * The calmest steps near the beginning, in which the gun may be taken to be held: there the turning sensor shows its own lean.
 *
 * Source: complementary filter, textbook
 */
export function stillAtFirst({
  a,
  w,
  dt,
}: EvenRecording): { readonly from: number; readonly to: number } | undefined {
  const span = Math.round(0.8 / dt);
  const until = Math.min(a.length, Math.round(6 / dt)) - span;
  const off = (vectors: readonly Vec[]): number => {
    const m = meanOf(vectors);
    return vectors.reduce((sum, each) => sum + norm(plus(each, m, -1)), 0) / vectors.length;
  };
  let best: { readonly from: number; readonly to: number; readonly score: number } | undefined;
  const scores: number[] = [];
  for (let i = 0; i + span <= a.length; i += Math.max(span >> 2, 1)) {
    const score = off(a.slice(i, i + span)) + 2 * off(w.slice(i, i + span));
    scores.push(score);
    if (i <= until && score < (best?.score ?? Infinity)) best = { from: i, to: i + span, score };
  }
  return best && best.score < 0.75 * middle(scores) ? best : undefined;
}

const meanOf = (vectors: readonly Vec[]): Vec =>
  times(
    vectors.reduce((sum, each) => plus(sum, each), [0, 0, 0] as Vec),
    1 / Math.max(vectors.length, 1),
  );

/**
 * Follows how the phone stands: the turning sensor carries it on, its weight draws it back, and hardly at all while it is
 * pushed about. Run to the end and back again, so that no stroke leans on those after it alone.
 *
 * @param rests steps in which the gun is held still
 * @param known m/s² in the phone’s own axes that it is known to be pushed: taken off before weight is looked for
 *
 * Source: complementary filter on unit quaternions, its correction weighed by how far the felt force is from weight alone.
 */
export function attitudeOf(
  recording: EvenRecording,
  rests: { readonly from: number; readonly to: number } | undefined,
  known?: readonly Vec[],
): Attitude {
  const { a, w, dt } = recording;
  const back = known ? pullBackKnown : pullBack;
  const resting = rests && { a: a.slice(rests.from, rests.to), w: w.slice(rests.from, rests.to) };
  const bias = resting ? meanOf(resting.w) : meanOf(w);
  const weight = resting ? norm(meanOf(resting.a)) : middle(a.map(norm));
  const smooth = smoothed(
    known ? a.map((each, i) => plus(each, known[i] ?? [0, 0, 0], -1)) : a,
    Math.round(0.12 / dt),
  );
  const begin = fromTo(resting ? meanOf(resting.a) : meanOf(a.slice(0, Math.round(1 / dt))), up);
  const run = (start: Turn, from: number, way: 1 | -1, drift: Vec): { turns: Turn[]; drift: Vec } => {
    const turns: Turn[] = new Array<Turn>(a.length);
    let q = start;
    let lean: Vec = drift;
    for (let i = from; i >= 0 && i < a.length; i += way) {
      const rate = plus(plus(w[i] as Vec, bias, -1), lean, -1);
      q = whole(turned(q, about(times(rate, way * dt))));
      const felt = smooth[i] as Vec;
      const push = norm(plus(rotate(q, felt), up, -weight));
      const trust = 1 / (1 + (push / calm) ** 4);
      // Where the weight points, in the phone’s axes, against where it should.
      const off = cross(unit(felt), rotate(inverse(q), up));
      const gain = (trust * dt) / back;
      q = whole(turned(q, about(times(off, gain))));
      // What it is drawn back by all the time is a lean of the sensor itself.
      lean = plus(lean, off, (-way * gain) / (5 * back));
      turns[i] = q;
    }
    return { turns, drift: lean };
  };
  const there = run(begin, 0, 1, [0, 0, 0]);
  const end = there.turns.at(-1) ?? begin;
  const here = run(end, a.length - 1, -1, there.drift);
  const turn = there.turns.map((q, i) => between(q, here.turns[i] ?? q));
  return {
    turn,
    push: a.map((each, i) => plus(rotate(turn[i] as Turn, each), up, -weight)),
  };
}

const inverse = ([w, x, y, z]: Turn): Turn => [w, -x, -y, -z];

/** Half way from one rotation to another. */
function between(a: Turn, b: Turn): Turn {
  const same = a[0] * b[0] + a[1] * b[1] + a[2] * b[2] + a[3] * b[3] >= 0 ? 1 : -1;
  return whole([a[0] + same * b[0], a[1] + same * b[1], a[2] + same * b[2], a[3] + same * b[3]]);
}

/**
 * The middle of three or more values.
 *
 * Source: complementary filter, textbook
 * @example middle([0.3, 0.1, 0.9]) → 0.3
 */
export const middle = (values: readonly number[]): number =>
  [...values].sort((x, y) => x - y)[values.length >> 1] ?? 0;

/**
 * A moving mean over 2·reach + 1 steps.
 *
 * Source: complementary filter, textbook
 */
export function smoothed(vectors: readonly Vec[], reach: number): Vec[] {
  const sums: Vec[] = [[0, 0, 0]];
  for (const each of vectors) sums.push(plus(sums.at(-1) as Vec, each));
  return vectors.map((_each, i) => {
    const [from, to] = [Math.max(i - reach, 0), Math.min(i + reach + 1, vectors.length)];
    return times(plus(sums[to] as Vec, sums[from] as Vec, -1), 1 / (to - from));
  });
}

/**
 * rad by which a direction leans off level.
 *
 * Source: complementary filter, textbook
 * @example leanOf([Math.cos(0.25), 0, Math.sin(0.25)]) → 0.25
 */
export const leanOf = (axis: Vec): number => Math.asin(Math.min(Math.abs(dot(unit(axis), up)), 1));
