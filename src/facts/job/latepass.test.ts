import type { NewEntry } from '@/records';
import {
  aJob,
  coatsChanged,
  fitRoom,
  logged,
  noon,
  readyToSpray,
  seen,
  start,
} from '../../../tests/fixtures/job';
import { angleOf } from './even';
import { hasFlake, openFaces } from './latepass';

const face: NewEntry = { type: 'face-done', coatId: 'lacquer-1', faceId: 'front' };

describe('a late pass', () => {
  it('each face takes one from its own last stroke on, and for no face before it has its coat', () => {
    const running = logged(readyToSpray(), [-5, start('lacquer-1')]);
    expect(openFaces(seen(running))).toEqual([]);
    const [first] = openFaces(seen(logged(running, [-3, face])));
    expect(first).toMatchObject({ faceId: 'front', side: 1 });
    expect(first!.until).toBeGreaterThan(noon - 3 * 60_000);
    const [again] = openFaces(seen(logged(running, [-3, face], [-1, face])));
    expect(again!.until - first!.until).toBe(2 * 60_000);
  });

  it('is told of no coat that is not going on', () => {
    expect(openFaces(seen(logged(aJob(), [-5, fitRoom])))).toEqual([]);
  });

  it('overhead a film runs as one upright does; lying flat it does not', () => {
    expect(angleOf({ lies: 'overhead' })).toBe(angleOf({ lies: 'upright' }));
    expect(angleOf({ lies: 'flat' })).toBe(0);
  });

  it('flake is in a bed, a full and a drop coat of metallic, and in no plain one', () => {
    const coats = (role: 'bed' | 'drop' | 'base') =>
      seen(coatsChanged(aJob(), () => ({ role }))).spray.coats.map(hasFlake);
    expect(coats('bed')).toEqual([true, true]);
    expect(coats('drop')).toEqual([true, true]);
    expect(coats('base')).toEqual([false, false]);
  });
});
