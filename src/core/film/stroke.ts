import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';

/**
 * One coat laid in parallel strokes. SI: film m, flow m³/s, speed m/s, fan m; transfer and overlap are shares.
 */
export interface Stroke {
  readonly wetFilm: number;
  readonly flow: number;
  readonly transfer: number;
  readonly speed: number;
  readonly fan: number;
  readonly overlap: number;
}

/**
 * Distance from stroke to stroke: fan width × (1 − overlap), m.
 *
 * Source: conservation of volume
 * @example strokeSpacing(0.2, 0.5) → 0.1
 */
export const strokeSpacing = (fan: number, overlap: number): number => fan * (1 - overlap);

/**
 * Solves WFT = Q·TE / (v·s), s = fan × (1 − overlap), for the one term left out.
 *
 * @returns the missing term; refuses terms that are not above zero, an overlap outside 0–0.95, and settings
 *   that no overlap can reach
 * Source: conservation of volume; transfer efficiency taken on solids. 200 mL/min, 0.65, 0.40 m/s, 250 mm,
 *   50 % lays 43.3 µm.
 * Formula: WFT = Q·TE/(v·s), s = fan·(1 − overlap)
 * @example 200 mL/min, 0.65, 0.40 m/s, 250 mm, 50 %: 43.3 µm
 * @example solveStroke('flow', { wetFilm: 0.0001875, transfer: 0.55, speed: 0.22, fan: 0.25, overlap: 0.5 }) → 9.375e-06
 */
export function solveStroke<K extends Exclude<keyof Stroke, 'transfer'>>(
  find: K,
  given: Omit<Stroke, K>,
): Outcome<number> {
  const g = given as Stroke;
  const known = { ...g, [find]: 1 } as Stroke;
  const wrong = refuseUnlessPositive({
    'wet film': known.wetFilm,
    'fluid flow': known.flow,
    'transfer efficiency': known.transfer,
    'gun speed': known.speed,
    'fan width': known.fan,
  });
  if (wrong) return wrong;
  if (find !== 'overlap' && !(g.overlap >= 0 && g.overlap <= 0.95)) return refuseOverlap(g.overlap);

  const layers = 1 - g.overlap;
  switch (find) {
    case 'wetFilm':
      return (g.flow * g.transfer) / (g.speed * g.fan * layers);
    case 'flow':
      return (g.wetFilm * g.speed * g.fan * layers) / g.transfer;
    case 'speed':
      return (g.flow * g.transfer) / (g.wetFilm * g.fan * layers);
    case 'fan':
      return (g.flow * g.transfer) / (g.wetFilm * g.speed * layers);
    default: {
      const overlap = 1 - (g.flow * g.transfer) / (g.speed * g.fan * g.wetFilm);
      return overlap >= 0 && overlap <= 0.95 ? overlap : refuseOverlap(overlap);
    }
  }
}

function refuseOverlap(overlap: number) {
  return refuse('overlap', 'The overlap must lie between {min} and {max}. Change speed or fluid instead.', {
    quantity: 'share',
    value: overlap,
    min: 0,
    max: 0.95,
  });
}

/**
 * Strokes that cover a width: the first stroke's centre on the edge, the last at or past the far edge.
 *
 * @param width m, across the strokes
 * @param spacing m
 * Formula: ⌈width ÷ spacing⌉ + 1
 * Source: conservation of volume
 * @example 0.7 m, 115 mm: 8
 * @example strokeCount(1, 0.125) → 9
 */
export const strokeCount = (width: number, spacing: number): number => Math.ceil(width / spacing - 1e-9) + 1;

/** How unlike a comfortable hand a speed is. m/s. Typical hand speeds; a default, marked as one. */
export const handSpeed = { min: 0.25, usual: 0.4, max: 0.8 } as const;
