import type { NewEntry } from '@/records';
import { aJob, changed, logged } from '../../../tests/fixtures/job';
import { shiftOf } from './shift';

const { part } = aJob();
const run = (count = 48) => aJob(undefined, { part: { ...part, faces: [{ ...part.faces[0]!, count }] } });
const parts = (count: number): NewEntry => ({ type: 'parts', count });

describe('a run of parts', () => {
  it('begins where there are enough of them to be one', () => {
    expect(shiftOf(run(7))).toBeUndefined();
    expect(shiftOf(run(8))).toMatchObject({ total: 8, sprayed: 0, next: 1, measureNow: false });
  });

  it('says which part to measure: the first three, then every tenth, and the last', () => {
    const after = (count: number) => shiftOf(logged(run(), [-60, parts(count)]))!;
    expect(after(1)).toMatchObject({ measureNow: true, next: 2 });
    expect(after(4)).toMatchObject({ measureNow: false, next: 13 });
    expect(after(13)).toMatchObject({ measureNow: true, next: 23 });
    const whole = after(48);
    expect(whole.measureNow).toBe(true);
    expect(whole.next).toBeUndefined();
    expect(whole.samples).toBe(8);
  });

  it('keeps the pace of what was timed: not what lay there before the first count, nor the pause since', () => {
    const job = logged(run(), [-100, parts(10)], [-90, parts(1)], [-80, parts(1)], [-70, parts(2)]);
    // Four parts in thirty minutes; thirty-four remain.
    expect(shiftOf(job)!.pace).toEqual({ each: 450, rest: 450 * 34 });
    expect(shiftOf(logged(run(), [-100, parts(10)]))!.pace).toBeUndefined();
  });

  it('never counts below none, and takes a part back', () => {
    expect(shiftOf(logged(run(), [-10, parts(1)], [-9, parts(-1)], [-8, parts(-1)]))!.sprayed).toBe(0);
    expect(shiftOf(logged(run(), [-10, parts(3)], [-9, parts(-1)]))!.sprayed).toBe(2);
  });

  it('goes by the job’s own rule, and hands over the last word', () => {
    const job = {
      ...logged(run(20), [-10, parts(1)]),
    };
    const own = changed(job, { approach: { sampling: { first: 0, every: 5 } } });
    expect(shiftOf(own)).toMatchObject({ measureNow: false, next: 5, samples: 4 });
  });
});
