import { judgeComb, speedFor, type CombReading, type CombVerdict } from '@/core/film';
import { isRefusal, type Outcome } from '@/core/refusal';
import type { CoatPlan } from './plan';

/** Share of the aim that a comb may be off where the sheet’s own range does not hold. A default. */
const usualTolerance = 0.12;

/** Wet film that leaves the coat inside its range, m; where its aim is outside that, about the aim itself. */
export function wetRange({ wet, dry, solids }: Pick<CoatPlan, 'wet' | 'dry' | 'solids'>): {
  readonly min: number;
  readonly max: number;
} {
  if (dry.outside || !(solids > 0) || !(dry.max > dry.min))
    return { min: wet * (1 - usualTolerance), max: wet * (1 + usualTolerance) };
  return { min: dry.min / solids, max: dry.max / solids };
}

/**
 * What a comb says of a coat: the verdict against its wet range, and the gun speed that would lay the aim.
 *
 * @param speed m/s it was laid with
 */
export function combFound(
  coat: Pick<CoatPlan, 'wet' | 'dry' | 'solids'>,
  read: CombReading,
  speed: number,
): Outcome<{ readonly verdict: CombVerdict; readonly speed?: number }> {
  const { min, max } = wetRange(coat);
  const verdict = judgeComb(read, min, max);
  if (isRefusal(verdict)) return verdict;
  const wanted = coat.wet > 0 ? speedFor(speed, (read.wetted + read.dry) / 2, coat.wet) : undefined;
  return { verdict, ...(wanted === undefined || isRefusal(wanted) ? {} : { speed: wanted }) };
}
