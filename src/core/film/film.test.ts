import fc from 'fast-check';
import { isRefusal, type Outcome } from '../refusal';
import { coverage, dryFromWet, judgeComb, solveStroke, strokeCount, wetFromDry, type Stroke } from '.';

const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('wet and dry film', () => {
  it('90 µm at 32 % dries to 28.8, and back', () => {
    expect(value(dryFromWet(90e-6, 0.32))).toBeCloseTo(28.8e-6, 9);
    fc.assert(
      fc.property(positive(1e-6, 1e-3), positive(0.05, 1), (dry, solids) => {
        expect(value(dryFromWet(value(wetFromDry(dry, solids)), solids))).toBeCloseTo(dry, 12);
      }),
    );
  });

  it('covers 1000·VS/DFT m² a litre', () => {
    expect(value(coverage(0.5, 50e-6)) / 1000).toBeCloseTo(10, 9);
    expect(value(coverage(0.5, 50e-6, 0.6)) / 1000).toBeCloseTo(6, 9);
  });

  it('refuses solids typed as percent', () => expect(isRefusal(wetFromDry(30e-6, 32))).toBe(true));
});

describe('stroke', () => {
  const worked: Stroke = {
    wetFilm: 43.3e-6,
    flow: 200e-6 / 60,
    transfer: 0.65,
    speed: 0.4,
    fan: 0.25,
    overlap: 0.5,
  };

  it('200 mL/min, 0.65, 0.40 m/s, 250 mm, 50 % lays 43.3 µm', () => {
    expect(value(solveStroke('wetFilm', worked)) * 1e6).toBeCloseTo(43.3, 1);
  });

  it('can be solved for any of its terms', () => {
    const exact = { ...worked, wetFilm: value(solveStroke('wetFilm', worked)) };
    for (const term of ['flow', 'speed', 'fan', 'overlap'] as const)
      expect(value(solveStroke(term, exact))).toBeCloseTo(exact[term], 9);
  });

  it('more overlap lays more, more speed lays less', () => {
    fc.assert(
      fc.property(positive(0, 0.8), positive(0.01, 0.14), positive(0.1, 1), (overlap, more, speed) => {
        const film = (with_: Partial<Stroke>) => value(solveStroke('wetFilm', { ...worked, ...with_ }));
        expect(film({ overlap: overlap + more })).toBeGreaterThan(film({ overlap }));
        expect(film({ speed: speed * 1.1 })).toBeLessThan(film({ speed }));
      }),
    );
  });

  it('refuses what cannot be sprayed', () => {
    expect(isRefusal(solveStroke('wetFilm', { ...worked, speed: 0 }))).toBe(true);
    expect(isRefusal(solveStroke('wetFilm', { ...worked, overlap: 1 }))).toBe(true);
    const unreachable = solveStroke('overlap', { ...worked, wetFilm: 1e-6 });
    expect(isRefusal(unreachable) && unreachable.refused).toBe('overlap');
  });

  it('counts strokes edge to edge', () => {
    expect(strokeCount(1, 0.25)).toBe(5);
    expect(strokeCount(1.01, 0.25)).toBe(6);
  });
});

describe('wet comb', () => {
  it('keeps the interval: it may lie inside, outside or across', () => {
    expect(judgeComb({ wetted: 90e-6, dry: 100e-6 }, 80e-6, 110e-6)).toBe('inside');
    expect(judgeComb({ wetted: 60e-6, dry: 75e-6 }, 80e-6, 110e-6)).toBe('low');
    expect(judgeComb({ wetted: 125e-6, dry: 150e-6 }, 80e-6, 110e-6)).toBe('high');
    expect(judgeComb({ wetted: 75e-6, dry: 90e-6 }, 80e-6, 110e-6)).toBe('undecided');
    expect(isRefusal(judgeComb({ wetted: 90e-6, dry: 80e-6 }, 80e-6, 110e-6))).toBe(true);
  });
});
