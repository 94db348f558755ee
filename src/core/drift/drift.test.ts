import fc from 'fast-check';
import { isRefusal } from '../refusal';
import { drift, fallSpeed, finerThan, reaches, type DriftAsked } from '.';

const asked: DriftAsked = {
  ...{ median: 120e-6, density: 1200, wind: 3, height: 2.5, lost: 5e-6 },
  ...{ dries: 'sticky', humidity: 0.5 },
};
const of = (more: Partial<DriftAsked> = {}) => {
  const found = drift({ ...asked, ...more });
  if (isRefusal(found)) throw new Error(found.says);
  return found;
};

describe('drops in the air', () => {
  it('fall as water drops of a mist and of rain do', () => {
    expect(fallSpeed(10e-6, 1000)).toBeCloseTo(0.003, 3);
    expect(fallSpeed(100e-6, 1000)).toBeGreaterThan(0.2);
    expect(fallSpeed(100e-6, 1000)).toBeLessThan(0.3);
    expect(fallSpeed(1e-3, 1000)).toBeGreaterThan(3.3);
    expect(fallSpeed(1e-3, 1000)).toBeLessThan(4.6);
  });

  it('are half finer than their median', () => {
    expect(finerThan(120e-6, 120e-6)).toBeCloseTo(0.5, 9);
    expect(finerThan(0, 120e-6)).toBe(0);
  });
});

describe('what misses the part', () => {
  it('falls wet near and drifts far', () => {
    const found = of();
    expect(found.wetReach).toBeGreaterThan(5);
    expect(found.wetReach).toBeLessThan(30);
    expect(found.stickyReach).toBeGreaterThan(5 * found.wetReach);
    expect(found.mist + found.fallOut).toBeCloseTo(asked.lost, 15);
  });

  it('is dust before it lands where it dries quickly, sooner in dry air', () => {
    expect(of({ dries: 'quick' }).stickyReach).toBeLessThan(of().stickyReach / 5);
    expect(of({ dries: 'quick', humidity: 0.3 }).stickyReach).toBeLessThan(
      of({ dries: 'quick', humidity: 0.8 }).stickyReach,
    );
  });

  it('is less mist from larger drops, and reaches further in more wind and from higher up', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 30e-6, max: 200e-6, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        fc.double({ min: 0.5, max: 12, noNaN: true }),
        (median, wind, height) => {
          const here = of({ median, wind, height });
          expect(of({ median: median * 1.3, wind, height }).mist).toBeLessThan(here.mist);
          expect(of({ median, wind: wind + 1, height }).wetReach).toBeGreaterThan(here.wetReach);
          expect(of({ median, wind, height: height + 1 }).wetReach).toBeGreaterThanOrEqual(here.wetReach);
          expect(here.stickyReach).toBeGreaterThanOrEqual(here.wetReach);
        },
      ),
    );
  });

  it('is refused for what is no drop', () => {
    expect(isRefusal(drift({ ...asked, median: 0 }))).toBe(true);
    expect(isRefusal(drift({ ...asked, height: -1 }))).toBe(true);
  });
});

describe('what stands about', () => {
  const found = of();
  const west = (3 * Math.PI) / 2;
  it('is reached downwind and within its distance', () => {
    const east = Math.PI / 2;
    expect(reaches(found, { bearing: east, distance: 4 }, west, 'sticky')).toBe('wet');
    expect(reaches(found, { bearing: east, distance: 40 }, west, 'sticky')).toBe('sticky');
    expect(reaches(found, { bearing: east, distance: 900 }, west, 'sticky')).toBe('clear');
    expect(reaches(found, { bearing: west, distance: 4 }, west, 'sticky')).toBe('clear');
    expect(reaches(of({ dries: 'quick' }), { bearing: east, distance: 400 }, west, 'quick')).toBe('dust');
  });

  it('is told alike all round the compass', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 6.28, noNaN: true }), (turn) => {
        const at = (bearing: number, from: number) =>
          reaches(
            found,
            { bearing: bearing % 6.283185307179586, distance: 4 },
            from % 6.283185307179586,
            'sticky',
          );
        expect(at(turn + Math.PI, turn)).toBe('wet');
        expect(at(turn, turn)).toBe('clear');
      }),
    );
  });
});
