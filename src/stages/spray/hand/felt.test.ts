import { coach } from '@/core/motion';
import { isRefusal } from '@/core/refusal';
import { handMotion } from '@/standins/handmotion';
import type { NewEntry } from '@/records';
import { aJob, logged, readyToSpray, seen } from '../../../../tests/fixtures/job';
import { measuredHands } from '@/facts/shop/hand';
import { evenSetup } from '@/facts/job/even';
import { handEntry, handFelt, motionPlan, strokesFelt } from '@/facts/job/handfelt';
import { filmOnFace } from '@/facts/job/layfield';

const coat = 'lacquer-1';
const view = seen(readyToSpray());
const faceId = view.job.part.faces[0]!.id;
const plan = motionPlan(view, coat, faceId)!;

/** A made-up hand over the first face, as it goes on record. */
function felt(mood: { rushed?: Record<number, number>; tilt?: number }, seed: string): NewEntry {
  const { samples } = handMotion({ seed, speedSpread: 0.02, ...plan, ...mood });
  const found = coach(samples, plan);
  if (isRefusal(found)) throw new Error(found.says);
  return handEntry(found, { coatId: coat, faceId, planned: plan.speed }, true);
}
const withFelt = (entry: NewEntry) => seen(logged(readyToSpray(), [-1, entry]));

test('the plan a hand is held against is the pace and the strokes of the coat', () => {
  const own = view.spray.strokes.find(({ face }) => face.id === faceId)!;
  expect(plan).toMatchObject({ strokes: own.strokes, length: own.length });
  expect(plan.length / plan.speed).toBeCloseTo(own.seconds, 9);
});

test('a stroke that was rushed leaves a thin band where it lay on the film map', () => {
  const middle = plan.strokes >> 1;
  const rushed = withFelt(felt({ rushed: { [middle]: 1.6 } }, 'rushed'));
  const entry = handFelt(rushed, coat, faceId)!;
  expect(entry.simulated).toBe(true);
  const setup = evenSetup(rushed, faceId, coat);
  if (isRefusal(setup)) throw new Error(setup.says);
  const laid = (done?: ReturnType<typeof strokesFelt>) => {
    const drawn = filmOnFace(rushed, setup, undefined, done && { done });
    if (isRefusal(drawn)) throw new Error(drawn.says);
    return drawn;
  };
  const [steady, own] = [laid(), laid(strokesFelt(entry))];
  const rowOf = ({ field }: typeof own, share: number) => {
    const r = Math.min(Math.floor(share * field.rows), field.rows - 1);
    return field.film[r * field.cols + (field.cols >> 1)]!;
  };
  const at = middle / (plan.strokes - 1);
  expect(rowOf(own, at) / rowOf(steady, at)).toBeLessThan(0.85);
});

test('faces that were felt make the hand a job can be reckoned with, tilt and all', () => {
  const job = logged(
    aJob(),
    ...[0, 1, 2].map((i): [number, NewEntry] => [
      i,
      { ...felt({ tilt: 0.1 }, `ada${i}`), by: 'Ada' } as unknown as NewEntry,
    ]),
  );
  const [ada] = measuredHands([], [job]);
  expect(ada).toMatchObject({ name: 'Ada', tries: 0, faces: 3 });
  expect(ada!.hand.tilt).toBeGreaterThan(0.08);
  expect(ada!.hand.tilt).toBeLessThan(0.13);
});

test('a stroke nobody is sure of is laid as the others', () => {
  const strokes = [0.4, 0.2, 0.4].map((speed, i) => ({
    lasts: 3,
    speed,
    varied: 0,
    tilt: 0,
    arc: 0,
    ...(i === 1 ? { doubtful: true as const } : {}),
  }));
  expect(strokesFelt({ strokes }).map(({ speed }) => speed)).toEqual([0.4, 0.4, 0.4]);
});
