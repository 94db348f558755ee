import { generateNKeysBetween } from 'fractional-indexing';

/** Positions, by index, of the longest run that is in order already: what need not be moved. */
function longestRise(places: readonly (string | undefined)[]): Set<number> {
  const before = new Array<number>(places.length).fill(-1);
  const ends: number[] = [];
  places.forEach((place, i) => {
    if (place === undefined) return;
    const at = ends.findIndex((end) => (places[end] as string) >= place);
    const rank = at === -1 ? ends.length : at;
    before[i] = ends[rank - 1] ?? -1;
    ends[rank] = i;
  });
  const kept = new Set<number>();
  for (let i = ends.at(-1) ?? -1; i !== -1; i = before[i] ?? -1) kept.add(i);
  return kept;
}

/**
 * Places for the items of a list in their order: an item that already stands right keeps its place, so that two devices
 * that each move another item do not contradict each other.
 *
 * @param places where each item stood, undefined for one that is new
 * @returns a place for each, each greater than the one before it
 */
export function placesFor(places: readonly (string | undefined)[]): string[] {
  const kept = longestRise(places);
  const found: string[] = [];
  try {
    for (let i = 0; i < places.length;) {
      if (kept.has(i)) {
        found.push(places[i] as string);
        i += 1;
        continue;
      }
      let next = i;
      while (next < places.length && !kept.has(next)) next += 1;
      found.push(...generateNKeysBetween(found.at(-1) ?? null, places[next] ?? null, next - i));
      i = next;
    }
    return found;
  } catch {
    // Places out of a file that no list would give: all are given anew.
    return generateNKeysBetween(null, null, places.length);
  }
}
