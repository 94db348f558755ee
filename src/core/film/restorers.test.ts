import fc from 'fast-check';
import { restorers, solveStroke } from '.';

const stroke = { wetFilm: 60e-6, flow: 3e-6, transfer: 0.6, speed: 0.4, fan: 0.25, overlap: 0.5 };

describe('which lever restores the film', () => {
  it('every lever offered lays the film again, whatever was moved', () => {
    const some = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        some(1e-6, 1e-5),
        some(0.1, 1),
        some(0.1, 0.4),
        some(0, 0.9),
        (flow, speed, fan, overlap) => {
          const now = { ...stroke, flow, speed, fan, overlap };
          for (const { lever, to } of restorers(now))
            expect((solveStroke('wetFilm', { ...now, [lever]: to }) as number) / stroke.wetFilm).toBeCloseTo(
              1,
              6,
            );
        },
      ),
    );
  });

  it('does not offer the one that was moved, and puts what no hand can do last', () => {
    const found = restorers({ ...stroke, flow: 30e-6 }, 'flow');
    expect(found.map(({ lever }) => lever)).not.toContain('flow');
    expect(found.find(({ lever }) => lever === 'speed')).toMatchObject({ within: false });
    expect(found.at(-1)!.within).toBe(false);
  });
});
