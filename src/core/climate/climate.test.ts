import fc from 'fast-check';
import { isRefusal } from '../refusal';
import {
  andradeFromPair,
  andradeFromSlope,
  celsius,
  dewMargin,
  dewPoint,
  inCelsius,
  shiftViscosity,
} from '.';

describe('dew point', () => {
  it('is 13.9 °C at 22 °C and 60 %', () => {
    expect(inCelsius(dewPoint(celsius(22), 0.6) as number)).toBeCloseTo(13.9, 1);
  });

  it('is the air temperature in saturated air, and never above it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -20, max: 50, noNaN: true }),
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        (t, rh) => {
          expect(dewPoint(celsius(t), 1)).toBeCloseTo(celsius(t), 6);
          expect(dewPoint(celsius(t), rh)).toBeLessThanOrEqual(celsius(t) + 1e-9);
        },
      ),
    );
  });

  it('gives the margin of the part, and refuses humidity in the wrong unit', () => {
    expect(dewMargin(celsius(22), 0.6, celsius(18))).toBeCloseTo(4.1, 1);
    expect(isRefusal(dewPoint(celsius(22), 60))).toBe(true);
    expect(isRefusal(dewMargin(celsius(200), 0.5, celsius(20)))).toBe(true);
  });
});

describe('Andrade', () => {
  it('recovers B from two timings and moves a viscosity there and back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 500, max: 8000, noNaN: true }),
        fc.double({ min: 5, max: 20, noNaN: true }),
        fc.double({ min: 23, max: 40, noNaN: true }),
        (B, cold, warm) => {
          const thin = shiftViscosity(100e-6, celsius(cold), celsius(warm), B);
          expect(thin).toBeLessThan(100e-6);
          expect(shiftViscosity(thin, celsius(warm), celsius(cold), B)).toBeCloseTo(100e-6, 12);
          const found = andradeFromPair(
            { viscosity: 100e-6, temperature: celsius(cold) },
            { viscosity: thin, temperature: celsius(warm) },
          );
          expect(found).toBeCloseTo(B, 3);
        },
      ),
    );
  });

  it('3 % a degree is 3 % a degree', () => {
    const B = andradeFromSlope(0.03, celsius(20));
    expect(shiftViscosity(1, celsius(20), celsius(21), B)).toBeCloseTo(0.97, 2);
  });

  it('refuses two timings at about the same temperature', () => {
    const at = (degrees: number) => ({ viscosity: 1e-4, temperature: celsius(degrees) });
    expect(isRefusal(andradeFromPair(at(20), at(21)))).toBe(true);
  });
});
