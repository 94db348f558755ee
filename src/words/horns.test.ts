import type { Face } from '@/records';
import { aJob, airless, logged, readyToSpray, seen, start, turbine } from '../../tests/fixtures/job';
import { gunStep } from '@/facts/job/atgun';
import { gunWords } from './atgun';
import { hornsSay, turnSays } from './horns';
import { timerSays } from './timers';
import { unitsOf } from './units';

const face = (width: number, height: number, lies: Face['lies'] = 'upright'): Face => ({
  id: `${width}`,
  name: `Face ${width}`,
  width,
  height,
  count: 1,
  lies,
});

describe('how the horns stand', () => {
  it('is told by which way the strokes run', () => {
    expect(hornsSay(face(2, 1), turbine)).toBe(
      'Strokes run level: horns level, so that the fan stands upright.',
    );
    expect(hornsSay(face(1, 2), turbine)).toContain('horns upright');
    expect(hornsSay(face(1, 2, 'flat'), turbine)).toContain('in line');
    expect(hornsSay(face(2, 1), airless)).toContain('wings');
    expect(turnSays(face(1, 2), turbine)).toBe('Turn the cap a quarter: horns upright.');
    expect(turnSays(face(1, 2), airless)).toContain('Lock the trigger');
  });

  it('is said at the gun before the face that wants it otherwise, and not again', () => {
    const job = readyToSpray();
    const faces = [face(2, 1), { ...face(1, 2), count: 2 }];
    const running = logged({ ...job, part: { ...job.part, faces } }, [-5, start('lacquer-1')]);
    const done = (faceId: string) => ({ type: 'face-done', coatId: 'lacquer-1', faceId }) as const;
    const says = (of: typeof running) => {
      const view = seen(of);
      return gunWords(gunStep(view, true), view, unitsOf('metric')).says;
    };
    expect(says(running)).toBe('Face 2');
    const next = logged(running, [-4, done('2')]);
    expect(says(next)).toBe('Face 1 1 of 2. Turn the cap a quarter: horns upright.');
    expect(says(logged(next, [-3, done('1')]))).toBe('Face 1 2 of 2');
  });
});

it('the clock of a turbine is of its warmth', () => {
  const job = logged(aJob(), [-2, { type: 'turbine-on' }]);
  const clock = seen(job).timers.find(({ id }) => id === 'warm-up')!;
  expect(timerSays(clock, false)).toBe('Turbine warm in');
  expect(timerSays(clock, true)).toBe('Turbine warm');
});
