import { coach } from '../../src/core/motion';
import { isRefusal } from '../../src/core/refusal';
import { handMotion, type HandMood } from '../../src/standins/handmotion';

/** A kind of hand and phone, and how often a made-up recording of it was told right. */
export interface HandsTold {
  readonly name: string;
  readonly recordings: number;
  /** Shares of recordings whose strokes were all counted, and of strokes counted over all. */
  readonly counted: number;
  readonly strokes: number;
  /** Shares: the pace of the face, and of single strokes, 95 of 100 within. */
  readonly pace: number;
  readonly strokePace: number;
  /** Degrees, 95 of 100 within. */
  readonly tilt: number;
  /** ms a sample took. */
  readonly took: number;
}

const usual: Omit<HandMood, 'seed'> = { length: 1.4, strokes: 8, speed: 0.4, speedSpread: 0.06 };
const kinds: readonly (readonly [string, Partial<HandMood>])[] = [
  ['a plain hand', {}],
  ['bias that drifts, 0.1 m/s² and 1°/s', { push: 0.1, spin: 0.017, wander: 1 }],
  ['twice as much', { push: 0.12, spin: 0.03, wander: 2 }],
  ['an uneven beat, a tenth lost', { jitter: 0.4, lost: 0.1 }],
  ['half a second missing', { hole: 0.5 }],
  ['mounted 30° off', { mounted: Math.PI / 6 }],
  ['mounted upside down', { mounted: Math.PI }],
  ['soft turn-rounds, 1.2 s', { turns: 1.2 }],
  ['tilt, arc and pauses', { tilt: 0.1, tiltGain: 0.15, arc: 0.4, pauses: { 2: 2, 5: 1.5 } }],
  ['short strokes', { length: 0.6, strokes: 12 }],
  ['long strokes', { length: 3, strokes: 5, speed: 0.35 }],
  ['quick, 0.7 m/s', { speed: 0.7 }],
  ['slow, 0.22 m/s', { speed: 0.22 }],
  ['never shown square', { shows: 0.2 }],
  ['felt ten times a second', { rate: 10, lost: 0 }],
  [
    'drift, 30° off, soft, arc and a beat that limps at once',
    {
      push: 0.1,
      spin: 0.02,
      wander: 1.5,
      jitter: 0.3,
      lost: 0.06,
      mounted: 0.52,
      turns: 0.9,
      arc: 0.3,
      tiltGain: 0.12,
    },
  ],
];

const within = (values: readonly number[], share: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(Math.floor(values.length * share), values.length - 1)] ?? NaN;

/** Every kind of hand, so many recordings of each. */
export const handsTold = (each = 40): HandsTold[] =>
  kinds.map(([name, mood]) => {
    let [counted, strokes, told, took, samples] = [0, 0, 0, 0, 0];
    const pace: number[] = [];
    const strokePace: number[] = [];
    const tilt: number[] = [];
    for (let i = 0; i < each; i += 1) {
      const own: HandMood = { ...usual, ...mood, seed: `${name}/${i}` };
      const made = handMotion(own);
      const began = performance.now();
      const seen = coach(made.samples, {
        length: own.length,
        strokes: own.strokes,
        speed: own.speed,
        lies: 'upright',
      });
      took += performance.now() - began;
      samples += made.samples.length;
      strokes += own.strokes;
      if (isRefusal(seen)) continue;
      told += Math.max(own.strokes - Math.abs(seen.strokes.length - own.strokes), 0);
      const { speeds, tilts } = made.truth;
      pace.push(Math.abs(seen.speed / (speeds.reduce((sum, v) => sum + v, 0) / speeds.length) - 1));
      if (seen.strokes.length !== own.strokes) continue;
      counted += 1;
      seen.strokes.forEach((stroke, k) => {
        if (stroke.doubtful) return;
        strokePace.push(Math.abs(stroke.speed / (speeds[k] ?? 1) - 1));
        if (!seen.unshown)
          tilt.push((Math.abs(Math.abs(stroke.tilt) - Math.abs(tilts[k] ?? 0)) * 180) / Math.PI);
      });
    }
    return {
      name,
      recordings: each,
      counted: counted / each,
      strokes: told / strokes,
      pace: within(pace, 0.95),
      strokePace: within(strokePace, 0.95),
      tilt: within(tilt, 0.95),
      took: took / samples,
    };
  });
