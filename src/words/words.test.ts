import { celsius } from '@/core/climate';
import { newShop, type Job, type NewEntry } from '@/records';
import { cureStageOf, stackOf, standsUntil, type JobView, type Stage } from '@/facts/job';
import { timeOfDay } from './clock';
import {
  airless,
  aJob,
  card,
  changed,
  coatsChanged,
  colour,
  end,
  fitRoom,
  lacquer,
  logged,
  mixedColour,
  mixedLacquer,
  reading,
  readyToSpray,
  seen,
  setting,
  start,
  ticked,
  trueSeconds,
  wallPaint,
  water,
} from '../../tests/fixtures/job';
import { paceWords } from './pace';
import { unitsOf } from './units';
import type { NextLine } from './line';
import { nextLine } from './nextline';
import { wholeLine } from './remedies';
import { stripCells } from './strip';
import { reachWords } from './thin';

const metric = unitsOf('metric');
const us = unitsOf('us');
/** A line with its no-break spaces made plain. */
const line = (view: JobView, stage: Stage, units = metric): NextLine =>
  JSON.parse(JSON.stringify(nextLine(view, stage, units)).replace(/\u00a0/g, ' ')) as NextLine;
const cell = (view: JobView, stage: Stage, units = metric) => {
  const found = stripCells(view, units).find((each) => each.stage === stage)!;
  return {
    ...found,
    number: found.number.replace(/\u00a0/g, ' '),
    state: found.state.replace(/\u00a0/g, ' '),
  };
};
const entriesOf = ({ tap }: NextLine): readonly NewEntry[] =>
  tap?.does.kind === 'log' ? tap.does.entries : [];

import { potSays } from './stack';

describe('a pace', () => {
  it('is told in seconds a foot in US units, and in metres a second in metric', () => {
    expect(paceWords(0.4, unitsOf('metric'))).toBe('0.40\u00a0m/s');
    expect(paceWords(0.4, unitsOf('us'))).toBe('15.7\u00a0in/s, 0.76\u00a0s a foot');
  });
});

describe('Plan says', () => {
  it('read the room first, then the litres, in the user’s units', () => {
    expect(line(seen(aJob()), 'plan')).toMatchObject({
      big: { number: '2.95', unit: 'L' },
      says: 'Read the room, then mix 2.95 L.',
      tone: 'act',
    });
    expect(line(seen(aJob()), 'plan', us)).toMatchObject({ big: { number: '3.11', unit: 'qt' } });
    expect(line(seen(logged(aJob(), [-5, fitRoom])), 'plan')).toMatchObject({
      says: 'Mix 2.95 L for 2 coats.',
      detail: '91 µm wet a coat dries to 29 µm.',
      tone: 'good',
    });
  });

  it.each<[string, Partial<Extract<NewEntry, { type: 'climate' }>>, string]>([
    ['cold air', { air: celsius(9) }, 'Too cold to spray.'],
    ['hot air', { air: celsius(38) }, 'Too warm to spray.'],
    ['a cold part', { part: celsius(8) }, 'The part is too cold.'],
    ['dry air', { humidity: 0.1 }, 'The air is too dry.'],
    ['damp air', { humidity: 0.9 }, 'The air is too damp.'],
  ])('stop for %s', (_, change, says) => {
    const room = { ...fitRoom, ...change } as NewEntry;
    expect(line(seen(logged(aJob(), [-5, room])), 'plan')).toMatchObject({ says, tone: 'stop' });
    expect(cell(seen(logged(aJob(), [-5, room])), 'plan')).toMatchObject({
      state: 'not fit to spray',
      tone: 'stop',
    });
  });

  it.each<[string, Partial<Extract<NewEntry, { type: 'climate' }>>, RegExp, RegExp]>([
    ['dry air', { humidity: 0.1 }, /umidif|damp/, /warm|dry the room/i],
    ['damp air', { humidity: 0.9 }, /dry|dehumid/i, /umidif/],
    ['a cold part', { part: celsius(8) }, /warm/i, /cool/i],
    ['hot air', { air: celsius(38) }, /cool|wait|shade/i, /\bwarm (?:the )?(?:room|part|air)/i],
  ])('%s is mended by what mends it, and by nothing else', (_, change, mends, harms) => {
    const view = seen(logged(aJob(), [-5, { ...fitRoom, ...change } as NewEntry]));
    const { detail } = wholeLine(line(view, 'plan'), view, metric);
    expect(detail).toMatch(mends);
    expect(detail).not.toMatch(harms);
  });

  it('dew, with its own margin', () => {
    const dewy = { ...fitRoom, part: celsius(13), humidity: 0.7 } as NewEntry;
    expect(line(seen(logged(aJob(), [-5, dewy])), 'plan')).toMatchObject({
      says: 'Dew would form on the part.',
      tone: 'stop',
    });
  });

  it('what is wrong when nothing can be computed', () => {
    const job = aJob();
    const nothing = changed(job, { approach: { transfer: 0.01 } });
    expect(line(seen(nothing), 'plan')).toMatchObject({
      tone: 'stop',
      says: 'Transfer efficiency must lie between 0.05 and 1.'
        .replace('0.05', '5.0 %')
        .replace(' 1.', ' 100.0 %.'),
    });
  });
});

describe('Mix says', () => {
  it('pour to a mark, and logs that pour', () => {
    const first = line(seen(aJob([colour])), 'mix');
    expect(first.says).toMatch(/^Pour Colour base until the scale reads \d+ g\.$/);
    expect(entriesOf(first)[0]).toMatchObject({ type: 'poured', partId: 'base', layerId: 'colour' });
  });

  it('the next part, then mixed', () => {
    const base = entriesOf(line(seen(aJob([colour])), 'mix'))[0]!;
    const one = logged(aJob([colour]), [-9, base]);
    const second = line(seen(one), 'mix');
    expect(second.says).toContain('Pour Hardener');
    const two = logged(one, [-8, entriesOf(second)[0]!]);
    const all = line(seen(two), 'mix');
    expect(all.says).toBe('All parts are in. Stir past the last streak, sides and bottom.');
    const mixed = logged(two, [-7, entriesOf(all)[0]!]);
    expect(seen(mixed).mix.batch?.unthinned.mass).toBeGreaterThan(1);
    // The sheet asks for ten minutes of rest.
    expect(line(seen(mixed), 'mix').says).toMatch(/^Let it rest until \d\d:\d\d, then stir again\.$/);
    expect(cell(seen(mixed), 'mix')).toMatchObject({ state: 'resting', tone: 'act' });
    const rested = seen(mixed, { minutes: 10 });
    expect(line(rested, 'mix').says).toContain('in the pot');
    expect(cell(rested, 'mix')).toMatchObject({ state: 'in the pot', tone: 'good' });
  });

  it('a finer scale is told in finer grams', () => {
    const fine = line(seen(aJob(), { shop: { scaleStep: 0.0001 } }), 'mix');
    expect(fine.says).toMatch(/\d+\.\d g\.$/);
  });

  it('discard when the pot life is over', () => {
    const old = logged(aJob([colour]), [-200, mixedColour()]);
    expect(line(seen(old), 'mix')).toMatchObject({
      says: 'Discard this mix. Its pot life is over.',
      tone: 'stop',
    });
    expect(entriesOf(line(seen(old), 'mix'))[0]).toMatchObject({ type: 'discard', batchId: 'c' });
    expect(cell(seen(old), 'mix')).toMatchObject({ state: 'pot life over', tone: 'stop' });
  });

  it('a stop when the only can is past its date', () => {
    const can = {
      kind: 'can',
      version: 1,
      id: 'x',
      coatingId: 'lacquer',
      componentId: 'base',
      lot: 'L-1',
      left: 1e-3,
      useBefore: '2026-01-01',
    } as const;
    const warned = line(seen(aJob(), { cans: [can] }), 'mix');
    expect(warned.tone).toBe('stop');
    expect(warned.says).toMatch(/^Lot L-1 is past its date, 1 Jan 2026. Open a fresh can/);
    expect(warned.because).toContainEqual({ label: 'Lot L-1', value: '▲ past 1 Jan 2026' });
  });
});

describe('Thin says', () => {
  const mixed = logged(aJob(), [-60, mixedLacquer]);
  const timed = logged(mixed, [-50, reading(trueSeconds(0))], [-49, reading(trueSeconds(0))]);

  it('each step in turn', () => {
    expect(line(seen(aJob()), 'thin').says).toBe('Mix first. There is nothing in the pot to thin.');
    expect(line(seen(mixed), 'thin')).toMatchObject({
      says: 'Stir, then time the cup.',
      big: { number: '21–25', unit: 's' },
    });
    expect(line(seen(logged(mixed, [-50, reading(33)])), 'thin').says).toBe('Time the cup once more.');
    expect(line(seen(logged(mixed, [-50, reading(31)], [-49, reading(34)])), 'thin').says).toContain(
      'Time a third.',
    );
  });

  it('how much to add, what the scale reads then, and what to expect', () => {
    const add = line(seen(timed), 'thin');
    const grams = Number(add.big.number);
    expect(add.says).toBe(`Add ${grams} g water. Scale reads ${2000 + grams} g.`);
    expect(add.detail).toMatch(/Expect \d\d\.\d s \(\d\d\.\d–\d\d\.\d\)\.$/);
    expect(entriesOf(add)).toEqual([
      { type: 'addition', batchId: 'b', what: 'water', mass: expect.closeTo(grams / 1000, 9) },
    ]);
    expect(add.because.map(({ label }) => label)).toEqual(
      expect.arrayContaining([
        'Mean of two, Ford cup 4 at 23 °C',
        'Band, Ford cup 4',
        'Solids after it, by volume',
        'VOC after it, as applied',
        'Thinner still allowed',
        'Gloss',
        'This addition brings it to',
        'Chance of going under 21.0 s',
      ]),
    );
    expect(line(seen(timed), 'thin', us).big.unit).toBe('oz');
  });

  it('in the band; too thin; and at the sheet’s maximum', () => {
    expect(line(seen(readyToSpray()), 'thin')).toMatchObject({
      says: 'In the band. Strain it and fill the gun.',
      tone: 'good',
    });
    const over = logged(
      timed,
      [-45, water(0.4)],
      [-40, reading(trueSeconds(0.4))],
      [-39, reading(trueSeconds(0.4))],
    );
    const thin = line(seen(over), 'thin');
    expect(thin.says).toMatch(/^Too thin\. Add \d+ g of unthinned mix\.$/);
    expect(entriesOf(thin)[0]).toMatchObject({ what: 'unthinned' });
    const tight = { ...lacquer, thinning: { ...lacquer.thinning, maximum: 0.02 } };
    const full = logged(
      aJob([tight]),
      [-60, mixedLacquer],
      [-50, reading(36)],
      [-49, reading(36)],
      [-45, water(0.04)],
      [-40, reading(33)],
      [-39, reading(33)],
    );
    expect(line(seen(full), 'thin')).toMatchObject({
      says: 'The sheet’s maximum is reached, still above the band.',
      tone: 'stop',
    });
    expect(reachWords(seen(full), metric)).toContain('the sheet’s maximum');
    expect(reachWords(seen(timed), metric)).toBeUndefined();
  });

  it('never thin a dead mix, and no cup where none applies', () => {
    const dead = logged(aJob([colour]), [-200, mixedColour('b')], [-190, reading(40)]);
    expect(line(seen(dead), 'thin')).toMatchObject({
      says: 'Do not thin this mix. Its pot life is over: discard it.',
      tone: 'stop',
    });
    expect(line(seen(aJob([wallPaint]), { rig: airless }), 'thin').says).toContain(
      'A flow cup cannot judge this coating',
    );
  });

  it('what is expected, not the old reading, once something was added', () => {
    const added = logged(timed, [-45, water(0.1)]);
    expect(cell(seen(timed), 'thin')).toMatchObject({ state: 'too thick', tone: 'care' });
    expect(cell(seen(added), 'thin').number).toMatch(/^about \d\d\.\d s$/);
    expect(cell(seen(readyToSpray()), 'thin').state).toBe('in band');
  });
});

describe('Set says', () => {
  it('fit this, then spray a card, then how to move', () => {
    const view = seen(aJob());
    const fit = line(view, 'set');
    expect(fit.says).toBe('Fit the 1.5 mm set. 0.42 bar at the cap, trigger pulled.');
    expect(entriesOf(fit)[0]).toMatchObject({
      type: 'setting',
      bore: expect.closeTo(1.5e-3, 9),
      pressureAt: 'cap',
      triggerPulled: true,
    });
    const set = logged(aJob(), [-30, setting()]);
    expect(line(seen(set), 'set').says).toBe('Spray a test card and look at it.');
    expect(cell(seen(set), 'set')).toMatchObject({ number: '1.5 mm · 0.42 bar', state: 'card wanted' });
    const bad = line(seen(logged(set, [-20, card('split')])), 'set');
    expect(bad).toMatchObject({
      says: 'Split. Too much air for the fluid: one step less air, then another card.',
      tone: 'care',
    });
    // 250 mL/min lay what the coat wants at 0.20 m/s, whatever pace was recorded with them.
    const slower = seen(logged(set, [-20, card()]));
    expect(line(slower, 'set')).toMatchObject({
      says: 'Set. Move at 0.20 m/s, strokes 125 mm apart.',
      detail: expect.stringMatching(/^At the 0\.25\sm\/s recorded it would lay 73\sµm\./),
      tone: 'good',
    });
    // Five times the film: no hand goes so slowly.
    const thin = logged(
      aJob(),
      [-30, { ...(setting() as object), fluid: 40e-6 / 60 } as NewEntry],
      [-20, card()],
    );
    expect(line(seen(thin), 'set')).toMatchObject({
      detail: expect.stringMatching(/^That lays 12\sµm, 91\sµm is wanted\./),
      tone: 'care',
    });
    expect(cell(seen(thin), 'set')).toMatchObject({ state: expect.stringMatching(/^lays 12/), tone: 'care' });
    const as = logged(aJob(), [-30, entriesOf(fit)[0]!], [-20, card()]);
    expect(line(seen(as), 'set')).toMatchObject({
      says: 'Set. Move at 0.22 m/s, strokes 125 mm apart.',
      tone: 'good',
    });
  });

  it('pump pressures in whole bar and psi, and the tip by its code', () => {
    const view = seen(aJob([wallPaint]), { rig: airless });
    expect(line(view, 'set').says).toMatch(/^Fit tip 51[57]\. 145 bar at the tip, trigger pulled\.$/);
    expect(line(view, 'set', us).says).toContain('2103 psi');
  });

  it('what is missing on a bare rig', () => {
    expect(line(seen(aJob(), { rig: { ...airless, tips: [] } }), 'set')).toMatchObject({
      tone: 'stop',
      says: 'This gun has no tips. Add the codes of those the shop owns.',
    });
  });
});

describe('Spray says', () => {
  const one = 'lacquer-1';
  const running = logged(readyToSpray(), [-5, start(one)]);
  const flashing = logged(running, [-1, end(one)]);

  it('start, keep on, flash, go on', () => {
    expect(line(seen(ticked(readyToSpray())), 'spray').says).toMatch(
      /^Start coat 1 of 2, lacquer 1: \d+ µm wet\.$/,
    );
    expect(line(seen(running), 'spray')).toMatchObject({
      big: { number: '05:00' },
      tap: { says: 'End coat 1' },
    });
    expect(cell(seen(running), 'spray').state).toBe('spraying 05:00');
    const wait = line(seen(flashing), 'spray');
    expect(wait.big.number).toBe('47:03');
    expect(wait.tap).toBeUndefined();
    expect(wait.otherwise?.says).toBe('Start coat 2 early');
    expect(cell(seen(flashing), 'spray')).toMatchObject({ number: '1 of 2 coats', state: 'flash 47:03' });
    // The room was read too long ago to go on by it.
    expect(cell(seen(flashing, { minutes: 50 }), 'spray')).toMatchObject({ tone: 'care' });
    const read = logged(flashing, [45, fitRoom]);
    expect(cell(seen(read, { minutes: 50 }), 'spray').state).toBe('window open');
    // Two kilograms do for one coat of it, not for two: that is said where it is mixed, before it runs out half-way.
    expect(cell(seen(read, { minutes: 50 }), 'mix')).toMatchObject({
      tone: 'care',
      state: 'left: too little',
    });
    expect(line(seen(read, { minutes: 50 }), 'mix')).toMatchObject({
      tone: 'care',
      says: expect.stringMatching(/^About [\d.]+ m?L left in the pot\. Lacquer 2 takes [\d.]+ L\.$/),
      tap: { says: 'It is used up', does: { entries: [{ type: 'discard', empty: true }] } },
    });
    const half = read.part.faces.map((face) => ({ ...face, height: face.height / 2 }));
    const small = { ...read, part: { ...read.part, faces: half } };
    // What the first coat took is not in it any more; what no coat takes is left over, and nothing to be glad of.
    const left = seen(small, { minutes: 50 });
    expect(cell(left, 'mix')).toMatchObject({ tone: 'good', state: 'left in the pot' });
    expect(Number(cell(left, 'mix').figure.value)).toBeLessThan(left.mix.batch!.applied.volume * 0.7);
    expect(line(left, 'mix')).toMatchObject({
      tone: 'good',
      says: expect.stringMatching(/^About [\d.]+ m?L left in the pot\. Lacquer 2 takes [\d.]+ m?L\.$/),
    });
    // While the last coat goes on what it takes is not left over, nor gone.
    const going = seen(logged(small, [50, start('lacquer-2')]), { minutes: 52 });
    expect(cell(going, 'mix')).toMatchObject({ tone: 'good', state: 'left in the pot' });
    expect(cell(going, 'mix').figure.value).toBe(cell(left, 'mix').figure.value);
    expect(line(going, 'mix')).toMatchObject({
      tone: 'good',
      says: expect.stringMatching(/^About [\d.]+ m?L left in the pot as this coat began\.$/),
      tap: { says: 'Go to Spray' },
    });
    const both = seen(logged(small, [50, start('lacquer-2')], [55, end('lacquer-2')]), { minutes: 60 });
    expect(cell(both, 'mix')).toMatchObject({ tone: 'plain', state: 'left over' });
    // Its plan asks nobody to mix for coats that are on.
    const one = seen(
      logged(aJob(), [-60, fitRoom], [-20, start('lacquer-1')], [-10, end('lacquer-1')], [-5, fitRoom]),
    );
    expect(line(one, 'plan')).toMatchObject({
      says: expect.stringMatching(/^Mix 1\.\d\d\sL for 1 coat to come\.$/),
      detail: expect.stringMatching(/The whole plan is 2\.95\sL for 2 coats\.$/),
    });
    expect(cell(one, 'mix').number).toBe(/[\d.]+\sL/.exec(line(one, 'plan').says)?.[0]);
    const on = seen(
      logged(
        aJob(),
        [-60, fitRoom],
        [-40, start('lacquer-1')],
        [-30, end('lacquer-1')],
        [-20, start('lacquer-2')],
        [-10, end('lacquer-2')],
      ),
    );
    expect(line(on, 'plan')).toMatchObject({
      tone: 'good',
      says: 'All coats of this layer are on: nothing is left to mix for it.',
      tap: { says: 'Go to Clean' },
    });
    // Nobody thins it any more, timed or not, and it is never amber for being cold.
    expect(cell(both, 'thin')).toMatchObject({ state: 'all coats on' });
    expect(line(both, 'thin')).toMatchObject({
      tone: 'good',
      says: 'All coats of this layer are on: nothing is left to thin.',
      tap: { says: 'Go to Clean' },
    });
    // Two coats took all there was: nothing is left over, and it is said that it is gone.
    const all = seen(logged(read, [50, start('lacquer-2')], [55, end('lacquer-2')]), { minutes: 60 });
    expect(cell(all, 'mix')).toMatchObject({ tone: 'plain', state: 'used up' });
    expect(line(all, 'mix')).toMatchObject({
      says: 'The pot should be used up.',
      tap: { says: 'It is used up' },
    });
    expect([left, all].map((view) => potSays(stackOf(view)[0]!.pot!))).toEqual(['in the pot', 'pot used up']);
    expect(line(both, 'mix').says).toMatch(/^About [\d.]+ m?L left over\. No coat to come takes it\.$/);
  });

  it('lays a drop coat from further off with less air, and a full one plainly', () => {
    const job = readyToSpray();
    const drop = logged(
      coatsChanged(job, (_, i) => (i === 0 ? { role: 'drop' as const } : {})),
      [-9, { ...(setting() as object), distance: 0.238, pressure: 0.357e5 } as NewEntry],
      [-8, card()],
    );
    expect(line(seen(ticked(drop)), 'spray').detail).toMatch(/^Lay it from 238\smm at 0\.36\sbar\./);
    expect(line(seen(ticked(job)), 'spray').detail).not.toContain('Lay it');
    expect(line(seen(logged(drop, [-5, start(one)])), 'spray').detail).toMatch(/^Lay it from 238\smm/);
  });

  it('says: paused, go on; shut between wet and hard; what a finger found', () => {
    const started = logged(aJob(), [-20, start('lacquer-1')]);
    const paused = line(seen(logged(started, [-5, { type: 'pause', coatId: 'lacquer-1' }])), 'spray');
    expect(paused.big).toEqual({ number: '05:00', unit: 'paused' });
    expect(paused.says).toMatch(/paused after 15\smin/);
    expect(paused.tap?.says).toBe('Go on');
    const odd = { ...lacquer, times: { ...lacquer.times, forbidden: { from: 3600, to: 4 * 3600 } } };
    const ended = logged(aJob([odd]), [-100, start('lacquer-1')], [-90, end('lacquer-1')]);
    const shut = line(seen(ended), 'spray');
    expect(shut.tone).toBe('stop');
    expect(shut.says).toMatch(/^Too late to go on wet, too early to recoat: coat 2 from/);
    expect(cell(seen(ended), 'spray').state).toMatch(/^shut/);
    const touched = line(
      seen(
        logged(
          started,
          [-10, end('lacquer-1')],
          [-2, { type: 'touch', coatId: 'lacquer-1', found: 'tacky' }],
        ),
      ),
      'spray',
    );
    expect(touched.because).toContainEqual({
      label: expect.stringMatching(/^Touch test/),
      value: 'tacky',
      from: { source: 'measured' },
    });
  });

  it('abrade once the window is closed', () => {
    const masked: NewEntry = { type: 'tick', list: 'ready', step: 'dust-mask', done: true };
    const late = line(seen(logged(flashing, [8 * 60, masked]), { minutes: 8 * 60 + 29 }), 'spray');
    expect(late).toMatchObject({ big: { number: '30', unit: 'min late' }, tone: 'stop' });
    expect(entriesOf(late)).toEqual([{ type: 'abraded', coatId: one }]);
  });

  it('a card first when there is no good one', () => {
    const job = ticked(logged(readyToSpray(), [-20, card('split')]));
    expect(line(seen(job), 'spray')).toMatchObject({
      tone: 'care',
      says: '1 thing before coat 1 of 2. The last card was not good.',
    });
    const whole = wholeLine(line(seen(job), 'spray'), seen(job), metric);
    expect(whole.detail).toBe('What it shows goes on the part. Put right what the card shows.');
    expect(cell(seen(job), 'spray')).toMatchObject({ state: '1 open', tone: 'care' });
    expect(cell(seen(readyToSpray()), 'spray')).toMatchObject({ tone: 'act' });
  });

  it('a run is on when its parts are counted: 59 of 60 are not all', () => {
    const job = aJob();
    const castings: Job = {
      ...job,
      part: { ...job.part, faces: job.part.faces.map((face) => ({ ...face, count: 60 })) },
    };
    const on = logged(
      castings,
      ...(['lacquer-1', 'lacquer-2'] as const).flatMap((id, i) => [
        [-200 + i * 60, start(id)] as const,
        [-195 + i * 60, end(id)] as const,
      ]),
      [-100, { type: 'parts', count: 59 }],
    );
    expect(cell(seen(on), 'spray')).toMatchObject({ state: 'on 59 of 60 parts', tone: 'care' });
    const all = logged(on, [-90, { type: 'parts', count: 1 }]);
    expect(cell(seen(all), 'spray')).toMatchObject({ state: 'all on', tone: 'good' });
  });

  it('clean when all coats are on', () => {
    const all = logged(flashing, [45, start('lacquer-2')], [50, end('lacquer-2')]);
    expect(line(seen(all, { minutes: 51 }), 'spray')).toMatchObject({
      says: 'All coats are on. Clean the gun before it sets.',
      tap: { says: 'Go to Clean' },
    });
    expect(cell(seen(all, { minutes: 51 }), 'clean').tone).toBe('care');
    expect(line(seen(all, { minutes: 51 }), 'clean')).toMatchObject({
      big: { number: '39:00', unit: 'left' },
      tone: 'act',
    });
    expect(line(seen(all, { minutes: 100 }), 'clean')).toMatchObject({ big: { unit: 'late' }, tone: 'stop' });
    expect(cell(seen(all, { minutes: 100 }), 'clean')).toMatchObject({ state: 'overdue', tone: 'stop' });
  });
});

describe('Check says', () => {
  const ready = readyToSpray();
  const one: Job = {
    ...ready,
    layers: ready.layers.map((layer) => ({
      ...layer,
      sheet: { ...layer.sheet, coats: 1 },
      coats: layer.coats.slice(0, 1),
    })),
  };
  const on = logged(one, [-300, start('lacquer-1')], [-290, end('lacquer-1')]);
  const checked: NewEntry = { type: 'gauge-check', zero: 0, shim: 100e-6, read: 100e-6 };
  const readings = (values: readonly number[], job = on) =>
    logged(
      job,
      [-1, checked],
      ...values.flatMap((um, spot) =>
        [0, 1, 2].map(
          (i) =>
            [spot + i / 10, { type: 'film', faceId: 'front', spot, reading: um * 1e-6 } as NewEntry] as const,
        ),
      ),
    );

  it('where to measure next, then the verdict', () => {
    expect(line(seen(aJob()), 'check').says).toBe(
      'Spray and end a coat first; then there is a film to measure.',
    );
    expect(line(seen(readings([29, 30])), 'check')).toMatchObject({
      big: { number: '2', unit: 'of 5 spots' },
      says: 'Take 3 readings at spot 3 of Fronts.',
    });
    const pass = seen(readings([29, 30, 28, 31, 29]));
    expect(line(pass, 'check')).toMatchObject({
      big: { number: '29', unit: 'µm' },
      says: 'The film passes.',
      tone: 'good',
    });
    expect(cell(pass, 'check')).toMatchObject({ number: '29 µm', state: 'passes' });
  });

  it('from when it is hard: a gauge sinks into a soft film; one that is measured already is measured on', () => {
    const soft = seen(on, { minutes: -280 });
    const hardens = cureStageOf(soft).hardens!;
    expect(line(soft, 'check')).toMatchObject({
      big: { number: timeOfDay(hardens), unit: 'dry' },
      says: expect.stringMatching(/^Measure from .*: the film is soft until then\.$/),
      tap: { says: 'Enter readings' },
    });
    expect(standsUntil(soft)).toBeLessThanOrEqual(hardens);
    const later = (hardens - soft.now) / 60_000 - 280;
    expect(line(seen(on, { minutes: later - 1 }), 'check').says).toMatch(/^Measure from/);
    expect(line(seen(on, { minutes: later + 1 }), 'check').says).toMatch(/^Take 3 readings at spot 1/);
    expect(line(seen(readings([29]), { minutes: -270 }), 'check').says).toMatch(/^Take 3 readings/);
  });

  it('says so where the coats aim at what their sheet forbids: nothing can be judged by that', () => {
    const forbidden: Job = {
      ...ready,
      layers: ready.layers.map((layer) => ({ ...layer, coats: layer.coats.slice(0, 1) })),
    };
    const laid = logged(forbidden, [-90, start('lacquer-1')], [-80, end('lacquer-1')]);
    expect(line(seen(readings([29, 30, 28, 31, 29], laid)), 'check')).toMatchObject({
      says: 'The film range must run from its minimum over its aim to its maximum.',
      tap: { does: { kind: 'go', stage: 'plan' } },
    });
  });

  it('passes nothing before its time: coats to come, a gauge nobody checked, a soft film, simulated readings', () => {
    const values = [29, 30, 28, 31, 29];
    const two = logged(readyToSpray(), [-90, start('lacquer-1')], [-80, end('lacquer-1')]);
    const without = (job: Job, type: string): Job => ({
      ...job,
      log: job.log.filter((entry) => entry.type !== type),
    });
    const soft = logged(one, [-20, start('lacquer-1')], [-10, end('lacquer-1')]);
    const simulated: Job = {
      ...readings(values),
      log: readings(values).log.map((entry) =>
        entry.type === 'film' && entry.spot === 2 ? { ...entry, simulated: true } : entry,
      ),
    };
    const many = {
      ...readings(values),
      part: { ...one.part, faces: one.part.faces.map((face) => ({ ...face, count: 60 })) },
    };
    for (const [job, says] of [
      [readings(values, two), 'coats are to come'],
      [without(readings(values), 'gauge-check'), 'the gauge was not checked before its readings'],
      [readings(values, soft), 'it was read before it was dry'],
      [simulated, 'its readings are simulated'],
    ] as const) {
      const view = seen(job);
      expect(line(view, 'check')).toMatchObject({ tone: 'care', says: expect.stringContaining(says) });
      expect(view.check.unproven.length).toBeGreaterThan(0);
      expect(view.done.has('check')).toBe(false);
      expect(cell(view, 'check').state).not.toBe('passes');
    }
    expect(seen(logged(many, [20, { type: 'parts', count: 60 }])).check.unproven).not.toContain('parts');
    expect(seen(logged(many, [20, { type: 'parts', count: 59 }])).check.unproven).toContain('parts');
  });

  it('which condition fails, where, and which way to put it right', () => {
    const thin = line(seen(readings([29, 30, 15, 31, 29])), 'check');
    expect(thin).toMatchObject({ tone: 'stop', says: 'The film fails: thinnest, at least 80 %.' });
    expect(thin.detail).toContain('Thinnest at Fronts, spot 3. Another coat there');
    const thick = line(seen(readings([33, 33, 33, 33, 45])), 'check');
    expect(thick.detail).toContain('sand it back');
    const nominal = changed(on, { approach: { acceptance: 'nominal' as const } });
    expect(line(seen(readings([27, 27, 32, 32, 32], nominal)), 'check').says).toContain('fewer than a fifth');
  });

  it('a defect comes before the film, and a change waits for its verdict before anything else', () => {
    const passing = readings([29, 30, 28, 31, 29]);
    const runs: NewEntry = { type: 'defect', name: 'Runs and sags', defect: 'runs' };
    const found = logged(passing, [5, runs], [6, { ...runs, faceId: 'front' }]);
    expect(line(seen(found), 'check')).toMatchObject({
      big: { number: '1', unit: 'defect' },
      says: 'Runs and sags: find the cause, and change one thing.',
      tone: 'stop',
      tap: { does: { kind: 'focus', place: 'defects', part: 'defects' } },
    });
    expect(cell(seen(found), 'check')).toMatchObject({ state: '2 open defects', tone: 'stop' });
    const changed = logged(found, [
      7,
      { type: 'action', text: 'Quicker.', cause: 'too-slow', expects: 'No run.', defects: ['runs'] },
    ]);
    expect(line(seen(changed), 'check')).toMatchObject({
      says: 'Quicker. Then say whether it helped.',
      detail: 'It should show: No run.',
      tap: { does: { kind: 'focus', place: 'change', part: 'defects' } },
    });
    const actionId = changed.log.at(-1)!.id;
    const outcome = (helped: 'yes' | 'no') => logged(changed, [8, { type: 'outcome', actionId, helped }]);
    expect(line(seen(outcome('no')), 'check').says).toContain('find the cause');
    expect(line(seen(outcome('yes')), 'check').says).toBe('The film passes.');
    const right = logged(changed, [8, { type: 'rework', defect: 'runs', did: 'flat-recoat' }]);
    expect(cell(seen(right), 'check')).toMatchObject({ state: 'change to judge', tone: 'care' });
    expect(cell(seen(outcome('yes')), 'check')).toMatchObject({ state: 'passes' });
  });
});

it('every stage of every kind of job has a line and a cell in both systems', () => {
  const jobs = [aJob(), aJob([colour]), aJob([wallPaint]), readyToSpray(), aJob([lacquer, colour])];
  for (const job of jobs)
    for (const units of [metric, us]) {
      const view = seen(job, { shop: newShop });
      for (const { stage, number, state } of stripCells(view, units)) {
        const { says, big } = nextLine(view, stage, units);
        for (const text of [says, big.number, number, state]) {
          expect(text).not.toMatch(/NaN|undefined|Infinity|\{/);
          expect(text.length).toBeGreaterThan(0);
        }
      }
    }
});

describe('from one product to the next', () => {
  const base = ['lacquer-1', 'lacquer-2'] as const;
  const on = logged(
    aJob([lacquer, colour]),
    [-60, fitRoom],
    [-55, mixedLacquer],
    ...base.flatMap((coat, i) => [[-40 + i * 10, start(coat)] as const, [-35 + i * 10, end(coat)] as const]),
  );

  it('the next one is mixed first, meanwhile where the last coat still flashes', () => {
    const flashing = line(seen(on), 'spray');
    expect(flashing.says).toMatch(/^Leave coat 2 to flash\. Coat 3 from .+ Mix the .+ meanwhile\.$/);
    expect(flashing.tap?.does).toEqual({ kind: 'go', stage: 'mix' });
    const ready = line(seen(on, { minutes: 60 }), 'spray');
    expect(ready.says).toMatch(/^Now the .+: nothing of it is mixed yet\.$/);
    expect(ready.tap?.does).toEqual({ kind: 'go', stage: 'mix' });
    // It is not forbidden: somebody may have mixed it without saying.
    expect(ready.otherwise?.says).toBe('Start coat 3');
  });

  it('says what it means for the gun that has the last one in it', () => {
    expect(line(seen(on), 'spray').detail).toContain('same gun sprays it: empty it of the');
    const other = {
      ...on,
      layers: on.layers.map((layer, i) => (i === 0 ? layer : { ...layer, rigId: 'another' })),
    };
    expect(line(seen(other), 'spray').detail).toContain(
      'nother gun sprays it: empty and clean the one with the',
    );
  });

  it('once it is in the pot, the coat is what comes next', () => {
    const mixed = logged(on, [-20, mixedColour()]);
    expect(line(seen(mixed), 'spray').says).not.toContain('Mix the');
    expect(line(seen(mixed, { minutes: 60 }), 'spray').says).not.toContain('nothing of it is mixed');
  });
});

describe('a fade at the gun', () => {
  const faded = (keepOut: number) =>
    changed(
      coatsChanged(readyToSpray(), (_, i) => (i === 0 ? { role: 'blend' as const } : {})),
      {
        approach: {
          blend: { coverage: 0.2, keepOut, step: 0.1, order: 'outward', fade: 0.3, hides: 60e-6 },
        },
      },
    );
  it('is told with its coat, and stops the job where it crosses the kept edge', () => {
    expect(line(seen(ticked(faded(0.9))), 'spray').detail).toMatch(
      /Full to 0\.2\d* m from the middle, gone at 0\.5\d* m, trigger eased; the edge is kept at 0\.9\d* m\./,
    );
    const crossing = seen(faded(0.45));
    expect(cell(crossing, 'plan').tone).toBe('stop');
    expect(line(crossing, 'plan')).toMatchObject({
      tone: 'stop',
      says: 'The fade crosses the edge that is to keep its colour.',
    });
    expect(crossing.current).toBe('plan');
  });
});
