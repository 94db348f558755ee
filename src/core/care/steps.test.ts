import { fluidNeed } from './fluids';
import { empty, flush, rinse, second, soften } from './flushsteps';
import { relief, reliefAgain, reliefLast, tipOff } from './safesteps';
import type { CareBearings, CleaningStep, StepRow } from './step';
import { partSteps, prove, waste } from './stripsteps';

/** A gravity gun with a two-part product in it. */
const gravity: CareBearings = {
  chemistry: 'two-part',
  atomising: 'hvlp',
  feed: 'gravity',
  dead: 40e-6,
  family: 'gravity',
  approach: 'strip',
  airless: false,
  under: false,
  liquid: 'gun thinner',
  lasts: 'gun thinner',
  waterBorne: false,
  twice: false,
};
const pump: CareBearings = {
  ...gravity,
  atomising: 'airless',
  feed: 'pump',
  family: 'airless',
  airless: true,
  under: true,
  dead: 600e-6,
};
const potted: CareBearings = { ...gravity, feed: 'pressure-pot', family: 'remote', under: true };

const of = (row: StepRow, about: CareBearings): CleaningStep | undefined => row(about) || undefined;

describe('each step of cleaning, by gun and mix', () => {
  it('relief: a pump by its prime valve, with the risk of injection; a cup by its air', () => {
    expect(of(relief, pump)).toMatchObject({ risks: expect.arrayContaining(['injection']), relieves: true });
    expect(of(relief, potted)?.risks).not.toContain('injection');
  });

  it('pressure is let off again where flushing built it up, and not on a gravity gun', () => {
    expect(of(reliefAgain, gravity)).toBeUndefined();
    for (const about of [pump, potted]) expect(of(reliefAgain, about)).toMatchObject({ relieves: true });
    // A pump that is gelled was never put under pressure again.
    expect(of(reliefAgain, { ...pump, gelled: true })).toBeUndefined();
  });

  it('pressure is let off at the end of a pump, and of a pot that was proved; not of a pot that is stored', () => {
    expect(of(reliefLast, pump)).toBeDefined();
    expect(of(reliefLast, potted)).toBeDefined();
    expect(of(reliefLast, { ...potted, approach: 'store' })).toBeUndefined();
    expect(of(reliefLast, gravity)).toBeUndefined();
  });

  it('only a tip comes off', () => {
    expect(of(tipOff, pump)).toMatchObject({ opens: true });
    expect(of(tipOff, gravity)).toBeUndefined();
  });

  it('what is setting goes outdoors in metal, what is not into its own container', () => {
    expect(of(empty, gravity)?.says).toMatch(/own closed container/);
    expect(of(empty, { ...gravity, gelled: true })?.says).toMatch(/metal pail, outdoors/);
  });

  it('rinse and flush take liquid by what the gun holds', () => {
    for (const about of [gravity, potted, pump]) {
      expect(of(rinse, about)).toMatchObject({ liquid: 'gun thinner' });
      // Never less than wets a cup.
      expect(of(rinse, about)?.volume).toBeCloseTo(Math.max(0.5 * about.dead, 50e-6), 12);
      expect(of(flush, about)?.volume).toBeCloseTo(3 * about.dead, 12);
    }
  });

  it('only a gelled gun is soaked soft; a second cleaner follows only where one is not enough', () => {
    expect(of(soften, gravity)).toBeUndefined();
    expect(of(soften, { ...gravity, gelled: true })?.volume).toBeCloseTo(gravity.dead, 12);
    expect(of(second, gravity)).toBeUndefined();
    const water = { ...gravity, waterBorne: true, twice: true, lasts: 'acetone' };
    expect(of(second, water)).toMatchObject({ liquid: 'acetone' });
  });

  it('a gun is proved with a spoonful, a pump is not; a stored one comes apart otherwise', () => {
    expect(of(prove, gravity)?.volume).toBeCloseTo(0.25 * gravity.dead, 12);
    expect(of(prove, pump)).toBeUndefined();
    const ids = (airless: boolean, approach: 'strip' | 'store') =>
      partSteps({ airless, approach }).flatMap((row) => of(row, airless ? pump : gravity)?.id ?? []);
    expect(ids(false, 'strip')).not.toEqual(ids(false, 'store'));
    expect(ids(false, 'strip')).not.toEqual(ids(true, 'strip'));
  });

  it('rags of an oil that oxidises are named with their fire', () => {
    expect(of(waste, gravity)?.risks).toEqual(['waste']);
    expect(of(waste, { ...gravity, oxidises: true })?.risks).toContain('rags');
  });

  it('liquid is counted by what settled liquid may do again: only the first rinse; water is not counted', () => {
    const steps = [rinse, flush, prove].flatMap((row) => of(row, gravity) ?? []);
    const { first, fresh } = fluidNeed(steps);
    expect(first).toBeCloseTo(of(rinse, gravity)!.volume!, 12);
    expect(fresh).toBeCloseTo(of(flush, gravity)!.volume! + of(prove, gravity)!.volume!, 12);
    const wet = [rinse, flush].flatMap((row) => of(row, { ...gravity, liquid: 'clean water' }) ?? []);
    expect(fluidNeed(wet)).toEqual({ first: 0, fresh: 0 });
  });
});
