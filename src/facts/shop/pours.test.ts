import { usualLag } from '@/core/live';
import { at, aJob, logged } from '../../../tests/fixtures/job';
import type { NewEntry, PracticeTry } from '@/records';
import { pourLag, poursOf } from './pours';

const poured = (mass: number, live?: { stopAt: number; rate: number }, by = 'Ada') =>
  ({
    type: 'poured',
    batchId: 'b',
    layerId: 'lacquer',
    volume: 1e-3,
    partId: 'base',
    mass,
    by,
    ...(live ? { live } : {}),
  }) as unknown as NewEntry;
const job = logged(
  aJob(),
  [1, poured(0.51, { stopAt: 0.5, rate: 0.01 })],
  [2, poured(0.42, { stopAt: 0.4, rate: 0.01 })],
  [3, poured(0.3)],
  [4, poured(0.99, { stopAt: 0.2, rate: 0.01 }, 'Ben')],
);
const practised: PracticeTry = {
  kind: 'practice',
  version: 1,
  id: 'p',
  name: 'Ada',
  at: at(0),
  drill: 'pour',
  pour: { aim: 0.3, took: 0.315, stopAt: 0.3, rate: 0.01 },
};

test('a hand’s pours come from jobs and practice, oldest first, by its names alone', () => {
  expect(poursOf([job], [practised], ['Ada']).map(({ took }) => took)).toEqual([0.315, 0.51, 0.42]);
  expect(poursOf([job], [practised], ['Eve'])).toEqual([]);
});

test('three of them tell how long it goes on', () => {
  expect(pourLag([job], [practised], ['Ada'])).toEqual({ lag: expect.closeTo(1.5, 6), from: 3 });
  expect(pourLag([job], [practised], ['Ben'])).toEqual({ lag: usualLag, from: 0 });
});
