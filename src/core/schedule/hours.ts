import type { ShiftHours } from './plan';

const day = 86_400;

/**
 * The earliest moment from which work of so many seconds fits into one shift; Infinity where it fits into none.
 *
 * Source: definition
 * @example inShift(5, 4, undefined) → 5
 */
export function inShift(at: number, duration: number, shifts: readonly ShiftHours[] | undefined): number {
  if (!shifts || shifts.length === 0) return at;
  if (!Number.isFinite(at) || duration > Math.max(...shifts.map(([from, to]) => to - from)) + 1e-6)
    return Infinity;
  for (let base = Math.floor(at / day) * day; base <= at + 3 * day; base += day)
    for (const [from, to] of shifts) {
      const start = Math.max(at, base + from);
      if (start + duration <= base + to + 1e-6) return start;
    }
  return Infinity;
}

/**
 * When so many seconds of work are done that begin then and rest between shifts.
 *
 * Source: definition
 * @example workedFrom(0, 7, undefined) → 7
 */
export function workedFrom(at: number, seconds: number, shifts: readonly ShiftHours[] | undefined): number {
  if (!shifts || shifts.length === 0) return at + seconds;
  const most = shifts.reduce((sum, [from, to]) => sum + Math.max(to - from, 0), 0);
  if (most <= 0) return at;
  let left = seconds;
  for (let base = Math.floor(at / day) * day; ; base += day)
    for (const [from, to] of shifts) {
      const start = Math.max(at, base + from);
      const room = base + to - start;
      if (room <= 0) continue;
      if (left <= room) return start + left;
      left -= room;
    }
}

/**
 * The end of the shift a moment lies in; undefined where it lies in none, or work goes on around the clock.
 *
 * Source: definition
 * @example shiftEnd(54000, [[28800, 57600]]) → 57600
 */
export function shiftEnd(at: number, shifts: readonly ShiftHours[] | undefined): number | undefined {
  const base = Math.floor(at / day) * day;
  const own = shifts?.find(([from, to]) => at >= base + from - 1e-6 && at < base + to);
  return own && base + own[1];
}

/**
 * s of the longest rest between shifts; none around the clock.
 *
 * Source: definition
 * @example nightOf([[0, 900]]) → 85500
 */
export function nightOf(shifts: readonly ShiftHours[] | undefined): number {
  if (!shifts || shifts.length === 0) return 0;
  const rests = shifts.map(([, to], i) => (shifts[i + 1]?.[0] ?? (shifts[0]?.[0] ?? 0) + day) - to);
  return Math.max(...rests, 0);
}
