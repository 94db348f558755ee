import fc from 'fast-check';
import { isRefusal } from '../refusal';
import { nozzleFlow, thickestFor } from '.';

const mm = 1e-3;

describe('the thickest that still passes', () => {
  it('is the inverse of the flow: 1.3 mm, 9 kPa and 185 mL/min give about 72 mPa·s', () => {
    const found = thickestFor(1.3 * mm, 9e3, 185e-6 / 60, 1050) as number;
    expect(found * 1000).toBeCloseTo(72, -1);
  });

  it('passes exactly the flow it was asked for', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 2.5, noNaN: true }),
        fc.double({ min: 4e3, max: 6e4, noNaN: true }),
        fc.double({ min: 30, max: 250, noNaN: true }),
        (bore, pressure, flow) => {
          const viscosity = thickestFor(bore * mm, pressure, (flow * 1e-6) / 60, 1100) as number;
          if (viscosity <= 1e-6) return;
          const back = nozzleFlow(bore * mm, pressure, { viscosity, density: 1100 }) as number;
          expect(back * 60e6).toBeCloseTo(flow, 3);
        },
      ),
    );
  });

  it('is nothing when not even water would pass, and refuses a bore of nothing', () => {
    expect(thickestFor(0.3 * mm, 2e3, 400e-6 / 60, 1000)).toBe(0);
    expect(isRefusal(thickestFor(0, 2e3, 1e-6, 1000))).toBe(true);
  });
});
