import { refuse, type Outcome } from '../refusal';
import type { Vec } from './vector';

/** One reading of what a phone on the gun or the wrist feels: s, m/s² with gravity in it, rad/s. In the phone’s own axes. */
export interface MotionSample {
  readonly t: number;
  readonly a: Vec;
  readonly w: Vec;
}

/** A recording at even steps, and where in it samples were missing. */
export interface EvenRecording {
  readonly dt: number;
  readonly a: readonly Vec[];
  readonly w: readonly Vec[];
  /** For each step: was there nothing within a quarter of a second? */
  readonly gap: readonly boolean[];
  /** Hz that came, the middle of them. */
  readonly rate: number;
}

/** Hz it is worked at, the least that tells anything, and the least that tells how even a stroke was. */
const worked = 50;
export const leastRate = 7;
export const fairRate = 15;
/** s of a recording at least, and at most: past it somebody forgot to stop. */
const [shortest, longest] = [2, 900];

const lerp = (a: Vec, b: Vec, k: number): Vec => [
  a[0] + (b[0] - a[0]) * k,
  a[1] + (b[1] - a[1]) * k,
  a[2] + (b[2] - a[2]) * k,
];

const finite = ({ t, a, w }: MotionSample): boolean =>
  Number.isFinite(t) && a.every(Number.isFinite) && w.every(Number.isFinite);

/**
 * Puts a recording in order: by time, each moment once, at even steps.
 *
 * @returns refuses one that is too short, too slow, or felt no gravity: its sensors are missing or were not allowed
 * Source: linear interpolation
 */
export function evened(samples: readonly MotionSample[]): Outcome<EvenRecording> {
  const sorted = samples.filter(finite).sort((x, y) => x.t - y.t);
  const own = sorted.filter(({ t }, i) => i === 0 || t > (sorted[i - 1]?.t ?? -Infinity));
  const [first, last] = [own[0], own.at(-1)];
  const lasts = first && last ? last.t - first.t : 0;
  if (!first || !last || lasts < shortest)
    return refuse('too-short', 'That is too short to be a stroke: record at least {min}.', {
      quantity: 'time',
      value: lasts,
      min: shortest,
    });
  if (lasts > longest)
    return refuse('too-long', 'That is more than {max}: record one face at a time.', {
      quantity: 'time',
      value: lasts,
      max: longest,
    });
  const steps = own.slice(1).map(({ t }, i) => t - (own[i]?.t ?? t));
  const rate = 1 / ([...steps].sort((x, y) => x - y)[steps.length >> 1] ?? 1);
  if (rate < leastRate)
    return refuse(
      'too-slow',
      `The phone felt its motion only ${rate.toFixed(1)} times a second; ${leastRate} are the least. Leave saving of power off.`,
    );
  const felt = own.map(({ a }) => Math.hypot(...a)).sort((x, y) => x - y)[own.length >> 1] ?? 0;
  if (felt < 5 || felt > 15)
    return refuse(
      'no-gravity',
      'The phone did not feel its weight: its motion sensor is missing, or this page was not allowed to read it.',
    );
  const dt = 1 / worked;
  const n = Math.floor(lasts / dt) + 1;
  const a: Vec[] = [];
  const w: Vec[] = [];
  const gap: boolean[] = [];
  let k = 0;
  for (let i = 0; i < n; i += 1) {
    const t = first.t + i * dt;
    while (k + 2 < own.length && (own[k + 1]?.t ?? Infinity) <= t) k += 1;
    const [from, to] = [own[k] ?? first, own[k + 1] ?? last];
    const span = to.t - from.t;
    const share = span > 0 ? Math.min(Math.max((t - from.t) / span, 0), 1) : 0;
    a.push(lerp(from.a, to.a, share));
    w.push(lerp(from.w, to.w, share));
    gap.push(span > 0.25);
  }
  return { dt, a, w, gap, rate };
}
