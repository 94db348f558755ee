import { refuse, type Outcome } from '../refusal';

/** A wet comb reads an interval: above the last wetted tooth, below the first dry one. m. */
export interface CombReading {
  readonly wetted: number;
  readonly dry: number;
}

export type CombVerdict = 'low' | 'inside' | 'high' | 'undecided';

/**
 * Judges a comb interval against a wet film range.
 *
 * @returns `undecided` when the interval straddles an end of the range; refuses teeth in the wrong order
 * Source: ISO 2808: the last wet tooth and the first dry
 */
export function judgeComb({ wetted, dry }: CombReading, min: number, max: number): Outcome<CombVerdict> {
  if (!(wetted >= 0 && dry > wetted))
    return refuse('comb-teeth', 'The first dry tooth must be longer than the last wetted one.');
  if (dry <= min) return 'low';
  if (wetted >= max) return 'high';
  return wetted >= min && dry <= max ? 'inside' : 'undecided';
}
