import { newShop } from '@/records';
import { aJob, end, fitRoom, kit, lacquer, logged, noon, start, turbine } from '../../../tests/fixtures/job';
import { gunsOver } from './gunsover';

const priced = { ...lacquer, pricePerVolume: 20_000 };
const shop = { ...newShop, rates: { labour: 40 / 3600 } };
/** The same gun, but more of what it sprays lands. */
const better = { ...turbine, id: 'better', name: 'Better', transfer: 0.8 };
const worse = { ...turbine, id: 'worse', name: 'Worse', transfer: 0.3 };
const job = logged({ ...aJob([priced]), id: 'a' }, [-60, fitRoom]);
const over = (...jobs: Parameters<typeof gunsOver>[0]) =>
  gunsOver(jobs, [turbine, better, worse], kit.cups, shop, noon);

describe('guns over all open jobs', () => {
  it('adds up what a gun saves wherever it saves, and leaves out one that saves nowhere', () => {
    const [one] = over(job);
    expect(over(job).map(({ rigId }) => rigId)).toEqual(['better']);
    expect(one).toMatchObject({ layers: 1, jobs: 1 });
    const [two] = over(job, { ...job, id: 'b' });
    expect(two!.saves).toBeCloseTo(2 * one!.saves, 9);
    expect(two!.jobs).toBe(2);
  });

  it('goes by what is still to be sprayed, in jobs that are not put away', () => {
    expect(over({ ...job, closed: new Date(noon).toISOString() })).toEqual([]);
    const on = logged(
      job,
      [-50, start('lacquer-1')],
      [-45, end('lacquer-1')],
      [-20, start('lacquer-2')],
      [-15, end('lacquer-2')],
    );
    expect(over(on)).toEqual([]);
  });

  it('says nothing where nothing is priced, tells how far it is, and a job that fails leaves the others', () => {
    expect(gunsOver([{ ...aJob(), id: 'c' }], [turbine, better], kit.cups, newShop, noon)).toEqual([]);
    const told: number[] = [];
    const broken = {
      ...job,
      id: 'd',
      layers: job.layers.map((layer) => ({ ...layer, sheet: null })),
    } as never;
    const found = gunsOver([broken, job], [turbine, better], kit.cups, shop, noon, (done) => told.push(done));
    expect(told).toEqual([0, 1, 2]);
    expect(found.map(({ rigId }) => rigId)).toEqual(['better']);
  });
});
