import { celsius } from '@/core/climate';
import { chemistryCare } from '@/core/care';
import type { Job, NewEntry } from '@/records';
import {
  aJob,
  colour,
  end,
  fitRoom,
  lacquer,
  logged,
  mixedColour,
  noon,
  readyToSpray,
  seen,
  start,
} from '../../../tests/fixtures/job';
import { standsUntil } from './deadlines';
import { harmOf } from './harm';
import { clockState, nearestOf, type Timer } from './timers';

const tick = (step: string, list: 'ready' | 'clean' = 'ready'): NewEntry => ({
  type: 'tick',
  list,
  step,
  done: true,
});
const timer = (job: Job, id: string, minutes = 0) =>
  seen(job, { minutes }).timers.find((each) => each.id === id);
const inMinutes = (due: number | undefined) => (due === undefined ? undefined : (due - noon) / 60_000);

import { leftoverOf } from './batch';
describe('how a clock stands', () => {
  const at = (due: number, more: Partial<Timer> = {}) =>
    ({ id: 'stir', layerId: 'l', due, warn: 60_000, then: 'do', ...more }) as Timer;

  it('is late only where it asks for something', () => {
    const states = [
      at(61_000),
      at(59_000),
      at(0),
      at(0, { then: 'go' }),
      at(0, { quiet: true }),
      at(59_000, { quiet: true }),
    ];
    expect(states.map((each) => clockState(each, 0))).toEqual([
      'running',
      'soon',
      'late',
      'ready',
      'over',
      'running',
    ]);
  });

  it('the nearest asks for something or runs still', () => {
    const [over, ready, late] = [at(-3, { quiet: true }), at(-2, { then: 'go' }), at(-1)];
    expect(nearestOf([over, ready, late], 0)).toBe(late);
    expect(nearestOf([over, ready, at(5)], 0)?.due).toBe(5);
    expect(nearestOf([over, ready], 0)).toBe(over);
    expect(nearestOf([], 0)).toBeUndefined();
  });
});

describe('clocks that outlive the coat', () => {
  it('a two-part mix is stirred past the last streak, until it is timed or sprayed', () => {
    const mixed = logged(aJob([colour]), [-1, mixedColour()]);
    expect(inMinutes(timer(mixed, 'stir-on')?.due)).toBe(1);
    expect(timer(logged(aJob(), [-1, mixedColour()]), 'stir-on')).toBeUndefined();
    expect(timer(logged(mixed, [2, start('colour-1')]), 'stir-on', 3)).toBeUndefined();
  });

  it('an etch acts its time, calls to be rinsed, and is over when it is; a last wipe only dries', () => {
    const steel = aJob([lacquer], {
      part: {
        ...aJob().part,
        kind: 'metal',
        substrate: 'Steel',
        metal: true,
        existing: 'bare',
        etched: true,
      },
    });
    // An etch and its drying hold up what comes after; a wipe does not. An etch primer does it by itself.
    const waiting = (job: Job) =>
      seen(job).permission.items.flatMap((item) => (item.by === 'hand' && item.waits ? [item.id] : []));
    expect(waiting(steel)).toEqual(['etch', 'rinse']);
    const primed = { ...steel.layers[0]!, sheet: { ...lacquer, class: 'etch-primer' as const } };
    expect(waiting({ ...steel, layers: [primed] })).toEqual([]);
    const etched = logged(steel, [-1, tick('etch')]);
    expect(timer(etched, 'dwell')).toMatchObject({ of: 'Etch', then: 'do' });
    expect(inMinutes(timer(etched, 'dwell')?.due)).toBe(4);
    // Over and not rinsed: it stays until somebody does.
    expect(inMinutes(timer(etched, 'dwell', 30)?.due)).toBe(4);
    expect(timer(logged(etched, [6, tick('rinse')]), 'dwell', 7)).toMatchObject({ of: 'Drying', then: 'go' });
  });

  it('cleaning is due sooner in the heat, never later in the cold', () => {
    const sprayed = (air: number) =>
      logged(
        aJob(),
        [-70, { ...(fitRoom as object), air: celsius(air) } as NewEntry],
        [-60, start('lacquer-1')],
        [-10, end('lacquer-1')],
      );
    const cleanBy = (air: number) => seen(sprayed(air)).clean;
    const stated = lacquer.cleanBy! / 60;
    expect(inMinutes(cleanBy(20).cleanBy)).toBeCloseTo(stated - 10, 6);
    expect(inMinutes(cleanBy(10).cleanBy)).toBeCloseTo(stated - 10, 6);
    expect(inMinutes(cleanBy(23).cleanBy)).toBeCloseTo(stated - 10, 6);
    // Ten degrees over an ordinary room, half the time.
    expect(inMinutes(cleanBy(33).cleanBy)).toBeCloseTo(stated / 2 - 10, 6);
    expect([cleanBy(20).heat, cleanBy(33).heat]).toEqual([undefined, true]);
    const idle = (air: number) => cleanBy(air).idle!;
    expect((idle(33).until - idle(33).since) / 1000).toBeCloseTo(chemistryCare['water-borne'].idle / 2, 6);
  });

  it('extraction runs on after the last coat: a purge, and through the flash of what sensitises', () => {
    const on = (hazards: typeof colour.hazards, shop = {}) => {
      const job = logged(
        aJob([{ ...colour, hazards }]),
        [-60, start('colour-1')],
        [-50, end('colour-1')],
        [-30, start('colour-2')],
        [-20, end('colour-2')],
      );
      return seen(job, { minutes: -19, shop: { ...seen(job).shop, ...shop } });
    };
    const until = (view: ReturnType<typeof on>) =>
      inMinutes(view.timers.find(({ id }) => id === 'extraction')?.due);
    expect(until(on(['flammable']))).toBe(-20 + 15);
    expect(until(on(['isocyanate']))).toBe(-20 + 15);
    // A booth known to purge in two minutes waits for the ten of flash, where what flashes sensitises.
    const place = { kind: 'booth', width: 3, height: 2.5, length: 6, airFlow: 3.75, mixing: 1 };
    expect(until(on(['isocyanate'], { place }))).toBe(-10);
    expect(until(on(['flammable'], { place }))).toBeCloseTo(-20 + 48 / 60, 9);
    expect(until(on([]))).toBeUndefined();
    const view = on(['flammable']);
    // It goes by itself an hour later, and the view knows when.
    expect(view.timers.find(({ id }) => id === 'extraction')!.then).toBe('go');
    expect(standsUntil(seen(view.job, { minutes: 54, shop: view.shop }))).toBeLessThanOrEqual(
      noon + 55 * 60_000,
    );
  });

  it('what harms most comes first: heat, then the part, the gun, the mix, and last what may begin', () => {
    const ids = [
      { id: 'flash' },
      { id: 'stir' },
      { id: 'pot-life' },
      { id: 'clean-by' },
      { id: 'recoat-closes' },
      { id: 'pot-life', heats: true },
    ] as const;
    const sorted = [...ids].sort((a, b) => harmOf(a) - harmOf(b));
    expect(sorted.map((each) => ('heats' in each ? 'heats' : each.id))).toEqual([
      'heats',
      'recoat-closes',
      'clean-by',
      'pot-life',
      'stir',
      'flash',
    ]);
  });

  it('a pot whose time is over calls through the last coat and after it, until it is discarded', () => {
    const job = logged(
      aJob([colour]),
      [-150, mixedColour()],
      [-60, start('colour-1')],
      [-50, end('colour-1')],
      [-30, start('colour-2')],
      [-20, end('colour-2')],
    );
    expect(inMinutes(timer(job, 'pot-life')?.due)).toBe(-30);
    expect(timer(job, 'pot-life')?.quiet).toBeUndefined();
    const gone = logged(job, [-1, { type: 'discard', batchId: 'c', why: 'over' }]);
    expect(timer(gone, 'pot-life')).toBeUndefined();
    expect(timer(readyToSpray(), 'pot-life')).toBeUndefined();
    // Emptied into its own container as the gun is cleaned: gone too. What is in the gun still sets when it did.
    const empty = (done: boolean) =>
      logged(
        job,
        [-2, { type: 'tick', list: 'clean', step: 'empty', done: true }],
        [-1, { type: 'tick', list: 'clean', step: 'empty', done }],
      );
    expect(seen(empty(true)).mix).toMatchObject({ finished: true });
    expect(timer(empty(true), 'pot-life')).toBeUndefined();
    expect(seen(empty(false)).mix.batch).toBeDefined();
    for (const each of [gone, empty(true)])
      expect(timer(each, 'clean-by')?.due).toBe(timer(job, 'clean-by')?.due);
    expect(leftoverOf(seen(empty(true)).work, seen(job).work.layer)?.id).toBe('c');
    expect(leftoverOf(seen(gone).work, seen(job).work.layer)).toBeUndefined();
    // What the coats are made of does not change when their pot is emptied, nor how it was timed.
    for (const each of [gone, empty(true)]) {
      expect(seen(each).plan.coats.map(({ wet }) => wet)).toEqual(seen(job).plan.coats.map(({ wet }) => wet));
      expect(seen(each).thin.batch?.id).toBe('c');
      expect(seen(each).thin.step.kind).not.toBe('expired');
    }
    // With a coat to come it goes on from its container.
    const between = { ...empty(true), log: empty(true).log.filter((_, i) => i !== 4 && i !== 3) };
    expect(seen(between).mix.batch).toBeDefined();
  });
});
