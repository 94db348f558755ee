import fc from 'fast-check';
import { absorptances, celsius, filmCoefficient, irradiance, surfaceTemperature, windLimits } from '.';

const upright = Math.PI / 2;
const noon = { height: (62 * Math.PI) / 180, azimuth: Math.PI };
const face = (facing: number, tilt = upright) => ({ facing, tilt });

describe('sun on a face', () => {
  it('is about 1000 W/m² across the beam on a clear day, and nothing at night', () => {
    expect(irradiance(noon, { tilt: Math.PI / 2 - noon.height, facing: Math.PI })).toBeGreaterThan(900);
    expect(irradiance(noon, { tilt: Math.PI / 2 - noon.height, facing: Math.PI })).toBeLessThan(1150);
    expect(irradiance({ height: -0.1, azimuth: 0 }, face(0))).toBe(0);
    expect(irradiance({ height: 0.001, azimuth: 1 }, face(1))).toBeGreaterThanOrEqual(0);
  });

  it('follows the sun round a building', () => {
    const morning = { height: 0.5, azimuth: Math.PI / 2 };
    const [north, east, south, west] = [0, 1, 2, 3].map((i) => irradiance(morning, face((i * Math.PI) / 2)));
    expect(east).toBeGreaterThan(4 * west!);
    expect(south).toBeLessThan(east!);
    expect(north).toBeCloseTo(south!, 6);
  });

  it('is the same for every wall under full cloud', () => {
    const walls = [0, 1, 2, 3].map((i) => irradiance(noon, face((i * Math.PI) / 2), 1));
    expect(Math.max(...walls) - Math.min(...walls)).toBeLessThan(1e-9);
    expect(walls[0]).toBeLessThan(irradiance(noon, face(Math.PI)));
  });
});

describe('a surface outdoors', () => {
  it('lies 42 K above the air at 800 W/m² on 0.9 in 2 m/s, and 14 K on 0.3', () => {
    const at = (absorptance: number) =>
      surfaceTemperature(celsius(20), { absorptance, sun: 800, wind: 2, tilt: upright }) - celsius(20);
    expect(filmCoefficient(2)).toBe(17);
    expect(filmCoefficient(3.5)).toBe(23);
    expect(at(0.9)).toBeCloseTo(42.4, 1);
    expect(at(0.3)).toBeCloseTo(14.1, 1);
  });

  it('lies 3 to 4 K below the air where it looks at the clear night sky, and not where it stands', () => {
    const night = (tilt: number, cloud = 0) =>
      celsius(10) - surfaceTemperature(celsius(10), { absorptance: 0.9, sun: 0, wind: 2, tilt, cloud });
    expect(night(0)).toBeGreaterThan(3);
    expect(night(0)).toBeLessThan(4);
    expect(night(upright)).toBeCloseTo(0, 9);
    expect(night(Math.PI)).toBeCloseTo(0, 9);
    expect(night(0, 1)).toBeCloseTo(0, 9);
  });

  it('is hotter the darker, and cooler the windier', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1100, noNaN: true }),
        fc.double({ min: 0, max: 15, noNaN: true }),
        (sun, wind) => {
          const at = (absorptance: number, more = 0) =>
            surfaceTemperature(300, { absorptance, sun, wind: wind + more, tilt: upright });
          expect(at(absorptances.black)).toBeGreaterThanOrEqual(at(absorptances.white));
          expect(at(0.6, 2)).toBeLessThanOrEqual(at(0.6));
        },
      ),
    );
    expect(windLimits.air.stop).toBeLessThan(windLimits.airless.stop);
  });
});
