import fc from 'fast-check';
import { isRefusal, type Outcome } from '@/core/refusal';
import type { Job } from '@/records';
import { readRecord } from '@/records/readrecord';
import { newLayer } from '../newjob/newlayer';
import { aJob, colour, end, lacquer, logged, start } from '../../../tests/fixtures/job';
import { layerBegun, withLayerAgain, withLayerMoved, withLayerOnTop, withoutLayer } from './stackedits';

const two = aJob([lacquer, colour]);
const [below, above] = two.layers.map(({ id }) => id) as [string, string];
const first = two.layers[0]!.coats[0]!.id;
const sprayed = logged(two, [0, start(first)], [5, end(first)]);
const ids = () => {
  let count = 0;
  return () => `new-${(count += 1)}`;
};
const order = (job: Outcome<Job>) => (isRefusal(job) ? job.refused : job.layers.map(({ id }) => id));

describe('the layers of a job', () => {
  it('one that was begun stays, and stays where it is', () => {
    expect(layerBegun(sprayed, below)).toBe(true);
    expect(layerBegun(sprayed, above)).toBe(false);
    expect(order(withoutLayer(sprayed, below))).toBe('begun');
    expect(order(withLayerMoved(sprayed, below, 1))).toBe('begun');
    // Nothing goes under what is on.
    expect(order(withLayerMoved(sprayed, above, -1))).toBe('begun');
    expect(order(withoutLayer(sprayed, above))).toEqual([below]);
  });

  it('a struck entry has not begun it', () => {
    const struck = {
      ...sprayed,
      log: sprayed.log.map((entry) => ({ ...entry, struck: { at: entry.at, why: 'no' } })),
    };
    expect(layerBegun(struck, below)).toBe(false);
  });

  it('the last that has coats is not removed', () => {
    const one = aJob([lacquer]);
    expect(order(withoutLayer(one, one.layers[0]!.id))).toBe('last');
  });

  it('moved up and down again, a job is as it was', () => {
    const up = withLayerMoved(two, below, 1);
    expect(order(up)).toEqual([above, below]);
    expect(isRefusal(up) || withLayerMoved(up, below, -1)).toEqual(two);
    expect(withLayerMoved(two, above, 1)).toBe(two);
  });

  it('whatever is done to the layers, a job stays one, and what was sprayed stays as it lay', () => {
    const deed = fc.record({
      what: fc.constantFrom('add', 'again', 'remove', 'up', 'down'),
      at: fc.nat(5),
    });
    fc.assert(
      fc.property(fc.array(deed, { maxLength: 12 }), (deeds) => {
        const newId = ids();
        let job: Job = sprayed;
        for (const { what, at } of deeds) {
          const id = job.layers[at % job.layers.length]!.id;
          const next =
            what === 'add'
              ? withLayerOnTop(job, newLayer({ sheet: colour, rigId: 'rig', cupId: 'cup' }, newId))
              : what === 'again'
                ? withLayerAgain(job, id, newId)
                : what === 'remove'
                  ? withoutLayer(job, id)
                  : withLayerMoved(job, id, what === 'up' ? 1 : -1);
          if (!isRefusal(next)) job = next;
        }
        expect(isRefusal(readRecord(job))).toBe(false);
        expect(job.layers[0]).toEqual(sprayed.layers[0]);
        expect(new Set(job.layers.map(({ id }) => id)).size).toBe(job.layers.length);
        expect(job.log).toBe(sprayed.log);
      }),
    );
  });
});
