import { isRefusal } from '@/core/refusal';
import type { EntryOf, Job, Rig } from '@/records';
import {
  airless,
  aJob,
  at,
  end,
  logged,
  noon,
  readyToSpray,
  setting,
  sprayedWith,
  start,
  turbine,
  wallPaint,
} from '../../../tests/fixtures/job';
import { careCalendar, lookedAfter } from './carecalendar';
import { spansOf } from './riguse';
import { monthSums, solventGone, wasteRows } from './waste';
import { kitOf, wearOf } from './wear';

const dayMs = 86_400_000;
const day = (ago: number) => new Date(noon - ago * dayMs).toISOString().slice(0, 10);

/** A coat of so many minutes, so many days ago. */
const sprayed = (ago: number, minutes: number, more: Partial<Job> = {}): Job => ({
  ...logged(
    readyToSpray(),
    [-ago * 1440 - 30 - minutes, start('lacquer-1')],
    [-ago * 1440 - 30, end('lacquer-1')],
  ),
  id: `job-${ago}`,
  ...more,
});

const set = { id: 's13', bore: 1.3e-3, since: day(100) };
const rig: Rig = { ...turbine, sets: [set] };
const withSet = (job: Job): Job => ({
  ...sprayedWith(job, rig.id),
  log: job.log.map((entry) =>
    entry.type === 'setting' ? { ...entry, at: at(-400 * 1440), setId: 's13' } : entry,
  ),
});
const of = (rigs: Rig[], jobs: Job[], part: string) =>
  wearOf(rigs, jobs, noon).find((item) => item.part === part)!;

describe('what wears', () => {
  it('a nozzle counts the hours sprayed with it since it was new or renewed', () => {
    const jobs = [sprayed(120, 60), sprayed(50, 60), sprayed(2, 30)].map(withSet);
    expect(of([rig], jobs, 'nozzle').used).toBeCloseTo(90 * 60);
    const renewed = {
      ...rig,
      renewals: [{ id: 'r', part: 'nozzle' as const, which: 's13', on: day(10), why: 'worn' as const }],
    };
    expect(of([renewed], jobs, 'nozzle').used).toBeCloseTo(30 * 60);
    expect(of([renewed], jobs, 'needle').used).toBeCloseTo(90 * 60);
  });

  it('a gasket counts days, and nothing is due of one nobody has dated', () => {
    expect(of([rig], [], 'gasket').due).toBeUndefined();
    const dated = {
      ...rig,
      renewals: [{ id: 'r', part: 'gasket' as const, on: day(100), why: 'new-gun' as const }],
    };
    const item = of([dated], [], 'gasket');
    expect(item.used / 86_400).toBeCloseTo(100.5, 0);
    expect(item.due!.low).toBeLessThan(item.due!.middle);
    expect(item.due!.middle).toBeGreaterThan(noon);
    const late = { ...dated, renewals: [{ ...dated.renewals[0]!, on: day(400) }] };
    expect(of([late], [], 'gasket').due!.middle).toBeLessThan(noon + 120 * dayMs);
  });

  it('learns lives from parts renewed as worn, over all rigs, not from lost ones', () => {
    const renewals = (why: 'worn' | 'early') =>
      [200, 160, 120, 80, 40].map((ago, i) => ({ id: `r${i}`, part: 'gasket' as const, on: day(ago), why }));
    const other = { ...rig, id: 'other', renewals: renewals('worn') };
    const learnt = wearOf([rig, other], [], noon).find(
      (item) => item.rig.id === rig.id && item.part === 'gasket',
    )!;
    expect(learnt.belief).toMatchObject({ basis: 'history', renewals: 4 });
    expect(learnt.belief.median / 86_400).toBeLessThan(75);
    expect(of([{ ...other, renewals: renewals('early') }], [], 'gasket').belief.basis).toBe('default');
    expect(of([{ ...rig, intervals: { gasket: 30 * 86_400 } }], [], 'gasket').belief).toMatchObject({
      basis: 'interval',
    });
  });

  it('a tip counts litres by how the coating rubs, and a measured fan outranks the count', () => {
    const pump: Rig = {
      ...airless,
      tips: ['517'],
      tipsWorn: { '517': { fan: 0.22 } },
      kit: [{ id: 'k', part: 'tip', stock: 0, price: 40 }],
    };
    const sheet = { ...wallPaint, pricePerVolume: 8000 };
    const job = (abrasive: 'mild' | 'harsh'): Job =>
      logged(
        sprayedWith(aJob([{ ...sheet, abrasive }]), pump.id),
        [
          -2000,
          {
            type: 'mixed',
            batchId: 'b',
            layerId: sheet.id,
            poured: [{ partId: sheet.components[0]!.id, mass: 132 }],
          },
        ],
        [-1999, { ...(setting(sheet.id) as EntryOf<'setting'>), tip: '517' }],
        [-1500, start(`${sheet.id}-1`)],
        [-1440, end(`${sheet.id}-1`)],
      );
    const mild = of([pump], [job('mild')], 'tip');
    const harsh = of([pump], [job('harsh')], 'tip');
    expect(harsh.used / mild.used).toBeCloseTo(5);
    expect(mild.measured!.lost).toBeCloseTo(1 - 0.22 / 0.254);
    if (isRefusal(mild.measured!.left)) throw new Error();
    expect(mild.due!.middle - noon).toBeCloseTo((mild.measured!.left.middle / mild.rate) * 1000, -2);
    const { week, price } = mild.measured!;
    expect(week!.paint).toBeGreaterThan(0);
    expect(week!.cost).toBeCloseTo(week!.paint * 8000, 9);
    // A tip more worn wastes more of the same paint in the same week.
    const worse = { ...pump, tipsWorn: { '517': { ...pump.tipsWorn!['517']!, fan: 0.2 } } };
    expect(of([worse], [job('mild')], 'tip').measured!.week!.cost).toBeGreaterThan(week!.cost);
    expect(mild.perVolume).toBeCloseTo(price! / mild.belief.median, 9);
    expect(mild.perWeek).toBeCloseTo((price! * mild.rate * 7 * 86_400) / mild.belief.median, 9);
    expect(mild.measured!.breakEven).toBeGreaterThan(0);
    const after = lookedAfter(pump, { kind: 'wear', id: 'x', part: 'tip', which: '517' }, day(0), 'new');
    expect(after.tipsWorn).toEqual({});
    expect(after.renewals).toMatchObject([{ part: 'tip', which: '517', why: 'worn' }]);
  });

  it('spans share a batch over its coats by their time', () => {
    const job = logged(
      readyToSpray(),
      [-60, start('lacquer-1')],
      [-40, end('lacquer-1')],
      [-30, start('lacquer-2')],
      [-20, end('lacquer-2')],
    );
    const [first, second] = spansOf([job], job.layers[0]!.rigId);
    expect(first!.volume).toBeCloseTo(2 * second!.volume);
    expect(first!.wearing).toBeCloseTo(first!.volume / 2);
  });
});

describe('the kit', () => {
  it('says when to order from how often a part is renewed and how long an order takes', () => {
    const kit = [
      { id: 'k', part: 'gasket' as const, stock: 1, lead: 60 },
      { id: 'k2', part: 'packing' as const, stock: 5, lead: 2 },
    ];
    const own = { ...rig, kit };
    const [gasket, packing] = kitOf(wearOf([own], [], noon), [own]);
    // One in 120 days: in 60 days half of one is wanted on the average.
    expect(gasket!.perDay).toBeCloseTo(1 / 120);
    expect(gasket).toMatchObject({ reorder: 2, order: true });
    expect(packing).toMatchObject({ order: false });
  });
});

describe('the care calendar', () => {
  const dated: Rig = {
    ...rig,
    airParts: [
      { id: 'd', kind: 'drain', since: day(3) },
      { id: 'f', kind: 'filter', since: day(176) },
      { id: 'g', kind: 'gauge' },
      { id: 's', kind: 'separator', since: day(1), every: 30 },
    ],
    renewals: [{ id: 'r', part: 'packing', on: day(20), why: 'worn' }],
  };

  it('lists what is due, the first first, by usual or own intervals', () => {
    const list = careCalendar([dated], [], noon);
    expect(list.map(({ due }) => due)).toEqual(list.map(({ due }) => due).sort((a, b) => a - b));
    expect(list.map(({ part, state }) => `${part} ${state}`)).toEqual([
      'drain over',
      'filter soon',
      'separator later',
      'packing later',
    ]);
  });

  it('what was looked after comes back later, and takes its part off the shelf', () => {
    const drained = lookedAfter(
      dated,
      { kind: 'air', id: 'x', part: 'drain', airPartId: 'd' },
      day(0),
      'new',
    );
    expect(careCalendar([drained], [], noon)[0]!.part).toBe('drain');
    expect(careCalendar([drained], [], noon)[0]!.state).toBe('soon');
    const stocked = {
      ...dated,
      kit: [
        { id: 'k', part: 'packing' as const, stock: 2 },
        { id: 'l', part: 'packing' as const, stock: 4 },
      ],
    };
    const renewed = lookedAfter(stocked, { kind: 'wear', id: 'x', part: 'packing' }, day(0), 'new', 'early');
    expect(renewed.kit!.map(({ stock }) => stock)).toEqual([1, 4]);
    expect(renewed.renewals!.at(-1)).toMatchObject({ part: 'packing', why: 'early' });
  });
});

describe('waste', () => {
  it('adds up by job and month; what settled clear again is not gone', () => {
    const job = logged(
      aJob(),
      [-60, { type: 'waste', what: 'used', volume: 1e-3 }],
      [-50, { type: 'waste', what: 'used', volume: 5e-4 }],
      [-40, { type: 'waste', what: 'recovered', volume: 8e-4 }],
      [-30, { type: 'waste', what: 'sludge', mass: 0.2 }],
      [-45 * 1440, { type: 'waste', what: 'mix', volume: 2e-4 }],
    );
    const rows = wasteRows([job, { ...job, id: 'two', name: 'A second' }]);
    expect(rows.map(({ month, job: name }) => `${month} ${name}`)).toEqual([
      '2026-11 A second',
      `2026-11 ${job.name}`,
      '2026-10 A second',
      `2026-10 ${job.name}`,
    ]);
    expect(rows[1]!.volume.used).toBeCloseTo(1.5e-3);
    expect(solventGone(rows[1]!)).toBeCloseTo(7e-4);
    expect(solventGone({ volume: { recovered: 1 } })).toBe(0);
    const [november] = monthSums(rows);
    expect(november!.volume.used).toBeCloseTo(3e-3);
    expect(november!.mass.sludge).toBeCloseTo(0.4);
    const struck = {
      ...job,
      log: job.log.map((entry) => ({ ...entry, struck: { at: entry.at, why: 'typed twice' } })),
    };
    expect(wasteRows([struck])).toEqual([]);
  });
});
