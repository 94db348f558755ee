import { isRefusal } from '@/core/refusal';
import { latestStart, planCoats } from '@/core/schedule';
import { classSheet, newShop } from '@/records';
import { endBy, handledAfter } from '../job';
import { draftAhead, prepAhead } from './ahead';
import { emptyDraft, type JobDraft } from './draft';

const nine = new Date(2026, 10, 23, 9).getTime();
const draft = (says: Partial<JobDraft> = {}): JobDraft => ({
  ...emptyDraft(),
  ground: 'wood',
  existing: 'bare',
  class: 'water-lacquer',
  atomising: 'hvlp',
  bore: 1.4e-3,
  faces: [{ width: 0.7, height: 2, count: 6, both: false }],
  ...says,
});
const nothing = { coatings: [], rigs: [], cups: [], jobs: [] };
const ahead = (says: Partial<JobDraft> = {}) => draftAhead(draft(says), nothing, newShop, nine);

describe('a draft seen as the job it would begin', () => {
  it('has litres that grow with the area, and the preparation of its ground', () => {
    const six = ahead();
    expect(six.view.plan.area).toBeCloseTo(8.4, 9);
    expect(six.litres).toBeGreaterThan(1e-3);
    const both = ahead({ faces: [{ width: 0.7, height: 2, count: 6, both: true }] });
    expect(both.view.plan.area).toBeCloseTo(16.8, 9);
    expect(both.litres!).toBeGreaterThan(six.litres! * 1.6);
    expect(six.prep?.map(({ id }) => id)).toEqual(['clean', 'abrade', 'wipe', 'tack']);
    expect(ahead({ existing: undefined }).prep).toBeUndefined();
    expect(prepAhead(draft({ ground: 'metal', existing: 'base' }))?.map(({ id }) => id)).toEqual(['tack']);
  });

  it('the sheet of a kind is called what the can says, else as its kind', () => {
    expect(ahead().view.plan.sheet.name).toBe('Water-borne lacquer');
    expect(ahead({ coatingName: 'W20' }).view.plan.sheet.name).toBe('W20');
  });

  it('walls are abraded for a wall coat, old gloss under a clear much finer', () => {
    const grit = (says: Partial<JobDraft>) =>
      ahead(says)
        .prep?.find(({ id }) => id === 'abrade')
        ?.says.match(/P\d+/)?.[0];
    expect(grit({ ground: 'plaster', existing: 'keep', class: 'wall-paint' })).toBe('P80');
    expect(grit({ ground: 'metal', existing: 'keep', class: 'two-part-clear' })).toBe('P800');
  });

  it('ready to handle: the start follows from when that must be', () => {
    const { view, day } = ahead();
    const plan = planCoats(day.question);
    if (isRefusal(plan)) throw new Error('no plan');
    // No handling time on the sheet of a kind: hard enough to sand stands for it.
    expect(handledAfter(view, day)).toBeGreaterThanOrEqual(view.plan.sheet.times.sandable ?? 0);
    const soonest = day.midnight + (plan.end + handledAfter(view, day)) * 1000;
    const later = latestStart(day.question, endBy(view, day, soonest + 3_600_000));
    expect(isRefusal(later) ? later : later - day.question.start).toBeGreaterThan(3000);
    expect(isRefusal(latestStart(day.question, endBy(view, day, soonest - 600_000)))).toBe(true);
  });

  it('a stated handling time counts instead', () => {
    const sheet = classSheet('water-lacquer', 'w', 'W', '2026-11-01');
    const own = { ...sheet, times: { ...sheet.times, handle: 1800 } };
    const { view, day } = draftAhead(
      draft({ coatingId: 'w' }),
      { ...nothing, coatings: [own] },
      newShop,
      nine,
    );
    expect(handledAfter(view, day)).toBe(1800);
  });
});
