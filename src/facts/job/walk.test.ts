import type { Job, NewEntry } from '@/records';
import {
  aJob,
  end,
  fitRoom,
  lacquer,
  logged,
  readyToSpray,
  seen,
  start,
  ticked,
} from '../../../tests/fixtures/job';
import { handItems } from './handitems';
import { sandMaps } from './sandmaps';
import { walkOf } from './walk';

const inspected = (
  asks: Extract<NewEntry, { type: 'inspected' }>['asks'],
  found: Extract<NewEntry, { type: 'inspected' }>['found'],
  more: Partial<Extract<NewEntry, { type: 'inspected' }>> = {},
): NewEntry => ({ type: 'inspected', faceId: 'front', zone: 'field', asks, found, ...more });

/** A job of one coat that is on, of a part judged so. */
const finished = (judgedBy?: Job['part']['judgedBy'], more: Partial<Job['part']> = {}): Job => {
  const ready = readyToSpray();
  const one: Job = {
    ...ready,
    part: { ...ready.part, ...(judgedBy ? { judgedBy } : {}), ...more },
    layers: ready.layers.map((layer) => ({
      ...layer,
      sheet: { ...layer.sheet, coats: 1 },
      coats: layer.coats.slice(0, 1),
    })),
  };
  return logged(one, [-300, start('lacquer-1')], [-290, end('lacquer-1')]);
};
const walk = (job: Job) => walkOf(seen(job));
const stop = (job: Job, id: string) => walk(job).stops.find((each) => each.id === id);

describe('the round over a part', () => {
  it('asks of a surface that comes in, and of the finished part what was agreed', () => {
    const before = walk(aJob());
    expect(before.when).toBe('before');
    expect(new Set(before.stops.map(({ asks }) => asks))).toEqual(new Set(['clean', 'sound', 'level']));
    expect(walk(finished()).stops.every(({ asks }) => asks === 'bare' || asks === 'hiding')).toBe(true);
    const mirror = walk(finished('mirror'));
    expect(mirror.when).toBe('after');
    expect([...new Set(mirror.stops.map(({ asks }) => asks))]).toEqual(
      expect.arrayContaining(['bare', 'dust', 'texture', 'waves']),
    );
  });

  it('goes place by place, and forgets what was seen before something was done to it', () => {
    const job = finished('texture');
    const { next, stops } = walk(job);
    expect(next?.id).toBe(stops[0]?.id);
    const one = logged(job, [-9, inspected('bare', 'covered', { zone: 'edges' })]);
    expect(walk(one).walked).toBe(1);
    const sanded = logged(one, [-5, { type: 'worked', layerId: 'lacquer', what: 'sand', takes: 5e-6 }]);
    expect(walk(sanded).walked).toBe(0);
  });

  it('says what it is too early for', () => {
    const ready = readyToSpray();
    const job = logged(
      {
        ...ready,
        part: { ...ready.part, judgedBy: 'texture' },
        layers: ready.layers.map((layer) => ({ ...layer, coats: layer.coats.slice(0, 1) })),
      },
      [-3, start('lacquer-1')],
      [-1, end('lacquer-1')],
    );
    const young = walk(job);
    expect(young.next?.asks).toBe('bare');
    const late = young.stops.filter(({ from }) => from !== undefined).map(({ asks }) => asks);
    expect(new Set(late)).toEqual(new Set(['dust', 'texture']));
    expect(young.touch.every(({ finger, handle }) => finger <= handle)).toBe(true);
  });

  it('holds a bare spot until the miss is touched up, and keeps the film from passing', () => {
    const found = logged(
      finished(),
      [-9, inspected('bare', 'bare', { zone: 'edges' })],
      [-9, { type: 'miss', text: 'Bare spot', faceId: 'front', zone: 'edges', how: 'brush' }],
    );
    expect(stop(found, 'bare/front/edges')?.state).toBe('fault');
    expect(seen(found).check.unproven).toEqual(expect.arrayContaining(['found', 'misses']));
    const missId = found.log.find(({ type }) => type === 'miss')!.id;
    const done = logged(found, [-5, { type: 'miss-closed', missId, did: 'done' }]);
    expect(stop(done, 'bare/front/edges')?.state).toBe('mended');
    expect(seen(done).check.unproven).not.toContain('found');
    expect(seen(done).check.unproven).not.toContain('misses');
  });

  it('takes a colour only beside a polished neighbour', () => {
    const job = finished('match');
    const id = 'colour/front/field';
    expect(stop(logged(job, [-5, inspected('colour', 'matches')]), id)?.state).toBe('again');
    expect(stop(logged(job, [-5, inspected('colour', 'matches', { polished: true })]), id)?.state).toBe(
      'good',
    );
    expect(stop(logged(job, [-5, inspected('colour', 'differs', { polished: true })]), id)?.state).toBe(
      'fault',
    );
  });

  it('counts dust against the standard, and lets it go when it was put right', () => {
    const job = finished('mirror');
    const dirty = logged(job, [-5, inspected('dust', 'counted', { nibs: 60, fibres: 2 })]);
    expect(walk(dirty).dust).toMatchObject({ count: 62, passes: false });
    expect(stop(dirty, 'dust/front/field')?.state).toBe('fault');
    const mended = logged(dirty, [-3, { type: 'rework', defect: 'dust', did: 'nib-polish' }]);
    expect(stop(mended, 'dust/front/field')?.state).toBe('mended');
    expect(
      stop(logged(job, [-5, inspected('dust', 'counted', { nibs: 0 })]), 'dust/front/field')?.state,
    ).toBe('good');
  });

  it('holds a fault that was never named, and lets it go when what was named is put right', () => {
    const job = finished('texture');
    const runs = logged(job, [-9, inspected('texture', 'runs')]);
    expect(stop(runs, 'texture/front/field')?.state).toBe('fault');
    const shows = logged(finished('texture', { kind: 'board' }), [
      -9,
      { type: 'hiding', faceId: 'front', hides: false },
    ]);
    expect(stop(shows, 'hiding/front/field')?.state).toBe('fault');
    const named = logged(runs, [-9, { type: 'defect', name: 'Runs', defect: 'runs' }]);
    expect(stop(named, 'texture/front/field')?.state).toBe('fault');
    const flatted = logged(named, [-5, { type: 'rework', defect: 'runs', did: 'flat-recoat' }]);
    expect(stop(flatted, 'texture/front/field')?.state).toBe('mended');
  });

  it('asks nothing of hiding where wood is meant to show', () => {
    const wood = finished(undefined, { kind: 'wood' });
    expect(walk(wood).stops.some(({ asks }) => asks === 'hiding')).toBe(false);
    expect(walk(finished(undefined, { kind: 'board' })).stops.some(({ asks }) => asks === 'hiding')).toBe(
      true,
    );
  });
});

describe('what the round finds coming in', () => {
  const ready = ticked(logged(aJob([lacquer]), [-60, fitRoom]));
  const items = (job: Job) => {
    const view = seen(job);
    return handItems(view, view.spray.next!).filter(({ id }) => id.startsWith('round-'));
  };

  it('keeps the gun down until it is mended and said so after it was found', () => {
    expect(items(ready)).toEqual([]);
    const greasy = logged(ready, [-30, inspected('clean', 'greasy')]);
    expect(items(greasy)).toMatchObject([{ id: 'round-clean', met: false, weight: 'stop' }]);
    const tick: NewEntry = { type: 'tick', list: 'ready', step: 'round-clean', done: true };
    expect(items(logged(ready, [-40, tick], [-30, inspected('clean', 'greasy')]))[0]?.met).toBe(false);
    expect(items(logged(greasy, [-20, tick]))[0]?.met).toBe(true);
    expect(items(logged(greasy, [-20, inspected('clean', 'clean')]))).toEqual([]);
  });
});

describe('the guide coats of a face', () => {
  it('are read since the last coat, and the film decides only where it was measured', () => {
    const job = logged(finished(), [-9, { type: 'guide', faceId: 'front', highs: [], lows: [1, 2] }]);
    const [front] = sandMaps(seen(job));
    expect(front?.advice).toMatchObject({ next: 'sand', cycles: 1 });
    expect(front?.advice?.left).toBeUndefined();
    const films = [0, 1, 2, 3, 4].flatMap((spot) =>
      [0, 1, 2].map(() => [-8, { type: 'film', faceId: 'front', spot, reading: 27e-6 } as NewEntry] as const),
    );
    expect(sandMaps(seen(logged(job, ...films)))[0]?.advice?.next).toBe('thin');
  });
});
