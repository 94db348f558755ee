import fc from 'fast-check';
import { coach, type HandSeen, type MotionSample } from '@/core/motion';
import { isRefusal } from '@/core/refusal';
import { handMotion, type HandMood } from './handmotion';

const usual: Omit<HandMood, 'seed'> = { length: 1.4, strokes: 8, speed: 0.4 };
const seenOf = (mood: HandMood, samples: readonly MotionSample[] = handMotion(mood).samples): HandSeen => {
  const { length, strokes, speed, lies = 'upright' } = mood;
  const seen = coach(samples, { length, strokes, speed, lies });
  if (isRefusal(seen)) throw new Error(seen.says);
  return seen;
};
const degrees = (rad: number) => (rad * 180) / Math.PI;

/** What a phone on a gun may be like; each is tried on several hands. */
const trials: readonly (readonly [name: string, mood: Partial<HandMood>])[] = [
  ['a plain hand', {}],
  ['a sensor that drifts', { push: 0.1, spin: 0.017, wander: 1 }],
  ['an uneven beat', { jitter: 0.4, lost: 0.1 }],
  ['mounted 30° off', { mounted: Math.PI / 6 }],
  ['mounted upside down', { mounted: Math.PI }],
  ['soft turn-rounds', { turns: 1.2 }],
  ['hard turn-rounds', { turns: 0.15 }],
  ['short strokes', { length: 0.6, strokes: 12 }],
  ['long strokes', { length: 3, strokes: 5, speed: 0.35 }],
  ['a slow hand', { speed: 0.22 }],
  ['a face that lies flat', { lies: 'flat' }],
  ['a wrist that swings', { arc: 0.5 }],
];

test.each(trials)('%s: strokes counted, pace within 5 %%, tilt within 2°', (name, mood) => {
  for (const i of [1, 2]) {
    const own: HandMood = {
      ...usual,
      tilt: 0.1 * (i % 2),
      tiltGain: i > 1 ? 0.12 : 0,
      ...mood,
      seed: `${name}/${i}`,
    };
    const { samples, truth } = handMotion(own);
    const seen = seenOf(own, samples);
    expect(seen.strokes).toHaveLength(own.strokes);
    const mean = truth.speeds.reduce((sum, each) => sum + each, 0) / own.strokes;
    expect(Math.abs(seen.speed / mean - 1)).toBeLessThan(0.05);
    expect(seen.unshown).toBe(false);
    seen.strokes.forEach(({ tilt }, k) => {
      expect(Math.abs(degrees(Math.abs(tilt) - Math.abs(truth.tilts[k]!)))).toBeLessThan(2);
    });
  }
});

test('one stroke that was rushed is the one that is out', () => {
  const seen = seenOf({ ...usual, seed: 'rushed', speedSpread: 0.02, rushed: { 3: 1.35 } });
  expect(seen.strokes.flatMap(({ out }, i) => (out.includes('fast') ? [i] : []))).toEqual([3]);
});

test('a tilt that comes over the face is told as a drift, a wrist as an arc, a stand as a pause', () => {
  const drifting = seenOf({ ...usual, seed: 'gain', tiltGain: 0.25 });
  expect(Math.abs(degrees(Math.abs(drifting.tiltGain)) - degrees(0.25))).toBeLessThan(2.5);
  expect(drifting.strokes.at(-1)!.out).toContain('tilted');
  expect(drifting.strokes[0]!.out).not.toContain('tilted');
  const swung = seenOf({ ...usual, seed: 'arc', arc: 0.5 });
  expect(Math.abs(degrees(swung.arc) - degrees(0.5))).toBeLessThan(6);
  expect(seenOf({ ...usual, seed: 'no arc' }).arc).toBeLessThan(0.1);
  const paused = seenOf({ ...usual, seed: 'pause', pauses: { 2: 2.5 } });
  expect(paused.pauses).toHaveLength(1);
  expect(Math.abs(paused.pauses[0]! - 2.5)).toBeLessThan(0.5);
});

test('a stroke that swells is uneven, one that is level is not', () => {
  expect(seenOf({ ...usual, seed: 'swell', swell: 1.2 }).varied).toBeGreaterThan(
    2 * seenOf({ ...usual, seed: 'level' }).varied,
  );
});

test('a hole in it makes its stroke doubtful; felt ten times a second it is coarse', () => {
  const holed = seenOf({ ...usual, seed: 'hole', hole: 0.5 });
  expect(holed.strokes.some(({ doubtful }) => doubtful)).toBe(true);
  expect(seenOf({ ...usual, seed: 'ten', rate: 10, lost: 0 }).coarse).toBe(true);
  expect(seenOf({ ...usual, seed: 'sixty' }).coarse).toBe(false);
});

test('a gun nobody showed square is judged about the middle of its strokes, and that is said', () => {
  const seen = seenOf({ ...usual, seed: 'unshown', shows: 0.2, tilt: 0.15 });
  expect(seen.unshown).toBe(true);
  expect(Math.abs(seen.tilt)).toBeLessThan(0.03);
});

test('neither the order of samples nor the sense of a phone’s axes comes into it', () => {
  const mood: HandMood = { ...usual, seed: 'sense' };
  const { samples } = handMotion(mood);
  const one = seenOf(mood, samples);
  const shuffled = [...samples].reverse();
  expect(seenOf(mood, [...shuffled, ...samples.slice(0, 20)])).toEqual(one);
  // Some phones feel all force the other way round.
  const mirrored = samples.map(({ t, a, w }) => ({ t, a: a.map((each) => -each) as never, w }));
  const other = seenOf(mood, mirrored);
  expect(other.strokes).toHaveLength(one.strokes.length);
  expect(other.speed / one.speed).toBeCloseTo(1, 2);
});

test.each([
  ['nothing', [], 'too-short'],
  ['a second', handMotion({ ...usual, seed: 'second' }).samples.slice(0, 50), 'too-short'],
  ['felt too seldom', handMotion({ ...usual, seed: 'seldom', rate: 4, lost: 0 }).samples, 'too-slow'],
  [
    'without gravity',
    handMotion({ ...usual, seed: 'free' }).samples.map(({ t, w }) => ({ t, a: [0, 0, 0] as const, w })),
    'no-gravity',
  ],
])('%s is refused', (_name, samples, code) =>
  expect(coach(samples, { length: 1.4, strokes: 8, speed: 0.4, lies: 'upright' })).toMatchObject({
    refused: code,
  }),
);

test('whatever a phone sends is judged or refused, never thrown', () => {
  const number = fc.double({ min: -50, max: 50 });
  const three = fc.tuple(number, number, number);
  fc.assert(
    fc.property(
      fc.array(fc.record({ t: fc.double({ min: 0, max: 30 }), a: three, w: three }), { maxLength: 300 }),
      (samples) => {
        const seen = coach(samples, { length: 1, strokes: 5, speed: 0.4, lies: 'upright' });
        if (isRefusal(seen)) return;
        expect(seen.strokes.length).toBeGreaterThan(0);
        for (const each of seen.strokes)
          expect(Number.isFinite(each.speed + each.tilt + each.arc + each.varied)).toBe(true);
      },
    ),
    { numRuns: 60 },
  );
});
