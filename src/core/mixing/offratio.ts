import { isRefusal, refuse, type Outcome } from '../refusal';
import { divide, type RatioBy } from './parts';
import { stepsToWeighWell } from './instrument';
import { remainingPours, type Pouring } from './ladder';
import { doseShare, type RecipePart } from './recipe';

/** How far a part may be off its ratio where the sheet states nothing. A default. */
export const usualTolerance = 0.05;

/** One part of a poured mix against its ratio. */
export interface PartVerdict {
  readonly part: RecipePart;
  readonly mass: number;
  /** Poured ÷ asked for by the first part, less one: −0.1 is a tenth too little. */
  readonly off: number;
  readonly state: 'inside' | 'short' | 'over';
}

export interface RatioVerdict {
  readonly parts: readonly PartVerdict[];
  readonly passes: boolean;
  readonly tolerance: number;
  /** What brings it right: only ever more of something. */
  readonly repair: Pouring;
}

type PartState = PartVerdict['state'];

const partState = (off: number, tolerance: number): PartState =>
  Math.abs(off) <= tolerance + 1e-9 ? 'inside' : off < 0 ? 'short' : 'over';

/** A dose may be anything up to its cap; it is short where no instrument that measures it well would leave it. */
const doseState = ({ cap }: RecipePart, off: number, share: number): PartState =>
  cap && share > cap.maximum * (1 + 1e-6) ? 'over' : off < -1 / stepsToWeighWell - 1e-9 ? 'short' : 'inside';

/**
 * Judges what was really poured against the sheet's ratio, every part measured against the first.
 *
 * @param poured kg of each part, in the order of parts
 * A dose is judged against its cap, not against the tolerance: what its rounding leaves is never off the ratio.
 *
 * @param tolerance share a part may be off
 * @returns refuses a pot without its first part
 * Formula: mᵢ/m₁ ÷ (asked mᵢ/m₁) − 1
 * Source: definition
 * @example 190 g for 210: −9.5 %
 */
export function judgeRatio(
  parts: readonly RecipePart[],
  by: RatioBy,
  poured: readonly number[],
  tolerance: number,
  scaleStep: number,
): Outcome<RatioVerdict> {
  const planned = divide(1, parts, by);
  if (isRefusal(planned)) return planned;
  const first = planned[0]?.mass ?? 0;
  const base = poured[0] ?? 0;
  if (!(base > 0))
    return refuse(
      'no-base',
      `Enter what was poured of ${parts[0]?.name ?? 'the first part'}: the others are judged against it.`,
    );
  if (poured.some((each) => !(each >= 0)))
    return refuse('poured', 'What was poured cannot be below zero.', { quantity: 'mass' });
  const volume = base / first;
  const repair = remainingPours(volume, parts, by, scaleStep, poured);
  if (isRefusal(repair)) return repair;
  const verdicts = (planned as { part: RecipePart; mass: number }[]).map(({ part, mass }, i): PartVerdict => {
    const asked = (mass / first) * base;
    const own = poured[i] ?? 0;
    const off = own / asked - 1;
    // What the scale cannot tell is not off the ratio.
    const told = Math.abs(own - asked) > scaleStep;
    const state = part.cap
      ? doseState(part, off, doseShare(part, own, parts, poured))
      : partState(off, tolerance);
    return { part, mass: own, off, state: told ? state : 'inside' };
  });
  return { parts: verdicts, passes: verdicts.every(({ state }) => state === 'inside'), tolerance, repair };
}
