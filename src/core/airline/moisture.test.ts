import fc from 'fast-check';
import { celsius } from '../climate';
import { isRefusal, type Outcome } from '../refusal';
import { moistureForecast, waterInLine, type MoistureForecast } from '.';

const the = (outcome: Outcome<MoistureForecast>): MoistureForecast => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const summer = {
  freeAir: 0.5 / 60,
  working: 4 * 3600,
  air: celsius(28),
  humidity: 0.7,
  tankPressure: 8e5,
  tank: celsius(35),
  room: celsius(24),
  gunPressure: 2.5e5,
};

describe('moisture by the weather', () => {
  it('a summer’s day: 0.44 kg an hour in the tank, more in the cooler line, damp air at the gun', () => {
    const found = the(moistureForecast(summer));
    expect(found.inTank * 3600).toBeCloseTo(0.44, 2);
    const cold = waterInLine(summer.freeAir, summer.air, summer.humidity, {
      pressure: 8e5,
      temperature: summer.room,
    }) as number;
    expect(found.inTank + found.inLine).toBeCloseTo(cold, 12);
    expect(found.aDay).toBeCloseTo(cold * 4 * 3600);
    expect(found.bowlLasts).toBeCloseTo(0.05 / found.inLine);
    // Saturated at 9 bar absolute, let down to 3.5.
    expect(found.atGun).toBeCloseTo((2.5e5 + 101325) / (8e5 + 101325), 6);
  });

  it('grows with damp and warmth, falls with a dryer, and dry air brings none', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 38, noNaN: true }),
        (humidity, warm) => {
          const day = the(moistureForecast({ ...summer, air: celsius(warm), humidity, tank: undefined }));
          const damper = the(
            moistureForecast({
              ...summer,
              air: celsius(warm),
              humidity: Math.min(humidity * 1.1, 1),
              tank: undefined,
            }),
          );
          expect(damper.aDay).toBeGreaterThanOrEqual(day.aDay);
          const dried = the(
            moistureForecast({ ...summer, air: celsius(warm), humidity, tank: undefined, dried: true }),
          );
          expect(dried.atGun).toBeLessThanOrEqual(day.atGun + 1e-12);
          expect(dried.bowlLasts).toBe(Infinity);
          for (const value of [day.inTank, day.inLine, day.atGun]) expect(value).toBeGreaterThanOrEqual(0);
        },
      ),
    );
    expect(the(moistureForecast({ ...summer, humidity: 0.02 })).aDay).toBe(0);
  });

  it('refuses a gun above its tank and humidity that is none', () => {
    expect(moistureForecast({ ...summer, gunPressure: 9e5 })).toMatchObject({ refused: 'gun-above-tank' });
    expect(moistureForecast({ ...summer, humidity: 70 })).toMatchObject({ refused: 'humidity' });
    expect(isRefusal(moistureForecast({ ...summer, freeAir: 0 }))).toBe(true);
  });
});
