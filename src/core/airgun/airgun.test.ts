import fc from 'fast-check';
import { isRefusal, type Outcome } from '../refusal';
import { nozzleFlow, nozzlePressure } from '.';

const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const perMinute = (flow: number) => flow * 60e6;
const liquid = { viscosity: 0.072, density: 1050 };

describe('fluid nozzle', () => {
  it('1.3 mm at 9 kPa passes about 185 mL/min, 1.8 mm 423', () => {
    expect(perMinute(value(nozzleFlow(1.3e-3, 9e3, liquid)))).toBeCloseTo(185, -0.5);
    expect(perMinute(value(nozzleFlow(1.8e-3, 9e3, liquid)))).toBeCloseTo(423, -0.5);
  });

  it('goes both ways, and passes more when wider, driven harder or thinner', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.8e-3, max: 3e-3, noNaN: true }),
        fc.double({ min: 2e3, max: 1e5, noNaN: true }),
        fc.double({ min: 0.01, max: 0.5, noNaN: true }),
        (bore, pressure, viscosity) => {
          const thin = { viscosity, density: 1100 };
          const flow = value(nozzleFlow(bore, pressure, thin));
          expect(value(nozzlePressure(bore, flow, thin))).toBeCloseTo(pressure, 3);
          expect(value(nozzleFlow(bore * 1.1, pressure, thin))).toBeGreaterThan(flow);
          expect(value(nozzleFlow(bore, pressure * 1.1, thin))).toBeGreaterThan(flow);
          expect(value(nozzleFlow(bore, pressure, { ...thin, viscosity: viscosity * 1.1 }))).toBeLessThan(
            flow,
          );
        },
      ),
    );
  });
});
