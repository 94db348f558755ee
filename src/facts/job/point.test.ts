import { celsius } from '@/core/climate';
import { fanAt, tipFlow, tipFromCode } from '@/core/airless';
import { isRefusal } from '@/core/refusal';
import type { NewEntry, Rig } from '@/records';
import type { LaidCoat } from './worked';
import {
  aJob,
  airless,
  card,
  changed,
  coatsChanged,
  coatsIn,
  logged,
  mixedLacquer,
  readyToSpray,
  seen,
  setting,
  turbine,
  wallPaint,
} from '../../../tests/fixtures/job';

const at = (says: object, layerId = 'lacquer'): NewEntry =>
  ({ ...(setting(layerId) as object), ...says }) as NewEntry;
const wallRig: Rig = { ...airless, tips: ['310', '515', '517'] };
const tipOf = (code: string) => {
  const tip = tipFromCode(code);
  if (isRefusal(tip)) throw new Error(tip.says);
  return tip;
};

describe('what was recorded though the gun cannot do it', () => {
  const [small, large] = [tipOf('310'), tipOf('515')];
  const flow = (orifice: number) => tipFlow(orifice, 145e5, 1320) as number;
  const asked = { bore: undefined, tip: '310', pressure: 145e5, pressureAt: 'tip', distance: 0.305 };
  const recorded = at({ ...asked, fluid: flow(large.orifice), fan: fanAt(large, 0.305), speed: 0.5 }, 'wall');

  it('a 515’s fluid and fan with a 310 fitted: what the 310 must have done, and never good', () => {
    const job = logged(aJob([wallPaint]), [-20, recorded], [-15, card('good', 'wall')]);
    const { set, done, spray } = seen(job, { rig: wallRig });
    expect(set.fault).toMatchObject({ kind: 'tip-fluid' });
    expect(set.setting?.fluid).toBe((recorded as { fluid: number }).fluid);
    expect(set.point).toMatchObject({ feasible: false, why: 'tip-fluid' });
    expect(set.point.fluid! / (tipFlow(small.orifice, 145e5, set.density) as number)).toBeCloseTo(1, 6);
    expect(done.has('set')).toBe(false);
    expect(spray.fluid).toBe(set.point.fluid);
  });

  it('two litres a minute through a 1.0: no more than it passes', () => {
    const job = logged(readyToSpray(), [-5, at({ bore: 1e-3, fluid: 2e-3 / 60 })], [-4, card()]);
    const { set } = seen(job);
    expect(set.point).toMatchObject({ feasible: false, why: 'fluid', needle: 1 });
    expect(set.point.fluid).toBe(set.point.fluidMost);
  });
});

describe('a worn tip', () => {
  const worn: Rig = { ...wallRig, tipsWorn: { '517': { fan: 0.2 } } };
  const fitting = (rig: Rig) => {
    const { fittings } = seen(aJob([wallPaint]), { rig }).set;
    if (isRefusal(fittings)) throw new Error(fittings.says);
    return fittings.find(({ tip }) => tip === '517')!;
  };
  it('sprays more over less: what its fan lost its orifice gained', () => {
    const [fresh, old] = [fitting(wallRig).point, fitting(worn).point];
    expect(old.fan / fresh.fan).toBeCloseTo(0.2 / 0.254, 6);
    expect(old.speed).toBeGreaterThan(fresh.speed * 1.4);
  });
});

describe('the point of each coat', () => {
  const [one] = coatsIn(aJob()) as [LaidCoat];
  const three = changed(aJob(), {
    coats: [
      { ...one, id: 'bed', name: 'Bed coat', role: 'bed', dry: 15e-6 },
      { ...one, id: 'full', name: 'Full coat', dry: 29e-6 },
      { ...one, id: 'drop', name: 'Drop coat', role: 'drop', dry: 10e-6 },
    ],
  });
  const sprayed = (job: ReturnType<typeof aJob>, minutes: number, coatId: string) =>
    logged(job, [minutes, { type: 'coat-start', coatId }], [minutes + 5, { type: 'coat-end', coatId }]);
  const proposed = (job: ReturnType<typeof aJob>): NewEntry => {
    const { set, work } = seen(job);
    if (isRefusal(set.proposal)) throw new Error(set.proposal.says);
    const { fitting, pressure, pressureAt, distance, overlap, speed } = set.proposal;
    return at(
      {
        ...{ bore: fitting.bore, pressure, pressureAt, distance, overlap, speed },
        ...{ fluid: fitting.point.fluid, fan: fitting.point.fan },
      },
      work.layer.id,
    );
  };

  it('differs between bed, full and drop, and each lays its own film', () => {
    const { points, plan } = seen(three);
    const [bed, full, drop] = points.map(({ point }) => point);
    expect(drop!.distance / full!.distance).toBeCloseTo(1.4, 6);
    expect(drop!.pressure! / full!.pressure!).toBeCloseTo(0.85, 6);
    expect(bed!.distance / full!.distance).toBeCloseTo(1.1, 6);
    expect(drop!.transfer).toBeLessThan(full!.transfer);
    for (const { coat, point } of points) {
      const { wet } = plan.coats.find((each) => each.coat.id === coat.id)!;
      expect(Math.abs((point.film! * point.passes) / wet - 1)).toBeLessThan(point.passes > 1 ? 1 : 1e-3);
    }
  });

  it('what the gun is set to for one does not stand for the next, and is set back exactly', () => {
    const bed = logged(three, [-60, mixedLacquer], [-50, proposed(three)], [-48, card()]);
    expect(seen(bed).set.setting).toBeDefined();
    const afterBed = sprayed(bed, -45, 'bed');
    const open = seen(afterBed).set;
    expect(open.setting).toBeUndefined();
    expect(open.setOtherwise).toBeDefined();
    expect(open.again).toBeUndefined();
    expect(seen(afterBed).spray.cardWanted).toBe(true);
    const full = logged(afterBed, [-35, proposed(afterBed)], [-34, card()]);
    expect(seen(full).set.cardState).toBe('good');
    // One more bed coat after it: the gun goes back to what it was.
    const twice = coatsChanged(full, ({ id }) => (id === 'drop' ? { role: 'bed' } : {}));
    const back = seen(sprayed(twice, -30, 'full')).set;
    expect(back.again).toMatchObject({ id: open.setOtherwise!.id });
  });

  it('of the same kind over another film is the same gun at another pace', () => {
    const two = coatsChanged(aJob(), (_, i) => ({ dry: i === 0 ? 29e-6 : 20e-6 }));
    const [first, second] = coatsIn(two);
    const set = logged(two, [-60, mixedLacquer], [-50, proposed(two)], [-48, card()]);
    const before = seen(set).set;
    const after = seen(sprayed(set, -45, first!.id)).set;
    expect(after.coat?.id).toBe(second!.id);
    expect(after.setting?.id).toBe(before.setting?.id);
    expect(after.cardState).toBe('good');
    expect(after.point.fluid).toBe(before.point.fluid);
    expect(after.point.speed / before.point.speed).toBeCloseTo(29 / 20, 3);
    expect(after.point.film! / after.wet).toBeCloseTo(before.point.film! / before.wet, 6);
  });

  it('is the one every place tells, and its paint is its fluid over its time', () => {
    for (const view of [seen(three), seen(readyToSpray()), seen(aJob([wallPaint]), { rig: airless })]) {
      const own = view.points.find(({ coat }) => coat.id === view.set.coat?.id)!;
      expect(own.point).toBe(view.set.point);
      expect(view.spray).toMatchObject({
        spacing: own.point.spacing,
        speed: own.point.speed,
        coatTime: own.time,
      });
      for (const { point, paint, time } of view.points)
        if (point.feasible) expect(paint / (point.fluid! * time)).toBeCloseTo(1, 9);
    }
  });
});

describe('what a card and a thermometer change', () => {
  const pattern = {
    ...{ width: 0.2, height: 0.05, profile: [0.5, 1, 1.5, 1, 0.5, 1.5, 1], centre: 1, ends: 0.5 },
    ...{ flatness: 0.2, middle: 1, bend: 0, softness: 1, tails: 0, spatter: 0, speckle: 0 },
    ...{ fault: 'good', confidence: 0.9 },
  };
  it('a fan that a card measured is the fan from then on, and the pace answers it', () => {
    const before = seen(readyToSpray()).set.point;
    const read = logged(readyToSpray(), [-1, { ...(card() as object), pattern } as NewEntry]);
    const { point } = seen(read).set;
    expect(point).toMatchObject({ fan: 0.2, fanFrom: 'card', spacing: 0.2 * (1 - point.overlap) });
    expect(point.speed / before.speed).toBeCloseTo(before.fan / 0.2, 6);
    expect(point.film).toBeCloseTo(before.film!, 12);
  });

  it('paint in a cold room is thicker than its sheet says, and the nozzle passes less of it', () => {
    const room = (air: number): NewEntry => ({
      ...{ type: 'climate', air: celsius(air), part: celsius(air), humidity: 0.5 },
    });
    const [cold, warm] = [14, 23].map((air) => seen(logged(aJob(), [-5, room(air)])).set);
    expect(warm!.liquid).toMatchObject({ by: 'room', from: 'band' });
    expect(cold!.viscosity / warm!.viscosity).toBeGreaterThan(1.2);
    expect(cold!.point.fluidMost!).toBeLessThan(warm!.point.fluidMost!);
  });

  it('a gun on a compressor stands at its inlet and its cap, wherever the pressure was read', () => {
    const rig: Rig = {
      ...turbine,
      id: 'rig',
      air: 'compressor',
      airHose: { bore: 9e-3, length: 10 },
      airDemand: 400e-3 / 60,
    };
    const { point } = seen(aJob(), { rig }).set;
    expect(point.cap).toBeCloseTo(0.42e5, 0);
    expect(point.inlet! / point.cap!).toBeGreaterThan(2.5);
    const again = seen(
      logged(aJob(), [-5, at({ pressure: point.inlet, pressureAt: 'inlet', bore: point.bore })]),
      { rig },
    ).set.point;
    expect(again.cap! / point.cap!).toBeCloseTo(1, 3);
    expect(again.air! / point.air!).toBeCloseTo(1, 3);
  });
});
