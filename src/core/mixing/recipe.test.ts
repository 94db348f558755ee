import fc from 'fast-check';
import { isRefusal, type Outcome } from '../refusal';
import {
  atTemperature,
  doseShare,
  judgeRatio,
  judgeVoc,
  mixNeeded,
  pouringLadder,
  recipeOf,
  remainingPours,
  smallDoses,
  usualReserve,
  type Additive,
  type Part,
} from '.';

const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const part = (id: string, parts: number, density: number): Part => ({
  id,
  name: id,
  parts,
  density,
  volumeSolids: 0.5,
  voc: 400,
  water: 0,
  exempt: 0,
});
const dose = (id: string, says: Partial<Additive> = {}): Additive => ({
  id,
  name: id,
  density: 1000,
  volumeSolids: 0,
  voc: 0,
  water: 0,
  exempt: 0,
  doseBy: 'mass',
  doseOf: 'base',
  dose: 0.01,
  maximum: 0.02,
  ...says,
});
const resin = part('resin', 100, 1200);
const catalyst = part('catalyst', 2, 1150);
const colour = part('colour', 4, 1200);
const hardener = part('hardener', 1, 1050);

describe('a recipe with doses', () => {
  it('puts an accelerator right after the resin, before the catalyst', () => {
    const recipe = value(recipeOf([resin, catalyst], 'mass', [dose('accelerator', { dose: 0.005 })]));
    expect(recipe.map(({ id }) => id)).toEqual(['resin', 'accelerator', 'catalyst']);
    // 100 : 0.5 : 2 by mass, 2050 g in all: 2000, 10, 40.
    const volume = 2 / 1200 + 0.01 / 1000 + 0.04 / 1150;
    const rungs = value(pouringLadder(volume, recipe, 'mass', 0.001));
    expect(rungs.map(({ scale }) => Math.round(scale * 1000))).toEqual([2000, 2010, 2050]);
    expect(rungs[1]!.share).toBeCloseTo(0.005, 9);
  });

  it('counts a dose by volume of the mix: 5 % of a litre is 50 mL, 44 g at 0.88', () => {
    const recipe = value(
      recipeOf([colour, hardener], 'volume', [
        dose('extender', { doseBy: 'volume', doseOf: 'mix', dose: 0.05, maximum: 0.05, density: 880 }),
      ]),
    );
    expect(recipe.at(-1)!.id).toBe('extender');
    const rungs = value(pouringLadder(1.05e-3, recipe, 'mass', 0.0001));
    expect(rungs.map(({ mass }) => mass.toFixed(3))).toEqual(['0.960', '0.210', '0.044']);
  });

  const retarded = (share: number) =>
    value(recipeOf([part('paint', 1, 1000)], 'mass', [dose('retarder', { dose: share, maximum: share })]));

  it('never passes a cap by rounding: 24.7 g of 260 at 9.5 % stays 24 g on a scale of whole grams', () => {
    const rungs = value(pouringLadder(284.7e-6, retarded(0.095), 'mass', 0.001));
    expect(rungs.map(({ mass }) => Math.round(mass * 1000))).toEqual([260, 24]);
    expect(rungs[1]!.share).toBeCloseTo(24 / 260, 9);
  });

  it('measures in a syringe what the scale weighs badly, and still keeps the cap', () => {
    const rungs = value(pouringLadder(28.6e-6, retarded(0.1), 'mass', 0.001));
    expect(rungs[1]).toMatchObject({ measure: { kind: 'syringe' } });
    expect(rungs[1]!.mass).toBeGreaterThan(2.4e-3);
    expect(rungs[1]!.share).toBeLessThanOrEqual(0.1 + 1e-9);
    expect(rungs[1]!.scale).toBeCloseTo(rungs[0]!.mass + rungs[1]!.mass, 9);
  });

  it('keeps every cap whatever the batch, the scale and the order of doses', () => {
    const doses = fc.array(
      fc.record({
        doseBy: fc.constantFrom('mass' as const, 'volume' as const),
        doseOf: fc.constantFrom('base' as const, 'mix' as const),
        maximum: fc.double({ min: 0.005, max: 0.2, noNaN: true }),
        density: fc.double({ min: 700, max: 1600, noNaN: true }),
      }),
      { minLength: 1, maxLength: 3 },
    );
    fc.assert(
      fc.property(
        doses,
        fc.double({ min: 1e-4, max: 0.02, noNaN: true }),
        fc.constantFrom(0.0001, 0.001, 0.005),
        (rows, volume, step) => {
          const recipe = value(
            recipeOf(
              [colour, hardener],
              'volume',
              rows.map((row, i) => dose(`d${i}`, { ...row, dose: row.maximum })),
            ),
          );
          const rungs = pouringLadder(volume, recipe, 'mass', step);
          if (isRefusal(rungs)) return;
          const masses = recipe.map(({ id }) => rungs.find((rung) => rung.part.id === id)!.mass);
          recipe.forEach((each, i) => {
            if (each.cap)
              expect(doseShare(each, masses[i]!, recipe, masses)).toBeLessThanOrEqual(
                each.cap.maximum + 1e-9,
              );
          });
          expect(rungs.at(-1)!.scale).toBeCloseTo(
            masses.reduce((sum, mass) => sum + mass, 0),
            9,
          );
        },
      ),
    );
  });

  it('refuses a dose past its maximum, one below zero and one without a density; leaves out zero', () => {
    const refused = recipeOf([resin], 'mass', [dose('accelerator', { dose: 0.03 })]);
    expect(refused).toMatchObject({ refused: 'dose-over', value: 0.03, max: 0.02 });
    expect(isRefusal(recipeOf([resin], 'mass', [dose('accelerator', { dose: -0.01 })]))).toBe(true);
    expect(isRefusal(recipeOf([resin], 'mass', [dose('accelerator', { density: Number.NaN })]))).toBe(true);
    expect(value(recipeOf([resin], 'mass', [dose('accelerator', { dose: 0 })]))).toHaveLength(1);
  });

  it('tells a dose that the scale cannot weigh well, and the batch that can be dosed', () => {
    // 500 g of resin at 0.5 %: 2.5 g, ten steps of 1 g want four times the batch.
    const recipe = value(recipeOf([part('resin', 1, 1000)], 'mass', [dose('accelerator', { dose: 0.005 })]));
    const [small] = smallDoses(502.5e-6, recipe, 'mass', 0.001);
    expect(small?.mass).toBeCloseTo(2.5e-3, 6);
    expect(small?.error).toBeCloseTo(0.2, 6);
    expect(small?.enough).toBeCloseTo(4 * 502.5e-6, 9);
    expect(smallDoses(small!.enough, recipe, 'mass', 0.001)).toEqual([]);
  });
});

describe('a table by temperature', () => {
  const table = [
    { temperature: 291.15, value: 2.5 },
    { temperature: 295.15, value: 2 },
    { temperature: 301.15, value: 1.5 },
  ];
  it('is straight between its rows and never guesses past them', () => {
    expect(atTemperature(table, 293.15)).toBeCloseTo(2.25, 9);
    expect(atTemperature(table, 301.15)).toBe(1.5);
    expect(atTemperature(table, 280)).toBe(2.5);
    expect(atTemperature(table, 320)).toBe(1.5);
    expect(atTemperature([], 293)).toBeUndefined();
  });
});

describe('off ratio', () => {
  const judge = (poured: readonly number[], tolerance = 0.05) =>
    value(judgeRatio([colour, hardener], 'volume', poured, tolerance, 0.001));

  it('960 g want 210 g: 190 g is 9.5 % short, and 20 g more bring it right', () => {
    const verdict = judge([0.96, 0.19]);
    expect(verdict.passes).toBe(false);
    expect(verdict.parts[1]).toMatchObject({ state: 'short' });
    expect(verdict.parts[1]!.off).toBeCloseTo(-0.0952, 3);
    expect(verdict.repair.rest.map(({ part: { id }, mass }) => [id, Math.round(mass * 1000)])).toEqual([
      ['hardener', 20],
    ]);
  });

  it('passes within the tolerance, and what the scale cannot tell', () => {
    expect(judge([0.96, 0.205]).passes).toBe(true);
    expect(judge([0.01, 0.003]).passes).toBe(true);
    expect(judge([0.96, 0.24]).parts[1]!.state).toBe('over');
  });

  it('a repair is never taking out, and ends inside the tolerance', () => {
    const amounts = fc.tuple(
      fc.double({ min: 0.2, max: 5, noNaN: true }),
      fc.double({ min: 0, max: 5, noNaN: true }),
    );
    fc.assert(
      fc.property(amounts, (poured) => {
        const { repair } = judge(poured);
        const after = [colour, hardener].map(
          ({ id }, i) => poured[i]! + (repair.rest.find(({ part: own }) => own.id === id)?.mass ?? 0),
        );
        expect(after.every((each, i) => each >= poured[i]!)).toBe(true);
        expect(judge(after).passes).toBe(true);
      }),
    );
  });

  it('judges a dose by its cap, and what rounding leaves of it is never off the ratio', () => {
    const recipe = value(recipeOf([part('paint', 1, 1000)], 'mass', [dose('extender', { dose: 0.02 })]));
    const cap = recipe[1]!.cap!.maximum;
    const state = (grams: number) =>
      value(judgeRatio(recipe, 'mass', [1, grams / 1000], 0.01, 1e-5)).parts[1]!.state;
    // 20 g wanted: a tenth less is what an instrument that measures it well may leave.
    expect(state(18.1)).toBe('inside');
    expect(state(17.9)).toBe('short');
    expect(state(1000 * cap - 0.1)).toBe('inside');
    expect(state(1000 * cap + 0.1)).toBe('over');
  });

  it('refuses a pot without its first part', () => {
    expect(isRefusal(judgeRatio([colour, hardener], 'volume', [0, 0.2], 0.05, 0.001))).toBe(true);
    expect(isRefusal(judgeRatio([colour, hardener], 'volume', [1, -0.2], 0.05, 0.001))).toBe(true);
  });

  it('a capped dose is never repaired past its cap', () => {
    const recipe = value(recipeOf([part('paint', 1, 1000)], 'mass', [dose('extender', { dose: 0.02 })]));
    const rest = value(remainingPours(1e-3, recipe, 'mass', 0.005, [0.98]));
    const poured = rest.rest.map(({ mass }) => mass);
    expect(doseShare(recipe[1]!, poured.at(-1) ?? 0, recipe, [0.98, poured.at(-1) ?? 0])).toBeLessThanOrEqual(
      0.02,
    );
  });
});

describe('quantity', () => {
  it('a thirsty surface drinks apart from the film: 10 m² × (100 + 40) µm ÷ 0.5 = 2.8 L', () => {
    const need = value(
      mixNeeded({
        area: 10,
        wetFilms: [100e-6],
        transfer: 0.5,
        dead: 0,
        cards: 0,
        reserve: 0,
        absorption: 40e-6,
      }),
    );
    expect(need.total).toBeCloseTo(2.8e-3, 12);
    expect(need.absorbed).toBeCloseTo(0.4e-3, 12);
    // 1.4 L of 2.8 end on the part or in it.
    expect(need.waste).toBeCloseTo(0.5, 12);
  });

  it('keeps more in reserve of what cannot be blended', () =>
    expect(usualReserve(false)).toBeGreaterThan(usualReserve(true)));

  it('compares the figure the limit counts', () => {
    const applied = {
      mass: 1,
      volume: 1e-3,
      density: 1000,
      volumeSolids: 0.3,
      voc: 120,
      vocLess: 300,
      solvent: 0.1,
    };
    expect(judgeVoc(applied, { value: 250, counts: 'with-water' })).toEqual({ found: 120, passes: true });
    expect(judgeVoc(applied, { value: 250, counts: 'less-water' })).toEqual({ found: 300, passes: false });
  });
});
