import type { Job, NewEntry, Rig } from '@/records';
import { aJob, colour, fitRoom, logged, mixedLacquer, seen, turbine } from '../../../tests/fixtures/job';
import { maskingOf, openItems, readinessOf, substrateOf } from './readiness';

const tick = (step: string, done = true): NewEntry => ({ type: 'tick', list: 'ready', step, done });
const states = (job: Job, minutes = 0, rig: Rig = turbine) =>
  Object.fromEntries(readinessOf(seen(job, { minutes, rig })).map((item) => [item.id, item.state]));

describe('readiness', () => {
  it('gives every item a reason, and knows by itself what the job has recorded', () => {
    const items = readinessOf(seen(aJob()));
    expect(items.every(({ because }) => because.length > 10)).toBe(true);
    expect(new Set(items.map(({ id }) => id)).size).toBe(items.length);
    expect(states(aJob())).toMatchObject({ room: 'todo', mixed: 'todo', clean: 'todo' });
    const job = logged(aJob(), [-20, fitRoom], [-10, mixedLacquer]);
    expect(states(job)).toMatchObject({ room: 'done', mixed: 'done' });
  });

  it('a damp room stops it, and stands first among what is open', () => {
    const damp = logged(aJob(), [-20, { ...fitRoom, humidity: 0.97 } as NewEntry]);
    expect(states(damp).room).toBe('stop');
    expect(openItems(readinessOf(seen(damp)))[0]!.id).toBe('room');
  });

  it('loses the tack by waiting and the last wipe by a bare hand', () => {
    const wiped = logged(aJob(), [-10, tick('wipe')], [-5, tick('tack')]);
    expect(states(wiped)).toMatchObject({ wipe: 'done', tack: 'done' });
    expect(states(wiped, 30)).toMatchObject({ wipe: 'done', tack: 'lapsed' });
    expect(states(logged(wiped, [-2, tick('touched')]))).toMatchObject({ wipe: 'lapsed', tack: 'lapsed' });
  });

  it('is left out only with a reason, and counts again once it is done', () => {
    const skipped = logged(aJob(), [-10, { type: 'skip', item: 'swing', why: 'Small part on a turntable' }]);
    expect(readinessOf(seen(skipped)).find(({ id }) => id === 'swing')?.skipped).toBe(
      'Small part on a turntable',
    );
    expect(openItems(readinessOf(seen(skipped))).map(({ id }) => id)).not.toContain('swing');
    const done = logged(skipped, [-5, tick('swing')]);
    const item = readinessOf(seen(done)).find(({ id }) => id === 'swing')!;
    expect([item.state, item.skipped]).toEqual(['done', undefined]);
  });

  it('asks for air-fed protection with isocyanates, for masking where something is kept off, for air that is enough', () => {
    const says = (job: Job, rig = turbine) =>
      readinessOf(seen(job, { rig }))
        .map((item) => item.says)
        .join(' ');
    expect(says(aJob([{ ...colour, hazards: ['isocyanate', 'flammable'] }]))).toMatch(
      /Air-fed protection.*|No ignition/,
    );
    const job = aJob();
    const face = { ...job.part.faces[0]!, keepOff: 'the hinges' };
    expect(says({ ...job, part: { ...job.part, faces: [face] } })).toContain('Mask the hinges');
    const weak: Rig = {
      ...turbine,
      air: 'compressor',
      airDemand: 6e-3,
      compressor: { delivers: 5e-3, tank: 0.1, high: 9e5, low: 6e5 },
    };
    expect(states(job, 0, weak).air).toBe('stop');
  });

  it('masks the outline of what says so', () => {
    const face = { ...aJob().part.faces[0]!, width: 2, height: 1, count: 3 };
    expect(maskingOf([{ ...face, keepOff: 'hinges' }, face]).length).toBe(18);
  });

  it('guesses the ground from its words until it is told', () => {
    const part = aJob().part;
    expect(substrateOf({ ...part, substrate: 'Rendered brick', metal: false })).toBe('masonry');
    expect(substrateOf({ ...part, substrate: 'Galvanised sheet', metal: true })).toBe('galvanised');
    expect(substrateOf({ ...part, substrate: 'Oak', metal: false })).toBe('wood');
    expect(substrateOf({ ...part, substrate: 'Oak', metal: false, kind: 'coated' })).toBe('coated');
  });
});
