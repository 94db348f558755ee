import fc from 'fast-check';
import { massAtShare, stickAdvice, stickMarks, stickScale, stickSigns } from '.';

const batch = { mass: 2, density: 1100, base: { mass: 2, density: 1100 } };
const pot = {
  batch,
  thinner: 0,
  thinnerDensity: 1000,
  basis: { by: 'mass', of: 'mix' },
  scaleStep: 0.001,
  maximum: 0.05,
} as const;

describe('a stick', () => {
  it('says how many marks too thick it is, where it is looked at as its end-point is', () => {
    expect(stickMarks('ribbon-stays', 'ribbon-gone')).toBe(2);
    expect(stickMarks('ribbon-gone', 'ribbon-gone')).toBe(0);
    expect(stickMarks('drips-run', 'drips-slow')).toBe(-2);
    expect(stickMarks('drips-slow', 'ribbon-gone')).toBeUndefined();
    for (const sign of stickSigns) expect(stickScale(sign)).toContain(sign);
  });

  it('asks for one percent a mark, never past the sheet’s maximum', () => {
    expect(stickAdvice(1, pot)).toEqual({ kind: 'add', mass: 0.02, share: 0.01 });
    expect(stickAdvice(2, pot)).toMatchObject({ kind: 'add', mass: 0.04 });
    expect(stickAdvice(2, { ...pot, thinner: 0.085 })).toMatchObject({ mass: 0.015, share: 0.05 });
    expect(stickAdvice(1, { ...pot, thinner: 0.1 })).toEqual({ kind: 'at-maximum', share: 0.05 });
  });

  it('is tried first, is ready at its end-point, and past it wants unthinned mix', () => {
    expect(stickAdvice(undefined, pot).kind).toBe('try');
    expect(stickAdvice(0, pot).kind).toBe('ready');
    const back = stickAdvice(-1, pot);
    expect(back.kind).toBe('too-thin');
    if (back.kind === 'too-thin') expect(back.bringBack).toBeCloseTo(0.1, 9);
  });

  it('an addition is whole steps of the scale and within the limit, whatever the pot', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 2 }),
        fc.double({ min: 0.05, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 0.3, noNaN: true }),
        fc.constantFrom(0.0001, 0.001, 0.005),
        (marks, mass, maximum, scaleStep) => {
          const own = { mass, density: 1100, base: { mass, density: 1100 } };
          const advice = stickAdvice(marks, { ...pot, batch: own, maximum, scaleStep });
          if (advice.kind !== 'add') return;
          const steps = advice.mass / scaleStep;
          expect(Math.abs(steps - Math.round(steps))).toBeLessThan(1e-6);
          expect(advice.mass).toBeLessThanOrEqual(massAtShare(maximum, 1000, own, pot.basis) + 1e-9);
        },
      ),
    );
  });
});
