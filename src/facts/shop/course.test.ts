import type { PracticeTry } from '@/records';
import { courseOf, goodAt, weeksOf } from './course';

const day = (n: number) => new Date(Date.UTC(2026, 10, 2 + n, 9)).toISOString();
let count = 0;
const aTry = (at: number, own: Partial<PracticeTry>, name = 'Ada'): PracticeTry => ({
  kind: 'practice',
  version: 1,
  id: `t${(count += 1)}`,
  name,
  at: day(at),
  drill: 'flat',
  ...own,
});
const listened = (right: number) => ({ drill: 'listen' as const, listened: { asked: 8, right } });
const poured = (took: number) => ({ drill: 'pour' as const, pour: { aim: 0.3, took } });
const panel = (inside: number, runs = 0) => ({
  film: { inside, under: 0, over: 1 - inside, mean: 40e-6, cv: 0.1, runs, sprayed: 1e-4, seconds: 20 },
});
const states = (tries: readonly PracticeTry[]) =>
  Object.fromEntries(courseOf(tries, ['Ada']).map(({ step, state }) => [step, state]));

test('the first step is open, and each opens the next', () => {
  expect(states([])).toMatchObject({ listen: 'open', pour: 'locked', flat: 'locked' });
  const heard = [aTry(1, listened(7))];
  expect(states(heard)).toMatchObject({ listen: 'done', pour: 'open', flat: 'locked' });
  const pours = [...heard, ...[0.301, 0.304, 0.298].map((took, i) => aTry(2 + i, poured(took)))];
  expect(states(pours)).toMatchObject({ pour: 'done', flat: 'open', hand: 'locked' });
});

test('good tries count in a row; what is done stays done', () => {
  const tries = [aTry(1, listened(7)), aTry(2, poured(0.3)), aTry(3, poured(0.4)), aTry(4, poured(0.3))];
  expect(courseOf(tries, ['Ada'])[1]).toMatchObject({ state: 'open', good: 1, wanted: 3 });
  const done = [
    ...tries,
    aTry(5, poured(0.3)),
    aTry(6, poured(0.3)),
    aTry(7, poured(0.5)),
    aTry(8, listened(1)),
  ];
  expect(states(done)).toMatchObject({ listen: 'done', pour: 'done' });
});

test('others’ tries open nothing, a former name’s do', () => {
  const tries = [aTry(1, listened(8), 'Ben'), aTry(1, listened(8), 'Addie')];
  expect(courseOf(tries, ['Ada'])[0]!.state).toBe('open');
  expect(courseOf(tries, ['Ada', 'Addie'])[0]!.state).toBe('done');
});

test('a panel with a run in it is no good panel, and says nothing of another step', () => {
  expect(goodAt('flat', aTry(1, panel(0.8)))).toBe(true);
  expect(goodAt('flat', aTry(1, panel(0.8, 1)))).toBe(false);
  expect(goodAt('edges', aTry(1, panel(0.8)))).toBeUndefined();
});

test('weeks are means of what was tried in them, Monday to Sunday', () => {
  // 2 November 2026 is a Monday.
  const tries = [aTry(0, panel(0.5)), aTry(6, panel(0.7)), aTry(7, panel(0.9)), aTry(7, poured(0.33))];
  expect(weeksOf(tries, ['Ada'])).toEqual([
    { from: Date.UTC(2026, 10, 2), tries: 2, panel: expect.closeTo(0.6, 9) },
    { from: Date.UTC(2026, 10, 9), tries: 2, panel: 0.9, pour: expect.closeTo(0.1, 9) },
  ]);
});
