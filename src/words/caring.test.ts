import { withLayer } from '@/facts/job';
import type { NewEntry } from '@/records';
import type { JobView } from '@/facts/job';
import { careCalendar } from '@/facts/shop/carecalendar';
import { wearOf } from '@/facts/shop/wear';
import {
  airless,
  aJob,
  card,
  changed,
  colour,
  end,
  lacquer,
  logged,
  mixedColour,
  noon,
  readyToSpray,
  seen,
  setting,
  start,
  turbine,
} from '../../tests/fixtures/job';
import { unitsOf } from './units';
import { knobWords } from './clean';
import { countWords, dueWords, spanWords, whichWords } from './caredue';
import { nextLine } from './nextline';
import type { NextLine } from './line';

const metric = unitsOf('metric');
const us = unitsOf('us');
const line = (view: JobView, units = metric): NextLine =>
  JSON.parse(JSON.stringify(nextLine(view, 'clean', units)).replace(/\u00a0/g, ' ')) as NextLine;
const tick = (step: string, list: 'clean' | 'midway' = 'clean'): NewEntry => ({
  type: 'tick',
  list,
  step,
  done: true,
  rigId: turbine.id,
});
const between = logged(readyToSpray(), [-20, start('lacquer-1')], [-10, end('lacquer-1')]);
const all = logged(between, [-8, start('lacquer-2')], [-2, end('lacquer-2')]);
const entriesOf = ({ tap }: NextLine) => (tap?.does.kind === 'log' ? tap.does.entries : []);

describe('Clean says', () => {
  it('the short way between coats, one step after another, then the list', () => {
    expect(line(seen(between))).toMatchObject({
      says: expect.stringMatching(/^Air off/),
      otherwise: { does: { kind: 'focus', place: 'clean-list' } },
    });
    expect(entriesOf(line(seen(between)))).toEqual([tick('mid-relief', 'midway')]);
    const wiped = logged(
      between,
      [-3, tick('mid-relief', 'midway')],
      [-2, tick('mid-wipe', 'midway')],
      [-1, tick('mid-cover', 'midway')],
    );
    expect(entriesOf(line(seen(wiped)))).toEqual([tick('relief')]);
    expect(entriesOf(line(seen(all)))).toEqual([tick('relief')]);
  });

  it('the recorded knobs at their step, and writes the setting again with it', () => {
    const knobs = { fluid: 1.5, fan: 3 };
    const set = logged(
      between,
      [-9, { ...(setting() as object), knobs } as NewEntry],
      [-8, start('lacquer-2')],
      [-2, end('lacquer-2')],
    );
    const before = seen(set).clean.steps.map(({ id }) => id);
    const upTo = before.slice(0, before.indexOf('fit-knobs'));
    const view = seen(logged(set, ...upTo.map((step, i) => [-1 + i / 100, tick(step)] as const)));
    const said = line(view);
    expect(said.detail).toContain('fluid 1.5, fan 3 turns');
    expect(said.tap?.says).toBe('Back as recorded');
    expect(entriesOf(said)).toMatchObject([tick('fit-knobs'), { type: 'setting', pressure: 42000, knobs }]);
    const done = logged(set, [0, tick('fit-knobs')], [0.01, entriesOf(said)[1]!]);
    expect(seen(done, { minutes: 1 }).set).toMatchObject({ setting: { knobs }, cardState: 'cleaned' });
    expect(knobWords({})).toBe('no turns');
  });

  it('stop once the mix has set, and asks for a cleaner nobody has named', () => {
    const set = logged(
      aJob([colour]),
      [-20, mixedColour()],
      [-15, start('colour-1')],
      [-5, end('colour-1')],
      [-1, tick('gelled')],
    );
    expect(line(seen(set)).tone).toBe('stop');
    const nobody = withLayer(all, 'lacquer', {
      sheet: { ...lacquer, cleaner: undefined, chemistry: 'unknown' as const },
    });
    expect(line(seen(nobody))).toMatchObject({
      says: 'Name what this coating is cleaned with.',
      tone: 'stop',
      tap: { does: { kind: 'focus', place: 'cleaner', part: 'how' } },
    });
  });

  it('a stored gun is not ready as it stands', () => {
    const stored = changed(all, { approach: { cleaning: 'store' as const } });
    const steps = seen(stored).clean.steps.map(({ id }) => id);
    const done = logged(stored, ...steps.map((step, i) => [-1 + i / 100, tick(step)] as const));
    expect(line(seen(done)).says).toMatch(/full of solvent.*card/);
    expect(seen(logged(done, [1, card()]), { minutes: 2 }).clean.state).toBe('dirty');
  });
});

describe('care in words', () => {
  const day = (ago: number) => new Date(noon - ago * 86_400_000).toISOString().slice(0, 10);
  const pump = { ...airless, tips: ['517'], tipsWorn: { '517': { litres: 0.2 } } };

  it('counts hours, days or litres in the user’s units', () => {
    expect(countWords({ counts: 'hours' }, 5400, metric)).toMatch(/^1\.5.h$/);
    expect(countWords({ counts: 'days' }, 10 * 86_400, us)).toMatch(/^10.d$/);
    expect(countWords({ counts: 'litres' }, 0.31, metric)).toMatch(/^310.L$/);
    expect(countWords({ counts: 'litres' }, 0.31, us)).toMatch(/^82.gal$/);
  });

  it('names what is due and of which set or tip', () => {
    const rig = {
      ...turbine,
      sets: [{ id: 's', bore: 1.3e-3, since: day(3) }],
      airParts: [{ id: 'd', kind: 'drain' as const, name: 'tank', since: day(2) }],
    };
    const [due] = careCalendar([rig], [], noon);
    expect(dueWords(due!, metric)).toBe('Drain, tank: drain the tank and the low points of the pipe');
    const tip = wearOf([pump], [], noon).find(({ part }) => part === 'tip')!;
    expect(whichWords(tip, metric)).toBe(' 517');
    const nozzle = wearOf([rig], [], noon).find(({ part }) => part === 'nozzle')!;
    expect(whichWords(nozzle, metric)).toMatch(/^, set 1\.3.mm$/);
  });

  it('gives the span four in five fall in, from now where it has begun', () => {
    expect(spanWords({}, noon)).toBeUndefined();
    expect(spanWords({ low: noon, high: noon + 3600_000 }, noon)).toBeUndefined();
    expect(spanWords({ low: noon - 5 * 86_400_000, high: noon + 40 * 86_400_000 }, noon)).toMatch(
      /^four in five between now and /,
    );
  });
});
