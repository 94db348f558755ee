import type { NewEntry } from '@/records';
import { aJob, card, coatsIn, logged, mixedLacquer, setting } from '../../../tests/fixtures/job';
import { rigUse } from './riguse';

const job = aJob();
const coat = coatsIn(job)[0]!.id;
const at = (says: object): NewEntry => ({ ...(setting() as object), ...says }) as NewEntry;
const sprayed = logged(
  job,
  [-100, mixedLacquer],
  [-90, at({ setId: 'a' })],
  [-85, card()],
  [-80, { type: 'coat-start', coatId: coat }],
  [-60, { type: 'coat-end', coatId: coat }],
);

describe('what a rig has done', () => {
  it('adds up hours, litres and dates over its jobs, by what was fitted', () => {
    const use = rigUse([sprayed], 'rig');
    expect(use.seconds).toBe(20 * 60);
    expect(use.volume).toBeGreaterThan(1e-3);
    expect(use.fitted.get('a')).toEqual({ seconds: 1200, volume: expect.closeTo(use.volume, 9) });
    expect(rigUse([sprayed, { ...sprayed, id: 'again' }], 'rig').seconds).toBe(2400);
  });
  it('knows nothing of other rigs, of coats that run, of entries struck', () => {
    expect(rigUse([sprayed], 'another')).toMatchObject({ seconds: 0, volume: 0 });
    const running = logged(job, [-80, { type: 'coat-start', coatId: coat }]);
    expect(rigUse([running], 'rig')).toMatchObject({ seconds: 0, lastSprayed: undefined });
  });
  it('keeps what it did before its layer went on with another rig, and none of what came after', () => {
    const [, second] = coatsIn(job);
    const swapped = logged(
      { ...sprayed, layers: sprayed.layers.map((layer) => ({ ...layer, rigId: 'other' })) },
      [-50, { type: 'swapped', layerId: 'lacquer', rigId: 'rig' }],
      [-40, { type: 'coat-start', coatId: second!.id }],
      [-30, { type: 'coat-end', coatId: second!.id }],
    );
    expect(rigUse([swapped], 'rig')).toMatchObject({
      seconds: 1200,
      volume: rigUse([sprayed], 'rig').volume,
    });
    expect(rigUse([swapped], 'other')).toMatchObject({ seconds: 600, volume: 0 });
  });
  it('remembers when it was last cleaned', () => {
    const clean = logged(sprayed, [-40, { type: 'tick', list: 'clean', step: 'flush', done: true }]);
    const { lastCleaned, lastSprayed } = rigUse([clean], 'rig');
    expect(lastCleaned! - lastSprayed!).toBe(20 * 60_000);
  });
});
