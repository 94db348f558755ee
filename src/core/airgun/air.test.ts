import fc from 'fast-check';
import { isRefusal, type Outcome } from '../refusal';
import { capSpeed, drivingFrom, dropIndex, dropSize, measuredFlow, nozzleFlow, transferAt } from '.';

const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const paint = { viscosity: 0.07, density: 1100 };
const setting = { pressure: 0.5e5, air: 350 / 60_000, fluid: 200e-6 / 60, bore: 1.3e-3 };
const size = (more: object, liquid = paint) => value(dropSize({ ...setting, ...more }, liquid));

describe('air at the cap', () => {
  it('10 psi is 285 m/s at 293 K, and a plain cap ends at 313', () => {
    expect(capSpeed(68947.6, 293.15)).toBeCloseTo(285, 0);
    expect(capSpeed(3e5)).toBe(313);
    expect(capSpeed(0)).toBe(0);
  });
});

describe('droplet index', () => {
  it('falls with air, grows with fluid and viscosity', () => {
    expect(size({ pressure: 0.6e5 })).toBeLessThan(size({}));
    expect(size({ air: 500 / 60_000 })).toBeLessThan(size({}));
    expect(size({ fluid: 300e-6 / 60 })).toBeGreaterThan(size({}));
    expect(size({}, { ...paint, viscosity: 0.12 })).toBeGreaterThan(size({}));
    expect(dropIndex(size({}), size({}))).toBe(100);
  });

  it('refuses a gun without air', () =>
    expect(isRefusal(dropSize({ ...setting, air: 0 }, paint))).toBe(true));
});

describe('transfer', () => {
  it('is the base where it is usual, falls beyond, gains less nearer', () => {
    expect(transferAt(0.6, 1, 1)).toBe(0.6);
    expect(transferAt(0.6, 1.2, 1)).toBeCloseTo(0.6 * 0.938, 3);
    expect(transferAt(0.6, 0.8, 1) - 0.6).toBeLessThan(0.6 - transferAt(0.6, 1.25, 1));
  });
  it('stays a share whatever the levers', () => {
    const ratio = fc.double({ min: 0.2, max: 5, noNaN: true });
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 0.95, noNaN: true }),
        ratio,
        ratio,
        (base, distance, pressure) => {
          const found = transferAt(base, distance, pressure);
          expect(found).toBeGreaterThanOrEqual(0.05);
          expect(found).toBeLessThanOrEqual(0.95);
          expect(transferAt(base, distance * 1.1, pressure)).toBeLessThanOrEqual(found);
        },
      ),
    );
  });
});

describe('measured flow', () => {
  const mL = (flow: number) => flow * 60e6;
  it('a jet of 300 mm reach and 30 mm fall from 1.0 mm is 181 mL/min', () => {
    const stream = value(measuredFlow({ kind: 'stream', reach: 0.3, fall: 0.03, bore: 1e-3 }, 1000));
    expect(mL(stream.flow)).toBeCloseTo(181, 0);
    expect(stream.error).toBeGreaterThan(0.05);
  });
  it('100 mL in 30 s is 200 mL/min; 110 g of 1100 kg/m³ in 30 s too', () => {
    expect(mL(value(measuredFlow({ kind: 'delivery', volume: 100e-6, seconds: 30 }, 1100)).flow)).toBeCloseTo(
      200,
      6,
    );
    expect(
      mL(value(measuredFlow({ kind: 'weighed', before: 1.11, after: 1, seconds: 30 }, 1100)).flow),
    ).toBeCloseTo(200, 6);
  });
  it('calibrates the driving pressure: the nozzle then passes what was measured', () => {
    const { pressure } = value(drivingFrom({ kind: 'delivery', volume: 100e-6, seconds: 30 }, 1.3e-3, paint));
    expect(mL(value(nozzleFlow(1.3e-3, pressure, paint)))).toBeCloseTo(200, 4);
  });
  it('refuses a gun that grew heavier and a blink of spraying', () => {
    expect(measuredFlow({ kind: 'weighed', before: 1, after: 1.1, seconds: 30 }, 1100)).toMatchObject({
      refused: 'heavier',
    });
    expect(measuredFlow({ kind: 'delivery', volume: 1e-4, seconds: 2 }, 1100)).toMatchObject({
      refused: 'too-short',
    });
  });
});
