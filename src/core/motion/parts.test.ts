import { isRefusal } from '../refusal';
import { attitudeOf, stillAtFirst } from './attitude';
import { coach } from './coach';
import { evened, type EvenRecording, type MotionSample } from './recording';
import { rotate, type Vec } from './vector';

const g = 9.81;

/** Held still for two seconds, then pushed to and fro, a hundred times a second, lying as it is told. */
const felt = (weight: Vec, seconds = 8, rate = 100): MotionSample[] =>
  Array.from({ length: seconds * rate }, (_, i) => {
    const t = i / rate;
    const push = t < 2 ? 0 : 1.5 * Math.sin(2 * Math.PI * 0.4 * (t - 2));
    return { t, a: [weight[0] + push, weight[1], weight[2]], w: [0, 0, t < 2 ? 0 : 0.1 * Math.sin(t)] };
  });

const even = (samples: readonly MotionSample[]): EvenRecording => {
  const found = evened(samples);
  if (isRefusal(found)) throw new Error(found.says);
  return found;
};

describe('a recording at even steps', () => {
  it('is sorted, straight between samples, and says how often it was felt', () => {
    const samples = felt([0, 0, g]);
    const { dt, a, gap, rate } = even([...samples].reverse());
    expect(dt).toBeCloseTo(0.02, 12);
    expect(rate).toBeCloseTo(100, 6);
    expect(a).toHaveLength(400);
    expect(a[150]![0]).toBeCloseTo(samples[300]!.a[0], 6);
    expect(gap.some(Boolean)).toBe(false);
  });

  it('marks where nothing was felt', () => {
    const { gap } = even(felt([0, 0, g]).filter(({ t }) => t < 3 || t > 4));
    expect(gap.filter(Boolean).length).toBeGreaterThan(45);
  });

  it('refuses what is too short, too rare or weightless, each by its name', () => {
    const samples = felt([0, 0, g]);
    for (const [some, refused] of [
      [samples.slice(0, 150), 'too-short'],
      [felt([0, 0, g], 8, 5), 'too-slow'],
      [felt([0, 0, 0.2]), 'no-gravity'],
    ] as const)
      expect(evened(some)).toMatchObject({ refused });
  });
});

describe('how a phone stands', () => {
  it('is held still at first, and its weight points down whichever way it lies', () => {
    for (const weight of [
      [0, 0, g],
      [0, g, 0],
      [0, -g * Math.SQRT1_2, g * Math.SQRT1_2],
    ] as const) {
      const recording = even(felt(weight));
      const rests = stillAtFirst(recording);
      expect(rests!.to).toBeLessThanOrEqual(100 + 20);
      const { turn } = attitudeOf(recording, rests);
      for (const at of [10, 200, 390]) {
        const [x, y, z] = rotate(turn[at]!, weight);
        // Within four degrees, however it is pushed.
        expect(Math.hypot(x, y) / g).toBeLessThan(0.07);
        expect(z).toBeGreaterThan(0.99 * g);
      }
    }
  });

  it('nobody held still is nowhere still', () => {
    const restless = felt([0, 0, g]).map((each) => ({
      ...each,
      a: [2 * Math.sin(40 * each.t), 0, g] as Vec,
      w: [0, 0, Math.sin(31 * each.t)] as Vec,
    }));
    expect(stillAtFirst(even(restless))).toBeUndefined();
  });
});

it('the coach refuses a recording that tells nothing, with the reason', () => {
  const plan = { length: 1.4, strokes: 8, speed: 0.4, lies: 'upright' as const };
  expect(coach(felt([0, 0, g]).slice(0, 50), plan)).toMatchObject({ refused: 'too-short' });
});
