import type { NewEntry } from '@/records';
import {
  aJob,
  card,
  end,
  fitRoom,
  lacquer,
  logged,
  mixedLacquer,
  reading,
  seen,
  start,
} from '../../../tests/fixtures/job';
import { leftOut } from './prevention';

const comb: NewEntry = { type: 'comb', coatId: 'lacquer-1', wetted: 80e-6, dry: 100e-6 } as NewEntry;
const sprayed = (...before: [number, NewEntry][]) =>
  logged(aJob(), [-200, mixedLacquer], ...before, [-60, start('lacquer-1')], [-50, end('lacquer-1')]);
const ids = (...before: [number, NewEntry][]) => leftOut(seen(sprayed(...before))).map(({ check }) => check);

describe('what was left out for a coat', () => {
  it('is every check that nobody made, and none that somebody did in time', () => {
    expect(leftOut(seen(aJob()))).toEqual([]);
    expect(ids()).toEqual(['room', 'cup', 'card', 'comb']);
    expect(ids([-90, fitRoom], [-85, reading(25)], [-80, card('good')], [-55, comb])).toEqual([]);
    // Read the day before, or a card that was not good: as good as none.
    expect(ids([-1500, fitRoom], [-85, reading(25)], [-80, card('split')], [-55, comb])).toEqual([
      'room',
      'card',
    ]);
  });

  it('is told in money where paint and hands have a price, else in time', () => {
    const rates = { labour: 40 / 3600 };
    const job = sprayed([-90, fitRoom], [-85, reading(25)]);
    const plain = leftOut(seen(job, { shop: { rates } }));
    expect(plain.every(({ cost }) => cost === undefined)).toBe(true);
    const priced = {
      ...job,
      layers: job.layers.map((layer) => ({ ...layer, sheet: { ...lacquer, pricePerVolume: 20_000 } })),
    };
    const told = leftOut(seen(priced, { shop: { rates } }));
    const [first] = told;
    expect(first).toMatchObject({ check: 'card', seconds: 120 });
    expect(first!.cost!).toBeGreaterThan(120 * rates.labour);
    expect(first!.cost!).toBeLessThanOrEqual(120 * rates.labour + 30e-6 * 20_000);
  });
});
