import fc from 'fast-check';
import { gaussian, seeded } from '../random';
import { isRefusal, type Outcome } from '../refusal';
import {
  breakEven,
  costOfRunningOn,
  gunFamilies,
  lifeBelief,
  partFacts,
  partsToCheck,
  reorderPoint,
  symptomOfCard,
  symptoms,
  symptomsOf,
  tipForecast,
  wearForecast,
  type LifeBelief,
} from '.';

const the = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};

describe('symptoms', () => {
  it('every gun has parts to look at for every symptom it can have, in order of likelihood and ease', () => {
    for (const family of gunFamilies)
      for (const symptom of symptomsOf(family)) {
        const rows = partsToCheck({ symptom, family });
        expect(rows.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1);
        const gain = rows.map(({ share, takes }) => share / takes);
        expect(gain).toEqual([...gain].sort((a, b) => b - a));
        expect(new Set(rows.map(({ part }) => part)).size).toBe(rows.length);
      }
    expect(symptomsOf('airless')).not.toContain('air-at-rest');
    expect(symptomsOf('gravity')).toEqual([...symptoms]);
  });

  it('no other order finds the culprit in less expected time', () => {
    const rows = partsToCheck({ symptom: 'spits', family: 'gravity' });
    const expected = (order: typeof rows) => {
      let time = 0;
      return order.reduce((sum, { share, takes }) => sum + share * (time += takes), 0);
    };
    const best = expected(rows);
    fc.assert(
      fc.property(fc.shuffledSubarray(rows, { minLength: rows.length }), (order) =>
        expect(expected(order)).toBeGreaterThanOrEqual(best - 1e-9),
      ),
    );
  });

  it('what is ruled out goes last and lends its share to the rest; finds here and wear bring a part forward', () => {
    const plain = partsToCheck({ symptom: 'low-flow', family: 'pressure-cup' });
    const first = plain[0]!.part;
    const after = partsToCheck({ symptom: 'low-flow', family: 'pressure-cup', ruledOut: [first] });
    expect(after.at(-1)).toMatchObject({ part: first, state: 'not-it', share: 0 });
    expect(after.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1);
    const shareOf = (part: string, more: object) =>
      partsToCheck({ symptom: 'low-flow', family: 'pressure-cup', ...more }).find((row) => row.part === part)!
        .share;
    expect(shareOf('check-valve', { worn: { 'check-valve': 1.2 } })).toBeGreaterThan(
      shareOf('check-valve', {}),
    );
    expect(shareOf('nozzle', { found: { nozzle: 3 } })).toBeGreaterThan(2 * shareOf('nozzle', {}));
    expect(partsToCheck({ symptom: 'low-flow', family: 'gravity' }).map(({ part }) => part)).not.toContain(
      'check-valve',
    );
  });

  it('takes a card’s fault for its symptom', () => {
    expect(symptomOfCard('spitting')).toBe('spits');
    expect(symptomOfCard('crescent')).toBe('crescent');
    expect(symptomOfCard('good')).toBeUndefined();
  });
});

describe('life of a part', () => {
  it('is the default’s, the maker’s interval’s, and with renewals more and more the shop’s own', () => {
    const usual = partFacts.nozzle.life;
    expect(the(lifeBelief(usual))).toMatchObject({ basis: 'default', renewals: 0 });
    expect(the(lifeBelief(usual)).median).toBeCloseTo(usual);
    expect(the(lifeBelief(usual, [], usual / 2)).median).toBeCloseTo(usual / 2);
    const own = usual / 3;
    const medians = [0, 1, 3, 10].map((n) => the(lifeBelief(usual, Array<number>(n).fill(own))).median);
    for (let i = 1; i < medians.length; i += 1) expect(medians[i]).toBeLessThan(medians[i - 1]!);
    expect(medians[3]! / own).toBeLessThan(1.25);
    expect(the(lifeBelief(usual, Array<number>(10).fill(own))).spread).toBeLessThan(
      the(lifeBelief(usual)).spread,
    );
    expect(isRefusal(lifeBelief(0))).toBe(true);
  });

  it('finds life and spread of parts drawn from a shop’s own scatter, and its 80 % holds about 80 %', () => {
    const random = seeded(11);
    let held = 0;
    const shops = 400;
    for (let i = 0; i < shops; i += 1) {
      const median = 200 * Math.exp(0.4 * gaussian(random));
      const life = () => median * Math.exp(0.3 * gaussian(random));
      const belief = the(lifeBelief(200, Array.from({ length: 6 }, life)));
      const { left } = the(wearForecast(belief, 0, 1));
      const next = life();
      if (next >= left.low && next <= left.high) held += 1;
    }
    expect(held / shops).toBeGreaterThan(0.74);
    expect(held / shops).toBeLessThan(0.94);
  });

  it('what has lasted is expected to last less, and never less than nothing', () => {
    const belief: LifeBelief = { median: 100, spread: 0.4, basis: 'default', renewals: 0 };
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1000, noNaN: true }),
        fc.double({ min: 1e-3, max: 10, noNaN: true }),
        (used, rate) => {
          const { left, due, past } = the(wearForecast(belief, used, rate));
          expect(left.low).toBeGreaterThanOrEqual(0);
          expect(left.middle).toBeGreaterThanOrEqual(left.low);
          expect(left.high).toBeGreaterThanOrEqual(left.middle);
          expect(due!.middle).toBeCloseTo(left.middle / rate);
          expect(past).toBeGreaterThanOrEqual(0);
          expect(past).toBeLessThanOrEqual(1);
        },
      ),
    );
    expect(the(wearForecast(belief, 0, 1)).left.middle).toBeCloseTo(100, 3);
    expect(the(wearForecast(belief, 90, 1)).left.middle).toBeLessThan(100);
    expect(the(wearForecast(belief, 50, 0)).due).toBeUndefined();
    expect(isRefusal(wearForecast(belief, -1, 1))).toBe(true);
  });
});

describe('a worn tip', () => {
  it('that lost half of its quarter in 100 L has 100 L left, give or take what the ruler errs', () => {
    const left = the(tipForecast({ volume: 0.1, fresh: 0.254, fan: 0.254 * 0.875 }, 0.25));
    expect(left.middle).toBeCloseTo(0.1, 6);
    expect(left.low).toBeLessThan(0.1);
    expect(left.high).toBeGreaterThan(0.1);
    expect(the(tipForecast({ volume: 0.1, fresh: 0.254, fan: 0.18 }, 0.25)).middle).toBe(0);
    expect(tipForecast({ volume: 0.1, fresh: 0.254, fan: 0.254 }, 0.25)).toMatchObject({
      refused: 'not-worn',
    });
    expect(isRefusal(tipForecast({ volume: 0, fresh: 0.254, fan: 0.2 }, 0.25))).toBe(true);
  });

  it('its spread is what a ruler that errs 6 mm leaves open, to one in ten on either side, and ten lives at most', () => {
    const asked = { volume: 0.1, fresh: 0.3, fan: 0.255 };
    // Lost 0.15 of a quarter at 0.1 m³; a reading wider or narrower by 1.28 · 6 mm.
    const at = (fan: number) => 0.1 * (0.25 / (1 - fan / 0.3)) - 0.1;
    const left = the(tipForecast(asked, 0.25));
    expect(left.middle).toBeCloseTo(at(0.255), 9);
    expect(left.low).toBeCloseTo(at(0.255 - 1.28 * 6e-3), 9);
    expect(left.high).toBeCloseTo(at(0.255 + 1.28 * 6e-3), 9);
    // Hardly worn: its wider reading says nothing of an end, and ten times what it sprayed is as far as anybody sees.
    const hardly = the(tipForecast({ ...asked, fan: 0.297 }, 0.25));
    expect(hardly.high).toBeCloseTo(10 * 0.1 * (0.25 / (6e-3 / 0.3)), 9);
    const coarse = the(tipForecast({ ...asked, fan: 0.297, error: 0.1 }, 0.25));
    expect(coarse.high).toBeCloseTo(10 * 0.1, 9);
  });

  it('costs what the integral of its extra flow costs, and breaks even where that is a tip', () => {
    const [lost, volume, price] = [0.15, 0.3, 8000];
    // By brute force: slices of what is sprayed, each with the flow the fan has by then.
    const cost = (ahead: number) => {
      const n = 20_000;
      let sum = 0;
      for (let i = 0; i < n; i += 1)
        sum += 1 / (1 - (lost / volume) * (volume + ((i + 0.5) / n) * ahead)) - 1;
      return (sum / n) * ahead * price;
    };
    expect(costOfRunningOn(lost, volume, 0.2, price)).toBeCloseTo(cost(0.2), 3);
    const even = breakEven(lost, volume, price, 40);
    expect(costOfRunningOn(lost, volume, even, price)).toBeCloseTo(40, 6);
    expect(breakEven(0, volume, price, 40)).toBe(Infinity);
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 0.95, noNaN: true }),
        fc.double({ min: 0.01, max: 5, noNaN: true }),
        (gone, ahead) => {
          const more = costOfRunningOn(gone, 0.3, ahead, 1);
          expect(Number.isFinite(more)).toBe(true);
          expect(more).toBeGreaterThan(0);
          expect(costOfRunningOn(gone, 0.3, ahead * 2, 1)).toBeGreaterThan(more);
        },
      ),
    );
  });
});

describe('the reorder point', () => {
  it('covers what is wanted while the order comes, in nineteen of twenty', () => {
    expect(the(reorderPoint(0, 10))).toBe(0);
    // Mean 1: P(0..2) = 0.92, P(0..3) = 0.98.
    expect(the(reorderPoint(0.1, 10))).toBe(3);
    expect(the(reorderPoint(0.1, 10, 0.9))).toBe(2);
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.integer({ min: 0, max: 100 }),
        (perDay, lead) => {
          expect(the(reorderPoint(perDay, lead))).toBeGreaterThanOrEqual(
            Math.floor(perDay * lead) > 0 ? Math.floor(perDay * lead) : 0,
          );
        },
      ),
    );
    expect(isRefusal(reorderPoint(-1, 3))).toBe(true);
  });
});
