import type { Job, LayerWork, NewEntry } from '@/records';
import {
  aJob,
  coatsChanged,
  colour,
  end,
  fitRoom,
  lacquer,
  logged,
  seen,
  start,
} from '../../../tests/fixtures/job';
import { ledgerOf } from './ledger';

const work: LayerWork[] = [
  { id: 'sand', what: 'sand', grit: 320, takes: 5e-6 },
  { id: 'wipe', what: 'wipe' },
  { id: 'rest', what: 'wait', lasts: 1800 },
];
/** Lacquer, sanded and wiped, under a colour; the lacquer is hard after two hours. */
const hard = { ...lacquer, times: { ...lacquer.times, sandable: 7200, recoatLast: undefined } };
const stack = (own: LayerWork[] = work): Job => {
  const job = aJob([hard, colour]);
  return {
    ...job,
    layers: job.layers.map((layer, i) => (i === 0 ? { ...layer, work: own } : layer)),
  };
};
const on = (job: Job): Job =>
  logged(
    job,
    [-400, fitRoom],
    [-390, start('lacquer-1')],
    [-380, end('lacquer-1')],
    [-310, start('lacquer-2')],
    [-300, end('lacquer-2')],
  );
const did = (workId: string, what: LayerWork['what'], more: Partial<LayerWork> = {}): NewEntry =>
  ({ type: 'worked', layerId: 'lacquer', workId, what, ...more }) as NewEntry;
const states = (job: Job, minutes: number) => seen(job, { minutes }).spray.work.map(({ state }) => state);

describe('work between layers', () => {
  it('comes in its turn: not before the layer is on, not before it is hard, one after another', () => {
    expect(states(stack(), 0)).toEqual(['to-come', 'to-come', 'to-come']);
    expect(states(on(stack()), -290)).toEqual(['waiting', 'to-come', 'to-come']);
    // Hard two hours after its end, in a room as the sheet has it or a little longer.
    expect(states(on(stack()), -150)).toEqual(['due', 'to-come', 'to-come']);
    const sanded = logged(on(stack()), [-140, did('sand', 'sand')]);
    expect(states(sanded, -139)).toEqual(['done', 'due', 'to-come']);
    const wiped = logged(sanded, [-130, did('wipe', 'wipe')]);
    expect(states(wiped, -120)).toEqual(['done', 'done', 'waiting']);
    expect(states(wiped, -95)).toEqual(['done', 'done', 'done']);
    expect(seen(wiped, { minutes: -95 }).spray.due).toBeUndefined();
  });

  it('resumed after days says what no longer counts', () => {
    const wiped = logged(on(stack()), [-140, did('sand', 'sand')], [-130, did('wipe', 'wipe')]);
    expect(states(wiped, 2000)).toEqual(['done', 'again', 'done']);
    expect(seen(wiped, { minutes: 2000 }).spray.due).toMatchObject({ what: 'wipe', state: 'again' });
  });

  it('recorded in the wrong order is said: what was wiped is dusted over by sanding', () => {
    const wrong = logged(on(stack()), [-140, did('wipe', 'wipe')], [-130, did('sand', 'sand')]);
    expect(states(wrong, -129)).toEqual(['done', 'again', 'waiting']);
  });

  it('left out, or passed by the next coat, it asks no more', () => {
    const out = logged(on(stack()), [-140, { type: 'left-out', workId: 'sand' }]);
    expect(states(out, -139)).toEqual(['left-out', 'due', 'to-come']);
    expect(states(logged(out, [-130, start('colour-1')]), -129)).toEqual(['left-out', 'passed', 'passed']);
  });

  it('a film too soft takes no sanding: the window stays as it was, and it is said', () => {
    const soft = logged(on(stack()), [-290, did('sand', 'sand')]);
    const view = seen(soft, { minutes: -280 });
    expect(view.spray.abradedTooSoon).toBeDefined();
    expect(view.spray.recoat?.state).not.toBe('open');
  });

  it('what a coat loses to sanding is work by itself, unless the layer is sanded anyway', () => {
    const flatted = (own: LayerWork[]) =>
      coatsChanged(stack(own), ({ id }) => (id === 'lacquer-2' ? { sandBack: 4e-6 } : {}));
    expect(seen(flatted([])).spray.work).toMatchObject([{ id: 'sand-lacquer-2', what: 'sand', takes: 4e-6 }]);
    expect(seen(flatted(work)).spray.work.map(({ id }) => id)).toEqual(['sand', 'wipe', 'rest']);
    // Nothing waits for the last coat of a job to be polished.
    const top = coatsChanged(stack([]), ({ id }) => (id === 'colour-2' ? { sandBack: 4e-6 } : {}));
    expect(seen(top).spray.work).toEqual([]);
  });

  it('what came off in truth stands in the ledger; what was allowed for it does not move the limits', () => {
    const film = (job: Job) => ledgerOf(seen(job).work).layers[0]!;
    const planned = film(on(stack()));
    const more = film(logged(on(stack()), [-140, did('sand', 'sand', { takes: 9e-6 })]));
    expect(planned.sanded).toBeCloseTo(5e-6, 12);
    expect(more.sanded).toBeCloseTo(9e-6, 12);
    expect(more.stays).toBeCloseTo(planned.stays - 4e-6, 12);
    expect([more.min, more.max]).toEqual([planned.min, planned.max]);
    const none = film(logged(on(stack()), [-140, { type: 'left-out', workId: 'sand' }]));
    expect(none.sanded).toBe(0);
    // Sanding nobody planned takes off as well.
    const beside = film(
      logged(on(stack()), [-140, { type: 'worked', layerId: 'lacquer', what: 'scuff', takes: 1e-6 }]),
    );
    expect(beside.sanded).toBeCloseTo(6e-6, 12);
  });
});
