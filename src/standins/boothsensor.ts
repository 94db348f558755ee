import { celsius, dayCurve, type RoomAt } from '@/core/climate';
import { gaussian, seeded, seedFrom } from '@/core/random';

/** What the simulated booth sensor shows. */
export type SensorReading = Omit<RoomAt, 'at'>;

/**
 * The simulated booth sensor: a made-up booth that follows the day outside, read to a tenth of a degree and a percent.
 *
 * @param secondsOfDay since midnight
 * @param day any name of the day: the same day has the same weather
 */
export function boothSensor(secondsOfDay: number, day: string): SensorReading {
  const random = seeded(seedFrom(`booth/${day}`));
  const coldest = 13 + 3 * gaussian(random);
  const curve = dayCurve({
    coldest: celsius(coldest),
    warmest: celsius(coldest + 7 + 2 * Math.abs(gaussian(random))),
    dawnHumidity: Math.min(0.72 + 0.08 * gaussian(random), 0.95),
    lag: 2 * 3600,
  });
  const at = curve[Math.floor(secondsOfDay / 900) % curve.length] as RoomAt;
  const noise = seeded(seedFrom(`${day}/${Math.floor(secondsOfDay / 60)}`));
  const tenth = (kelvin: number) => Math.round((kelvin + 0.1 * gaussian(noise)) * 10) / 10;
  return {
    air: tenth(at.air),
    part: tenth(at.part),
    humidity: Math.min(Math.max(Math.round((at.humidity + 0.005 * gaussian(noise)) * 100) / 100, 0.05), 1),
  };
}

/** Its whole day, every quarter of an hour. */
export const boothDay = (day: string): RoomAt[] =>
  Array.from({ length: 96 }, (_, i) => ({ at: i * 900, ...boothSensor(i * 900, day) }));
