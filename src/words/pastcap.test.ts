import { stripCells } from './strip';
import { thinLine } from './thin';
import { unitsOf } from './units';
import type { NewEntry } from '@/records';
import {
  aJob,
  fitRoom,
  lacquer,
  logged,
  mixedLacquer,
  reading,
  seen,
  trueSeconds,
  water,
} from '../../tests/fixtures/job';
import { pastCap } from '@/facts/job/pastcap';

const units = unitsOf('metric');
const coat = 'lacquer-1';
/** In the band by the cup, with more water in it than the paper of this one bears. */
const capped = { ...lacquer, thinning: { ...lacquer.thinning, maximum: 0.05 } };
const much = 0.13;
const pot = logged(
  aJob([capped]),
  [-60, fitRoom],
  [-50, mixedLacquer],
  [-40, water(much)],
  [-35, reading(trueSeconds(much))],
  [-34, reading(trueSeconds(much) + 0.1)],
);

test('a pot in the band with too much thinner is not called good anywhere', () => {
  const view = seen(pot);
  const past = pastCap(view, coat)!;
  expect(past.max).toBe(0.05);
  expect(past.share).toBeGreaterThan(0.06);
  expect(view.done.has('thin')).toBe(false);
  const line = thinLine(view, units);
  expect(line.tone).toBe('stop');
  expect(line.says).toMatch(/^Add .* of unthinned mix: there is .* water in it, the sheet bears 5/);
  expect(stripCells(view, units).find(({ stage }) => stage === 'thin')).toMatchObject({ tone: 'stop' });
  expect(view.permission.open.flatMap((item) => (item.by === 'record' ? [item.cause] : []))).toEqual(
    expect.arrayContaining(['over-thinned']),
  );
});

test('so much unthinned mix brings it back, and no less', () => {
  const { back } = pastCap(seen(pot), coat)!;
  const added = (mass: number): NewEntry => ({ type: 'addition', batchId: 'b', what: 'unthinned', mass });
  expect(pastCap(seen(logged(pot, [-20, added(back!)])), coat)).toBeUndefined();
  expect(pastCap(seen(logged(pot, [-20, added(back! - 0.01)])), coat)).toBeDefined();
});

test('a trial piece that showed this coat to work stands above the sheet; one of another coat does not', () => {
  const tried = (coatId: string) => seen(logged(pot, [-20, { type: 'trial', coatId, text: 'flowed, held' }]));
  expect(pastCap(tried(coat), coat)).toBeUndefined();
  expect(pastCap(tried('lacquer-2'), coat)).toBeDefined();
});

test('inside the sheet nothing is past', () => {
  expect(
    pastCap(seen(logged(aJob(), [-60, fitRoom], [-50, mixedLacquer], [-40, water(0.05)])), coat),
  ).toBeUndefined();
});
