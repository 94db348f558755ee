import fc from 'fast-check';
import { cornerSurface, flatSurface, roundSurface, type Surface } from '.';

const size = fc.double({ min: 0.02, max: 3, noNaN: true });
const rows = fc.integer({ min: 8, max: 80 });
/** m walked from row to row in a straight line. */
const walked = ({ y, z }: Surface) =>
  Array.from({ length: y.length - 1 }, (_, i) => Math.hypot(y[i + 1]! - y[i]!, z[i + 1]! - z[i]!));

describe('a surface unfolded', () => {
  it('goes on in unit steps of its own direction, whatever its kind', () => {
    fc.assert(
      fc.property(size, size, fc.boolean(), rows, (across, wall, rises, n) => {
        for (const surface of [
          flatSurface(across, n),
          cornerSurface(across, wall, rises, n),
          roundSurface(across, n),
        ])
          expect(surface.ty.every((ty, i) => Math.abs(Math.hypot(ty, surface.tz[i]!) - 1) < 1e-12)).toBe(
            true,
          );
      }),
    );
  });

  it('of a flat face is its width, level', () => {
    fc.assert(
      fc.property(size, rows, (across, n) => {
        const { step, y, z } = flatSurface(across, n);
        expect(step * n).toBeCloseTo(across, 9);
        expect(y[0]! + (across - y[n - 1]!)).toBeCloseTo(step, 9);
        expect(z.every((each) => each === 0)).toBe(true);
      }),
    );
  });

  it('of a corner is both faces; the wall comes toward the gun inside and falls away outside', () => {
    fc.assert(
      fc.property(size, size, fc.boolean(), rows, (across, wall, rises, n) => {
        const { step, y, z } = cornerSurface(across, wall, rises, n);
        expect(step * n).toBeCloseTo(across + wall, 9);
        for (let i = 0; i < n; i += 1) {
          const on = (i + 0.5) * step;
          if (on < across) expect([y[i], z[i]]).toEqual([on, 0]);
          else {
            expect(y[i]).toBe(across);
            expect(Math.sign(z[i]!) * (rises ? 1 : -1)).toBeGreaterThanOrEqual(0);
            expect(Math.abs(z[i]!)).toBeCloseTo(on - across, 9);
          }
        }
      }),
    );
  });

  it('of a bar lies on its circle, goes once round it, and is nowhere nearer the gun than its top', () => {
    fc.assert(
      fc.property(size, rows, (diameter, n) => {
        const surface = roundSurface(diameter, n);
        const r = diameter / 2;
        expect(surface.step * n).toBeCloseTo(Math.PI * diameter, 9);
        expect(surface.y.every((y, i) => Math.abs(Math.hypot(y, surface.z[i]! + r) - r) < 1e-9)).toBe(true);
        expect(Math.max(...surface.z)).toBeLessThanOrEqual(0);
        // A chord is never longer than its arc.
        expect(Math.max(...walked(surface))).toBeLessThanOrEqual(surface.step * (1 + 1e-9));
      }),
    );
  });
});
