import { isRefusal } from '@/core/refusal';
import { newShop, type Job, type NewEntry } from '@/records';
import { fixesOf } from './fixes';
import {
  aJob,
  card,
  coatsIn,
  logged,
  mixedLacquer,
  readyToSpray,
  seen,
  setting,
} from '../../../tests/fixtures/job';

const rung = (pressure: number, score: number): NewEntry => ({
  type: 'card',
  layerId: 'lacquer',
  verdict: 'coarse',
  pressure,
  score,
});
const at = (says: object): NewEntry => ({ ...(setting() as object), ...says }) as NewEntry;

describe('what a gun was set to', () => {
  it('a card holds for the setting it was sprayed with, and no other', () => {
    const job = logged(aJob(), [-30, setting()], [-25, card()]);
    expect(seen(job).set.card?.verdict).toBe('good');
    const changed = logged(job, [-20, at({ pressure: 0.45e5 })]);
    expect(seen(changed).set.card).toBeUndefined();
    expect(seen(changed).set.cardBefore?.verdict).toBe('good');
    expect(seen(changed).set.before).toMatchObject({ pressure: 0.42e5 });
  });

  it('the first setting has none before it', () => {
    const { before, cardBefore } = seen(logged(aJob(), [-30, setting()])).set;
    expect(before).toBeUndefined();
    expect(cardBefore).toBeUndefined();
  });

  it('cleaning ends a setting; a card is asked for again', () => {
    const job = logged(readyToSpray(), [-10, { type: 'tick', list: 'clean', step: 'assemble', done: true }]);
    expect(seen(job).set.setting).toBeUndefined();
    expect(seen(job).spray.cardWanted).toBe(true);
  });
});

describe('a card before a coat', () => {
  const good = (minutes: number) => logged(aJob(), [-minutes - 5, setting()], [-minutes, card()]);

  it('is asked for with its reason: none, a change, a clean, a batch, a refill', () => {
    expect(seen(aJob()).set.cardState).toBe('none');
    expect(seen(good(30)).set.cardState).toBe('good');
    const after = (entry: NewEntry) => seen(logged(good(30), [-10, entry])).set.cardState;
    expect(after(at({ distance: 0.25 }))).toBe('changed');
    expect(after({ type: 'tick', list: 'clean', step: 'assemble', done: true })).toBe('cleaned');
    expect(after(mixedLacquer)).toBe('batch');
    expect(after({ type: 'refill' })).toBe('refill');
    expect(after({ ...(card() as object), verdict: 'split' } as NewEntry)).toBe('not-good');
  });

  it('expires, by the shop’s own time where it has one, and asks nobody once all coats are on', () => {
    expect(seen(good(239)).set.cardState).toBe('good');
    expect(seen(good(241)).set.cardState).toBe('expired');
    expect(seen(good(241)).spray.cardWanted).toBe(true);
    const { set } = seen(good(30), { shop: { ...newShop, cardLasts: 1200 } });
    expect([set.cardState, set.card]).toEqual(['expired', undefined]);
    const all = coatsIn(aJob()).reduce<Job>(
      (job, { id }) =>
        logged(job, [-235, { type: 'coat-start', coatId: id }], [-234, { type: 'coat-end', coatId: id }]),
      good(241),
    );
    expect(seen(all).set.cardState).toBe('good');
  });
});

describe('the rungs of a ladder', () => {
  it('are the cards with a pressure, over settings that changed nothing else', () => {
    const job = logged(
      aJob(),
      [-40, setting()],
      [-38, rung(0.36e5, 0.3)],
      [-36, at({ pressure: 0.4e5 })],
      [-34, rung(0.4e5, 0.5)],
      [-32, card()],
    );
    expect(seen(job).set.rungs).toEqual([
      { pressure: 0.36e5, score: 0.3 },
      { pressure: 0.4e5, score: 0.5 },
    ]);
  });

  it('begin anew when fluid, distance or nozzle changed', () => {
    for (const change of [{ fluid: 4e-6 }, { distance: 0.2 }, { bore: 1.3e-3 }]) {
      const job = logged(
        aJob(),
        [-40, setting()],
        [-38, rung(0.36e5, 0.3)],
        [-36, at(change)],
        [-34, rung(0.4e5, 0.5)],
      );
      expect(seen(job).set.rungs).toHaveLength(1);
    }
    expect(seen(aJob()).set.rungs).toEqual([]);
  });
});

describe('what could be fitted', () => {
  it('has a reason for every nozzle, and the film it is for', () => {
    const { fittings, wet } = seen(aJob()).set;
    if (isRefusal(fittings)) throw new Error(fittings.says);
    expect(wet).toBeGreaterThan(80e-6);
    expect(fittings.every(({ point: { most, speed } }) => most > 0 && speed > 0)).toBe(true);
    expect(fittings.filter(({ onSheet }) => onSheet).length).toBe(2);
  });

  it('says of every nozzle that starves what would make it work, and of those that pass nothing', () => {
    const view = seen(aJob());
    const { fittings } = view.set;
    if (isRefusal(fittings)) throw new Error(fittings.says);
    for (const fitting of fittings) {
      const fixes = fixesOf(view, fitting);
      const { grade, why } = fitting.verdict;
      if (why === 'starves') expect(fixes.map(({ kind }) => kind)).toContain('turn-up');
      else expect(fixes.length > 0).toBe(grade === 'thin' || grade === 'no');
    }
  });

  it('knows how much what is fitted passes, and stops a setting that asks for more', () => {
    const most = seen(readyToSpray()).set.point.fluidMost!;
    const asks = (fluid: number) =>
      seen(logged(readyToSpray(), [-5, { ...setting(), fluid } as NewEntry], [-4, card()])).set;
    expect(asks(most * 1.1).fault).toBeUndefined();
    expect(asks(most * 1.2).fault).toMatchObject({ kind: 'fluid', can: expect.closeTo(most, 12) });
    expect(
      seen(
        logged(readyToSpray(), [-5, { ...setting(), fluid: most * 1.2 } as NewEntry], [-4, card()]),
      ).done.has('set'),
    ).toBe(false);
  });
});
