import { logged, readyToSpray, seen, start } from '../../../tests/fixtures/job';
import { endDoubt } from './enddoubt';

describe('a coat that is to be ended', () => {
  const begun = logged(readyToSpray(), [-5, start('lacquer-1')]);
  const takes = seen(begun).spray.coatTime / 60;

  it('is asked about while hardly any of its time went by and no face of it is on record', () => {
    const early = endDoubt(seen(begun, { minutes: -5 + takes * 0.29 }))!;
    expect(early.takes).toBeCloseTo(takes * 60, 9);
    expect(early.sprayed).toBeCloseTo(takes * 60 * 0.29, 0);
    expect(early.faces).toBe(4);
    expect(endDoubt(seen(begun, { minutes: -5 + takes * 0.31 }))).toBeUndefined();
  });

  it('is not where a face was recorded, and a pause is not spraying', () => {
    const face = logged(begun, [-4.9, { type: 'face-done', coatId: 'lacquer-1', faceId: 'front' }]);
    expect(endDoubt(seen(face, { minutes: -4.8 }))).toBeUndefined();
    const paused = logged(begun, [-4.9, { type: 'pause', coatId: 'lacquer-1' }]);
    expect(endDoubt(seen(paused, { minutes: 60 }))?.sprayed).toBeCloseTo(6, 3);
    expect(endDoubt(seen(readyToSpray()))).toBeUndefined();
  });
});
