import type { Job, LogEntry } from '@/records';
import {
  aJob,
  coatsChanged,
  coatsIn,
  colour,
  end,
  lacquer,
  logged,
  seen,
  start,
} from '../../../tests/fixtures/job';
import { withLooked } from './looked';

const asked = (hides: { least: number; most: number } | undefined, role: 'base' | 'drop' = 'base'): Job => {
  const job = coatsChanged(aJob([lacquer, colour]), ({ layerId }) => (layerId === 'lacquer' ? { role } : {}));
  const approach = role === 'drop' ? { drops: 3 } : { hides };
  return {
    ...job,
    layers: job.layers.map((layer, i) =>
      i === 0 ? { ...layer, approach: { ...layer.approach, ...approach } } : layer,
    ),
  };
};
const coat = (id: string, minutes: number) =>
  [
    [minutes, start(id)],
    [minutes + 5, end(id)],
  ] as const;
const look = (job: Job, minutes = 0) => seen(job, { minutes }).spray.look;
let count = 0;
const judged = (job: Job, yes: boolean): Job => {
  const due = look(job)!;
  const entry = {
    ...{ id: `j${(count += 1)}`, at: '2026-11-23T12:00:00.000Z', counter: job.log.length },
    ...{ type: 'judged', coatId: due.coat.coat.id, asks: due.asks, yes },
  } as LogEntry;
  return withLooked(job, due, yes, entry, () => `more-${(count += 1)}`);
};
const names = (job: Job) => coatsIn(job).map(({ name }) => name);

describe('coats that end by looking', () => {
  it('colour is asked about from the least number on, once a coat, and never where nobody wants it', () => {
    const one = logged(asked({ least: 2, most: 3 }), ...coat('lacquer-1', -120));
    expect(look(one)).toBeUndefined();
    const two = logged(one, ...coat('lacquer-2', -60));
    expect(look(two)).toMatchObject({ asks: 'hides', on: 2, planned: 0, least: 2, most: 3 });
    expect(look(judged(two, true))).toBeUndefined();
    expect(
      look(logged(asked(undefined), ...coat('lacquer-1', -120), ...coat('lacquer-2', -60))),
    ).toBeUndefined();
    expect(look(logged(two, [-50, start('colour-1')]))).toBeUndefined();
  });

  it('hidden early, the coats that were planned further are left out', () => {
    const early = logged(asked({ least: 1, most: 3 }), ...coat('lacquer-1', -120));
    expect(look(early)).toMatchObject({ planned: 1 });
    expect(names(judged(early, true))).toEqual(['Lacquer 1', 'Colour 1', 'Colour 2']);
    expect(names(judged(early, false))).toEqual(names(early));
  });

  it('not hidden yet, one more is planned under the next layer, up to the most and no further', () => {
    const two = logged(asked({ least: 2, most: 3 }), ...coat('lacquer-1', -120), ...coat('lacquer-2', -60));
    const more = judged(two, false);
    expect(names(more)).toEqual(['Lacquer 1', 'Lacquer 2', 'Lacquer 3', 'Colour 1', 'Colour 2']);
    const third = coatsIn(more)[2]!;
    const three = logged(more, ...coat(third.id, -40));
    expect(look(three)).toMatchObject({ on: 3, most: 3 });
    expect(names(judged(three, false))).toEqual(names(three));
  });

  it('drop coats repeat until they lie even, three at most', () => {
    let job = logged(asked(undefined, 'drop'), ...coat('lacquer-1', -120));
    expect(look(job)).toMatchObject({ asks: 'even', planned: 1, most: 3 });
    job = judged(logged(judged(job, false), ...coat('lacquer-2', -60)), false);
    expect(names(job).slice(0, 3)).toEqual(['Lacquer 1', 'Lacquer 2', 'Lacquer 3']);
  });
});
