import { celsius } from '@/core/climate';
import type { Coating, NewEntry } from '@/records';
import { aJob, end, fitRoom, lacquer, logged, seen, start } from '../../../tests/fixtures/job';

const coat = (n: number) => `lacquer-${n}`;
/** The first coat from an hour before noon to ten minutes before it. */
const sprayed = logged(aJob(), [-70, fitRoom], [-60, start(coat(1))], [-10, end(coat(1))]);
const touch = (found: 'wet' | 'tacky' | 'dry'): NewEntry => ({ type: 'touch', coatId: coat(1), found });

describe('a touch test', () => {
  it('tacky opens the next coat before the clock would, and stays open', () => {
    const job = logged(sprayed, [5, touch('tacky')]);
    expect(seen(sprayed, { minutes: 6 }).spray.recoat?.state).toBe('flashing');
    expect(seen(job, { minutes: 6 }).spray.recoat).toMatchObject({ state: 'open' });
    expect(seen(job, { minutes: 6 }).spray.touch?.found).toBe('tacky');
  });
  it('wet holds it shut past the clock, and asks again in five minutes', () => {
    const job = logged(sprayed, [60, touch('wet')]);
    expect(seen(sprayed, { minutes: 61 }).spray.recoat?.state).toBe('open');
    expect(seen(job, { minutes: 61 }).spray.recoat?.state).toBe('flashing');
    expect(seen(job, { minutes: 66 }).spray.recoat?.state).toBe('open');
  });
  it('does not open a window that has closed', () => {
    expect(seen(logged(sprayed, [600, touch('tacky')]), { minutes: 601 }).spray.recoat?.state).toBe('closed');
  });
});

describe('a coat begun outside its window', () => {
  const off = (minutes: number, ...before: [number, NewEntry][]) =>
    seen(logged(sprayed, ...before, [minutes, start(coat(2))]), { minutes: minutes + 1 }).spray.coats[1]?.off;
  it('is early by the clock, on time by a touch test, late past the close, forgiven when scuffed', () => {
    expect(off(20)).toMatchObject({ kind: 'early' });
    expect(off(20, [18, touch('tacky')])).toBeUndefined();
    expect(off(60)).toBeUndefined();
    expect(off(480)).toEqual({ kind: 'late', by: 10 * 60_000 });
    expect(off(480, [475, { type: 'abraded', coatId: coat(1) }])).toBeUndefined();
  });
  it('knows a forbidden middle', () => {
    const odd: Coating = { ...lacquer, times: { ...lacquer.times, forbidden: { from: 3600, to: 4 * 3600 } } };
    const job = logged(aJob([odd]), [-70, fitRoom], [-60, start(coat(1))], [-10, end(coat(1))]);
    expect(seen(job, { minutes: 45 }).spray.recoat?.state).toBe('open');
    expect(seen(job, { minutes: 90 }).spray.recoat?.state).toBe('between');
  });
});

describe('a coat under way', () => {
  const running = logged(aJob(), [-20, start(coat(1))]);
  it('rests while it is paused, and is asked to go on', () => {
    const paused = logged(running, [-10, { type: 'pause', coatId: coat(1) }]);
    expect(seen(paused).spray.running).toMatchObject({ rested: 0 });
    expect(seen(paused).spray.running?.pausedAt).toBeDefined();
    const on = logged(paused, [-4, { type: 'resume', coatId: coat(1) }]);
    expect(seen(on).spray.running).toMatchObject({ rested: 6 * 60_000 });
    expect(seen(on).spray.running?.pausedAt).toBeUndefined();
    expect(seen(logged(paused, [-2, end(coat(1))])).spray.coats[0]).toMatchObject({ rested: 8 * 60_000 });
  });
  it('remembers which faces and sides have it', () => {
    const job = logged(
      running,
      [-15, { type: 'face-done', coatId: coat(1), faceId: 'outer' }],
      [-12, { type: 'face-done', coatId: coat(1), faceId: 'outer', side: 2 }],
    );
    expect(seen(job).spray.running?.faces).toEqual([
      { faceId: 'outer', side: 1 },
      { faceId: 'outer', side: 2 },
    ]);
  });
  it('waits longer where nothing dries: a cold part in wet air', () => {
    const damp: NewEntry = { type: 'climate', air: celsius(20), part: celsius(15), humidity: 0.95 };
    const job = logged(sprayed, [-5, damp]);
    const { spray } = seen(job, { minutes: 240 });
    // It would be ready after the window has closed: there is none in this room, and that is said at once.
    expect(spray.recoat?.state).toBe('never');
    expect(Number.isFinite(spray.recoat?.opens)).toBe(true);
  });
});
