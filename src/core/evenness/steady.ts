import { refuse, type Outcome } from '../refusal';
import type { Profile } from './profile';

export interface Steadiness {
  /** (Highest − lowest) ÷ mean of the film between strokes, and its standard deviation ÷ mean. */
  readonly peakToValley: number;
  readonly cv: number;
}

const grid = 600;
/** Where a run of strokes of an erring hand stands beside its places, in shares of the largest error. */
const places = [0, 1, -0.6, 0.8, -1] as const;

/**
 * How even parallel strokes lay a profile, far from the edges of a panel.
 *
 * @param overlap 0–0.95; the spacing is fan width × (1 − overlap)
 * @param jitter largest error of a hand’s place, as a share of the spacing
 * @returns refuses an overlap outside its range and a profile without film
 * Source: superposition of strokes. (1 − u²) at 1/2, 2/3, 3/4, 4/5: 0.375, 0.167, 0.094, 0.060.
 */
export function steadiness(profile: Profile, overlap: number, jitter = 0): Outcome<Steadiness> {
  if (!(overlap >= 0 && overlap <= 0.95))
    return refuse('overlap', 'The overlap must lie between {min} and {max}.', {
      quantity: 'share',
      value: overlap,
      min: 0,
      max: 0.95,
    });
  const spacing = 2 * (1 - overlap);
  const reach = Math.ceil(2 / spacing) + places.length + 1;
  const period = places.length * spacing;
  const centres = Array.from({ length: 2 * reach + 1 }, (_, i) => i - reach).map(
    (k) =>
      k * spacing +
      jitter * spacing * (places[((k % places.length) + places.length) % places.length] as number),
  );
  const film = (y: number) => centres.reduce((sum, centre) => sum + profile(y - centre), 0);
  // Flat fans have cusps where a stroke ends: nodes stand on and beside them.
  const near = 1e-9;
  const edges = centres.flatMap((centre) => [centre - 1, centre + 1]).filter((y) => y >= 0 && y <= period);
  const nodes = [
    ...Array.from({ length: grid }, (_, i) => ((i + 0.5) / grid) * period),
    ...edges.flatMap((y) => [y - near, y, y + near]),
  ];
  const values = nodes.map(film);
  const even = values.slice(0, grid);
  const mean = even.reduce((sum, each) => sum + each, 0) / grid;
  if (!(mean > 0)) return refuse('no-film', 'This profile lays no film.');
  const variance = even.reduce((sum, each) => sum + (each - mean) ** 2, 0) / grid;
  return { peakToValley: (Math.max(...values) - Math.min(...values)) / mean, cv: Math.sqrt(variance) / mean };
}
