import fc from 'fast-check';
import {
  calibrateFlow,
  filmWindow,
  flowMoves,
  landedFilm,
  levelling,
  sag,
  standing,
  usualFlowLimits,
  type LandedFilm,
} from '.';
import { sure } from '../../../tests/fixtures/gun';

const landed: LandedFilm = { viscosity: 0.3, density: 1100, setting: 120, tension: 0.028 };
const upright = Math.PI / 2;

describe('flow-out', () => {
  it.each([
    [40e-6, 4.6, 3.5e-3],
    [60e-6, 15.5, 7.8e-3],
  ])('a film of %d m levels and slides as the handbook says', (film, L, S) => {
    expect(sure(levelling(landed, film))).toBeCloseTo(L, 1);
    expect(sure(sag(landed, film, upright)) * 1e3).toBeCloseTo(S * 1e3, 1);
  });

  it('a film at either end of its window stands at that limit', () => {
    const films = fc.record({
      viscosity: fc.double({ min: 0.05, max: 5, noNaN: true }),
      density: fc.double({ min: 800, max: 1600, noNaN: true }),
      setting: fc.double({ min: 20, max: 600, noNaN: true }),
    });
    fc.assert(
      fc.property(films, fc.double({ min: 0.1, max: upright, noNaN: true }), (some, angle) => {
        const film = { ...landed, ...some };
        const { peel, run } = sure(filmWindow(film, angle));
        expect(sure(standing({ film: peel, landed: film, angle })).peel).toBeCloseTo(1, 6);
        expect(sure(standing({ film: run, landed: film, angle })).run).toBeCloseTo(1, 6);
      }),
    );
  });

  it('nothing slides flat, nor below its yield stress', () => {
    expect(sure(sag(landed, 200e-6, 0))).toBe(0);
    expect(sure(filmWindow(landed, 0)).run).toBe(Infinity);
    expect(sure(sag({ ...landed, yield: 1 }, 80e-6, upright))).toBe(0);
    expect(sure(sag({ ...landed, yield: 1 }, 100e-6, upright))).toBeGreaterThan(0);
    expect(sure(filmWindow({ ...landed, yield: 2 }, upright)).run).toBeCloseTo(2 / (1100 * 9.81), 9);
  });

  it('each lever moves the point its own way', () => {
    const point = { film: 50e-6, landed, angle: upright };
    const now = sure(standing(point));
    const by = new Map(sure(flowMoves(point)).map((move) => [move.lever, move]));
    expect(by.get('film')!.peel / now.peel).toBeCloseTo(1.728, 3);
    expect(by.get('film')!.run / now.run).toBeCloseTo(1.44, 3);
    expect(by.get('slower')!.peel / now.peel).toBeCloseTo(1.5, 6);
    expect(by.get('thinner')!.run / now.run).toBeCloseTo(1.25, 6);
    expect(by.get('warmer')!.peel).toBeLessThan(now.peel);
    expect(by.get('flatter')!).toMatchObject({ peel: now.peel });
    expect(by.get('flatter')!.run).toBeLessThan(now.run);
    expect(sure(flowMoves({ ...point, angle: 0 })).some(({ lever }) => lever === 'flatter')).toBe(false);
  });

  it('a slower thinner and a cold room set slower, a warm one faster, and what lands is richer than what was timed', () => {
    const at = (more: object) =>
      sure(landedFilm({ viscosity: 0.07, density: 1050, carrier: 'solvent', ...more }));
    expect(at({}).viscosity).toBeGreaterThan(0.07);
    expect(at({ thinner: 'slow' }).setting).toBeGreaterThan(at({}).setting);
    expect(at({ slowness: 2 }).setting).toBeCloseTo(2 * at({}).setting, 9);
    expect(at({ warmer: 10 }).setting).toBeCloseTo(at({}).setting / 2, 9);
    expect(sure(sag(at({ thixotropic: true }), 500e-6, upright))).toBe(0);
    // A usual two-part coat of 60 µm stands upright and levels.
    expect(
      sure(standing({ film: 60e-6, landed: at({ carrier: 'reactive' }), angle: upright })).run,
    ).toBeLessThan(1);
    expect(landedFilm({ viscosity: 0, density: 1050, carrier: 'water' })).toMatchObject({
      refused: 'not-positive',
    });
  });
});

describe('the user’s own eye', () => {
  it('keeps the defaults until something was seen, and moves between what passed and what did not', () => {
    expect(calibrateFlow([])).toMatchObject({ peels: 0, runs: 0 });
    expect(calibrateFlow([]).levelling).toBeCloseTo(usualFlowLimits.levelling, 3);
    // This eye lets nothing under 8 pass: peel up to 7, even from 9.
    const strict = calibrateFlow(
      [5, 6, 7]
        .map((L) => ({ seen: 'peel' as const, levelling: L, sag: 1e-3 }))
        .concat([9, 10, 12].map((L) => ({ seen: 'even' as never, levelling: L, sag: 2e-3 }))),
    );
    expect(strict.levelling).toBeGreaterThan(6);
    expect(strict.levelling).toBeLessThan(9.5);
    const ran = calibrateFlow([3e-3, 4e-3].map((S) => ({ seen: 'run' as const, levelling: 9, sag: S })));
    expect(ran.sag).toBeLessThan(usualFlowLimits.sag);
    expect(ran.runs).toBe(2);
  });

  it('refuses a film without size in words', () => {
    expect(levelling(landed, 0)).toMatchObject({ says: expect.stringContaining('wet film') });
    expect(filmWindow({ ...landed, setting: NaN }, 0)).toMatchObject({ refused: 'not-a-number' });
  });
});
