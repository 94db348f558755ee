import type { Job, NewEntry } from '@/records';
import {
  aJob,
  end,
  fitRoom,
  logged,
  mixedLacquer,
  readyToSpray,
  seen,
  start,
  ticked,
} from '../../../tests/fixtures/job';
import { gunPieces, gunStep, leadIn, piecePace } from './atgun';
import { secondsOf } from './strokes';

const coat = (n: number) => `lacquer-${n}`;
const done = (faceId: string, side?: 2): NewEntry => ({
  type: 'face-done',
  coatId: coat(1),
  faceId,
  ...(side ? { side } : {}),
});
/** Two doors, both sides, and one drawer front. */
const withFaces = (job: Job): Job => ({
  ...job,
  part: {
    ...job.part,
    faces: [
      { id: 'door', name: 'Door', width: 1.8, height: 0.6, count: 2, sides: 2, lies: 'upright' },
      { id: 'front', name: 'Front', width: 0.5, height: 0.2, count: 1, lies: 'flat' },
    ],
  },
});
const job = withFaces(logged(aJob(), [-70, fitRoom]));
const running = logged(job, [-20, start(coat(1))]);

describe('the pieces of a coat', () => {
  it('come one side of all that are alike, then the other', () => {
    const names = gunPieces(seen(running), coat(1)).map(({ face, side, nth }) => `${face.id}${nth}/${side}`);
    expect(names).toEqual(['door1/1', 'door2/1', 'door1/2', 'door2/2', 'front1/1']);
  });
  it('take together as long as the coat is said to', () => {
    const view = seen(running);
    const own = view.points.find((each) => each.coat.id === coat(1))!;
    const total = gunPieces(view, coat(1)).reduce((sum, { guide }) => sum + (guide?.total ?? 0), 0);
    expect(total).toBeCloseTo(secondsOf(own.strokes) * own.point.passes, 6);
    expect(total).toBeCloseTo(view.spray.coatTime, 6);
  });
});

describe('a tap at the gun', () => {
  it('goes from face to face, ends the coat, and then waits for the flash', () => {
    const step = (done: Job, begun = true) => gunStep(seen(done), begun);
    expect(step(running)).toMatchObject({ kind: 'face', at: 1, of: 5, piece: { nth: 1, side: 1 } });
    const two = logged(running, [-18, done('door')], [-16, done('door')]);
    expect(step(two)).toMatchObject({ kind: 'face', at: 3, piece: { nth: 1, side: 2 } });
    const all = logged(two, [-14, done('door', 2)], [-12, done('door', 2)], [-10, done('front')]);
    expect(step(all)).toMatchObject({ kind: 'end', coat: { coat: { id: coat(1) } } });
    const ended = logged(all, [-8, end(coat(1))]);
    expect(step(ended)).toMatchObject({ kind: 'held', coat: { coat: { id: coat(2) } } });
    expect((step(ended) as { until?: number }).until).toBeGreaterThan(seen(ended).now);
  });
  it('goes on after a pause before anything else', () => {
    const paused = logged(running, [-5, { type: 'pause', coatId: coat(1) }]);
    expect(gunStep(seen(paused), true).kind).toBe('go-on');
  });
  it('a coat that may not start is held, never started', () => {
    const step = gunStep(seen(job), false);
    expect(step).toMatchObject({ kind: 'held' });
    expect(seen(job).permission.may).toBe(false);
    expect((step as { open: number }).open).toBeGreaterThan(0);
  });
  it('an overdue stir comes between two faces, never over one', () => {
    const mixed = logged(job, [-60, mixedLacquer]);
    const started = logged(mixed, [-20, start(coat(1))]);
    expect(gunStep(seen(started), true).kind).toBe('face');
    expect(gunStep(seen(started), false).kind).toBe('stirred');
    const stirred = logged(started, [-1, { type: 'stir' }]);
    expect(gunStep(seen(stirred), false).kind).toBe('face');
  });
  it('starts a coat that may start', () => {
    const ready = ticked(logged(readyToSpray(), [-2, { type: 'stir' }]));
    expect(gunStep(seen(ready), false)).toMatchObject({ kind: 'start', coat: { coat: { id: coat(1) } } });
  });
});

test('three beats go before the first stroke', () => {
  const [piece] = gunPieces(seen(running), coat(1));
  expect(piecePace(piece!, leadIn - 1)).toMatchObject({ stroke: 0, share: 0 });
  const { stroke } = piece!.guide!;
  expect(piecePace(piece!, leadIn + stroke * 1.5)).toMatchObject({ stroke: 1, way: -1 });
});
