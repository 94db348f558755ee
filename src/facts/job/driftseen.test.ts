import type { Job, NewEntry, Outdoors } from '@/records';
import { aJob, airless, colour, fitRoom, lacquer, logged, seen, setting } from '../../../tests/fixtures/job';
import { isRefusal } from '@/core/refusal';
import { driftSeen } from './driftseen';
import { outdoorDay } from './outdoors';

const outside: Outdoors = {
  windFrom: (3 * Math.PI) / 2,
  gusts: 2,
  around: [
    { id: 'car', what: 'car', distance: 3, bearing: Math.PI / 2 },
    { id: 'barn', what: 'neighbour', distance: 3, bearing: (3 * Math.PI) / 2 },
  ],
};
const job = (outdoors?: Outdoors, sheet = lacquer, gusts?: number): Job => ({
  ...logged(
    aJob([sheet]),
    [-5, { ...fitRoom, ...(gusts === undefined ? {} : { gusts }) } as NewEntry],
    [-4, setting(sheet === lacquer ? 'lacquer' : 'colour')],
  ),
  ...(outdoors ? { outdoors } : {}),
});
const wind = (found: Job, rig?: typeof airless) =>
  seen(found, rig ? { rig } : {}).permission.items.filter(({ id }) => id === 'wind' || id === 'drift');

describe('what drifts', () => {
  it('is told of work outdoors, with what stands downwind', () => {
    expect(driftSeen(seen(job()))).toBeUndefined();
    const found = driftSeen(seen(job(outside)))!;
    expect(found.wind).toBe(2);
    expect(found.dries).toBe('quick');
    expect(found.reached.map(({ thing, how }) => [thing.id, how])).toEqual([
      ['car', 'wet'],
      ['barn', 'clear'],
    ]);
    expect(driftSeen(seen(job({ ...outside, windFrom: undefined })))!.reached).toEqual([]);
    expect(driftSeen(seen(job(outside, colour)))!.dries).toBe('sticky');
  });

  it('reckons with the gusts the day is planned with', () => {
    const found = outdoorDay(seen(job({ latitude: 0.9, longitude: 0.1 })));
    if (isRefusal(found)) throw new Error(found.says);
    expect(driftSeen(seen(job({ latitude: 0.9, longitude: 0.1 })))!.wind).toBe(found.gusts.found);
  });

  it('is less with less pressure, a shield or half the wind, and follows what was read', () => {
    const found = driftSeen(seen(job(outside)))!;
    const of = (what: string) => found.instead.find((each) => each.what === what)!.drift;
    expect(of('lower-pressure').mist).toBeLessThan(found.drift.mist);
    expect(of('shield').fallOut).toBeLessThan(found.drift.fallOut);
    expect(of('half-wind').wetReach).toBeLessThan(found.drift.wetReach);
    expect(driftSeen(seen(job(outside, lacquer, 4)))!.wind).toBe(4);
  });
});

describe('the wind before a coat', () => {
  it('is asked outdoors alone, stops what it blows away, and no reason lets that go', () => {
    expect(wind(job())).toEqual([]);
    expect(wind(job(outside))[0]).toMatchObject({ id: 'wind', met: false, cause: 'wind-unread' });
    expect(wind(job({}, lacquer, 1))[0]).toMatchObject({ id: 'wind', met: true });
    expect(wind(job({}, lacquer, 4))[0]).toMatchObject({ cause: 'breezy', weight: 'care' });
    expect(wind(job({}, lacquer, 6))[0]).toMatchObject({ cause: 'gusty', weight: 'stop', waivable: false });
    expect(wind(job({}, lacquer, 6), airless)[0]).toMatchObject({ cause: 'breezy' });
    const old = seen(job({}, lacquer, 1), { minutes: 20 });
    expect(old.permission.items.find(({ id }) => id === 'wind')).toMatchObject({ cause: 'wind-unread' });
  });

  it('keeps the gun down while paint reaches what stands downwind, until it is covered', () => {
    expect(wind(job(outside, lacquer, 2))[1]).toMatchObject({
      cause: 'drift-reaches',
      met: false,
      found: 3,
    });
    const covered = {
      ...outside,
      around: outside.around!.map((each) => ({ ...each, covered: true })),
    };
    expect(wind(job(covered, lacquer, 2))[1]).toMatchObject({ id: 'drift', met: true });
  });
});
