import fc from 'fast-check';
import { isRefusal } from '../refusal';
import { costIds, jobCost, paidBackAfter, quote, type CostItem } from '.';

const item = (more: Partial<CostItem>): CostItem => ({
  ...{ id: 'paint', what: 'x', quantity: 1, unit: 'volume', price: 1, reckoned: true },
  ...more,
});
const items = fc.array(
  fc.record({
    id: fc.constantFrom(...costIds),
    what: fc.string(),
    quantity: fc.double({ min: 0, max: 1e4, noNaN: true }),
    unit: fc.constant('volume' as const),
    price: fc.option(fc.double({ min: 0, max: 1e4, noNaN: true }), { nil: undefined }),
    reckoned: fc.boolean(),
  }),
);

describe('the cost of a job', () => {
  it('adds up', () => {
    fc.assert(
      fc.property(items, (all) => {
        const given = all.map(({ price, ...rest }) => ({
          ...rest,
          ...(price === undefined ? {} : { price }),
        }));
        const { lines, total } = jobCost(given);
        const sum = given.reduce((most, { quantity, price = 0 }) => most + quantity * price, 0);
        expect(total).toBeCloseTo(sum, 3);
        expect(lines.reduce((most, { cost = 0 }) => most + cost, 0)).toBe(total);
      }),
    );
  });

  it('names what is used and has no price, and never counts it as free', () => {
    const found = jobCost([
      item({ quantity: 2e-3, price: 21_000 }),
      item({ id: 'thinner', quantity: 1e-4, price: undefined }),
      item({ id: 'labour', unit: 'time', quantity: 5400, price: 60 / 3600 }),
      item({ id: 'labour', what: 'masking', unit: 'time', quantity: 60, price: undefined }),
      item({ id: 'wear', quantity: 0, price: undefined }),
    ] as CostItem[]);
    expect(found.total).toBeCloseTo(42 + 90, 9);
    expect(found.missing).toEqual(['thinner', 'labour']);
    expect(found.lines.find(({ id }) => id === 'thinner')?.cost).toBeUndefined();
    expect(found.lines.some(({ id }) => id === 'wear')).toBe(false);
  });
});

describe('the same thing', () => {
  it('done again is one item of as much; at another price, or recorded, it is another', () => {
    const [line] = jobCost([
      item({ quantity: 2 }),
      item({ quantity: 3 }),
      item({ quantity: 4, price: 2 }),
      item({ quantity: 5, reckoned: false }),
    ]).lines;
    expect(line?.items.map(({ quantity }) => quantity)).toEqual([5, 4, 5]);
    expect(line?.cost).toBe(5 + 8 + 5);
    expect(jobCost([item({ quantity: 0 })]).lines).toEqual([]);
    // However little it is, it counts.
    expect(jobCost([item({ quantity: 1e-6, price: 1e6 })]).total).toBeCloseTo(1, 9);
  });
});

describe('a quote', () => {
  it('tells margin and mark-up apart: 30 % on 100 is 142.86 or 130', () => {
    expect(quote(100, { kind: 'margin', share: 0.3 })).toMatchObject({ net: expect.closeTo(142.857, 3) });
    expect(quote(100, { kind: 'mark-up', share: 0.3 })).toMatchObject({ net: 130, tax: 0, gross: 130 });
    expect(quote(100, { kind: 'mark-up', share: 0.3 }, 0.2)).toMatchObject({ tax: 26, gross: 156 });
  });

  it('refuses a margin of the whole price', () => {
    expect(quote(100, { kind: 'margin', share: 1 })).toMatchObject({ refused: 'margin' });
    expect(quote(100, { kind: 'margin', share: 1 })).toMatchObject({ max: 1 });
    expect(quote(0, { kind: 'margin', share: 0.3 }, 0)).toMatchObject({ net: 0, gross: 0 });
    expect(quote(100, { kind: 'mark-up', share: 0 })).toMatchObject({ net: 100 });
    expect(quote(100, { kind: 'mark-up', share: -0.1 })).toMatchObject({ min: 0 });
    expect(isRefusal(quote(100, { kind: 'mark-up', share: 0.1 }, -0.2))).toBe(true);
    expect(isRefusal(quote(Infinity, { kind: 'mark-up', share: 0.1 }))).toBe(true);
    expect(isRefusal(quote(-1, { kind: 'margin', share: 0.1 }))).toBe(true);
    expect(isRefusal(quote(1, { kind: 'mark-up', share: -0.1 }))).toBe(true);
    expect(isRefusal(quote(1, { kind: 'mark-up', share: 4 }))).toBe(false);
  });

  it('is never below its cost, and its parts add up', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1e6, noNaN: true }),
        fc.double({ min: 0, max: 0.95, noNaN: true }),
        fc.constantFrom('margin' as const, 'mark-up' as const),
        fc.double({ min: 0, max: 0.3, noNaN: true }),
        (cost, share, kind, tax) => {
          const found = quote(cost, { kind, share }, tax);
          if (isRefusal(found)) throw new Error(found.says);
          expect(found.net).toBeGreaterThanOrEqual(cost - 1e-9);
          expect(found.cost + found.added + found.tax).toBeCloseTo(found.gross, 3);
        },
      ),
    );
  });
});

describe('what pays for itself', () => {
  it('does so after whole jobs, or never', () => {
    expect(paidBackAfter(900, 30)).toBe(30);
    expect(paidBackAfter(901, 30)).toBe(31);
    // A rounding is no job more, a thousandth of one is.
    expect(paidBackAfter(0.3, 0.1)).toBe(3);
    expect(paidBackAfter(30.03, 10)).toBe(4);
    expect(paidBackAfter(1, 0.5)).toBe(2);
    expect(paidBackAfter(900, 0)).toBe(Infinity);
    expect(paidBackAfter(900, -30)).toBe(Infinity);
  });
});
