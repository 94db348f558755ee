import type { Worked } from './worked';
import { planCoats } from '@/core/schedule';
import { isRefusal } from '@/core/refusal';
import { newShop, type Face, type Job } from '@/records';
import { aJob, changed, coatsIn, end, fitRoom, logged, noon, seen, start } from '../../../tests/fixtures/job';
import { dayQuestion, midnightOf } from './planned';

const shop = { ...newShop, workday: { begins: 0, ends: 86_400 } };
const ask = (job: Job, minutes = 0) => dayQuestion(seen(job, { minutes }), shop);
const withFace = (change: Partial<Face>, approach: Partial<Worked['approach']> = {}): Job => {
  const job = aJob();
  const part = { ...job.part, faces: [{ ...job.part.faces[0]!, ...change }] };
  return changed({ ...job, part }, { approach });
};

describe('the day as a planning question', () => {
  it('has a piece for every face, in groups where they are many, with every coat that is left', () => {
    const many = ask(withFace({ count: 10 })).question.pieces;
    expect(many).toHaveLength(4);
    expect(many.every(({ coats }) => coats.length === coatsIn(aJob()).length)).toBe(true);
    const one = ask(withFace({ count: 1 })).question.pieces[0]!.coats[0]!.duration;
    expect(many.reduce((sum, { coats }) => sum + coats[0]!.duration, 0)).toBeCloseTo(10 * one, 6);
  });

  it('turns both sides as the school has it', () => {
    const afters = (turning: NonNullable<Worked['approach']['turning']>) =>
      ask(withFace({ count: 1, sides: 2 }, { turning })).question.pieces.map(({ id, coats }) => [
        id.split('/').at(-1),
        ...coats.map(({ waits }) => waits?.coat),
      ]);
    expect(afters('one-side')).toEqual([
      ['front', undefined, undefined],
      ['back', 1, undefined],
    ]);
    // Coat by coat: the front lies down again only when the back can be handled.
    expect(afters('every-coat')).toEqual([
      ['front', undefined, 0],
      ['back', 0, 1],
    ]);
    expect(afters('back-first')).toEqual([
      ['back', undefined, undefined],
      ['front', 1, undefined],
    ]);
  });

  it('takes up a job in work: its open window is kept, its coats on are not planned again', () => {
    const job = logged(aJob(), [-70, fitRoom], [-60, start('lacquer-1')], [-10, end('lacquer-1')]);
    const { question, midnight, coats } = ask(job);
    expect(coats).toHaveLength(coatsIn(aJob()).length - 1);
    const [piece] = question.pieces;
    expect(midnight + piece!.release! * 1000).toBeGreaterThan(noon + 30 * 60_000);
    expect(midnight + piece!.due! * 1000).toBe(noon + 470 * 60_000);
    const plan = planCoats(question);
    if (isRefusal(plan)) throw new Error(plan.says);
    expect(plan.missed).toEqual([]);
    // Two days later the window is closed: what is missed is said.
    const late = planCoats(ask(job, 2 * 1440).question);
    expect(late).toMatchObject({
      missed: expect.arrayContaining([expect.objectContaining({ remedy: 'scuff' })]),
    });
    const scuffed = logged(job, [600, { type: 'abraded', coatId: 'lacquer-1' }]);
    expect(planCoats(ask(scuffed, 2 * 1440).question)).toMatchObject({ missed: [] });
  });

  it('counts from the midnight of the wall clock, also on a day the clocks change', () => {
    const midnight = midnightOf(Date.parse('2026-10-25T12:00:00'));
    expect(new Date(midnight).getHours()).toBe(0);
    expect(new Date(midnight).getDate()).toBe(25);
  });
});
