import { keyOf, newShop, type NewEntry, type Shop } from '@/records';
import { jobViewOf } from '@/facts/records';
import {
  aJob,
  card,
  colour,
  lacquer,
  logged,
  mixedLacquer,
  seen,
  turbine,
} from '../../../tests/fixtures/job';
import { actOf, safeWork } from './safework';
import { machinePaper, papersIn, readBy, sheetPaper } from './papers';

const tick = (step: string, more: object = {}): NewEntry => ({
  type: 'tick',
  list: 'ready',
  step,
  done: true,
  ...more,
});
const openIn = (job: ReturnType<typeof aJob>, act: Parameters<typeof safeWork>[1], around = {}) =>
  safeWork(seen(job, around), act).open.map(({ id }) => id);

describe('what keeps people whole beside a coat', () => {
  it('an entry says which such work it is: a card, a wash, sanding; relief and what is taken back are none', () => {
    expect(actOf(card())).toBe('card');
    expect(actOf({ type: 'tick', list: 'clean', step: 'flush', done: true })).toBe('wash');
    expect(actOf({ type: 'tick', list: 'clean', step: 'relief', done: true })).toBeUndefined();
    expect(actOf({ type: 'tick', list: 'midway', step: 'mid-wipe', done: true })).toBe('wash');
    expect(actOf({ type: 'tick', list: 'midway', step: 'mid-cover', done: true })).toBeUndefined();
    expect(actOf({ type: 'tick', list: 'clean', step: 'flush', done: false })).toBeUndefined();
    expect(actOf({ type: 'worked', layerId: 'lacquer', what: 'sand' })).toBe('sand');
    expect(actOf({ type: 'worked', layerId: 'lacquer', what: 'wipe' })).toBeUndefined();
    expect(actOf(tick('abrade'))).toBe('sand');
    expect(actOf(tick('tack'))).toBeUndefined();
    expect(actOf({ type: 'abraded', coatId: 'lacquer-1' })).toBe('sand');
    expect(actOf(mixedLacquer)).toBeUndefined();
  });

  it('a card and a wash want what a coat wants of people; the same ticks answer all', () => {
    const job = aJob([{ ...colour, hazards: ['isocyanate', 'flammable'] }]);
    const people = ['sds', 'masks', 'breathing-air', 'ignition', 'earth', 'extraction'];
    expect(openIn(job, 'card')).toEqual(people);
    expect(openIn(job, 'wash')).toEqual(people);
    const said = logged(job, ...people.map((id, i) => [-9 + i / 10, tick(id)] as const));
    expect(safeWork(seen(said), 'card').may).toBe(true);
    // A shift later they count no more, but what was read stays read.
    expect(openIn(said, 'card', { minutes: 13 * 60 })).toEqual(people.slice(1));
  });

  it('sanding wants a mask of its own, and old paint tested first', () => {
    const job = aJob();
    expect(openIn(job, 'sand')).toEqual(['dust-mask']);
    // The mask against dust is none against vapour.
    expect(openIn(logged(job, [-1, tick('dust-mask')]), 'card')).toContain('masks');
    const old = { ...job, part: { ...job.part, existing: 'keep' as const } };
    expect(openIn(old, 'sand')).toEqual(['old-paint', 'dust-mask']);
  });
});

describe('papers that were read', () => {
  const paper = sheetPaper(lacquer);
  const shop = (operator: string): Shop => ({ ...newShop, operator });
  const read = (by: string, of = paper, done = true) =>
    ({ ...tick('sds', { of }), done, by }) as unknown as NewEntry;

  it('count for the one who read them, over jobs and shifts, until the sheet is revised', () => {
    const elsewhere = { ...logged(aJob(), [-60 * 24 * 30, read('Mira')]), id: 'elsewhere' };
    const here = aJob();
    const view = (operator: string, job = here) =>
      jobViewOf(
        new Map([elsewhere, job, turbine, shop(operator)].map((record) => [keyOf(record), record] as const)),
        job.id,
        Date.parse('2026-11-23T12:00:00.000Z'),
      )!;
    const met = (seenBy: ReturnType<typeof view>) =>
      seenBy.permission.items.find(({ id }) => id === 'sds')!.met;
    expect(met(view('Mira'))).toBe(true);
    expect(met(view('Jon'))).toBe(false);
    expect(met(view(''))).toBe(false);
    expect(met(view('Mira', aJob([{ ...lacquer, sheetRevision: '2' }])))).toBe(false);
  });

  it('one taken back counts no more', () => {
    const job = logged(aJob(), [-9, read('Mira')], [-8, read('Mira', machinePaper(turbine))]);
    expect(papersIn(job)).toEqual([readBy(machinePaper(turbine), 'Mira'), readBy(paper, 'Mira')].sort());
    expect(papersIn(logged(job, [-7, read('Mira', paper, false)]))).toEqual([
      readBy(machinePaper(turbine), 'Mira'),
    ]);
  });
});
