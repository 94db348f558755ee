import { celsius } from '@/core/climate';

/** Ranges in which a typed value is nothing to ask about, SI. Outside them a field asks whether the unit is right. */
export const expects = {
  air: [celsius(-5), celsius(45)],
  paint: [celsius(5), celsius(45)],
  humidity: [0.1, 1],
  wetFilm: [15e-6, 700e-6],
  dryFilm: [5e-6, 600e-6],
  side: [0.05, 40],
  fan: [0.05, 0.6],
  gunDistance: [0.08, 0.7],
  bore: [0.5e-3, 6e-3],
  airPressure: [0.1e5, 8e5],
  pumpPressure: [20e5, 400e5],
  fluid: [20e-6 / 60, 4e-3 / 60],
  speed: [0.08, 1.5],
  density: [650, 2200],
  volume: [0.1e-3, 0.3],
  /** A gun’s cup, or a pot beside it. */
  cup: [0.05e-3, 80e-3],
} as const satisfies Record<string, readonly [number, number]>;
