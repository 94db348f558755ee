import { cleaningSequence, fluidNeed } from '@/core/care';
import { isRefusal } from '@/core/refusal';
import type { NewEntry } from '@/records';
import { aJob, colour, logged, noon, seen } from '../../../tests/fixtures/job';
import { fluidBudget } from './fluid';

const waste = (
  what: 'used' | 'recovered' | 'reused' | 'mix' | 'sludge' | 'rags',
  litres: number,
): NewEntry => ({ type: 'waste', what, volume: litres * 1e-3 });
const day = 24 * 60;
const stepsOf = (chemistry: 'two-part' | 'water-borne') => {
  const found = cleaningSequence({
    chemistry,
    atomising: 'hvlp',
    feed: 'gravity',
    dead: 40e-6,
    approach: 'strip',
    cleaner: chemistry === 'two-part' ? 'wash' : undefined,
  });
  if (isRefusal(found)) throw new Error(found.says);
  return found.steps;
};

describe('solvent of a cleaning', () => {
  it('is parted into what may be settled and what is fresh; together they are the sequence’s own', () => {
    const steps = stepsOf('two-part');
    const { first, fresh } = fluidNeed(steps);
    expect(first).toBeGreaterThan(0);
    expect(fresh).toBeGreaterThan(first);
    expect(first + fresh).toBeCloseTo(
      steps.reduce((sum, { volume = 0 }) => sum + volume, 0),
      12,
    );
  });

  it('has no water in it', () => {
    const water = fluidNeed(stepsOf('water-borne'));
    const solvent = fluidNeed(stepsOf('two-part'));
    expect(water.first).toBe(0);
    expect(water.fresh).toBeGreaterThan(0);
    expect(water.fresh).toBeLessThan(solvent.fresh);
  });
});

describe('the budget of cleaning fluid', () => {
  const job = { ...aJob([colour]), log: [] };
  const views = [seen(job)];

  it('wants what the guns of open jobs take, and nothing of those that are clean', () => {
    const sequence = views[0]!.guns[0]!.sequence!;
    const { wanted, guns, settled } = fluidBudget(views, [job], {}, noon);
    expect(guns).toBe(1);
    expect(wanted).toEqual(fluidNeed(sequence.steps));
    expect(settled).toBeUndefined();
    expect(fluidBudget([], [job], {}, noon).wanted).toEqual({ first: 0, fresh: 0 });
  });

  it('goes on from a count by what settles and what is used settled, and never below nothing', () => {
    const counted = { at: new Date(noon - 10 * day * 60_000).toISOString(), volume: 1e-3 };
    const at = (...entries: [number, NewEntry][]) =>
      fluidBudget(views, [logged(job, ...entries)], { fluid: { counted } }, noon);
    expect(at([-20 * day, waste('recovered', 5)]).settled).toBeCloseTo(1e-3, 12);
    expect(at([-5 * day, waste('recovered', 0.4)], [-2 * day, waste('reused', 0.3)]).settled).toBeCloseTo(
      1.1e-3,
      12,
    );
    const none = at([-5 * day, waste('reused', 7)]);
    expect(none.settled).toBe(0);
    expect(none.again).toBe(0);
    expect(at().again).toBeCloseTo(Math.min(1e-3, at().wanted.first), 12);
  });

  it('fills a drum with mix and with solvent that did not settle, and says when it is full', () => {
    const drum = { holds: 0.02, emptied: new Date(noon - 30 * day * 60_000).toISOString() };
    const filled = logged(
      job,
      [-40 * day, waste('mix', 9)],
      [-28 * day, waste('used', 3)],
      [-28 * day, waste('reused', 1)],
      [-27 * day, waste('recovered', 2)],
      [-14 * day, waste('mix', 4)],
      [-7 * day, waste('sludge', 1)],
    );
    const found = fluidBudget(views, [filled], { fluid: { drum } }, noon).drum!;
    // 3 − 2 + 4 since it was emptied; 9 before that tell the rate only.
    expect(found.filled).toBeCloseTo(5e-3, 12);
    expect(found.weekly).toBeCloseTo(14e-3 / (40 / 7), 6);
    const week = 7 * 86_400_000;
    expect(found.full).toBeCloseTo(noon + ((0.02 - 5e-3) / found.weekly) * week, -3);
    const idle = fluidBudget(views, [job], { fluid: { drum } }, noon).drum!;
    expect(idle).toMatchObject({ filled: 0, weekly: 0 });
    expect(idle.full).toBeUndefined();
    expect(
      fluidBudget(views, [logged(job, [-day, waste('mix', 99)])], { fluid: { drum } }, noon).drum?.filled,
    ).toBe(0.02);
  });
});
