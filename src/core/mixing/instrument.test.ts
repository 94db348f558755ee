import fc from 'fast-check';
import { doseMeasure } from './instrument';

const gram = 1e-3;

describe('what measures a small dose', () => {
  it('the scale from ten of its steps on', () => {
    expect(doseMeasure(10 * gram, 12 * gram, 950, gram)).toEqual({ kind: 'scale', mass: 10 * gram });
    expect(doseMeasure(9.9 * gram, 12 * gram, 950, gram)?.kind).toBe('syringe');
  });

  it('else a syringe to its mark: 2 g of 950 kg/m³ are 2.1 mL', () => {
    const found = doseMeasure(2 * gram, 2.2 * gram, 950, gram);
    expect(found).toMatchObject({ kind: 'syringe', holds: 2.5e-6 });
    expect(found?.kind === 'syringe' && found.to).toBeCloseTo(2.1e-6, 12);
  });

  it('else drops, and where nothing measures it, nothing', () => {
    expect(doseMeasure(0.35 * gram, 0.4 * gram, 1000, gram)).toMatchObject({ kind: 'drops', count: 7 });
    // Twelve would be within the tolerance and past the cap.
    expect(doseMeasure(0.57 * gram, 0.57 * gram, 1000, gram)).toMatchObject({ kind: 'drops', count: 11 });
    expect(doseMeasure(0.004 * gram, 0.005 * gram, 950, gram)).toBeUndefined();
    for (const wrong of [0, -1, Number.NaN]) expect(doseMeasure(wrong, 1, 950, gram)).toBeUndefined();
  });

  it('never gives more than may go in, and misses what is wanted by a twentieth at most', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1e-6, max: 0.5, noNaN: true }),
        fc.double({ min: 1, max: 1.5, noNaN: true }),
        fc.double({ min: 700, max: 1800, noNaN: true }),
        fc.constantFrom(1e-5, 1e-4, 1e-3, 5e-3),
        (wanted, slack, density, step) => {
          const most = wanted * slack;
          const found = doseMeasure(wanted, most, density, step);
          if (!found) return;
          expect(found.mass).toBeLessThanOrEqual(most * (1 + 1e-6));
          const miss = found.kind === 'scale' && slack < 1.05 ? 0.1 : 0.05;
          expect(Math.abs(found.mass / wanted - 1)).toBeLessThanOrEqual(miss + 1e-6);
        },
      ),
    );
  });
});
