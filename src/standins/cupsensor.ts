import { gaussian, seeded, seedFrom } from '@/core/random';

/** One line a simulated cup sensor says, and when after the cup was opened, s. */
export interface SensorLine {
  readonly at: number;
  readonly line: string;
}

/**
 * What the simulated sensor under a cup says of one draining: that the stream runs, and that it broke. It sees the break
 * a twentieth of a second late or early, and sometimes a drop after it.
 *
 * @param drain s the cup truly takes
 */
export function cupSensor(seed: string, drain: number): readonly SensorLine[] {
  const random = seeded(seedFrom(`sensor/${seed}`));
  const breaks = Math.max(drain + 0.05 * gaussian(random), 0.2);
  const after = random() < 0.5 ? [{ at: breaks + 0.3, line: 'cup break' }] : [];
  return [{ at: 0, line: 'cup open' }, { at: breaks, line: 'cup break' }, ...after];
}
