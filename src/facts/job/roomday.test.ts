import { celsius } from '@/core/climate';
import { isRefusal } from '@/core/refusal';
import { newShop } from '@/records';
import { aJob, lacquer, logged, seen, turbine } from '../../../tests/fixtures/job';
import { airLeft, thinAir } from './altitude';
import { turbineLeaves } from './turbineleaves';
import { roomDay, thinnerForRoom } from './roomday';

const entered = (coldest: number, warmest: number) =>
  ({
    by: 'entered',
    coldest: celsius(coldest),
    warmest: celsius(warmest),
    dawnHumidity: 0.6,
    lag: 3600,
  }) as const;

const room = { type: 'climate', air: celsius(21), part: celsius(20), humidity: 0.5 } as const;

describe('the room over a day', () => {
  it('is right for the sheet all day, for part of it, or at no hour', () => {
    const view = seen(aJob());
    expect(roomDay(view, entered(19, 23)).spans).toEqual([{ from: 0, to: 86_400 }]);
    expect(roomDay(view, entered(-10, 2)).spans).toEqual([]);
    const some = roomDay(view, entered(8, 24)).spans;
    expect(some.length).toBeGreaterThan(0);
    for (const { from, to } of some) expect(to - from).toBeLessThan(86_400);
  });

  it('goes through the job’s own readings, and says when there are none', () => {
    expect(isRefusal(roomDay(seen(aJob()), { by: 'readings' }).curve)).toBe(true);
    const read = roomDay(seen(logged(aJob(), [-120, room], [-5, { ...room, air: celsius(25) }])), {
      by: 'readings',
    });
    expect(isRefusal(read.curve)).toBe(false);
  });

  it('names the thinner for the air as read, and none before it was', () => {
    expect(thinnerForRoom(seen(aJob()))).toBeUndefined();
    const [plain] = lacquer.thinning.thinners;
    const thinners = [
      { ...plain!, id: 'cold', name: 'Quick', air: { min: celsius(10), max: celsius(18) } },
      { ...plain!, id: 'warm', name: 'Slow', air: { min: celsius(18), max: celsius(28) } },
    ];
    const sheet = { ...lacquer, thinning: { ...lacquer.thinning, thinners } };
    expect(thinnerForRoom(seen(logged(aJob([sheet]), [-5, room])))?.name).toBe('Slow');
  });

  it('tells of thin air only where the shop lies high', () => {
    const here = (job = aJob(), altitude?: number) =>
      [job, { ...newShop, ...(altitude === undefined ? {} : { altitude }) }] as const;
    expect(thinAir(...here())).toBeUndefined();
    expect(thinAir(...here(aJob(), 200))).toBeUndefined();
    expect(thinAir(...here(aJob(), 1500))?.share).toBeCloseTo(0.165, 2);
    expect(thinAir(...here(logged(aJob(), [-5, { ...room, altitude: 2000 }])))?.altitude).toBe(2000);
    expect(airLeft(...here())).toBe(1);
    expect(airLeft(...here(aJob(), 1500))).toBeCloseTo(0.835, 2);
  });

  it('turbine and compressor give less up there, and what is proposed follows', () => {
    const high = { ...newShop, altitude: 2000 };
    const left = airLeft(aJob(), high);
    const staged = { ...turbine, stages: 3 };
    const [low, up] = [1, left].map((each) => turbineLeaves(staged, each) as number);
    expect(up! / low!).toBeLessThan(1);
    expect(up! / low!).toBeGreaterThan(left * 0.8);
    const air = (shop: typeof newShop) => {
      const view = seen(aJob(), { shop, rig: { ...turbine, stages: 2 } });
      return isRefusal(view.set.proposal) ? NaN : view.set.proposal.pressure;
    };
    expect(air(high)).toBeLessThanOrEqual(air(newShop));
  });
});
