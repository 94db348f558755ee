import { withLayer } from '@/facts/job';
import { celsius } from '@/core/climate';
import { flowCup, secondsFromViscosity } from '@/core/cups';
import { priorBelief, type ThinningApproach } from '@/core/thinning';
import type { Coating, Cup, Job, PlannedCoat } from '@/records';
import { learntFrom, lessonsFor, lessonsOf } from '../shop/lessons';
import {
  airless,
  aJob,
  changed,
  coatsChanged,
  colour,
  fitRoom,
  ford,
  lacquer,
  logged,
  mixedColour,
  mixedLacquer,
  reading,
  seen,
  setting,
  trueSeconds,
  turbine,
  water,
} from '../../../tests/fixtures/job';

const mixed = logged(aJob(), [-60, fitRoom], [-55, mixedLacquer]);
const thick = logged(mixed, [-50, reading(trueSeconds(0))], [-49, reading(trueSeconds(0))]);
const enough = 0.13;
const inBand = logged(
  thick,
  [-45, water(enough)],
  [-40, reading(trueSeconds(enough))],
  [-39, reading(trueSeconds(enough))],
);
const by = (job: Job, thinBy: ThinningApproach): Job => changed(job, { approach: { thinBy } });
const advised = (job: Job, around: Parameters<typeof seen>[1] = {}) => {
  const { step } = seen(job, around).thin;
  if (step.kind !== 'advice' || step.advice.kind !== 'add') throw new Error(step.kind);
  return step.advice;
};

describe('approaches of a job', () => {
  it('step as they say, and the model goes furthest', () => {
    expect(advised(by(thick, { kind: 'mass-steps', step: 0.01 })).mass).toBeCloseTo(0.02, 9);
    expect(advised(thick).mass).toBeGreaterThan(0.03);
  });

  it('a fixed percent goes in before any timing, and is then checked', () => {
    const fixed = by(mixed, { kind: 'fixed', share: 0.06 });
    expect(advised(fixed)).toMatchObject({ mass: expect.closeTo(0.12, 9), limitedBy: 'fixed' });
    expect(seen(logged(fixed, [-30, water(0.12)])).thin.step).toMatchObject({ kind: 'time', timings: 0 });
  });

  it('by a graduated pot in whole marks of it', () => {
    const pot: Job = changed(thick, { approach: { measure: 'pot' } });
    const { mass } = advised(pot, { shop: { potStep: 10e-6 } });
    expect((mass / 0.01) % 1).toBeCloseTo(0, 6);
  });
});

describe('bands', () => {
  it('come from sheet, gun and nozzle; the sheet wins until another is chosen', () => {
    const rig = { ...turbine, viscosity: { cupId: 'din-4', min: 18, max: 24 } };
    const view = seen(logged(thick, [-30, setting()]), { rig }).thin;
    expect(view.choices.map(({ from }) => from)).toEqual(['sheet', 'maker', 'physics']);
    expect(view.choice?.from).toBe('sheet');
    const maker = seen(changed(thick, { approach: { target: 'maker' } }), { rig }).thin;
    expect(maker.band).toMatchObject({ min: 18, max: 24, cup: { id: 'din-4' } });
    // Readings taken in ford-4 are shown in the band’s cup.
    expect(maker.readings[0]?.atSheet).not.toBeCloseTo(trueSeconds(0), 0);
  });

  it('an airless tip gives none by physics, and a sheet without one leaves the gun maker’s', () => {
    expect(seen(thick, { rig: airless }).thin.choices.map(({ from }) => from)).toEqual(['sheet']);
    const bare: Coating = { ...lacquer, target: undefined };
    const rig = { ...turbine, viscosity: { cupId: 'ford-4', min: 20, max: 24 } };
    expect(seen(aJob([bare]), { rig }).thin.choice?.from).toBe('maker');
    expect(seen(aJob([bare])).thin.step.kind).toBe('no-cup');
  });
});

describe('a shop cup', () => {
  const own = (liquids: NonNullable<Cup['own']>['liquids']): Cup => ({
    kind: 'cup',
    version: 1,
    id: 'own',
    name: 'Drilled',
    own: { use: 'stand', liquids },
  });
  const timed = (seconds: number) =>
    ({ ...(reading(seconds) as object), cupId: 'own' }) as ReturnType<typeof reading>;

  it('calibrated, reads like any other, and is trusted less across', () => {
    const liquids = [60, 100, 180].map((nu) => ({
      viscosity: nu * 1e-6,
      seconds: secondsFromViscosity(flowCup('iso-4')!, nu * 1e-6) as number,
    }));
    const view = seen(logged(mixed, [-50, timed(60)], [-49, timed(60.3)]), { cups: [ford, own(liquids)] });
    expect(view.thin.readings[0]?.viscosity).toBeCloseTo(79e-6, 6);
    // Half a kelvin of thermometer besides: √(0.1² + (0.5 × 0.025)²).
    expect(view.thin.readings[0]?.bias).toBeCloseTo(Math.hypot(0.1, 0.0125), 9);
  });

  it('without papers counts only toward a band of its own', () => {
    const cups = [ford, own([])];
    const job = logged(mixed, [-50, timed(44)], [-49, timed(44.5)]);
    expect(seen(job, { cups }).thin.readings).toEqual([]);
    const ownBand = { cupId: 'own', min: 28, max: 32, temperature: celsius(23) };
    const private_: Job = changed(job, { approach: { target: 'own', ownBand } });
    const view = seen(private_, { cups }).thin;
    expect(view.readings[0]?.atSheet).toBeCloseTo(44.25, 6);
    if (view.step.kind !== 'advice' || view.step.advice.kind !== 'add') throw new Error(view.step.kind);
    expect(view.step.advice.riskUnder).toBeLessThan(0.02);
    // Ford seconds tell nothing in it.
    expect(seen(logged(private_, [-30, reading(30)]), { cups }).thin.readings).toHaveLength(1);
  });
});

describe('temperature', () => {
  it('two timings of one liquid at two temperatures give its own law', () => {
    const warm = logged(mixed, [-50, reading(36, 18)], [-40, reading(30, 23)]);
    const { law } = seen(warm).thin;
    expect(law?.from).toBe('fitted');
    // ford-4: 36 s is 121.3, 30 s is 98.2 mm²/s; ln of it over 5 K is 4.2 % a degree.
    expect(law?.slope).toBeCloseTo(0.0415, 3);
    expect(seen(thick).thin.law?.from).toBe('sheet');
  });

  it('warming is offered when it reaches the band within the sheet’s limits', () => {
    const just = logged(mixed, [-50, reading(26)], [-49, reading(26)]);
    const { warm } = seen(just).thin;
    expect(warm?.to).toBeGreaterThan(celsius(23));
    expect(warm?.to).toBeLessThan(celsius(30));
    expect(seen(thick).thin.warm).toBeUndefined();
    expect(seen(inBand).thin.warm).toBeUndefined();
  });
});

describe('no cup at hand', () => {
  const stick = { type: 'stick', batchId: 'b', sign: 'ribbon-stays', temperature: celsius(23) } as const;
  it('a stick test is a reading, and the step it allows is small', () => {
    const { step } = seen(logged(mixed, [-50, stick])).thin;
    if (step.kind !== 'advice' || step.advice.kind !== 'add') throw new Error(step.kind);
    expect(step.advice.mass).toBeLessThan(advised(thick).mass);
    expect(step.advice.expect.high / step.advice.expect.low).toBeGreaterThan(1.8);
  });
});

describe('coats with a recipe of their own', () => {
  const coat = (job: Job, thinning: PlannedCoat['thinning']): Job => ({
    ...coatsChanged(job, (_, i) => (i === 0 ? { thinning } : {})),
  });

  it('neat is neat', () => {
    expect(seen(coat(thick, { by: 'neat' })).thin.step.kind).toBe('neat');
    expect(seen(coat(thick, { by: 'neat' })).done.has('thin')).toBe(true);
  });

  it('an extra comes after the band, within the sheet’s maximum, once', () => {
    const job = coat(inBand, { by: 'extra', extra: 0.02 });
    const { step } = seen(job).thin;
    if (step.kind !== 'extra') throw new Error(step.kind);
    expect(step.extra.mass).toBeCloseTo(0.04, 9);
    expect(step.extra.offSheet).toBeUndefined();
    const added = logged(job, [
      -20,
      { type: 'addition', batchId: 'b', what: 'water', mass: 0.04, coatId: 'lacquer-1' },
    ]);
    expect(seen(added).thin.step.kind).not.toBe('extra');
  });

  it('an extra is weighed to the nearest gram, but never over the limit for one', () => {
    const extra = (share: number, maximum = 0.1) => {
      const job = coat(inBand, { by: 'extra', extra: share });
      const { step } = seen({
        ...job,
        layers: job.layers.map((layer) => ({
          ...layer,
          sheet: { ...layer.sheet, thinning: { ...layer.sheet.thinning, maximum } },
        })),
      }).thin;
      if (step.kind !== 'extra') throw new Error(step.kind);
      return step.extra;
    };
    // 0.498 % of 2000 g is 9.96 g.
    expect(extra(0.00498).mass).toBeCloseTo(0.01, 9);
    expect(extra(0.0051).mass).toBeCloseTo(0.01, 9);
    const { share } = extra(0.00498);
    const tight = extra(0.00498, share - 1e-4);
    expect(tight.mass).toBeCloseTo(0.009, 9);
    expect(tight.offSheet).toBeUndefined();
  });

  it('past the sheet it asks for a trial piece first', () => {
    const job = coat(inBand, { by: 'extra', extra: 0.09 });
    expect(seen(job).thin.step).toMatchObject({
      kind: 'extra',
      extra: { offSheet: 'maximum', tried: false },
    });
    const tried = logged(job, [-10, { type: 'trial', coatId: 'lacquer-1', text: 'good' }]);
    expect(seen(tried).thin.step).toMatchObject({ kind: 'extra', extra: { tried: true } });
  });
});

describe('a mix in use', () => {
  const later = (minutes: number, seconds: number) => [minutes, reading(seconds)] as const;

  it('drifts, and its time in the band is told with a spread', () => {
    const used = logged(inBand, later(20, 23.2), later(21, 23.3), later(80, 24.1), later(81, 24.2));
    const { drift, step } = seen(used, { minutes: 85 }).thin;
    expect(drift?.points).toHaveLength(3);
    expect(drift?.drift.rate).toBeGreaterThan(0.01);
    expect(drift?.left.low).toBeLessThan(drift?.left.hours ?? 0);
    expect(step.kind).toBe('advice');
  });

  it('is topped up once it reads over the band', () => {
    const over = logged(inBand, later(60, 26.2), later(61, 26.4));
    expect(advised(over, { minutes: 65 }).mass).toBeGreaterThan(0);
  });

  it('a two-part mix at twice its viscosity is discarded, not thinned', () => {
    const cup = (seconds: number) =>
      ({ ...(reading(seconds, 20) as object), batchId: 'c' }) as ReturnType<typeof reading>;
    const at = (nu: number) => secondsFromViscosity(flowCup('ford-4')!, nu * 1e-6) as number;
    const job = logged(
      aJob([{ ...colour, target: { cupId: 'ford-4', min: 19, max: 24, temperature: celsius(20) } }]),
      [-60, mixedColour()],
      [-58, cup(at(90))],
      [-57, cup(at(91))],
    );
    expect(seen(job).thin.step.kind).not.toBe('doubled');
    const cured = logged(job, [-5, cup(at(205))], [-4, cup(at(207))]);
    expect(seen(cured).thin.step).toMatchObject({ kind: 'doubled', by: expect.closeTo(2.2, 0) });
    expect(seen(cured).done.has('mix')).toBe(false);
  });

  it('is stirred and timed by the shift rule where the sheet says nothing', () => {
    const silent = { ...lacquer, intervals: {} };
    const job = withLayer(inBand, 'lacquer', { sheet: silent });
    expect(seen(job).timers.map(({ id }) => id)).not.toContain('stir');
    const ids = seen(job, { shop: { intervals: { stir: 1200, retime: 3600 } } }).timers.map(({ id }) => id);
    expect(ids).toEqual(expect.arrayContaining(['stir', 'retime']));
  });

  it('says when it is structured', () => {
    const check = { type: 'structure', batchId: 'b', cupId: 'cup', fresh: 30, stood: 36 } as const;
    expect(seen(logged(thick, [-10, check])).thin.structure?.off).toBeCloseTo(0.2, 9);
  });
});

describe('learning', () => {
  it('a batch teaches its paint, and foretells its own readings honestly', () => {
    const records = new Map<string, Job | Cup>([
      ['job/job', inBand],
      ['cup/cup', ford],
    ]);
    const [lesson] = lessonsOf(records, 'lacquer');
    expect(lesson).toMatchObject({ jobId: 'job', sheetId: 'lacquer', thinnerId: 'water' });
    expect(Math.exp(lesson!.lesson.a) * 1e6).toBeCloseTo(124, -1);
    const [foretold] = lesson!.foretold();
    expect(lesson!.foretold()).toHaveLength(1);
    expect(foretold!.measured).toBeCloseTo(trueSeconds(enough), 1);
    // Its own job does not learn from itself; another one does.
    expect(lessonsOf(records, 'lacquer', 'job')).toEqual([]);
    expect(lessonsFor(lessonsOf(records, 'lacquer', 'other'))('lacquer', 'water')).toHaveLength(1);
    expect(lessonsOf(records, 'another paint')).toEqual([]);
  });

  it('the last batches teach, the youngest job first', () => {
    const begun = (i: number) => new Date(Date.parse(inBand.begun) + i * 86_400_000).toISOString();
    const jobs = Array.from({ length: learntFrom + 5 }, (_, i): Job => ({
      ...inBand,
      id: `job-${i}`,
      begun: begun(i),
    }));
    const records = new Map<string, Job | Cup>([
      ...jobs.map((job) => [`job/${job.id}`, job] as const),
      ['cup/cup', ford],
    ]);
    const found = lessonsOf(records, 'lacquer').map(({ jobId }) => jobId);
    expect(found).toHaveLength(learntFrom);
    expect(found[0]).toBe(`job-${learntFrom + 4}`);
    expect(found).not.toContain('job-4');
    expect(lessonsOf(records, 'lacquer', found[0]).map(({ jobId }) => jobId)).toContain('job-4');
  });

  it('with earlier batches the first step is foretold closer', () => {
    const { start } = priorBelief(124e-6, 0.02, 1e-6, 'unknown', { median: 8.7, sd: 0.03 });
    const lesson = { ...start, laws: { ...start.laws, grunberg: 1, lederer: 0.2, power: 0.2 } };
    const taught = advised(thick, { lessons: () => Array.from({ length: 8 }, () => lesson) });
    const width = ({ expect: { low, high } }: typeof taught) => high - low;
    expect(width(taught)).toBeLessThan(width(advised(thick)) * 0.8);
    expect(taught.riskUnder).toBeLessThanOrEqual(0.05);
    expect(trueSeconds(taught.total)).toBeGreaterThan(21);
  });
});

describe('a pot that was brought back', () => {
  it('is timed anew: what was read before belongs to a thinner pot', () => {
    const thin = logged(thick, [-45, water(0.3)], [-40, reading(17)], [-39, reading(17.1)]);
    const before = seen(thin).thin;
    expect(before.inBand).toBe('below');
    const back = logged(thin, [-30, { type: 'addition', batchId: 'b', what: 'unthinned', mass: 1 }]);
    const { step, readings } = seen(back).thin;
    expect(step).toEqual({ kind: 'time', timings: 0 });
    expect(readings.at(-1)?.w).toBeCloseTo(0.3 / 2.3, 9);
    expect(readings.at(-1)?.share).toBeCloseTo(0.15, 9);
    expect(seen(back).thin.share).toBeCloseTo(0.1, 9);
  });
});
