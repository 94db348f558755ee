import fc from 'fast-check';
import { isRefusal } from '@/core/refusal';
import { combFound, wetRange } from './wetcomb';

const dry = { min: 25e-6, aim: 29e-6, max: 35e-6, outside: false };
const coat = { wet: 90e-6, dry, solids: 29 / 90 };

describe('a wet comb against a coat', () => {
  it('is judged by the coat’s own range, made wet', () => {
    const { min, max } = wetRange(coat);
    expect(min).toBeCloseTo((25e-6 * 90) / 29, 12);
    expect(max).toBeCloseTo((35e-6 * 90) / 29, 12);
    expect(combFound(coat, { wetted: 75e-6, dry: 100e-6 }, 0.4)).toMatchObject({ verdict: 'undecided' });
    expect(combFound(coat, { wetted: 125e-6, dry: 150e-6 }, 0.4)).toMatchObject({ verdict: 'high' });
    expect(combFound(coat, { wetted: 50e-6, dry: 75e-6 }, 0.4)).toMatchObject({ verdict: 'low' });
  });

  it('goes by the aim alone where the aim lies outside the range, or nothing is known of solids', () => {
    for (const odd of [
      { ...coat, dry: { ...dry, outside: true } },
      { ...coat, solids: 0 },
    ])
      expect(wetRange(odd)).toEqual({ min: 90e-6 * 0.88, max: 90e-6 * 1.12 });
  });

  it('a coat too heavy wants a quicker hand, in proportion', () => {
    fc.assert(
      fc.property(fc.double({ min: 120e-6, max: 300e-6, noNaN: true }), (wetted) => {
        const found = combFound(coat, { wetted, dry: wetted * 1.2 }, 0.4);
        if (isRefusal(found)) throw new Error(found.says);
        expect(found.speed).toBeCloseTo((0.4 * wetted * 1.1) / 90e-6, 6);
      }),
    );
  });

  it('refuses teeth the wrong way round', () => {
    expect(isRefusal(combFound(coat, { wetted: 100e-6, dry: 75e-6 }, 0.4))).toBe(true);
  });
});
