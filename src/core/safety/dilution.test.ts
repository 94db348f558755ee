import { isRefusal } from '../refusal';
import { assumedVapour, dilutionAir } from '.';

describe('dilution air to a quarter of the lower limit', () => {
  it('xylene, 1.0 %: 91 m³ a kg; acetone, 2.5 %: 66', () => {
    expect(dilutionAir(1, assumedVapour)).toBeCloseTo(90.6, 1);
    expect(dilutionAir(1, { molarMass: 0.05808, lowerLimit: 0.025 })).toBeCloseTo(66.3, 1);
  });
  it('grows with the solvent and the heat, and refuses a limit of nothing', () => {
    expect(dilutionAir(2, assumedVapour, 303.15)).toBeGreaterThan(
      2 * (dilutionAir(1, assumedVapour) as number),
    );
    expect(dilutionAir(0, assumedVapour)).toBe(0);
    expect(isRefusal(dilutionAir(1, { molarMass: 0.1, lowerLimit: 0 }))).toBe(true);
  });
});
