import { isRefusal } from '../refusal';
import { andradeFromSlope, celsius, inCelsius, oilViscosity, shiftViscosity, temperatureFor } from '.';

const table = [
  { temperature: celsius(20), viscosity: 120e-6 },
  { temperature: celsius(25), viscosity: 94e-6 },
  { temperature: celsius(40), viscosity: 50e-6 },
];

describe('a certified oil', () => {
  it('is as its table says, and falls smoothly between', () => {
    for (const { temperature, viscosity } of table)
      expect((oilViscosity(table, temperature) as number) * 1e6).toBeCloseTo(viscosity * 1e6, 6);
    const between = oilViscosity(table, celsius(22.5)) as number;
    // Andrade’s law is straight in 1/T, so a little under the geometric mean.
    expect(between * 1e6).toBeCloseTo(Math.sqrt(120 * 94), 0);
  });
  it('is not guessed at outside its table', () => {
    expect(oilViscosity(table, celsius(45))).toMatchObject({ refused: 'outside-table' });
    expect(isRefusal(oilViscosity([], celsius(20)))).toBe(true);
  });
});

describe('warming instead', () => {
  it('is the inverse of the shift: 118 mm²/s at 20 °C with 3 % a degree reaches 100 at about 25.7 °C', () => {
    const B = andradeFromSlope(0.03, celsius(20));
    const warm = temperatureFor(118e-6, celsius(20), 100e-6, B);
    expect(inCelsius(warm)).toBeCloseTo(25.6, 0);
    expect(shiftViscosity(118e-6, celsius(20), warm, B) * 1e6).toBeCloseTo(100, 9);
  });
});
