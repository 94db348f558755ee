import { isRefusal } from '@/core/refusal';
import type { Face, Job, NewEntry, Rig } from '@/records';
import {
  aJob,
  airless,
  at,
  card,
  fitRoom,
  lacquer,
  logged,
  mixedLacquer,
  readyToSpray,
  seen,
  setting,
  start,
  turbine,
  wallPaint,
} from '../../../tests/fixtures/job';
import { fansByFace } from './byface';
import { distanceSearch, setFrom } from './distancesearch';
import { evidenceOf } from './evidence';
import { fanOfKnob, fansKnown, turnsFor } from './fan';
import { gunsLeft } from './gunleft';
import { settingFault } from './settingfault';
import { gunStep } from './atgun';
import { strokeRun } from './strokes';

const findings = (job: Job, rig: Rig = turbine) =>
  evidenceOf(seen(job, { rig })).map(({ finding }) => finding);
const fall: NewEntry = { type: 'incident', what: 'needle-dropped', rigId: 'rig' };

describe('a gun that had a fall', () => {
  it('asks for a card, whatever the last one said, and a good one since is good again', () => {
    const job = readyToSpray();
    expect(seen(job).set.cardState).toBe('good');
    expect(seen(logged(job, [-2, fall])).set.cardState).toBe('struck');
    expect(seen(logged(job, [-2, fall], [-1, card()])).set.cardState).toBe('good');
    // Another gun’s fall is not this one’s.
    expect(seen(logged(job, [-2, { ...fall, rigId: 'other' }])).set.cardState).toBe('good');
  });

  it('is evidence until what was hurt is renewed', () => {
    const job = logged(readyToSpray(), [-2, fall]);
    expect(findings(readyToSpray()).some((each) => each.startsWith('struck'))).toBe(false);
    expect(findings(job)).toContain('struck:yes');
    const renewed = (on: string, part: 'needle' | 'packing'): Rig => ({
      ...turbine,
      renewals: [{ id: 'r', part, on, why: 'early' }],
    });
    const day = at(-2).slice(0, 10);
    expect(findings(job, renewed(day, 'needle'))).toContain('struck:ok');
    expect(findings(job, renewed(day, 'packing'))).toContain('struck:yes');
    expect(findings(job, renewed('2020-01-01', 'needle'))).toContain('struck:yes');
  });
});

describe('a gun that stood with mix in it', () => {
  const flushed: NewEntry = { type: 'tick', list: 'clean', step: 'flush', done: true };
  const coats = (...between: [number, NewEntry][]) =>
    logged(
      aJob(),
      [-900, fitRoom],
      [-890, start('lacquer-1')],
      [-880, { type: 'coat-end', coatId: 'lacquer-1' }],
      ...between,
      [-20, start('lacquer-2')],
    );
  it('was not cleaned before the coat, unless it was flushed', () => {
    expect(findings(coats())).toContain('cleaned:left');
    expect(findings(coats([-870, flushed]))).toContain('cleaned:ok');
    expect(findings(coats([-870, { ...flushed, rigId: 'other' }] as [number, NewEntry]))).toContain(
      'cleaned:left',
    );
    // A wait no longer than the mix stays soft needs no flush.
    const soon = logged(
      aJob(),
      [-40, start('lacquer-1')],
      [-30, { type: 'coat-end', coatId: 'lacquer-1' }],
      [-20, start('lacquer-2')],
    );
    expect(findings(soon).some((each) => each.startsWith('cleaned'))).toBe(false);
  });
});

describe('a gun that another job left', () => {
  const on = (id: string, at: number, ...more: [number, NewEntry][]): Job =>
    logged(
      { ...aJob(), id, name: `Job ${id}` },
      [at, start('lacquer-1')],
      [at + 10, { type: 'coat-end', coatId: 'lacquer-1' }],
      ...more,
    );
  const now = on('now', -20);
  it('with mix in it is told by that job’s name, unless it was flushed in time or hardly stood', () => {
    const flushed: NewEntry = { type: 'tick', list: 'clean', step: 'flush', done: true };
    const told = (...others: Job[]) => gunsLeft(now, others).get(now.layers[0]!.rigId);
    expect(told()).toBeUndefined();
    expect(told(on('old', -900))).toBe('Job old');
    expect(told(on('old', -900, [-880, flushed]))).toBeUndefined();
    // Flushed only after this coat had begun: too late for it.
    expect(told(on('old', -900, [-5, flushed]))).toBe('Job old');
    expect(told(on('near', -35))).toBeUndefined();
    // The last job with it counts, whatever an older one left; a later one says nothing of this coat.
    expect(told(on('older', -2000), on('old', -900, [-880, flushed]))).toBeUndefined();
    expect(told(on('later', -5))).toBeUndefined();
  });
  it('is evidence in the job that went on with it', () => {
    const left = new Map([[now.layers[0]!.rigId, 'Job old']]);
    const found = evidenceOf({ ...seen(now), gunsLeft: left }).find(
      ({ finding }) => finding === 'cleaned:left',
    );
    expect(found?.says).toContain('Job old');
    expect(evidenceOf(seen(now)).some(({ finding }) => finding.startsWith('cleaned'))).toBe(false);
  });
});

describe('a turbine', () => {
  const on: NewEntry = { type: 'turbine-on', rigId: 'rig' };
  const clock = (job: Job, minutes = 0) => seen(job, { minutes }).timers.find(({ id }) => id === 'warm-up');
  it('is warm five minutes after it was switched on, and not after it was off', () => {
    const job = logged(readyToSpray(), [-2, on]);
    expect(clock(readyToSpray())).toBeUndefined();
    expect(clock(job)?.due).toBe(Date.parse(at(3)));
    // The clock leaves soon after it ran out.
    expect(clock(job, 10)).toBeUndefined();
    expect(
      clock(logged(job, [-1, { type: 'tick', list: 'clean', step: 'relief', done: true }])),
    ).toBeUndefined();
    expect(
      seen(job, { rig: { ...turbine, air: 'compressor' } }).timers.some(({ id }) => id === 'warm-up'),
    ).toBe(false);
  });
});

it('a turbine nobody described is never set to more than any turbine gives', () => {
  const guns = lacquer.guns.map((gun) => ({ ...gun, pressure: { min: 1.8e5, max: 1.8e5 } }));
  const view = seen(aJob([{ ...lacquer, guns }]), { rig: { ...turbine, stages: undefined } });
  expect(isRefusal(view.set.proposal) ? NaN : view.set.proposal.pressure).toBeLessThanOrEqual(0.6e5);
  const asked = { ...(setting() as Extract<NewEntry, { type: 'setting' }>), pressure: 1.8e5 };
  expect(settingFault(asked, { ...turbine, stages: undefined }, view.set.liquid, 1)).toMatchObject({
    kind: 'turbine',
  });
});

describe('a spare piece touched as the spray arrived', () => {
  it('dry is no good card; a card of the search for the distance is none of the setting', () => {
    const dry: NewEntry = { ...card(), verdict: 'dry', arrival: { after: 10, found: 'dry' } } as NewEntry;
    const view = seen(logged(readyToSpray(), [-2, dry]));
    expect(view.set).toMatchObject({
      cardState: 'not-good',
      card: { verdict: 'dry', arrival: { after: 10 } },
    });
    const searching: NewEntry = { ...card('split'), distance: 0.15, score: 0.4 } as NewEntry;
    expect(seen(logged(readyToSpray(), [-2, searching])).set.cardState).toBe('good');
  });
});

describe('the distance three cards tell', () => {
  const scored = (distance: number, score: number): NewEntry => ({ ...card(), distance, score }) as NewEntry;
  it('is searched over what the sheet names, and from cards of the gun as it is set', () => {
    const job = readyToSpray();
    const search = distanceSearch(seen(job))!;
    expect(search.cards).toEqual([]);
    const { range } = search;
    const middle = (range.min + range.max) / 2;
    const done = logged(
      job,
      [-9, scored(middle, 0.9)],
      [-8, scored(range.min, 0.5)],
      [-7, scored(range.max, 0.5)],
    );
    const found = distanceSearch(seen(done))!.step;
    expect(isRefusal(found) ? found : found.kind).toBe('best');
    expect(isRefusal(found) ? NaN : found.at).toBeCloseTo(middle, 9);
    // At another pressure the gun is another gun.
    const turned = logged(done, [-5, { ...setting(), pressure: 0.5e5 } as NewEntry]);
    expect(distanceSearch(seen(turned))!.cards).toEqual([]);
    expect(distanceSearch(seen(aJob()))).toBeUndefined();
  });

  it('is set with fan and pace after it, the film as it was, and proposed from then on', () => {
    const view = seen(readyToSpray());
    const next = setFrom(view, 0.2) as Extract<NewEntry, { type: 'setting' }>;
    expect(next.distance).toBe(0.2);
    expect(next.fan / view.set.setting!.fan).toBeCloseTo(0.2 / view.set.setting!.distance, 9);
    const after = seen(logged(readyToSpray(), [-1, next]));
    expect(after.set.point.film!).toBeCloseTo(after.set.wet, 6);
    const kept = seen(aJob(), { rig: { ...turbine, distances: { lacquer: 0.21 } } });
    expect(isRefusal(kept.set.proposal) ? NaN : kept.set.proposal.distance).toBeCloseTo(0.21, 9);
    expect(setFrom(seen(aJob()), 0.2)).toBeUndefined();
  });
});

describe('a trigger not pulled through', () => {
  const half = (trigger?: number, fluid = 250e-6 / 60): Job =>
    logged(
      readyToSpray(),
      [-10, { ...setting(), fluid, ...(trigger ? { trigger } : {}) } as NewEntry],
      [-9, card()],
    );
  it('leaves the fluid what it is, opens the needle further, and lets less through', () => {
    const [full, eased] = [half(), half(0.7)].map((job) => seen(job).set.point);
    expect(eased!.fluid).toBe(full!.fluid);
    expect(eased!.trigger).toBe(0.7);
    expect(full).not.toHaveProperty('trigger');
    expect(eased!.needle!).toBeCloseTo(full!.needle! / 0.7, 9);
  });
  it('more than it lets through is a stop', () => {
    const view = seen(half());
    const most = view.set.point.fluidMost!;
    const asked = { ...(setting() as Extract<NewEntry, { type: 'setting' }>), fluid: most * 0.9 };
    expect(settingFault(asked, turbine, view.set.liquid, 1)).toBeUndefined();
    expect(settingFault({ ...asked, trigger: 0.5 }, turbine, view.set.liquid, 1)).toMatchObject({
      kind: 'fluid',
      can: most * 0.5,
    });
  });
});

describe('a tip its guard does not take', () => {
  const rig: Rig = { ...airless, misfits: ['515'] };
  it('is never proposed, and a stop where it was recorded', () => {
    const view = seen(aJob([wallPaint]), { rig });
    if (isRefusal(view.set.fittings) || isRefusal(view.set.proposal)) throw new Error('nothing to fit');
    expect(view.set.fittings.find(({ tip }) => tip === '515')?.verdict).toMatchObject({
      grade: 'no',
      why: 'misfit',
    });
    expect(view.set.proposal.fitting.tip).not.toBe('515');
    const { point } = view.set;
    const said = { pressure: point.pressure!, fluid: point.fluid!, fan: 0.25, distance: 0.3 };
    expect(settingFault({ ...said, tip: '515' }, rig, view.set.liquid, 1)).toEqual({ kind: 'misfit' });
    expect(settingFault({ ...said, tip: '515' }, airless, view.set.liquid, 1)?.kind).not.toBe('misfit');
  });
});

describe('a fan knob two cards were sprayed with', () => {
  const pattern = (width: number) => ({ width }) as NonNullable<Rig['patterns']>[number]['pattern'];
  const kept = (turns: number, width: number, n: number) => ({
    at: at(n),
    sheetId: 'lacquer',
    distance: 0.17,
    turns,
    pattern: pattern(width),
  });
  const rig: Rig = { ...turbine, patterns: [kept(0, 0.06, -90), kept(2, 0.26, -80)] };
  it('tells the fan at turns nobody sprayed a card with, and the turns for a fan', () => {
    expect(fanOfKnob(rig, 'lacquer', 1, 0.17)).toBeCloseTo(0.16, 9);
    expect(fanOfKnob(rig, 'other', 1, 0.17)).toBeUndefined();
    expect(turnsFor(rig, 'lacquer', 0.11, 0.17)).toBeCloseTo(0.5, 9);
    expect(fansKnown(rig, 'lacquer', 0.34)).toEqual({ min: 0.12, max: 0.52 });
    expect(fansKnown({ ...rig, patterns: rig.patterns!.slice(1) }, 'lacquer', 0.17)).toBeUndefined();
    const set = logged(aJob(), [-60, mixedLacquer], [-30, { ...setting(), knobs: { fan: 1 } } as NewEntry]);
    expect(seen(set, { rig }).set.bearings.fan).toMatchObject({ from: 'card' });
    expect(seen(set, { rig }).set.bearings.fan!.width).toBeCloseTo(0.16, 9);
  });
  it('turned in for a narrow face says its turns, and goes no narrower than its narrowest card', () => {
    const board: Face = { id: 'b', name: 'Board', width: 2, height: 0.1, count: 4, lies: 'upright' };
    const job = logged(aJob([lacquer]), [-60, mixedLacquer], [-30, setting()]);
    const narrow = { ...job, part: { ...job.part, faces: [board] } };
    const [face] = fansByFace(seen(narrow, { rig }));
    expect(face!.better!.turns).toBeCloseTo(turnsFor(rig, 'lacquer', face!.better!.fan, 0.17)!, 9);
    const stiff: Rig = { ...rig, patterns: [kept(0, 0.2, -90), kept(2, 0.26, -80)] };
    const [bound] = fansByFace(seen(narrow, { rig: stiff }));
    expect(bound?.better?.fan ?? 0.2).toBeGreaterThanOrEqual(0.2 - 1e-9);
  });
});

describe('the horns of a cap', () => {
  const face = (width: number, height: number, lies: Face['lies'] = 'upright'): Face => ({
    id: `${width}`,
    name: 'Face',
    width,
    height,
    count: 1,
    lies,
  });
  it('follow the strokes, and are turned before a face whose strokes run otherwise', () => {
    expect(strokeRun(face(2, 1))).toBe('level');
    expect(strokeRun(face(1, 2))).toBe('upright');
    expect(strokeRun(face(1, 2, 'flat'))).toBe('along');
    const job = readyToSpray();
    const two = { ...job, part: { ...job.part, faces: [face(2, 1), face(1, 2)] } };
    const running = logged(two, [-5, start('lacquer-1')]);
    expect(gunStep(seen(running), true)).toMatchObject({ kind: 'face', turned: false });
    const next = logged(running, [-4, { type: 'face-done', coatId: 'lacquer-1', faceId: '2' }]);
    expect(gunStep(seen(next), true)).toMatchObject({ kind: 'face', turned: true });
  });
});
