import fc from 'fast-check';
import { sure } from '../../../tests/fixtures/gun';
import { isRefusal } from '../refusal';
import {
  calibrateFlow,
  filmWindow,
  flowMoves,
  landedFilm,
  levelling,
  openFor,
  sag,
  standing,
  type Carrier,
} from '.';

const carriers: readonly Carrier[] = ['solvent', 'water', 'reactive', 'moisture'];
const anyLanded = fc
  .record({
    viscosity: fc.double({ min: 0.02, max: 1, noNaN: true }),
    carrier: fc.constantFrom(...carriers),
    thinner: fc.constantFrom('fast' as const, 'medium' as const, 'slow' as const),
    slowness: fc.double({ min: 1, max: 4, noNaN: true }),
  })
  .map((of) => sure(landedFilm({ ...of, density: 1100 })));
const film = fc.double({ min: 10e-6, max: 400e-6, noNaN: true });
const angle = fc.double({ min: 0.05, max: Math.PI / 2, noNaN: true });

describe('laws of flow-out', () => {
  it('more film levels and slides more; a steeper panel slides more and levels the same', () => {
    fc.assert(
      fc.property(anyLanded, film, angle, (landed, h, θ) => {
        expect(sure(levelling(landed, h * 1.2))).toBeGreaterThan(sure(levelling(landed, h)));
        expect(sure(sag(landed, h * 1.2, θ))).toBeGreaterThanOrEqual(sure(sag(landed, h, θ)));
        expect(sure(sag(landed, h, θ))).toBeGreaterThanOrEqual(sure(sag(landed, h, θ / 2)));
      }),
    );
  });

  it('inside its window a coat levels enough and slides too little to see, outside it does not', () => {
    fc.assert(
      fc.property(anyLanded, film, angle, (landed, h, θ) => {
        const { peel, run } = sure(filmWindow(landed, θ));
        const stands = sure(standing({ film: h, landed, angle: θ }));
        if (h > peel * 1.0001) expect(stands.peel).toBeGreaterThan(1);
        if (h < peel * 0.9999) expect(stands.peel).toBeLessThan(1);
        if (h < run * 0.9999) expect(stands.run).toBeLessThan(1);
        if (h > run * 1.0001) expect(stands.run).toBeGreaterThan(1);
      }),
    );
  });

  it('each lever moves the same way for every coat', () => {
    fc.assert(
      fc.property(anyLanded, film, angle, (landed, h, θ) => {
        const point = { film: h, landed, angle: θ };
        const now = sure(standing(point));
        for (const { lever, peel, run } of sure(flowMoves(point))) {
          if (lever === 'film' || lever === 'thinner' || lever === 'slower')
            expect(peel).toBeGreaterThan(now.peel);
          if (lever === 'warmer') expect(peel).toBeLessThan(now.peel);
          if (lever === 'flatter') expect(run).toBeLessThanOrEqual(now.run);
        }
      }),
    );
  });

  it('verdicts only ever move a limit toward what was seen', () => {
    const none = calibrateFlow([]);
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 60, noNaN: true }), (L) => {
        const peeled = calibrateFlow([{ seen: 'peel', levelling: L, sag: 0 }]);
        const flowed = calibrateFlow([{ seen: 'even', levelling: L, sag: 0 }]);
        expect(peeled.levelling).toBeGreaterThanOrEqual(none.levelling * 0.999);
        expect(flowed.levelling).toBeLessThanOrEqual(none.levelling * 1.001);
        expect([peeled.runs, flowed.runs]).toEqual([0, 0]);
      }),
    );
  });
});

describe('a pass over what is on', () => {
  const landed = { viscosity: 0.3, density: 1100, setting: 120, tension: 0.028 };

  it('flows in while what is left of the levelling still draws it flat: τ·ln(L/limit)', () => {
    // 60 µm levels 15.5: to 3.9, a quarter of it, two minutes times ln 4.
    const whole = levelling(landed, 60e-6) as number;
    expect(openFor(landed, 60e-6, whole / 4)).toBeCloseTo(120 * Math.log(4), 6);
    expect(openFor(landed, 60e-6, whole * 1.01)).toBe(0);
    expect(isRefusal(openFor(landed, 0, 3))).toBe(true);
  });

  it('stays open longer where it is thicker, and where it sets slower', () => {
    const open = (film: number, setting = 120) => openFor({ ...landed, setting }, film, 1) as number;
    expect(open(80e-6)).toBeGreaterThan(open(60e-6));
    expect(open(60e-6, 240)).toBeGreaterThan(open(60e-6));
  });
});
