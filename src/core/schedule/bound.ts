import { inShift, workedFrom } from './hours';
import type { PlanQuestion } from './plan';

/**
 * What no plan can end before: any piece by itself, and all hands-on work in a row, both within working hours.
 *
 * Source: longest path and work over hands
 * @example soonestEnd({ pieces: [{ id: 'a', coats: [{ id: 'a0', duration: 2, coating: 'c' }], handle: 0 }], start: 0 }) → 2
 */
export function soonestEnd({ pieces, start, shifts, changeover = 0 }: PlanQuestion): number {
  let hands = 0;
  let last = start;
  const coatings = new Map<string, Set<string>>();
  for (const { coats, release = start } of pieces) {
    let at = Math.max(release, start);
    for (const [i, { duration, coating, gun = '' }] of coats.entries()) {
      hands += duration;
      if (coating !== undefined) coatings.set(gun, (coatings.get(gun) ?? new Set()).add(coating));
      const opens = coats[i - 1]?.then?.opens ?? 0;
      at = inShift(i === 0 ? at : at + opens, duration, shifts) + duration;
    }
    if (coats.length > 0) last = Math.max(last, at);
  }
  const changes = [...coatings.values()].reduce((sum, { size }) => sum + size - 1, 0);
  return Math.max(last, workedFrom(start, hands + changes * changeover, shifts));
}
