import fc from 'fast-check';
import { sure } from '../../../tests/fixtures/gun';
import {
  drillOf,
  drills,
  filmFacts,
  judgeRun,
  newPanel,
  pullsOf,
  runsIn,
  slide,
  spray,
  type GunMoment,
} from '.';

const flat = drillOf('flat');
const place = fc.record({
  x: fc.double({ min: 0.3, max: 0.7, noNaN: true }),
  y: fc.double({ min: 0.3, max: 0.7, noNaN: true }),
});
/** Any wandering of a gun well inside a panel. */
const wandering = fc
  .array(place, { minLength: 2, maxLength: 25 })
  .map((places) => places.map(({ x, y }, i): GunMoment => ({ t: i / 20, x, y, pull: 1 })));
const sum = (film: Float32Array) => film.reduce((total, each) => total + each, 0);

describe('laws of the practice panel', () => {
  it('what left the gun lands, less what misses, however it wanders', () => {
    fc.assert(
      fc.property(wandering, fc.boolean(), (moments, level) => {
        const panel = sure(newPanel(1, 1, 0.005));
        let left = 0;
        for (let i = 1; i < moments.length; i += 1)
          left += sure(spray(panel, flat.gun, moments[i - 1]!, { ...moments[i]!, level }));
        expect((sum(panel.film) * 0.005 ** 2) / left).toBeCloseTo(flat.gun.transfer, 2);
      }),
      { numRuns: 25 },
    );
  });

  it('frames of any length lay the same film along a straight stroke', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 40 }), (n) => {
        const lay = (parts: number) => {
          const panel = sure(newPanel(1, 0.6, 0.005));
          for (let i = 0; i < parts; i += 1)
            sure(
              spray(
                panel,
                flat.gun,
                { t: i / parts, x: 0.2 + (0.6 * i) / parts, y: 0.3, pull: 1 },
                { t: (i + 1) / parts, x: 0.2 + (0.6 * (i + 1)) / parts, y: 0.3, pull: 1 },
              ),
            );
          return panel.film;
        };
        const [one, many] = [lay(1), lay(n)];
        const top = Math.max(...one);
        for (let i = 0; i < one.length; i += 13)
          expect(Math.abs(one[i]! - many[i]!) / top).toBeLessThan(0.03);
      }),
      { numRuns: 15 },
    );
  });

  it('runs slide down and never up, and lose nothing but what drips off', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 3e-4, noNaN: true }), { minLength: 100, maxLength: 100 }),
        fc.integer({ min: 1, max: 40 }),
        (film, steps) => {
          const panel = sure(newPanel(0.1, 0.1, 0.01, 1e-4));
          panel.film.set(film);
          const below = (r: number) => sum(panel.film.subarray(r * 10));
          const before = Array.from({ length: 10 }, (_, r) => below(r));
          for (let i = 0; i < steps; i += 1) slide(panel, 0.05);
          expect(below(0)).toBeLessThanOrEqual(before[0]! * 1.00001);
          // What stands in the upper rows only grows less.
          for (let r = 1; r < 10; r += 1)
            expect(before[0]! - before[r]!).toBeGreaterThanOrEqual(below(0) - below(r) - 1e-8);
        },
      ),
      { numRuns: 30 },
    );
  });

  it('counts runs by the columns they stand in', () => {
    const panel = sure(newPanel(0.1, 0.1, 0.01, 1e-4));
    expect(runsIn(panel)).toBe(0);
    for (const c of [1, 2, 6]) panel.film[30 + c] = 2e-4;
    expect(runsIn(panel)).toBe(2);
  });

  it('a judge’s shares make one, and no gain is larger than what was outside', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 2, noNaN: true }),
        fc.double({ min: -0.1, max: 0.1, noNaN: true }),
        fc.constantFrom(...drills),
        (pace, lead, drill) => {
          const moments: GunMoment[] = [];
          let t = 0;
          for (let k = 0; k <= 4; k += 1) {
            const [from, to] = k % 2 ? [drill.width + lead, -lead] : [-lead, drill.width + lead];
            for (let i = 0; i <= 30; i += 1)
              moments.push({
                t: (t += Math.abs(to - from) / 30 / drill.speed / pace),
                x: from + ((to - from) * i) / 30,
                y: (k * drill.height) / 4,
                pull: i < 30 ? 1 : 0,
              });
            t += 0.2;
          }
          const panel = sure(newPanel(drill.width, drill.height, 0.01, drill.runsAbove));
          for (let i = 1; i < moments.length; i += 1)
            sure(spray(panel, drill.gun, moments[i - 1]!, moments[i]!));
          const { inside, under, over, gains, hand, pace: wanted } = sure(judgeRun(moments, drill, panel));
          expect(inside + under + over).toBeCloseTo(1, 9);
          for (const { gain } of gains) expect(gain).toBeLessThanOrEqual(1 - inside + 0.08);
          expect(hand.strokes).toBe(5);
          expect(hand.lead).toBeCloseTo(lead, 1);
          expect(wanted).toBeGreaterThan(0);
        },
      ),
      { numRuns: 12 },
    );
  });

  it('a panel without film is all under, or all right where none is wanted', () => {
    expect(filmFacts(sure(newPanel(1, 0.6, 0.01)), flat)).toMatchObject({
      inside: 0,
      under: 1,
      mean: 0,
      cv: 0,
    });
    const blend = drillOf('blend');
    expect(filmFacts(sure(newPanel(blend.width, blend.height, 0.01)), blend).inside).toBeGreaterThan(0.1);
  });

  it('flicks, stillness and a gun without its trigger are no strokes', () => {
    const still: GunMoment[] = Array.from({ length: 20 }, (_, i) => ({ t: i / 60, x: 0.5, y: 0.3, pull: 1 }));
    const flick: GunMoment[] = [0, 0.02, 0.04].map((x, i) => ({ t: 1 + i / 60, x, y: 0.3, pull: 1 }));
    const carried: GunMoment[] = Array.from({ length: 30 }, (_, i) => ({
      t: 2 + i / 60,
      x: i / 30,
      y: 0.3,
      pull: 0,
    }));
    const off: GunMoment = { t: 0.9, x: 0.5, y: 0.3, pull: 0 };
    expect(pullsOf([...still, off, ...flick, ...carried])).toEqual([]);
    expect(drillOf('no such drill').id).toBe('flat');
  });
});
