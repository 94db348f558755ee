import fc from 'fast-check';
import { linkedFilm } from '.';

describe('wet, dry and solids of a sheet', () => {
  it('two give the third', () => {
    expect(linkedFilm({ wet: 100e-6, solids: 0.32 })).toEqual({
      kind: 'third',
      what: 'dry',
      value: expect.closeTo(32e-6, 12),
    });
    expect(linkedFilm({ dry: 32e-6, solids: 0.32 })).toMatchObject({
      what: 'wet',
      value: expect.closeTo(1e-4, 12),
    });
    expect(linkedFilm({ dry: 32e-6, wet: 1e-4 })).toMatchObject({
      what: 'solids',
      value: expect.closeTo(0.32, 9),
    });
  });

  it.each([
    [{ wet: 100e-6, dry: 32e-6, solids: 0.32 }, 'agree'],
    [{ wet: 100e-6, dry: 29.2e-6, solids: 0.32 }, 'agree'],
    [{ wet: 100e-6, dry: 29e-6, solids: 0.32 }, 'conflict'],
    [{ wet: 100e-6, dry: 45e-6, solids: 0.32 }, 'conflict'],
    // Nothing dries thicker than it lay.
    [{ wet: 30e-6, dry: 40e-6 }, 'conflict'],
    [{ wet: 100e-6 }, 'open'],
    [{ solids: 0.3 }, 'open'],
    [{ wet: 100e-6, solids: 0 }, 'open'],
    [{}, 'open'],
  ])('%j: %s', (said, kind) => expect(linkedFilm(said).kind).toBe(kind));

  it('the third agrees with the two it came from', () => {
    const film = fc.double({ min: 1e-6, max: 1e-3, noNaN: true });
    fc.assert(
      fc.property(film, fc.double({ min: 0.01, max: 1, noNaN: true }), (wet, solids) => {
        const third = linkedFilm({ wet, solids });
        const dry = third.kind === 'third' ? third.value : NaN;
        expect(linkedFilm({ wet, dry, solids }).kind).toBe('agree');
      }),
    );
  });
});
