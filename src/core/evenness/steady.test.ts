import fc from 'fast-check';
import { isRefusal } from '../refusal';
import { measuredProfile, shapeProfile, steadiness, type Profile } from '.';

const at = (profile: Profile, overlap: number, jitter = 0) => {
  const found = steadiness(profile, overlap, jitter);
  if (isRefusal(found)) throw new Error(found.says);
  return found;
};

describe('film between parallel strokes', () => {
  it.each([
    [1, [0.375, 0.167, 0.094, 0.06]],
    [2, [0.117, 0.023, 0.007, 0.003]],
    [0.5, [0.466, 0.257, 0.168, 0.121]],
  ])('(1 − u²)^%d at overlaps of 1/2, 2/3, 3/4, 4/5', (n, expected) => {
    [1 / 2, 2 / 3, 3 / 4, 4 / 5].forEach((overlap, i) =>
      expect(at(shapeProfile(n), overlap).peakToValley).toBeCloseTo(expected[i]!, 3),
    );
  });

  it('is the same for a measured profile as for the shape it was measured from', () => {
    const measured = measuredProfile(
      Array.from({ length: 161 }, (_, i) => shapeProfile(1)((2 * (i + 0.5)) / 161 - 1)),
    );
    for (const overlap of [0.5, 2 / 3, 0.75])
      expect(at(measured, overlap).peakToValley).toBeCloseTo(at(shapeProfile(1), overlap).peakToValley, 2);
  });

  it('no profile lays worse mirrored, and a hand that errs does not make a smooth one better', () => {
    const film = fc.array(fc.double({ min: 0.1, max: 1, noNaN: true }), { minLength: 5, maxLength: 25 });
    fc.assert(
      fc.property(film, fc.double({ min: 0.3, max: 0.9, noNaN: true }), (some, overlap) => {
        const there = at(measuredProfile(some), overlap);
        const back = at(measuredProfile([...some].reverse()), overlap);
        expect(there.cv).toBeCloseTo(back.cv, 3);
        expect(there.peakToValley).toBeGreaterThanOrEqual(0);
        expect(there.cv).toBeLessThanOrEqual(there.peakToValley + 1e-9);
      }),
      { numRuns: 60 },
    );
    for (const n of [1, 2])
      for (const overlap of [0.5, 0.66, 0.75, 0.9])
        expect(at(shapeProfile(n), overlap, 0.1).peakToValley).toBeGreaterThan(
          at(shapeProfile(n), overlap).peakToValley,
        );
  });

  it('forgives an erring hand with tapered edges and punishes hard ones', () => {
    const worse = (n: number) => at(shapeProfile(n), 0.5, 0.1).peakToValley;
    expect(worse(0.3)).toBeGreaterThan(worse(1.5));
  });

  it('refuses what cannot be laid', () => {
    expect(steadiness(shapeProfile(1), 1)).toMatchObject({ refused: 'overlap' });
    expect(steadiness(() => 0, 0.5)).toMatchObject({ refused: 'no-film' });
  });
});
