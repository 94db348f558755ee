import { gaussian, seeded, seedFrom, type Random } from '../random';

/** The film that truly lies on a face, as a made-up hand left it. */
export interface FilmTruth {
  /** Dry film at a place, m; x and y are shares of width and height. */
  readonly at: (x: number, y: number) => number;
}

/**
 * Draws a film: an overall bias, a slope from side to side, thinner ends where the hand arced, stroke bands.
 *
 * @param seed same seed, same film
 * @param dry film aimed at over the coats on, m
 * @param bias how far the whole film lies off its aim, as a share
 * Source: made up, from the same laws
 */
export function filmTruth(seed: string, dry: number, bias = 0): FilmTruth {
  const random = seeded(seedFrom(seed));
  const level = 1 + bias + 0.04 * gaussian(random);
  const tilt = 0.08 * gaussian(random);
  const arc = 0.04 + 0.08 * random();
  const bands = 0.03 * random();
  const phase = 2 * Math.PI * random();
  return {
    at: (x, y) =>
      dry *
      (level + tilt * (x - 0.5) - arc * (2 * x - 1) ** 2 + bands * Math.sin(2 * Math.PI * 6 * y + phase)),
  };
}

/**
 * What a gauge shows of a film: 2 % of it and half a micrometre of noise, in whole tenths of a micrometre. m → m.
 *
 * Source: made up, from the same laws
 */
export function gaugeReading(film: number, random: Random): number {
  const read = film * (1 + 0.02 * gaussian(random)) + 0.5e-6 * gaussian(random);
  return Math.max(Math.round(read * 1e7) / 1e7, 0.1e-6);
}
