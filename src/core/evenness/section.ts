import { massOf, type Profile } from './profile';

/**
 * Film across parallel strokes in the middle of a face, relative to its mean: what a cut across them shows.
 *
 * @param fan m, and m from stroke to stroke
 * @param places evenly spread over three strokes
 * @returns a value a place, their mean one; nothing where the pattern lays no film
 * @example a parabola at half overlap lies at 0.75 under the middle of a stroke and at 1.125 between two
 * Formula: Σ p((x − k·s)/(fan/2))·s/(fan/2)
 * Source: superposition
 */
export function sectionAcross(profile: Profile, fan: number, spacing: number, places: number): number[] {
  const mass = massOf(profile);
  if (!(mass > 0) || !(fan > 0) || !(spacing > 0)) return [];
  const half = fan / 2;
  const reach = Math.ceil(half / spacing);
  return Array.from({ length: places }, (_, i) => {
    const x = ((i + 0.5) / places) * 3 * spacing;
    let sum = 0;
    const nearest = Math.round(x / spacing);
    for (let k = nearest - reach; k <= nearest + reach; k += 1) sum += profile((x - k * spacing) / half);
    return (sum * spacing) / half / mass;
  });
}
