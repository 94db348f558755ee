import { newShop, type Job, type PracticeTry, type Shop } from '@/records';
import {
  airless,
  at,
  end,
  logged,
  noon,
  readyToSpray,
  seen,
  setting,
  start,
  turbine,
} from '../../../tests/fixtures/job';
import { dayQuestion, mayWaive, usualPace } from '../job';
import { pacesIn, paceFrom, paceOf } from './pace';
import { peopleSeen, unlisted } from './people';

/** A job whose first coat Ida ended, so many minutes after it was begun. */
const sprayed = (id: string, minutes: number, um = 29): Job => {
  const ready = { ...readyToSpray(), id };
  const job = logged(
    {
      ...ready,
      layers: ready.layers.map((layer) => ({
        ...layer,
        sheet: { ...layer.sheet, coats: 1 },
        coats: layer.coats.slice(0, 1),
      })),
    },
    [-305, setting()],
    [-300, start('lacquer-1')],
    [-300 + minutes, end('lacquer-1')],
    ...[0, 1, 2, 3, 4].flatMap((spot) =>
      [0, 1, 2].map(
        () => [-8, { type: 'film' as const, faceId: 'front', spot, reading: um * 1e-6 }] as const,
      ),
    ),
  );
  return { ...job, log: job.log.map((entry) => ({ ...entry, by: 'Ida' })) };
};
const panel = (name: string, inside: number, minute = 0): PracticeTry => ({
  ...{ kind: 'practice', version: 1, id: `${name}/${minute}`, name, at: at(minute), drill: 'flat' },
  film: { inside, under: 0, over: 1 - inside, mean: 60e-6, cv: 0.1, runs: 0, sprayed: 1e-4, seconds: 60 },
});
const drill = (name: string, minute: number): PracticeTry => ({
  ...{ kind: 'practice', version: 1, id: `gun/${minute}`, name, at: at(minute), drill: 'set-up' },
  gun: { trouble: 'horn', cards: 3, solved: true },
});
const shop = (more: Partial<Shop> = {}): Shop => ({
  ...newShop,
  people: [{ id: 'i', name: 'Ida' }],
  ...more,
});
const jobs = [sprayed('a', 9), sprayed('b', 10), sprayed('c', 11)];

describe('who works here', () => {
  it('is signed off by evidence and a signature, by any name they went by', () => {
    const tries = [panel('Ida', 0.9), panel('Ida', 0.9, 1), drill('Ida', 2), drill('Ida', 3)];
    const [ida] = peopleSeen(shop(), jobs, [turbine], tries, noon);
    expect(ida?.jobs).toBe(3);
    expect(ida?.skills[0]).toMatchObject({ skill: 'air', standing: { state: 'ready' } });
    expect(ida?.skills[1]?.standing.state).toBe('short');
    const renamed = shop({
      people: [
        {
          ...{ id: 'i', name: 'Ida B', formerly: ['Ida'] },
          signed: [{ what: 'air', at: at(0), by: 'Ole', on: 'all of it' }],
        },
      ],
    });
    const [now] = peopleSeen(renamed, jobs, [turbine], tries, noon + 86_400_000);
    expect(now?.skills[0]?.standing.state).toBe('signed');
    expect(now?.jobs).toBe(3);
    const [later] = peopleSeen(renamed, jobs, [turbine], tries, noon + 400 * 86_400_000);
    expect(later?.skills[0]?.standing.state).toBe('expired');
  });

  it('shows what fell outside its limits, and what was sprayed airless by itself', () => {
    const [ida] = peopleSeen(shop(), [...jobs, sprayed('d', 9, 60)], [turbine], [], noon);
    expect(ida?.skills[0]?.standing.shows[0]).toMatchObject({ what: 'parts', met: false });
    const [other] = peopleSeen(shop(), jobs, [{ ...airless, id: turbine.id }], [], noon);
    expect(other?.skills[1]?.standing.shows[0]?.met).toBe(true);
  });

  it('is offered from the records where nobody took the name up', () => {
    expect(unlisted(shop(), jobs, [panel('Ole', 0.5)])).toEqual(['Ole']);
    expect(unlisted(shop({ people: [{ id: 'i', name: 'Ida B', formerly: ['Ida'] }] }), jobs, [])).toEqual([]);
  });
});

describe('who may leave things out', () => {
  it('is anybody while nobody is listed, and then whom the shop lets', () => {
    expect(mayWaive(newShop, undefined, 'room')).toBe(true);
    expect(mayWaive(shop(), 'Ida', 'room')).toBe(true);
    expect(mayWaive(shop(), 'Ole', 'room')).toBe(false);
    expect(mayWaive(shop(), undefined, 'room')).toBe(false);
    const only = shop({ people: [{ id: 'i', name: 'Ida', formerly: ['Idun'], waives: ['part'] }] });
    expect(mayWaive(only, 'Idun', 'part')).toBe(true);
    expect(mayWaive(only, 'Ida', 'room')).toBe(false);
  });
});

describe('a pace', () => {
  it('is the middle of somebody’s coats, from enough of them', () => {
    const each = jobs.map((job) => pacesIn(job)[0]?.ratio ?? NaN);
    expect(each[1]! / each[0]!).toBeCloseTo(10 / 9, 6);
    expect(paceOf(jobs, ['Ida'])).toEqual({ ratio: each[1], coats: paceFrom });
    expect(paceOf(jobs.slice(1), ['Ida'])).toBeUndefined();
    expect(paceOf(jobs, ['Ole'])).toBeUndefined();
  });

  it('forgets a clock nobody stopped', () => {
    expect(pacesIn(sprayed('e', 290))).toEqual([]);
  });

  it('lengthens the day it is planned with', () => {
    const view = seen(readyToSpray());
    const whole = (pace?: { name: string; ratio: number; coats: number }) =>
      dayQuestion({ ...view, ...(pace ? { pace } : {}) }, view.shop)
        .question.pieces.flatMap(({ coats }) => coats)
        .reduce((sum, { duration }) => sum + duration, 0);
    const slow = whole({ name: 'Ida', ratio: usualPace * 2, coats: 4 });
    expect(slow).toBeGreaterThan(whole());
    expect(whole({ name: 'Ida', ratio: usualPace, coats: 4 })).toBeCloseTo(whole(), 9);
  });
});
