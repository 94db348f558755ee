import type { JobCost } from '@/core/money';
import type { Job, Rig, Shop } from '@/records';
import {
  aJob,
  coatsIn,
  colour,
  end,
  fitRoom,
  lacquer,
  logged,
  mixedLacquer,
  seen,
  start,
  turbine,
  water,
} from '../../../tests/fixtures/job';
import { coatTakes, costSeen } from './cost';

const rates: NonNullable<Shop['rates']> = {
  ...{ labour: 60 / 3600, thinner: 2000, cleaner: 3000, waste: 500, masking: 0.2 },
};
const priced = { ...lacquer, pricePerVolume: 20_000 };
const kit: Rig = {
  ...turbine,
  kit: [
    { id: 'n', part: 'nozzle', stock: 1, price: 40 },
    { id: 'd', part: 'needle', stock: 1, price: 25 },
  ],
};
const costOf = (job: Job, shop: Partial<Shop> = { rates }, rig = kit) => costSeen([seen(job, { shop, rig })]);
const line = (cost: JobCost, id: string) => cost.lines.find((each) => each.id === id);

describe('what a job costs', () => {
  it('names what nobody priced, and counts nothing for it', () => {
    const { planned } = costOf(aJob(), {}, turbine);
    expect(planned.total).toBe(0);
    expect(planned.missing).toEqual(expect.arrayContaining(['paint', 'labour', 'wear']));
    const all = costOf(aJob([priced])).planned;
    expect(all.missing).toEqual([]);
    expect(all.total).toBeGreaterThan(0);
  });

  it('binds hands for the wait the sheet asks for between coats, where it is short, and for no other', () => {
    const wait = (recoatFirst: number) =>
      line(
        costOf(aJob([{ ...priced, times: { ...priced.times, flash: 300, recoatFirst } }])).planned,
        'labour',
      )?.items.find(({ what }) => what === 'waiting')?.quantity;
    expect(wait(900)).toBe(900);
    expect(wait(2 * 3600)).toBeUndefined();
  });

  it('takes paint by the plan, without the thinner that is reckoned with', () => {
    const job = aJob([priced]);
    const view = seen(job);
    const { planned, area } = costOf(job);
    const [paint] = line(planned, 'paint')!.items;
    const [thinner] = line(planned, 'thinner')!.items;
    const { needed } = view.plan;
    if ('refused' in needed) throw new Error(needed.says);
    expect(paint!.quantity + thinner!.quantity).toBeCloseTo(needed.total, 12);
    expect(line(planned, 'paint')!.cost).toBeCloseTo(paint!.quantity * 20_000, 9);
    expect(area).toBe(view.plan.area);
  });

  it('grows with each coat, each layer and a slower hand', () => {
    const one = aJob([priced]);
    const fewer = {
      ...one,
      layers: one.layers.map((layer) => ({ ...layer, coats: layer.coats.slice(0, 1) })),
    };
    expect(costOf(one).planned.total).toBeGreaterThan(costOf(fewer).planned.total);
    const two = seen(aJob([{ ...colour, pricePerVolume: 9000 }, priced]), { shop: { rates }, rig: kit });
    const other = seen(two.job, { shop: { rates }, rig: kit, inHand: two.job.layers[1]!.id });
    const paint = line(costSeen([two, other]).planned, 'paint')!.items;
    expect(paint.map(({ what }) => what)).toEqual([colour.name, lacquer.name]);
    const view = seen(one, { shop: { rates }, rig: kit });
    const slow = costSeen([{ ...view, pace: { name: 'Ida', ratio: 4, coats: 9 } }]).planned;
    expect(line(slow, 'labour')!.cost!).toBeGreaterThan(line(costSeen([view]).planned, 'labour')!.cost!);
  });

  it('tells what one coat comes to: paint without its thinner and hands, nothing where one has no price', () => {
    const view = seen(aJob([priced]), { shop: { rates }, rig: kit });
    const [point] = view.points;
    const takes = coatTakes(view, point!.coat.id)!;
    expect(takes.paint).toBe(point!.paint);
    const share = line(costSeen([view]).planned, 'thinner')!.items[0]!.quantity;
    const { needed } = view.plan;
    if ('refused' in needed) throw new Error(needed.says);
    expect(takes.cost).toBeCloseTo(
      takes.paint * (1 - share / needed.total) * 20_000 + takes.seconds * rates.labour!,
      6,
    );
    expect(coatTakes(view, 'none')).toBeUndefined();
    expect(coatTakes(seen(aJob([priced])), point!.coat.id)!.cost).toBeUndefined();
  });

  it('finds what was poured, added, timed and thrown away, and nothing else', () => {
    expect(costOf(aJob([priced])).found.lines).toEqual([]);
    const job = logged(
      aJob([priced]),
      [-100, fitRoom],
      [-95, mixedLacquer],
      [-90, water(0.1)],
      ...coatsIn(aJob())
        .slice(0, 1)
        .flatMap(
          ({ id }) =>
            [
              [-60, start(id)],
              [-50, end(id)],
            ] as const,
        ),
      [-20, { type: 'waste', what: 'used', volume: 0.3e-3 }],
      [-10, { type: 'waste', what: 'recovered', volume: 0.2e-3 }],
    );
    const { found } = costOf(job);
    expect(line(found, 'thinner')!.items[0]!.quantity).toBeCloseTo(0.1 / 1000, 9);
    expect(line(found, 'labour')!.cost).toBeCloseTo(10, 6);
    expect(line(found, 'cleaning')!.cost).toBeCloseTo(0.1e-3 * 3000, 9);
    expect(line(found, 'paint')!.items.every(({ reckoned }) => !reckoned)).toBe(true);
  });
});
