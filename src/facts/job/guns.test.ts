import type { Job, NewEntry, Rig } from '@/records';
import { newShop } from '@/records';
import {
  aJob,
  card,
  colour,
  end,
  ford,
  lacquer,
  logged,
  mixedColour,
  mixedLacquer,
  noon,
  setting,
  start,
  turbine,
} from '../../../tests/fixtures/job';
import { gunOf, gunsOf } from './guns';
import { jobView, type JobView } from './view';
import { stackOf } from './stackmap';

const rigs: readonly Rig[] = ['a', 'b'].map((id) => ({ ...turbine, id, name: `Gun ${id}` }));
const stack: Job = (() => {
  const job = aJob([lacquer, colour]);
  return { ...job, layers: job.layers.map((layer, i) => ({ ...layer, rigId: i === 0 ? 'a' : 'b' })) };
})();
const seen = (job: Job, minutes = 0, more: { inHand?: string; gun?: string } = {}): JobView =>
  jobView(job, {
    rigOf: (id) => rigs.find((each) => each.id === id),
    cups: [ford],
    shelf: [],
    shop: newShop,
    now: noon + minutes * 60_000,
    ...more,
  });
const coats: readonly (readonly [number, NewEntry])[] = [
  [-100, mixedLacquer],
  [-95, setting()],
  [-94, card()],
  [-90, start('lacquer-1')],
  [-80, end('lacquer-1')],
  [-20, start('lacquer-2')],
  [-10, end('lacquer-2')],
];
const both = logged(stack, ...coats, [-8, mixedColour()], [-6, card('good', 'colour')]);
const tick = (step: string, rigId: string): NewEntry => ({
  type: 'tick',
  list: 'clean',
  step,
  done: true,
  rigId,
});
const of = (view: JobView, rigId: string) => view.guns.find((gun) => gun.rigId === rigId)!;

describe('two guns in one job', () => {
  it('each has its own mix in it, its own list and its own clocks', () => {
    const view = seen(both);
    expect(view.work.layer.id).toBe('colour');
    expect(view.clean.rigId).toBe('b');
    expect(view.guns.map(({ rigId, layerId, state }) => [rigId, layerId, state])).toEqual([
      ['b', 'colour', 'dirty'],
      ['a', 'lacquer', 'dirty'],
    ]);
    // The colour has coats to come: its gun is wiped between them, that of the lacquer is cleaned whole.
    expect(view.guns.map(({ between }) => between)).toEqual([true, false]);
    const clocks = view.timers
      .filter(({ id }) => id === 'clean-by')
      .map(({ of: gun, layerId }) => [gun, layerId]);
    expect(clocks).toEqual(
      expect.arrayContaining([
        ['Gun a', 'lacquer'],
        ['Gun b', 'colour'],
      ]),
    );
  });

  it('what is ticked of one says nothing of the other', () => {
    const steps = of(seen(both), 'a').steps.map(({ id }) => id);
    const cleaned = logged(both, ...steps.map((step, i) => [-5 + i / 10, tick(step, 'a')] as const));
    const view = seen(cleaned);
    expect([of(view, 'a').state, of(view, 'b').state, of(view, 'b').doneCount]).toEqual([
      'clean',
      'dirty',
      0,
    ]);
    expect(view.timers.some(({ of: gun }) => gun === 'Gun a')).toBe(false);
    // The card of the colour holds: it was not its gun that was apart.
    expect(view.set.cardState).toBe(seen(both).set.cardState);
    expect(view.done.has('clean')).toBe(false);
  });

  it('the layer taken in hand is what all stages speak of, and its pot is told with the others', () => {
    const taken = seen(both, 0, { inHand: 'lacquer' });
    expect([taken.work.layer.id, taken.clean.rigId, taken.mix.sheet.id]).toEqual(['lacquer', 'a', 'lacquer']);
    expect(taken.timers).toEqual(
      expect.arrayContaining([expect.objectContaining({ id: 'pot-life', of: 'Colour' })]),
    );
    expect(seen(both, 0, { gun: 'a' }).clean.rigId).toBe('a');
    // A layer taken before its turn is set for its own coat, not for the next on the part.
    const early = seen(logged(stack, ...coats.slice(0, 5)), 0, { inHand: 'colour' });
    expect(early.set.coat?.layerId).toBe('colour');
    expect(early.set.wet).toBe(early.plan.coats.find(({ coat }) => coat.layerId === 'colour')?.wet);
    expect(seen(both, 0, { inHand: 'gone', gun: 'gone' }).work.layer.id).toBe('colour');
  });

  it('the gun of a layer that is on comes first once it must be cleaned soon', () => {
    const by = of(seen(both), 'a').cleanBy!;
    const before = Math.floor((by - noon) / 60_000) - 16;
    expect(seen(both, before).current).not.toBe('clean');
    const pressing = seen(both, before + 2);
    expect([pressing.current, pressing.clean.rigId, pressing.work.layer.id]).toEqual([
      'clean',
      'a',
      'colour',
    ]);
    // Somebody who took the other gun has that one.
    expect(seen(both, before + 2, { gun: 'b' }).clean.rigId).toBe('b');
  });

  it('the map shows what is on, in the pot and in a gun', () => {
    const [below, above] = stackOf(seen(both));
    expect(below).toMatchObject({
      state: 'on',
      coats: ['done', 'done'],
      gun: { state: 'dirty', name: 'Gun a' },
    });
    // Its coats are on; what is left of it is live until its gun is clean.
    expect(below!.pot).toMatchObject({ over: false });
    expect(above).toMatchObject({ state: 'begun', coats: ['todo', 'todo'], pot: { over: false } });
    expect(below!.share + above!.share).toBeCloseTo(1, 9);
  });

  it('a gun changed in mid-job keeps what is in it, and the new one wants a setting and a card', () => {
    const swapped = logged(
      {
        ...both,
        layers: both.layers.map((layer) => (layer.id === 'lacquer' ? { ...layer, rigId: 'b' } : layer)),
      },
      [-9, { type: 'swapped', layerId: 'lacquer', rigId: 'a' }],
    );
    expect(gunsOf(swapped)).toEqual(['b', 'a']);
    const first = swapped.log.find(({ type }) => type === 'coat-start')!;
    expect([gunOf(swapped, 'lacquer', first), gunOf(swapped, 'lacquer')]).toEqual(['a', 'b']);
    expect(of(seen(swapped), 'a')).toMatchObject({ state: 'dirty', layerId: 'lacquer' });
    const hand = seen(swapped, 0, { inHand: 'lacquer' });
    expect([hand.set.setting, hand.set.cardState]).toEqual([undefined, 'changed']);
  });
});
