import { withLayer } from './edits';
import { isRefusal } from '@/core/refusal';
import { newShop, type NewEntry, type Rig } from '@/records';
import {
  airless,
  aJob,
  changed,
  colour,
  end,
  lacquer,
  logged,
  mixedColour,
  noon,
  readyToSpray,
  seen,
  start,
  wallPaint,
} from '../../../tests/fixtures/job';

const tick = (step: string, done = true, list: 'clean' | 'midway' = 'clean'): NewEntry => ({
  type: 'tick',
  list,
  step,
  done,
});
const dirty = logged(readyToSpray(), [-20, start('lacquer-1')], [-10, end('lacquer-1')]);
const minutesOf = (moment?: number) => Math.round(((moment ?? NaN) - noon) / 60_000);

describe('the cleaning list of a job', () => {
  it('holds back what opens until the pressure is out, and only until then', () => {
    const opening = (job: typeof dirty) => seen(job).clean.steps.filter(({ after }) => after !== undefined);
    const [first] = opening(dirty);
    expect(first?.opens).toBe(true);
    const relief = seen(dirty).clean.steps[first!.after! - 1]!;
    expect(relief.relieves).toBe(true);
    const relieved = logged(dirty, [-5, tick(relief.id)]);
    expect(opening(relieved).map(({ id }) => id)).not.toContain(first!.id);
    expect(opening(logged(relieved, [-4, tick(relief.id, false)])).map(({ id }) => id)).toContain(first!.id);
  });

  it('has own words where the shop keeps some, for this coating, gun and approach only', () => {
    const rinse = seen(dirty).clean.steps.find(({ id }) => id === 'rinse')!;
    expect(rinse.reworded).toBe(false);
    const shop = { ...newShop, careWords: { [rinse.wordsKey]: 'Rinse at the blue tap.' } };
    expect(seen(dirty, { shop }).clean.steps.find(({ id }) => id === 'rinse')).toMatchObject({
      says: 'Rinse at the blue tap.',
      reworded: true,
      id: rinse.id,
    });
    const stored = changed(dirty, { approach: { cleaning: 'store' as const } });
    expect(seen(stored, { shop }).clean.steps.find(({ id }) => id === 'rinse')!.reworded).toBe(false);
  });

  it('a gun cleaned by the first kind of list is still clean', () => {
    const before = logged(
      dirty,
      ...[
        'relief',
        'empty',
        'rinse',
        'flush',
        'second',
        'strip',
        'passages',
        'grease',
        'assemble',
        'waste',
      ].map((step, i) => [-5 + i / 10, tick(step)] as const),
    );
    expect(seen(before).clean.state).toBe('clean');
    expect(seen(logged(before, [-1, tick('grease', false)])).clean.state).toBe('dirty');
  });

  it('takes the cleaner its user names, leaves out one that fights the coating, and says so', () => {
    const named = (cleaner: string) => seen(changed(dirty, { approach: { cleaner } })).clean;
    expect(named('warm soapy water').liquid).toBe('warm soapy water');
    expect(named('acetone')).toMatchObject({
      liquid: 'clean water',
      sequence: { concerns: [expect.objectContaining({ weight: 'stop', with: 'coating' })] },
    });
  });

  it('refuses to guess for an unknown coating, and is not clean for having no steps', () => {
    const job = withLayer(dirty, 'lacquer', {
      sheet: { ...lacquer, cleaner: undefined, chemistry: 'unknown' as const },
    });
    expect(seen(job).clean).toMatchObject({
      state: 'dirty',
      steps: [],
      refusal: { refused: 'unknown-chemistry' },
    });
    expect(seen(changed(job, { approach: { cleaner: 'K cleaner' } })).clean.steps.length).toBeGreaterThan(8);
  });

  it('falls back on the full strip where solvent would stand on seals it swells', () => {
    const rig: Rig = { ...airless, atomising: 'hvlp', feed: 'gravity', seals: 'ethylene-propylene' };
    const stored = changed(dirty, { approach: { cleaning: 'store' } });
    const { clean } = seen(stored, { rig });
    // After water a gun-safe solvent would stand in it.
    expect(clean.refusal).toMatchObject({ refused: 'store-conflict' });
    expect(clean.sequence?.approach).toBe('strip');
  });
});

describe('standing in the gun', () => {
  it('wants its cap wiped after a while; wiping begins the clock anew, for the clean-by time as well', () => {
    const { clean } = seen(dirty);
    expect(minutesOf(clean.idle!.until)).toBe(0);
    expect(minutesOf(clean.cleanBy)).toBe(30);
    const wiped = seen(logged(dirty, [-2, tick('mid-wipe', true, 'midway')])).clean;
    expect(minutesOf(wiped.idle!.until)).toBe(8);
    expect(minutesOf(wiped.cleanBy)).toBe(38);
    expect(wiped.midway.find(({ id }) => id === 'mid-wipe')!.done).toBe(true);
    expect(wiped.doneCount).toBe(0);
    // The next coat undoes the wiping.
    const again = seen(
      logged(dirty, [-2, tick('mid-wipe', true, 'midway')], [1, start('lacquer-2')], [3, end('lacquer-2')]),
      { minutes: 3 },
    ).clean;
    expect(again.midway.every(({ done }) => !done)).toBe(true);
  });

  it('never outlasts the pot life, and sets some while after it, unless the user knows better', () => {
    // Two hours of pot life, mixed 20 minutes ago.
    const job = logged(aJob([colour]), [-20, mixedColour()], [-15, start('colour-1')], [-5, end('colour-1')]);
    const at = (minutes: number, with_ = job) => seen(with_, { minutes }).clean;
    const potEnds = minutesOf(at(0).gels);
    expect(potEnds).toBe(-20 + 1.5 * 120);
    expect(at(potEnds - 1).gelled).toBe(false);
    expect(at(potEnds + 1).gelled).toBe(true);
    expect(at(potEnds + 1).steps.map(({ id }) => id)).toContain('soften');
    // Flushed in time: nothing sets any more.
    const flushed = logged(job, [10, tick('flush')]);
    expect(at(potEnds + 1, flushed).gelled).toBe(false);
    expect(at(0, logged(job, [-1, tick('gelled')])).gelled).toBe(true);
    expect(at(potEnds + 1, logged(job, [potEnds, tick('gelled', false)])).gelled).toBe(false);
  });

  it('peroxide gels at the end of its pot life', () => {
    const gel = { ...colour, chemistry: 'polyester' as const, hazards: ['peroxide' as const] };
    const job = logged(aJob([gel]), [-20, mixedColour()], [-15, start('colour-1')], [-5, end('colour-1')]);
    expect(minutesOf(seen(job).clean.gels)).toBe(100);
    expect(seen(job, { minutes: 101 }).clean.steps.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['catalyst', 'soften']),
    );
  });
});

describe('the idle timer', () => {
  const idle = (job = dirty) => seen(job).timers.find(({ id }) => id === 'idle');

  it('calls in the middle of a long flash, and keeps quiet where the next coat opens by then', () => {
    expect(idle()).toMatchObject({ due: noon });
    expect(idle()).not.toHaveProperty('quiet');
    const quick = { ...lacquer, times: { ...lacquer.times, flash: 300, recoatFirst: 420 } };
    expect(idle(withLayer(dirty, 'lacquer', { sheet: quick }))).toMatchObject({ quiet: true });
  });

  it('ends with the last coat', () => {
    expect(idle(logged(dirty, [-8, start('lacquer-2')], [-2, end('lacquer-2')]))).toBeUndefined();
  });
});

describe('after cleaning', () => {
  it('a stripped gun has lost its setting and its card, a stored one its card only', () => {
    expect(seen(logged(dirty, [-1, tick('flush')])).set).toMatchObject({ cardState: 'cleaned' });
    expect(seen(logged(dirty, [-1, tick('flush')])).set.setting).toBeDefined();
    expect(seen(logged(dirty, [-1, tick('fit-knobs')])).set.setting).toBeUndefined();
  });

  it('an airless is relieved before and after its flush', () => {
    const { sequence } = seen(aJob([wallPaint]), { rig: airless }).clean;
    const ids = sequence!.steps.map(({ id }) => id);
    expect(ids.indexOf('relief-again')).toBeGreaterThan(ids.indexOf('flush'));
    expect(isRefusal(sequence)).toBe(false);
  });
});
