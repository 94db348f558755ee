import type { JobView } from '@/facts/job';
import type { Job, NewEntry, SheetAdditive } from '@/records';
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
} from '../../tests/fixtures/job';
import type { NextLine } from './line';
import { nextLine } from './nextline';
import { stripCells } from './strip';
import { timerSays } from './timers';
import { unitsOf } from './units';
import { workLine } from './work';

const metric = unitsOf('metric');
const line = (view: JobView): NextLine =>
  JSON.parse(JSON.stringify(nextLine(view, 'spray', metric)).replace(/\u00a0/g, ' ')) as NextLine;
const strip = (view: JobView) =>
  stripCells(view, metric)
    .find(({ stage }) => stage === 'spray')!
    .state.replace(/\u00a0/g, ' ');
const layered = (
  times: Partial<Job['layers'][0]['sheet']['times']>,
  more: Partial<Job['layers'][0]> = {},
): Job => {
  const job = aJob([{ ...lacquer, times: { ...lacquer.times, ...times } }, colour]);
  return { ...job, layers: job.layers.map((layer, i) => (i === 0 ? { ...layer, ...more } : layer)) };
};
const on = (job: Job, ...more: readonly (readonly [number, NewEntry])[]): Job =>
  logged(
    job,
    [-620, fitRoom],
    [-610, start('lacquer-1')],
    [-600, end('lacquer-1')],
    [-510, start('lacquer-2')],
    [-500, end('lacquer-2')],
    ...more,
  );

const masked: NewEntry = { type: 'tick', list: 'ready', step: 'dust-mask', done: true };

describe('Spray says, between layers', () => {
  const work = [
    { id: 's', what: 'sand', grit: 400, takes: 5e-6 },
    { id: 'w', what: 'wipe' },
  ] as const;
  const sanded = layered({ sandable: 3600, recoatLast: 7200 }, { work: [...work] });

  it('that it hardens, then what to sand with, and what has closed meanwhile', () => {
    const soft = seen(on(sanded), { minutes: -480 });
    expect(line(soft)).toMatchObject({
      says: expect.stringMatching(/^Let lacquer harden: sand from \d\d:\d\d\.$/),
      tone: 'care',
      otherwise: { says: 'Leave it out' },
    });
    expect(strip(soft)).toMatch(/^sand in/);
    expect(soft.timers.map(({ id }) => id)).toContain('work');
    const hard = seen(on(sanded, [-1, masked]));
    expect(line(hard)).toMatchObject({
      big: { number: 'P400' },
      says: 'Sand with P400, 5 µm off before colour 1.',
      detail: expect.stringContaining('this opens it again'),
      tap: {
        says: 'Sanded',
        does: {
          kind: 'log',
          entries: [
            { type: 'worked', layerId: 'lacquer', workId: 's', what: 'sand', grit: 400, takes: 5e-6 },
          ],
        },
      },
    });
    expect(strip(hard)).toBe('sand first');
    expect(hard.current).toBe('spray');
  });

  it('that what was wiped hours ago is wiped again', () => {
    const entry = (workId: string, what: 'sand' | 'wipe'): NewEntry => ({
      type: 'worked',
      layerId: 'lacquer',
      workId,
      what,
    });
    const stale = seen(on(sanded, [-300, entry('s', 'sand')], [-290, entry('w', 'wipe')]));
    expect(line(stale).says).toBe('Wipe clean before colour 1. What was done no longer counts.');
  });

  it('both lawful times beforehand where the sheet forbids the middle, and no scuffing in it', () => {
    const odd = layered({ recoatLast: undefined, forbidden: { from: 3 * 3600, to: 5 * 3600 } });
    expect(line(seen(on(odd), { minutes: -490 })).detail).toMatch(/Before \d\d:\d\d, or from \d\d:\d\d\. /);
    const between = line(seen(on(odd), { minutes: -500 + 240 }));
    expect(between.detail).toContain('Scuffing does not open it sooner');
    expect([between.tap, between.otherwise]).toEqual([undefined, undefined]);
  });

  it('that a tacky window found dry is missed, and from when it may be abraded', () => {
    const tacky = layered({ tack: true, recoatLast: 6 * 3600 });
    const dry = on(tacky, [-400, { type: 'touch', coatId: 'lacquer-2', found: 'dry' }]);
    const missed = line(seen(dry, { minutes: -390 }));
    expect(missed.says).toMatch(/too soft to abrade until \d\d:\d\d/);
    expect(missed.detail).toContain('found dry: tacky is what the next coat wants');
    expect(missed.tap).toBeUndefined();
    const scuffed = on(
      tacky,
      [-400, { type: 'touch', coatId: 'lacquer-2', found: 'dry' }],
      [-395, { type: 'abraded', coatId: 'lacquer-2' }],
    );
    expect(line(seen(scuffed, { minutes: -390 })).detail).toContain(
      'while it was too soft: that opens nothing',
    );
    expect(line(seen(dry)).tap).toMatchObject({ does: { kind: 'safe', act: 'sand' } });
    expect(line(seen(logged(dry, [-1, masked]))).tap).toMatchObject({ says: 'Scuffed and cleaned' });
  });

  it('that no clock is verified with an additive nobody knows the factor of, until it is touched', () => {
    const faster: SheetAdditive = {
      ...{ id: 'fast', name: 'Accelerator', density: 900, volumeSolids: 0, voc: 800, water: 0, exempt: 0 },
      ...{ doseBy: 'mass', doseOf: 'mix', dose: 0.01, maximum: 0.02, thins: false, movesClocks: true },
    };
    const job = aJob([{ ...lacquer, additives: [faster] }, colour]);
    const two = logged(job, [-610, fitRoom], [-600, start('lacquer-1')], [-590, end('lacquer-1')]);
    expect(line(seen(two, { minutes: -300 }))).toMatchObject({
      says: 'Touch it first: no clock is verified for Lacquer 1.',
      tap: { does: { kind: 'focus', place: 'touch' } },
    });
    const felt = logged(two, [-310, { type: 'touch', coatId: 'lacquer-1', found: 'tacky' }]);
    expect(line(seen(felt, { minutes: -300 })).says).not.toContain('verified');
  });

  it('an accelerator with a factor moves the window and cuts the pot life', () => {
    const faster: SheetAdditive = {
      ...{ id: 'fast', name: 'Accelerator', density: 900, volumeSolids: 0, voc: 800, water: 0, exempt: 0 },
      ...{ doseBy: 'mass', doseOf: 'mix', dose: 0.02, maximum: 0.02, thins: false, clockFactor: 0.1 },
    };
    const of = (additives: readonly SheetAdditive[]) => {
      const job = aJob([{ ...colour, additives: [...additives] }]);
      const poured = [
        { partId: 'base', mass: 0.96 },
        { partId: 'hardener', mass: 0.2 },
        ...(additives.length ? [{ partId: 'fast', mass: 0.02 }] : []),
      ];
      return seen(
        logged(
          job,
          [-60, fitRoom],
          [-50, { type: 'mixed', batchId: 'c', layerId: 'colour', poured }],
          [-10, start('colour-1')],
          [-5, end('colour-1')],
        ),
      );
    };
    const [plain, fast] = [of([]), of([faster])];
    const span = (view: JobView) => view.spray.recoat!.opens - view.spray.film!.ended;
    expect(span(fast) / span(plain)).toBeCloseTo(0.1, 6);
    const life = (view: JobView) => view.mix.batch!.useBefore! - view.mix.batch!.mixedAt;
    expect(life(fast) / life(plain)).toBeCloseTo(0.1, 6);
  });

  it('asks whether it hides, before anything else, and says what comes of it', () => {
    const hides = coatsChanged(layered({}, {}), ({ layerId }) =>
      layerId === 'lacquer' ? { role: 'base' } : {},
    );
    const job: Job = {
      ...hides,
      layers: hides.layers.map((layer, i) =>
        i === 0 ? { ...layer, approach: { ...layer.approach, hides: { least: 1, most: 2 } } } : layer,
      ),
    };
    const view = seen(on(job));
    expect(line(view)).toMatchObject({
      says: 'Does it hide what is below? Look at lacquer 2 under a strong light.',
      detail: expect.stringContaining('2 is the most that was planned'),
      tap: { says: 'It hides', does: { kind: 'judge', yes: true } },
      otherwise: { does: { kind: 'judge', yes: false } },
    });
    expect(strip(view)).toBe('does it hide?');
    // While it flashes nobody is sent to mix the next product.
    const wet = line(seen(on(job), { minutes: -498 }));
    expect(wet.says).toMatch(/Look at it from/);
    expect(wet.tap).toBeUndefined();
  });

  it('says which work, in words and numbers of the user', () => {
    const words = (said: Parameters<typeof workLine>[0], units = metric) =>
      workLine(said, units).replace(/\u00a0/g, ' ');
    expect(words({ what: 'sand', grit: 400, takes: 8e-6 })).toBe('Sand with P400, 8 µm off');
    expect(words({ what: 'sand', grit: 400, takes: 25.4e-6 }, unitsOf('us'))).toBe(
      'Sand with P400, 1.0 mil off',
    );
    expect(words({ what: 'wait', lasts: 7200 })).toMatch(/^Wait 2/);
    expect(words({ what: 'mask' })).toBe('Mask');
    expect(timerSays({ id: 'pot-life', of: 'Clear' }, false)).toBe('Clear: pot life left');
    expect(timerSays({ id: 'flash' }, true)).toBe('Next coat open for');
  });
});
