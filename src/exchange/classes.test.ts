import { defaultTransfer } from '@/core/airgun';
import { celsius } from '@/core/climate';
import { isRefusal } from '@/core/refusal';
import { jobView, stages } from '@/facts/job';
import { settingFault } from '@/facts/job/settingfault';
import { turbineLeaves } from '@/facts/job/turbineleaves';
import { emptyDraft, jobFromDraft, type JobDraft } from '@/facts/newjob/draft';
import { usualRig } from '@/facts/newjob/usual';
import {
  airlessFirst,
  classSheet,
  coatingClasses,
  keyOf,
  newShop,
  usualFitting,
  type Coating,
  type CoatingClass,
  type Job,
  type Rig,
} from '@/records';
import { gunWords } from '@/records/rigwords';
import { conclude } from './conclude';
import { nextLine } from '@/words/nextline';
import { unitsOf } from '@/words/units';

const now = Date.parse('2026-11-23T09:00:00.000Z');
const families = Object.keys(gunWords) as Rig['atomising'][];

/** A job made from nothing but a class and a kind of gun, in a good room. */
function fromNothing(of: CoatingClass, atomising: Rig['atomising'], air: JobDraft['air'] = 'compressor') {
  let n = 0;
  const { bore, tip } = usualFitting(of);
  const draft: JobDraft = {
    ...emptyDraft(),
    ...{
      name: 'A job',
      coatingName: 'A product',
      class: of,
      atomising,
      air,
      bore,
      tip,
      ground: of === 'gel-coat' ? ('mould' as const) : ('metal' as const),
      faces: [{ width: 1.2, height: 0.8, count: 1, both: false }],
    },
  };
  const { job, more } = jobFromDraft(
    draft,
    { coatings: [], rigs: [], cups: [] },
    new Date(now - 60_000).toISOString(),
    () => `i${(n += 1)}`,
  );
  const room = { air: celsius(20), part: celsius(20), humidity: 0.5 };
  const read: Job = {
    ...job,
    log: [{ type: 'climate', id: 'room', at: new Date(now - 30_000).toISOString(), counter: 1, ...room }],
  };
  const rig = more.find((each): each is Rig => each.kind === 'rig')!;
  const cups = more.flatMap((each) => (each.kind === 'cup' ? [each] : []));
  return {
    rig,
    view: jobView(read, { rigOf: () => rig, cups, shelf: [], shop: newShop, now }),
    records: new Map([...more, read, newShop].map((each) => [keyOf(each), each] as const)),
  };
}

describe.each(coatingClasses)('%s from nothing', (of) => {
  it.each(families)('with %s: no stop, no contradiction, nothing unsafe', (atomising) => {
    const { rig, view, records } = fromNothing(of, atomising);
    const { jobs, refused } = conclude(records, { at: now, units: 'metric' });
    expect(refused).toEqual([]);
    const [job] = jobs;
    expect(Object.entries(job!.stages).filter(([, { state }]) => state === 'stop')).toEqual([]);
    expect(job!.next.state).not.toBe('stop');
    for (const layer of job!.layers) {
      expect(layer.film.outside).toBe(false);
      expect(layer.mix).toBeGreaterThan(0);
      for (const { dry, window } of layer.coats) {
        expect(dry.outside).toBe(false);
        expect(window.state).not.toBe('never');
      }
    }
    for (const stage of stages)
      for (const units of ['metric', 'us'] as const) {
        const { says, big, detail } = nextLine(view, stage, unitsOf(units));
        expect(`${says} ${big.number} ${detail}`).not.toMatch(/NaN|Infinity|∞|null/);
      }
    // The set-up: what this family may have, by where it is read.
    const { proposal, advice, transfer } = view.set;
    if (isRefusal(proposal)) throw new Error(proposal.says);
    expect(advice?.atomising).toBe(atomising);
    expect(transfer).toBe(defaultTransfer[atomising]);
    expect(proposal.pressure).toBeGreaterThanOrEqual(advice!.pressure.min);
    expect(proposal.pressure).toBeLessThanOrEqual(advice!.pressure.max);
    if (atomising === 'hvlp')
      expect([proposal.pressureAt, proposal.pressure <= 0.69e5]).toEqual(['cap', true]);
    if (atomising === 'airless') {
      expect([proposal.pressureAt, proposal.pressure <= 250e5]).toEqual(['tip', true]);
      expect(rig.tips).toEqual([usualFitting(of).tip]);
    } else expect(rig.sets[0]!.bore).toBe(usualFitting(of).bore);
    expect(proposal.fitting.onSheet).not.toBe(false);
  });

  it('has a sheet that agrees with itself', () => {
    const sheet = classSheet(of, 's', 'Sheet', '2026-11-01');
    const { times, thinning, components, chemistry, guns, film } = sheet;
    expect(guns.map((gun) => gun.atomising).sort()).toEqual([...families].sort());
    expect(guns[0]!.atomising === 'airless').toBe(airlessFirst(of));
    expect(film.min < film.aim && film.aim < film.max).toBe(true);
    expect(times.flash).toBeLessThanOrEqual(times.recoatFirst);
    if (times.recoatLast !== undefined) expect(times.recoatLast).toBeGreaterThan(times.recoatFirst);
    if (components.length > 1) expect(times.potLife).toBeGreaterThan(0);
    // Every default that is no paper’s word is marked as one.
    for (const field of ['components', 'thinning', 'guns', 'film', 'times', 'hazards'])
      expect(sheet.assumed).toContain(field);
    const names = thinning.thinners.map(({ name }) => name.toLowerCase()).join();
    expect(names).not.toMatch(/acetone/);
    if (chemistry === 'polyester') {
      expect(thinning.maximum).toBe(0);
      expect(components[0]!.parts / components[1]!.parts).toBeGreaterThan(20);
      expect(sheet.ratioBy).toBe('mass');
    }
    if (chemistry === 'water-borne') expect(names).toBe('water');
    else expect(names).not.toContain('water');
    if (chemistry === 'moisture-curing') expect(thinning.maximum).toBeLessThanOrEqual(0.05);
  });
});

describe('a turbine of three stages', () => {
  const three = (of: CoatingClass) => {
    const { rig, view } = fromNothing(of, 'hvlp', 'turbine');
    expect(rig.air).toBe('turbine');
    const staged: Rig = { ...rig, stages: 3 };
    return {
      staged,
      seen: jobView(view.job, { rigOf: () => staged, cups: [], shelf: [], shop: newShop, now }),
    };
  };

  it.each(coatingClasses)('is asked no more than it leaves at the gun, for %s', (of) => {
    const { staged, seen } = three(of);
    const leaves = turbineLeaves(staged, 1);
    if (isRefusal(seen.set.proposal) || isRefusal(leaves)) throw new Error('Nothing is proposed.');
    expect(seen.set.proposal.pressure).toBeLessThanOrEqual(leaves!);
    expect(seen.set.proposal.pressure).toBeGreaterThan(0.2e5);
  });

  it('asked for more is a stop, and what it leaves stands beside it; one nobody described forbids nothing', () => {
    const { staged } = three('two-part-clear');
    const paint = { viscosity: 0.055, density: 1000, spread: 0.25 };
    const asked = {
      ...{ pressure: 0.65e5, fluid: 100e-6 / 60, fan: 0.25, distance: 0.18 },
      bore: staged.sets[0]!.bore,
    };
    expect(settingFault(asked, staged, paint, 1)).toMatchObject({ kind: 'turbine', asked: 0.65e5 });
    expect(settingFault({ ...asked, pressure: 0.25e5 }, staged, paint, 1)?.kind).not.toBe('turbine');
    expect(settingFault(asked, { ...staged, stages: undefined }, paint, 1)?.kind).not.toBe('turbine');
  });
});

describe('what a new job begins with', () => {
  const sheet = (of: CoatingClass, id: string) => classSheet(of, id, id, '2026-11-01');
  const gun = (id: string, atomising: Rig['atomising']): Rig => ({
    ...fromNothing('two-part-clear', atomising).rig,
    id,
  });
  const job = (begun: string, of: CoatingClass, sheetId: string, rigId: string): Job => {
    const { view } = fromNothing(of, 'hvlp');
    return {
      ...view.job,
      id: begun,
      begun: `2026-11-${begun}T08:00:00.000Z`,
      layers: view.job.layers.map((layer) => ({ ...layer, rigId, sheet: sheet(of, sheetId) })),
    };
  };
  const rigs = [gun('a-first', 'hvlp'), gun('hvlp', 'hvlp'), gun('pump', 'airless')];
  const jobs = [
    job('01', 'two-part-clear', 'clear', 'hvlp'),
    job('05', 'wall-paint', 'wall', 'pump'),
    job('03', 'two-part-clear', 'other-clear', 'a-first'),
  ];

  it('is the gun the product was sprayed with last, else its class, else one made for it', () => {
    const of = (sheetId: string | undefined, cls: CoatingClass, held = rigs, more: Partial<Coating> = {}) =>
      usualRig(
        { sheet: sheetId === undefined ? undefined : { ...sheet(cls, sheetId), ...more }, of: cls },
        jobs,
        held,
      )?.id;
    expect(of('clear', 'two-part-clear')).toBe('hvlp');
    expect(of('a-new-clear', 'two-part-clear')).toBe('a-first');
    expect(of(undefined, 'water-lacquer')).toBe('a-first');
    expect(of(undefined, 'elastomeric')).toBe('pump');
    expect(of(undefined, 'elastomeric', rigs.slice(0, 2))).toBeUndefined();
    // A new product of a class that was sprayed with a gun its paper does not name takes one that it names.
    const airless = sheet('wall-paint', 'any').guns.filter(({ atomising }) => atomising === 'airless');
    expect(of('a-new-clear', 'two-part-clear', rigs, { guns: airless })).toBe('pump');
    expect(of('a-new-clear', 'two-part-clear', rigs.slice(0, 2), { guns: airless })).toBeUndefined();
  });
});
