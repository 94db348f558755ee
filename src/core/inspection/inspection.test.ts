import fc from 'fast-check';
import { defectIds } from '../diagnosis';
import {
  answerOf,
  answers,
  asksAfter,
  dustFrom,
  dustLimits,
  dustPattern,
  dustVerdict,
  founds,
  guideCells,
  isFibrous,
  lightFor,
  looksAt,
  mostCycles,
  roundsAfter,
  sandAdvice,
  zones,
  zonesOf,
  type Ask,
  type DustCount,
} from '.';

const count = (more: Partial<DustCount>): DustCount => ({
  ...{ zone: 'field', area: 1, nibs: 0, fibres: 0, up: false },
  ...more,
});

describe('the places of a face', () => {
  it('are walked edges first and the back last, and only where it has them', () => {
    expect(zonesOf({ lies: 'upright' })).toEqual(['edges', 'field']);
    expect(zonesOf({ lies: 'upright', sides: 2, openings: 1, surface: 'open' })).toEqual([...zones]);
    expect(zonesOf({ lies: 'overhead' })).toContain('undersides');
    expect(zonesOf({ lies: 'flat', shape: 1.3 })).toContain('returns');
  });

  it('always hold the open face', () => {
    fc.assert(
      fc.property(
        fc.record({
          lies: fc.constantFrom('upright' as const, 'flat' as const, 'overhead' as const),
          sides: fc.constantFrom(undefined, 1 as const, 2 as const),
          shape: fc.option(fc.double({ min: 1, max: 10, noNaN: true }), { nil: undefined }),
          openings: fc.nat(5),
        }),
        (face) => zonesOf(face).includes('field'),
      ),
    );
  });
});

describe('what is asked', () => {
  it('is decided by the agreed standard', () => {
    expect(asksAfter({ standard: 'film', clear: false })).toEqual(['bare', 'hiding']);
    expect(asksAfter({ standard: 'film', clear: true })).toEqual(['bare']);
    expect(asksAfter({ standard: 'mirror', clear: true })).toContain('waves');
    expect(asksAfter({ standard: 'match', clear: false })).toContain('colour');
    expect(asksAfter({ standard: 'texture', clear: false })).not.toContain('colour');
  });

  it('has one hoped-for answer first, known defects, and light for every place', () => {
    for (const [ask, each] of Object.entries(answers)) {
      const all = Object.keys(each).map((found) => answerOf(ask as Ask, found)!);
      expect(all.map(({ good }) => good).indexOf(true)).toBe(0);
      expect(all.filter(({ good }) => good)).toHaveLength(1);
      for (const { defect } of all) if (defect) expect(defectIds).toContain(defect);
      for (const found of Object.keys(each)) expect(founds).toContain(found);
    }
    expect(answerOf('bare', 'differs')).toBeUndefined();
    expect(lightFor('bare', 'undersides')).toBe('below');
    expect(lightFor('hiding', 'field')).toBe('square');
    for (const ask of roundsAfter) expect(zones.some((zone) => looksAt(ask, zone))).toBe(true);
    expect(looksAt('waves', 'edges')).toBe(false);
  });
});

describe('dust', () => {
  it('is judged by the square metre, and one speck passes anything', () => {
    expect(dustVerdict([], 'mirror')).toBeUndefined();
    expect(dustVerdict([count({ nibs: 1, area: 0.01 })], 'mirror')).toMatchObject({ passes: true });
    const found = dustVerdict([count({ nibs: 3, fibres: 1, area: 0.5 })], 'mirror')!;
    expect(found).toMatchObject({ count: 4, density: 8, limit: dustLimits.mirror, passes: false });
  });

  it('shows its pattern only with enough of it on more than one place', () => {
    expect(dustPattern([count({ nibs: 40 })])).toBeUndefined();
    expect(dustPattern([count({ nibs: 2 }), count({ nibs: 2, up: true })])).toBeUndefined();
    expect(dustPattern([count({ nibs: 9, up: true }), count({ nibs: 2 })])).toBe('settled');
    expect(dustPattern([count({ zone: 'edges', nibs: 8, area: 0.2 }), count({ nibs: 4 })])).toBe('rim');
    expect(dustPattern([count({ nibs: 6 }), count({ zone: 'behind', nibs: 5 })])).toBe('all');
    expect(isFibrous([count({ nibs: 2, fibres: 3 })])).toBe(true);
    expect(isFibrous([count({ nibs: 9, fibres: 1 })])).toBe(false);
  });

  it('is matched with wipe, tack, static and time', () => {
    const first = (...said: Parameters<typeof dustFrom>) => dustFrom(...said)[0]?.source;
    const some = [count({ nibs: 5 })];
    expect(dustFrom([count({})], { charges: true })).toEqual([]);
    expect(first(some, { charges: false, tack: 'late' })).toBe('tack');
    expect(first(some, { charges: false, wipe: 'skipped' })).toBe('wipe');
    expect(first(some, { charges: true, humidity: 0.2, antistatic: 'skipped' })).toBe('static');
    expect(first([count({ nibs: 1, fibres: 6 })], { charges: false })).toBe('cloth');
    expect(first([count({ nibs: 9, up: true }), count({ nibs: 2 })], { charges: false, open: 3600 })).toBe(
      'air',
    );
    expect(
      first([count({ nibs: 6 }), count({ nibs: 6, zone: 'behind' })], { charges: false, tack: 'ok' }),
    ).toBe('gun');
    // What was done against it speaks against it.
    expect(first(some, { charges: true, antistatic: 'ok' })).toBeUndefined();
  });

  it('names no source that nothing speaks for', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            zone: fc.constantFrom(...zones),
            area: fc.double({ min: 0.01, max: 9, noNaN: true }),
            nibs: fc.nat(50),
            fibres: fc.nat(50),
            up: fc.boolean(),
          }),
          { maxLength: 6 },
        ),
        fc.boolean(),
        (counts, charges) =>
          dustFrom(counts, { charges }).every(({ score, because }) => score > 0 && because.length > 0),
      ),
    );
  });
});

describe('a guide coat', () => {
  it('is sanded on while nothing is through, and level when it is gone', () => {
    expect(sandAdvice([])).toBeUndefined();
    expect(sandAdvice([{ highs: [], lows: [] }])).toMatchObject({ next: 'level', cycles: 1, low: 0 });
    expect(sandAdvice([{ highs: [], lows: [0, 1, 2] }])).toMatchObject({ next: 'sand', low: 3 / guideCells });
  });

  it('builds the lows and never digs the highs', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.nat(guideCells - 1), { minLength: 1 }),
        fc.uniqueArray(fc.nat(guideCells - 1), { minLength: 1 }),
        (highs, lows) => sandAdvice([{ highs, lows }])?.next === 'build',
      ),
    );
  });

  it('leaves no film under the least', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -50e-6, max: 50e-6, noNaN: true }),
        fc.double({ min: 1e-6, max: 30e-6, noNaN: true }),
        (spare, takes) => {
          const found = sandAdvice([{ highs: [], lows: [3] }], { spare, takes });
          expect(found?.next === 'sand').toBe(spare - takes >= 0);
        },
      ),
    );
  });

  it('changes the block where rounds do not help', () => {
    const round = (lows: number[]) => ({ highs: [], lows });
    expect(sandAdvice([round([1, 2]), round([1, 2])])?.next).toBe('change-block');
    expect(sandAdvice([round([1, 2, 3]), round([1])])?.next).toBe('sand');
    const many = Array.from({ length: mostCycles }, (_, i) =>
      round(Array.from({ length: 9 - i }, (_, k) => k)),
    );
    expect(sandAdvice(many)?.next).toBe('change-block');
  });
});
