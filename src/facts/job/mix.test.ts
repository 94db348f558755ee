import { celsius } from '@/core/climate';
import { isRefusal } from '@/core/refusal';
import type { Can, Coating, NewEntry } from '@/records';
import {
  aJob,
  at,
  changed,
  colour,
  end,
  fitRoom,
  lacquer,
  logged,
  mixedColour,
  mixedLacquer,
  noon,
  seen,
  turbine,
  water,
} from '../../../tests/fixtures/job';

// prettier-ignore
const extender = {
  id: 'extender', name: 'Extender', density: 1000, volumeSolids: 0, voc: 900, water: 0, exempt: 0,
  doseBy: 'mass' as const, doseOf: 'mix' as const, dose: 0, maximum: 0.05, thins: true,
};
const dosed: Coating = { ...lacquer, additives: [extender] };
const can = (id: string, says: Partial<Can> = {}): Can => ({
  kind: 'can',
  version: 1,
  id,
  coatingId: 'lacquer',
  componentId: 'base',
  lot: id,
  left: 9e-3,
  ...says,
});

describe('doses', () => {
  it('go in last, and count toward the thinner’s maximum: 5 % of 12 leaves 7', () => {
    const job = logged(changed(aJob([dosed]), { doses: { extender: 0.05 } }), [
      -20,
      {
        type: 'mixed',
        batchId: 'b',
        layerId: 'lacquer',
        poured: [
          { partId: 'base', mass: 2 },
          { partId: 'extender', mass: 0.1 },
        ],
      },
    ]);
    const view = seen(logged(job, [-10, water(0.02)]));
    expect(view.mix.batch?.doseShare).toBeCloseTo(0.05, 9);
    expect(view.thin.question?.maximum).toBeCloseTo(0.07, 9);
    // 20 g of water on the 2100 g mix is 0.95 %, and the extender’s 5 %.
    expect(view.thin.share).toBeCloseTo(0.02 / 2.1 + 0.05, 6);
    expect(view.mix.batch?.ratio?.passes).toBe(true);
  });

  it('past the sheet’s maximum are refused before anything is poured', () => {
    const { mix } = seen(changed(aJob([dosed]), { doses: { extender: 0.08 } }));
    expect(mix.ladder).toMatchObject({ refused: 'dose-over', value: 0.08, max: 0.05 });
  });

  it('that were poured stay in the pot, whatever the job says later', () => {
    const poured = [
      { partId: 'base', mass: 2 },
      { partId: 'extender', mass: 0.1 },
    ];
    const job = logged(aJob([dosed]), [-20, { type: 'mixed', batchId: 'b', layerId: 'lacquer', poured }]);
    expect(seen(job).mix.batch?.applied.mass).toBeCloseTo(2.1, 9);
  });
});

describe('a mix off its ratio', () => {
  it('is told, and mended by more of what is short', () => {
    const poured = [
      { partId: 'base', mass: 0.96 },
      { partId: 'hardener', mass: 0.16 },
    ];
    const off = logged(aJob([colour]), [-5, { type: 'mixed', batchId: 'c', layerId: 'colour', poured }]);
    const { batch } = seen(off).mix;
    expect(batch?.ratio?.passes).toBe(false);
    const mended = logged(off, [
      -3,
      { type: 'poured', batchId: 'c', layerId: 'colour', volume: 1e-3, partId: 'hardener', mass: 0.04 },
    ]);
    expect(seen(mended).mix.batch?.ratio?.passes).toBe(true);
    expect(seen(mended).mix.batch?.applied.mass).toBeCloseTo(1.16, 9);
    expect(seen(mended).mix.pouring).toBeUndefined();
  });
});

describe('thinned cans and leftovers', () => {
  const back = { type: 'returned', canId: 'a', mass: 0.104, thinner: 0.104 } as const;

  it('a can that got rinsings gives a batch that begins thinned, and more of it is poured', () => {
    // 936 g of lacquer and 104 g of rinsings: a tenth of what is poured is water.
    const job = logged(aJob(), [-90, back], [-60, fitRoom]);
    const view = seen(job, { cans: [can('a', { left: 0.9e-3 })] });
    if (isRefusal(view.mix.ladder) || isRefusal(view.mix.volume)) throw new Error('no ladder');
    const [rung] = view.mix.ladder;
    expect(rung!.mass).toBeCloseTo((view.mix.volume * 1040) / 0.9, 2);
    const poured = logged(
      job,
      [
        -20,
        {
          type: 'poured',
          batchId: 'b',
          layerId: 'lacquer',
          volume: 1e-3,
          partId: 'base',
          mass: 1,
          thinner: 0.1,
          from: [{ canId: 'a', mass: 1 }],
        },
      ],
      [-10, { type: 'mixed', batchId: 'b', layerId: 'lacquer', poured: [{ partId: 'base', mass: 0.9 }] }],
    );
    expect(seen(poured).mix.batch).toMatchObject({ thinner: 0.1, thinnedBefore: 0.1 });
    expect(seen(poured).thin.share).toBeCloseTo(0.1 / 0.9, 6);
  });

  it('a leftover keeps its age, and brings every part in its share', () => {
    const leftover = {
      type: 'leftover',
      batchId: 'n',
      layerId: 'colour',
      volume: 1e-3,
      from: 'Gate',
      mixedAt: at(-90),
      mass: 0.58,
      thinner: 0,
    } as const;
    const begun = logged(aJob([colour]), [-10, leftover]);
    const { pouring } = seen(begun).mix;
    expect(pouring?.poured[0]).toBeCloseTo(0.48, 9);
    expect(pouring?.poured[1]).toBeCloseTo(0.1, 9);
    const mixed = logged(begun, [-5, mixedColour('n')]);
    expect(seen(mixed).mix.batch?.mixedAt).toBe(noon - 90 * 60_000);
    expect(seen(mixed).mix.batch?.leftovers).toEqual(['Gate']);
  });
});

describe('what to mix now', () => {
  it('is only for the coats that are still to come', () => {
    const all = seen(aJob()).mix.volume as number;
    const after = seen(logged(aJob(), [-60, end('lacquer-1')])).mix.volume as number;
    expect(after).toBeCloseTo(all / 2, 9);
  });

  it('is split where it would outlive the pot, each batch with its time', () => {
    const slow: Coating = { ...colour, times: { ...colour.times, potLife: 1500 } };
    const view = seen(aJob([slow]));
    if (isRefusal(view.supply.batches)) throw new Error(view.supply.batches.says);
    expect(view.supply.batches.length).toBeGreaterThan(1);
    expect(view.mix.volume).toBeCloseTo(view.supply.batches[0]!.volume, 12);
    const whole = view.supply.batches.reduce((sum, { volume }) => sum + volume, 0);
    expect(whole).toBeCloseTo(isRefusal(view.plan.needed) ? 0 : view.plan.needed.total, 9);
    expect(view.supply.batches[0]!.mixAt).toBe(-600);
  });

  it('never mixes more than the pot holds, the reserve counted', () => {
    const job = aJob();
    const { supply } = seen(changed(job, { approach: { pot: 0.7e-3, reserve: 0.3 } }));
    if (isRefusal(supply.batches)) throw new Error(supply.batches.says);
    expect(supply.batches.length).toBeGreaterThan(2);
    for (const { volume } of supply.batches) expect(volume).toBeLessThanOrEqual(0.7e-3 * (1 + 1e-9));
  });

  it('refuses a batch larger than the pot', () => {
    const job = aJob();
    const big = seen(changed(job, { approach: { batch: 5e-3, pot: 2e-3 } }));
    expect(big.mix.volume).toMatchObject({ refused: 'over-pot', max: 2e-3 });
  });

  it('counts both sides, mouldings and a thirsty surface', () => {
    const plain = seen(aJob());
    const job = aJob();
    const [face] = job.part.faces;
    const both = seen({ ...job, part: { ...job.part, faces: [{ ...face!, sides: 2, shape: 1.2 }] } });
    expect(both.plan.area).toBeCloseTo(plain.plan.area * 2.4, 9);
    const thirsty = seen({ ...job, part: { ...job.part, absorption: 40e-6 } });
    if (isRefusal(thirsty.plan.needed)) throw new Error('refused');
    expect(thirsty.plan.needed.absorbed).toBeCloseTo(plain.plan.area * 40e-6, 9);
  });

  it('says how many faces one fill of the cup does', () => {
    const { faces } = seen(aJob(), { rig: { ...turbine, cup: 1e-3 } }).supply;
    const [front] = faces;
    if (!front || isRefusal(front.fills)) throw new Error('no fills');
    // 7 strokes of 2.2 m, 125 mm apart, sweep 1.925 m²; × 90.6 µm ÷ 0.55 is about 317 mL; 950 mL do two, and not three.
    expect(front.volume * 1e6).toBeCloseTo(317.2, 0);
    expect(front.fills.faces).toBe(2);
  });
});

describe('cans of a job', () => {
  const from = (id: string): NewEntry => ({
    type: 'poured',
    batchId: 'x',
    layerId: 'lacquer',
    volume: 1e-3,
    partId: 'base',
    mass: 1,
    from: [{ canId: id, mass: 1 }],
  });

  it('another lot than the batch before is flagged, unless it is boxed with it', () => {
    const job = logged(aJob(), [-90, from('a')], [-80, { type: 'discard', batchId: 'x', why: 'spilt' }]);
    const cans = [can('a'), can('b')];
    expect(seen(changed(job, { cans: ['b'] }), { cans }).mix.sources[0]?.otherLots).toEqual(['a']);
    expect(seen(changed(job, { cans: ['a', 'b'] }), { cans }).mix.sources[0]?.otherLots).toEqual([]);
  });

  it('too little in them is told before pouring, an expired one with what to take instead', () => {
    const [source] = seen(changed(aJob(), { cans: ['a'] }), {
      cans: [can('a', { left: 0.5e-3, useBefore: '2026-01-01' }), can('b')],
    }).mix.sources;
    expect(source?.short).toBeGreaterThan(1e-3);
    expect(source?.expired).toHaveLength(1);
    expect(source?.instead?.can.id).toBe('b');
  });

  it('a can of brush grade is never taken by itself, nor offered instead', () => {
    const brush = can('a', { grade: 'brush' });
    expect(seen(aJob(), { cans: [brush, can('b')] }).mix.sources[0]?.cans.map((each) => each.can.id)).toEqual(
      ['b'],
    );
    const [source] = seen(changed(aJob(), { cans: ['a'] }), { cans: [brush] }).mix.sources;
    expect(source?.brush).toHaveLength(1);
    expect(source?.instead).toBeUndefined();
  });

  it('of a paint that comes in both grades it is asked, of another not', () => {
    const enamel: Coating = { ...lacquer, class: 'quick-enamel' };
    expect(seen(aJob(), { cans: [can('a')] }).mix.sources[0]?.ungraded).toEqual([]);
    expect(seen(aJob([enamel]), { cans: [can('a')] }).mix.sources[0]?.ungraded).toHaveLength(1);
    expect(seen(aJob([enamel]), { cans: [can('a', { grade: 'spray' })] }).mix.sources[0]?.ungraded).toEqual(
      [],
    );
  });

  it('one part in large amounts comes out of opened cans, the first out of date first', () => {
    const job = changed(aJob(), { approach: { batch: 12e-3 } });
    const cans = [
      can('late', { left: 10e-3, useBefore: '2027-09-01' }),
      can('soon', { left: 4e-3, useBefore: '2027-01-01' }),
      can('brush', { left: 10e-3, grade: 'brush' }),
    ];
    const { opening } = seen(job, { cans }).mix;
    const litres = (size: number) => Number((size * 1000).toFixed(6));
    expect(
      opening?.cans.map(({ from, takes, stays }) => [from.can.id, litres(takes), litres(stays)]),
    ).toEqual([
      ['soon', 4, 0],
      ['late', 8, 2],
    ]);
    expect(opening?.short).toBe(0);
    expect(litres(seen(job, { cans: cans.slice(1) }).mix.opening!.short)).toBe(8);
    // Five litres are opened, less is weighed; and what has two parts is always weighed.
    const of = (batch: number, sheets = [lacquer]) =>
      seen(changed(aJob(sheets), { approach: { batch } })).mix.opening;
    expect(of(5e-3)).toBeDefined();
    expect(of(4.99e-3)).toBeUndefined();
    expect(of(12e-3, [colour])).toBeUndefined();
  });
});

describe('the sheet as worked with', () => {
  const catalysed: Coating = {
    ...colour,
    components: [
      colour.components[0]!,
      {
        ...colour.components[1]!,
        partsAt: [
          { temperature: celsius(15), parts: 1.4 },
          { temperature: celsius(25), parts: 0.8 },
        ],
      },
    ],
    guns: [{ ...lacquer.guns[0]!, target: { cupId: 'din-4', min: 18, max: 21, temperature: celsius(20) } }],
  };

  it('takes the parts for the room, and the band of the method', () => {
    const room = { ...fitRoom, air: celsius(20) } as typeof fitRoom;
    const view = seen(logged(aJob([catalysed]), [-30, room]));
    expect(view.mix.sheet.components[1]!.parts).toBeCloseTo(1.1, 9);
    expect(view.thin.band).toMatchObject({ min: 18, max: 21 });
    // What is stored stays as the sheet says.
    expect(view.job.layers[0]!.sheet.components[1]!.parts).toBe(1);
  });

  it('takes a dose for the room, never past its maximum', () => {
    const dose = {
      ...{ id: 'x', name: 'X', density: 900, volumeSolids: 0, voc: 900, water: 0, exempt: 0, thins: false },
      ...{ doseBy: 'mass' as const, doseOf: 'mix' as const, dose: 0.01, maximum: 0.025 },
      doseAt: [
        { temperature: celsius(15), dose: 0.03 },
        { temperature: celsius(25), dose: 0.01 },
      ],
    };
    const at = (air: number) =>
      seen(logged(aJob([{ ...colour, additives: [dose] }]), [-30, { ...fitRoom, air } as typeof fitRoom])).mix
        .sheet.additives![0]!.dose;
    expect(at(celsius(20))).toBeCloseTo(0.02, 9);
    expect(at(celsius(15))).toBe(0.025);
  });

  it('takes the thinner the sheet names for this air, and stays with the one in the pot', () => {
    const thinners = [
      { ...lacquer.thinning.thinners[0]!, id: 'cool', air: { min: celsius(10), max: celsius(18) } },
      { ...lacquer.thinning.thinners[0]!, id: 'warm', air: { min: celsius(18), max: celsius(30) } },
    ];
    const sheet: Coating = { ...lacquer, thinning: { ...lacquer.thinning, thinners } };
    expect(seen(logged(aJob([sheet]), [-60, fitRoom])).thin.thinner?.id).toBe('warm');
    const used = logged(
      aJob([sheet]),
      [-60, fitRoom],
      [-50, mixedLacquer],
      [-40, { type: 'addition', batchId: 'b', what: 'cool', mass: 0.05 }],
    );
    expect(seen(used).thin.thinner?.id).toBe('cool');
    expect(seen(changed(used, { thinnerId: 'warm' })).thin.thinner?.id).toBe('warm');
  });
});
