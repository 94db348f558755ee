import fc from 'fast-check';
import { isRefusal, type Outcome } from '../refusal';
import {
  asApplied,
  divide,
  judgeVoc,
  mixNeeded,
  pouredWithin,
  pouringLadder,
  remainingPours,
  type Part,
} from '.';

const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const part = (id: string, parts: number, density: number, more: Partial<Part> = {}): Part => ({
  id,
  name: id,
  parts,
  density,
  volumeSolids: 0.5,
  voc: 400,
  water: 0,
  exempt: 0,
  ...more,
});
const colour = part('colour', 4, 1200);
const hardener = part('hardener', 1, 1050, { volumeSolids: 0.6, voc: 300 });

const anyParts = fc
  .array(
    fc.record({
      parts: fc.double({ min: 0.2, max: 10, noNaN: true }),
      density: fc.double({ min: 700, max: 1800, noNaN: true }),
    }),
    { minLength: 1, maxLength: 4 },
  )
  .map((rows) => rows.map((row, i) => part(`p${i}`, row.parts, row.density)));
const by = fc.constantFrom('volume' as const, 'mass' as const);

describe('dividing a mix', () => {
  it('4:1 by volume, 1 L: 800 mL at 1.2 is 960 g, 200 mL at 1.05 is 210 g', () => {
    const [first, second] = value(divide(1e-3, [colour, hardener], 'volume'));
    expect(first!.mass).toBeCloseTo(0.96, 9);
    expect(second!.mass).toBeCloseTo(0.21, 9);
  });

  it('keeps the ratio and the volume, by volume or by mass', () => {
    fc.assert(
      fc.property(anyParts, by, fc.double({ min: 1e-4, max: 0.05, noNaN: true }), (parts, ratio, volume) => {
        const measured = value(divide(volume, parts, ratio));
        expect(measured.reduce((sum, each) => sum + each.volume, 0)).toBeCloseTo(volume, 9);
        const [a] = measured;
        for (const each of measured) {
          const [own, first] = ratio === 'mass' ? [each.mass, a!.mass] : [each.volume, a!.volume];
          expect(own / first).toBeCloseTo(each.part.parts / a!.part.parts, 6);
        }
      }),
    );
  });

  it('refuses zeros in a ratio, missing densities and no parts', () => {
    expect(isRefusal(divide(1e-3, [part('x', 0, 1000)], 'volume'))).toBe(true);
    const missing = divide(1e-3, [part('x', 1, Number.NaN)], 'mass');
    expect(isRefusal(missing) && missing.says).toContain('density of x');
    expect(isRefusal(divide(1e-3, [], 'volume'))).toBe(true);
  });
});

describe('pouring ladder', () => {
  it('gives cumulative scale readings', () => {
    const rungs = value(pouringLadder(1e-3, [colour, hardener], 'volume', 0.001));
    expect(rungs.map(({ scale }) => Math.round(scale * 1000))).toEqual([960, 1170]);
  });

  it('is never further from exact than half a step of the scale, however many parts', () => {
    fc.assert(
      fc.property(anyParts, by, fc.constantFrom(0.0001, 0.001, 0.005), (parts, ratio, step) => {
        const rungs = pouringLadder(5e-3, parts, ratio, step);
        if (isRefusal(rungs)) return;
        let exact = 0;
        value(divide(5e-3, parts, ratio)).forEach(({ mass }, i) => {
          exact += mass;
          expect(Math.abs(rungs[i]!.scale - exact)).toBeLessThanOrEqual(step / 2 + 1e-9);
        });
      }),
    );
  });

  it('fills the pot to the batch that is wanted, whatever the steps of the scale', () => {
    fc.assert(
      fc.property(anyParts, by, fc.constantFrom(0.0001, 0.001, 0.005), (parts, ratio, step) => {
        const rungs = pouringLadder(5e-3, parts, ratio, step);
        if (isRefusal(rungs)) return;
        expect(rungs.at(-1)!.mark).toBeCloseTo(5e-3, 12);
      }),
    );
  });

  it('refuses a dose the scale cannot weigh', () => {
    const outcome = pouringLadder(
      1e-5,
      [part('resin', 100, 1200), part('catalyst', 0.1, 1100)],
      'mass',
      0.001,
    );
    expect(isRefusal(outcome) && outcome.refused).toBe('dose-too-small');
  });
});

describe('pouring under way', () => {
  const rest = (poured: readonly number[], volume = 1e-3) =>
    value(remainingPours(volume, [colour, hardener], 'volume', 0.001, poured));

  it('asks for each part in turn, then for nothing', () => {
    expect(rest([]).rest.map(({ scale }) => Math.round(scale * 1000))).toEqual([960, 1170]);
    expect(rest([0.96]).rest.map(({ part: next }) => next.id)).toEqual(['hardener']);
    expect(rest([0.96, 0.21])).toMatchObject({ rest: [] });
  });

  it('meets an over-pour with more of the others: 1000 g of colour want 218.75 g of hardener', () => {
    const state = rest([1.0, 0.21]);
    expect(state.over?.id).toBe('colour');
    expect(state.rest).toHaveLength(1);
    expect(state.rest[0]!.mass).toBeCloseTo(0.009, 9);
    expect(state.volume * 1e3).toBeCloseTo(1.0 / 0.96, 2);
  });

  it('lets a part stand that is as right as a live pour calls it, and asks for a gram where a gram is much', () => {
    // 958 of 960 g; 955 is more than half a percent short.
    expect(rest([0.958, 0.21]).rest).toEqual([]);
    expect(rest([0.955, 0.21]).rest.map(({ part: next }) => next.id)).toEqual(['colour']);
    expect(pouredWithin(0.458, 0.001)).toBeCloseTo(0.00229, 9);
    expect(pouredWithin(0.1, 0.001)).toBe(0.001);
    // Of three grams one is a third.
    expect(pouredWithin(0.003, 0.001)).toBe(0.0005);
    const small = value(remainingPours(1e-3, [colour, hardener], 'volume', 0.001, [0.96, 0.207]));
    expect(small.rest.map(({ part: next }) => next.id)).toEqual(['hardener']);
  });

  it('asks for what is missing after an under-pour', () => {
    const state = rest([0.9]);
    expect(state.over).toBeUndefined();
    expect(state.rest.map(({ part: next, mass }) => [next.id, Math.round(mass * 1000)])).toEqual([
      ['colour', 60],
      ['hardener', 210],
    ]);
    expect(state.off).toBeGreaterThan(0.9);
  });

  it('always ends on the ratio within a step of the scale, and never takes anything out', () => {
    const amounts = fc.array(fc.double({ min: 0, max: 5, noNaN: true }), { minLength: 4, maxLength: 4 });
    fc.assert(
      fc.property(anyParts, by, amounts, (parts, ratio, all) => {
        const poured = all.slice(0, parts.length);
        const state = value(remainingPours(2e-3, parts, ratio, 0.001, poured));
        const after = parts.map(
          (each, i) => poured[i]! + (state.rest.find((rung) => rung.part === each)?.mass ?? 0),
        );
        value(divide(state.volume, parts, ratio)).forEach(({ mass }, i) => {
          expect(Math.abs(after[i]! - mass)).toBeLessThanOrEqual(0.001 + 1e-9);
        });
        expect(state.rest.every(({ mass }) => mass > 0)).toBe(true);
        expect(value(remainingPours(2e-3, parts, ratio, 0.001, after)).rest).toEqual([]);
      }),
    );
  });

  it('refuses a negative pour', () =>
    expect(isRefusal(remainingPours(1e-3, [colour], 'mass', 0.001, [-1]))).toBe(true));
});

describe('mix needed', () => {
  it('area × wet film ÷ transfer + dead + cards, and the reserve on it', () => {
    // 10 m² × 100 µm = 1 L; ÷ 0.5 = 2 L; + 0.1 + 0.05 = 2.15; + 10 % = 2.365 L
    const need = value(
      mixNeeded({ area: 10, wetFilms: [50e-6, 50e-6], transfer: 0.5, dead: 1e-4, cards: 5e-5, reserve: 0.1 }),
    );
    expect(need.total).toBeCloseTo(2.365e-3, 9);
    expect(need.film + need.overspray + need.dead + need.cards + need.reserve).toBeCloseTo(need.total, 12);
  });

  it('refuses no area and a transfer efficiency typed as percent', () => {
    const rest = { wetFilms: [50e-6], dead: 0, cards: 0, reserve: 0 };
    expect(isRefusal(mixNeeded({ ...rest, area: 0, transfer: 0.5 }))).toBe(true);
    expect(isRefusal(mixNeeded({ ...rest, area: 1, transfer: 55 }))).toBe(true);
  });
});

describe('as applied', () => {
  it('averages solids and VOC by volume, thinner included', () => {
    // 0.8 L at 50 % and 400 g/L, 0.2 L at 60 % and 300, 0.1 L thinner at 0 % and 880: VS 52/110, VOC 468/1.1
    const parts = value(divide(1e-3, [colour, hardener], 'volume'));
    const thinner = {
      part: part('thinner', 1, 880, { volumeSolids: 0, voc: 880 }),
      mass: 0.088,
      volume: 1e-4,
    };
    const applied = value(asApplied([...parts, thinner]));
    expect(applied.volumeSolids).toBeCloseTo(0.52 / 1.1, 9);
    expect(applied.voc).toBeCloseTo(468 / 1.1, 6);
    expect(applied.vocLess).toBeCloseTo(applied.voc, 9);
    expect(applied.mass).toBeCloseTo(0.96 + 0.21 + 0.088, 9);
  });

  it('divides the regulatory figure by the volume less water', () => {
    const lacquer = { part: part('lacquer', 1, 1040, { voc: 60, water: 0.6 }), mass: 1.04, volume: 1e-3 };
    expect(value(asApplied([lacquer])).vocLess).toBeCloseTo(150, 6);
    expect(isRefusal(asApplied([]))).toBe(true);
  });

  it('base with water and exempt solvent, thinner with exempt solvent: by hand', () => {
    // 1 L at 400 g/L, a fifth water, a tenth exempt; a quarter litre at 800 g/L, three tenths exempt.
    const base = part('base', 1, 1100, { voc: 400, water: 0.2, exempt: 0.1 });
    const thinner = part('thinner', 1, 850, { volumeSolids: 0, voc: 800, exempt: 0.3 });
    const applied = value(
      asApplied([
        { part: base, mass: 1.1, volume: 1e-3 },
        { part: thinner, mass: 0.2125, volume: 0.25e-3 },
      ]),
    );
    expect(applied.voc).toBeCloseTo(600 / 1.25, 6);
    // Less water and exempt: 0.7 of the litre, 0.7 of the quarter.
    expect(applied.vocLess).toBeCloseTo(600 / (0.7 + 0.175), 6);
    // Exempt solvent leaves as vapour too: 0.175 L of it at 790 g/L.
    expect(applied.solvent).toBeCloseTo(0.6 + 0.175 * 0.79, 9);
    expect(applied.density).toBeCloseTo(1.3125 / 1.25e-3, 6);
  });

  it('what is all water and exempt has no regulatory figure, and a drop of it is nothing to divide by', () => {
    const all = { part: part('wash', 1, 1000, { voc: 0, water: 0.9, exempt: 0.1 }), mass: 1, volume: 1e-3 };
    expect(value(asApplied([all])).vocLess).toBe(0);
  });

  it('a limit is kept at the limit itself and not beyond it', () => {
    const applied = value(asApplied([{ part: part('x', 1, 1000, { voc: 250 }), mass: 1, volume: 1e-3 }]));
    const passes = (limit: number) => judgeVoc(applied, { value: limit, counts: 'with-water' }).passes;
    expect(passes(250)).toBe(true);
    expect(passes(250.001)).toBe(true);
    expect(passes(249.999)).toBe(false);
    // Sums of parts are not exact: what is over by a part in a thousand million is at the limit.
    expect(
      judgeVoc({ ...applied, voc: 250 * (1 + 0.9e-9) }, { value: 250, counts: 'with-water' }).passes,
    ).toBe(true);
    expect(
      judgeVoc({ ...applied, voc: 250 * (1 + 1.1e-9) }, { value: 250, counts: 'with-water' }).passes,
    ).toBe(false);
  });
});
