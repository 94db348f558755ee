import {
  aJob,
  end,
  mixedLacquer,
  readyToSpray,
  logged,
  seen,
  start,
  ticked,
} from '../../../tests/fixtures/job';
import { enough, potLeft, potNow } from './potleft';

const [one, two] = ['lacquer-1', 'lacquer-2'];

describe('what a pot has left for a coat', () => {
  it('all of it before the first; less what each coat since it was mixed takes', () => {
    const job = ticked(readyToSpray());
    const full = seen(job);
    const before = potLeft(full, one)!;
    expect(before.left).toBeCloseTo(full.mix.batch!.applied.volume, 12);
    expect(before.wants).toBeCloseTo(full.supply.takes.get(one)!, 12);
    const sprayed = seen(logged(job, [-20, start(one)], [-10, end(one)]));
    const after = potLeft(sprayed, two)!;
    expect(after.left).toBeCloseTo(before.left - sprayed.supply.takes.get(one)!, 9);
    // A coat that is on is not planned for again, and what it took is known all the same.
    expect(sprayed.supply.takes.get(one)).toBeCloseTo(full.supply.takes.get(one)!, 9);
  });

  it('too little is said before the coat; a fresh pot is full again', () => {
    const job = logged(ticked(readyToSpray()), [-20, start(one)], [-10, end(one)]);
    const view = seen(job);
    const pot = potLeft(view, two)!;
    expect(pot.left).toBeLessThan(pot.wants * enough);
    const short = view.permission.items.find(({ id }) => id === 'mix');
    expect(short).toMatchObject({ met: false, cause: 'pot-short', weight: 'care', found: pot.left });
    const again = logged(
      job,
      [-8, { type: 'discard', batchId: 'b', why: 'Used up', empty: true }],
      [-5, { ...mixedLacquer, batchId: 'again' } as typeof mixedLacquer],
    );
    const fresh = potLeft(seen(again), two)!;
    expect(fresh.left).toBeGreaterThan(fresh.wants);
    expect(seen(again).permission.items.find(({ id }) => id === 'mix')?.met).toBe(true);
  });

  it('used up by a coat it calls nobody to stir it or to time it', () => {
    const small = logged(
      ticked(readyToSpray()),
      [-22, { type: 'discard', batchId: 'b', why: 'Spilt' }],
      [
        -21,
        { ...mixedLacquer, batchId: 'small', poured: [{ partId: 'base', mass: 0.2 }] } as typeof mixedLacquer,
      ],
    );
    const calls = (view: ReturnType<typeof seen>) =>
      view.timers.filter(({ id }) => id === 'stir' || id === 'retime').map(({ quiet }) => quiet === true);
    const full = seen(small);
    expect(potNow(full)).toMatchObject({ empty: false, gone: 0 });
    expect(calls(full)).toContain(false);
    const used = seen(logged(small, [-20, start(one)], [-10, end(one)]));
    expect(potNow(used)).toMatchObject({ empty: true, left: 0 });
    expect(calls(used)).toEqual([]);
  });

  it('says nothing without a mix', () => {
    expect(potLeft(seen(aJob()), one)).toBeUndefined();
  });
});
