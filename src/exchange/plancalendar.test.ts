import fc from 'fast-check';
import { planEntries, type PlannedTask } from './plancalendar';

const minute = 60_000;
const task = (step: string, piece: string, start: number, seconds: number): PlannedTask => ({
  id: `${step}-${piece}`,
  step,
  piece,
  start: start * minute,
  end: start * minute + seconds * 1000,
});

describe('a plan in a calendar', () => {
  it('a coat of twenty seconds over three doors is one entry of five minutes, called once', () => {
    const found = planEntries(
      [task('First', 'door 1', 60, 20), task('First', 'door 2', 61, 20), task('First', 'door 3', 62, 20)],
      'Doors.',
    );
    expect(found).toEqual([
      {
        id: 'First-door 1',
        title: 'First, 3 pieces',
        note: 'door 1, door 2, door 3. Doors.',
        start: 60 * minute,
        end: 65 * minute,
        call: 5,
      },
    ]);
  });

  it('calls only after a wait of ten minutes', () => {
    const calls = (gap: number) =>
      planEntries([task('First', 'a', 0, 600), task('Second', 'a', 10 + gap, 600)], '').map(
        ({ call }) => call,
      );
    expect(calls(10)).toEqual([5, 5]);
    expect(calls(9.9)).toEqual([5, undefined]);
  });

  it('a coat that is broken off for more than a quarter of an hour is two entries', () => {
    const parts = (gap: number) =>
      planEntries([task('First', 'a', 0, 60), task('First', 'b', 1 + gap, 60)], '').length;
    expect(parts(15)).toBe(1);
    expect(parts(15.1)).toBe(2);
  });

  it('names one piece by its name', () => {
    expect(planEntries([task('Seal', 'bonnet', 0, 900)], 'N')).toMatchObject([
      { title: 'Seal, bonnet', note: 'N', end: 15 * minute },
    ]);
  });

  it('covers every task, leaves no entry under five minutes, whatever the plan', () => {
    const any = fc.record({
      step: fc.constantFrom('First', 'Second', 'Sand'),
      piece: fc.constantFrom('a', 'b', 'c'),
      start: fc.double({ min: 0, max: 600, noNaN: true }),
      seconds: fc.double({ min: 1, max: 4000, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(any, { minLength: 1, maxLength: 12 }), (rows) => {
        const tasks = rows.map(({ step, piece, start, seconds }) => task(step, piece, start, seconds));
        const found = planEntries(tasks, '');
        for (const { start, end } of found) expect(end - start).toBeGreaterThanOrEqual(5 * minute - 1);
        for (const each of tasks)
          expect(found.some(({ start, end }) => start <= each.start && end >= each.end)).toBe(true);
      }),
    );
  });
});
