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

  it('is while faces that somebody counts are missing, however long it took; not once all are on record', () => {
    const counted = (n: number) =>
      logged(
        begun,
        ...seen(begun)
          .work.part.faces.flatMap((face) =>
            Array.from({ length: face.count * (face.sides ?? 1) }, () => face.id),
          )
          .slice(0, n)
          .map((faceId) => [-4.9, { type: 'face-done', coatId: 'lacquer-1', faceId }] as const),
      );
    expect(endDoubt(seen(counted(1), { minutes: 60 }))).toMatchObject({ recorded: 1, faces: 4 });
    expect(endDoubt(seen(counted(4), { minutes: -4.8 }))).toBeUndefined();
  });

  it('does not take a pause for spraying', () => {
    const paused = logged(begun, [-4.9, { type: 'pause', coatId: 'lacquer-1' }]);
    expect(endDoubt(seen(paused, { minutes: 60 }))?.sprayed).toBeCloseTo(6, 3);
    expect(endDoubt(seen(readyToSpray()))).toBeUndefined();
  });
});
