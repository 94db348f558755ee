import { aJob, logged, readyToSpray, seen, ticked } from '../../../tests/fixtures/job';
import type { Face, NewEntry } from '@/records';
import { brushPlaces, maskingOf } from './keptfree';

const front = { ...aJob().part.faces[0]!, width: 2, height: 1, count: 3 };
const weld = { id: 'weld', name: 'Weld', width: 0.5, height: 0.1, then: 'brush' } as const;
const bore = { id: 'bore', name: 'Bore', width: 0.1, height: 0.1, shaped: true, then: 'never' } as const;
const withFaces = (faces: Face[], job = aJob()) => ({ ...job, part: { ...job.part, faces } });
const tick = (step: string): NewEntry => ({ type: 'tick', list: 'ready', step, done: true });
const maskingIn = (job: ReturnType<typeof aJob>) =>
  seen(job).permission.items.find(({ id }) => id === 'masking')!;

describe('places kept free', () => {
  it('are masked by length: straight edges quick, shapes slow, sheeting by area, on every piece', () => {
    // Outline of what only says that something is kept off: 3 × 6 m.
    expect(maskingOf([{ ...front, keepOff: 'hinges' }, front])).toEqual({
      length: 18,
      on: 18 * 90,
      off: 18 * 18,
    });
    const { length, on } = maskingOf([{ ...front, count: 1, free: [weld] }]);
    expect(length).toBeCloseTo(1.2, 9);
    expect(on).toBeCloseTo(1.2 * 90 + 0.05 * 60, 9);
    const round = maskingOf([{ ...front, count: 1, free: [bore] }]);
    expect(round.length).toBeCloseTo(Math.PI * 0.1, 9);
    expect(round.on).toBeCloseTo(Math.PI * 0.1 * 240 + 0.01 * 60, 9);
    expect(maskingOf([front]).length).toBe(0);
  });

  it('stand in the list with their length, and are masked again after wet work', () => {
    const job = withFaces([{ ...front, free: [weld, bore] }], readyToSpray());
    expect(maskingIn(job)).toMatchObject({ met: false, amounts: { off: ['duration', 60] } });
    const masked = ticked(job);
    expect(maskingIn(masked).met).toBe(true);
    const wet: NewEntry = { type: 'worked', layerId: 'lacquer', what: 'sand', grit: 800, wet: true };
    expect(maskingIn(logged(masked, [-2, wet]))).toMatchObject({ met: false, state: 'lapsed' });
    expect(maskingIn(logged(masked, [-2, { ...wet, wet: false }])).met).toBe(true);
    expect(maskingIn(logged(masked, [-2, wet], [-1, tick('masking')])).met).toBe(true);
  });

  it('for the brush are brushed at the end, and the film is not passed before', () => {
    const job = withFaces([{ ...front, free: [weld, bore] }]);
    expect(brushPlaces(job).map(({ id, done }) => [id, done])).toEqual([['weld', undefined]]);
    expect(seen(job).check.unproven).toContain('brush');
    const done = logged(job, [-1, { type: 'worked', layerId: 'lacquer', workId: 'weld', what: 'brush' }]);
    expect(brushPlaces(done)[0]!.done).toBeDefined();
    expect(seen(done).check.unproven).not.toContain('brush');
  });
});
