import fc from 'fast-check';
import { isRefusal, type Outcome } from '../refusal';
import { fanAt, jointOrifice, tipCode, tipFlow, tipFromCode } from '.';

const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const inch = 0.0254;
const gallonsPerMinute = (flow: number) => (flow * 60) / 3.785411784e-3;

describe('airless tip', () => {
  it('reads codes: 411 is 8 in and 0.011 in, 1019 is 20 in and 0.019 in', () => {
    expect(value(tipFromCode('411')).fan / inch).toBeCloseTo(8, 9);
    expect(value(tipFromCode('411')).orifice / inch).toBeCloseTo(0.011, 9);
    expect(value(tipFromCode('1019')).fan / inch).toBeCloseTo(20, 9);
    expect(value(tipFromCode('1019')).orifice / inch).toBeCloseTo(0.019, 9);
  });

  it.each([
    [9, 0.086],
    [11, 0.129],
    [13, 0.18],
    [15, 0.24],
    [17, 0.308],
    [19, 0.385],
    [21, 0.471],
  ])('.0%d passes %d gal/min at 2000 psi', (thou, flow) => {
    expect(gallonsPerMinute(value(tipFlow((thou * inch) / 1000, 2000 * 6894.757, 1000)))).toBeCloseTo(
      flow,
      3,
    );
  });

  it('goes from code to tip and back', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 15 }), fc.integer({ min: 5, max: 67 }), (half, thou) => {
        const code = `${half}${String(thou).padStart(2, '0')}`;
        const tip = value(tipFromCode(code));
        expect(tipCode(tip.orifice, tip.fan)).toBe(code);
      }),
    );
  });

  it('refuses codes that name no tip', () => {
    for (const code of ['', '17', '5', 'abc', '0017', '51700', '5.17'])
      expect(isRefusal(tipFromCode(code))).toBe(true);
  });

  it('widens the fan with distance and joins guns into one orifice', () => {
    const tip = value(tipFromCode('517'));
    expect(fanAt(tip, 0.61)).toBeCloseTo(tip.fan * 2, 2);
    const two = value(tipFlow(jointOrifice([tip.orifice, tip.orifice]), 1e7, 1200));
    expect(two).toBeCloseTo(2 * value(tipFlow(tip.orifice, 1e7, 1200)), 9);
  });
});
