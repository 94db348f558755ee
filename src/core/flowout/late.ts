import { isRefusal, type Outcome } from '../refusal';
import { levelling, type LandedFilm } from './flow';

/**
 * How long a pass over a film still flows into it: until what is left of its levelling, e^(−t/τ) of the whole, no longer
 * draws a stroke’s texture flat. After that a pass tears or dusts it.
 *
 * Source: the levelling law of the flow-out model, ∫ from t: L·e^(−t/τ); t = τ·ln(L/limit). An estimate.
 *
 * @param film m, wet
 * @param least levelling that draws it flat
 * @returns s from its own stroke; 0 where it never levelled
 * Formula: t = τ·ln(L/limit)
 * @example L four times the limit, τ 120 s: 166 s
 */
export function openFor(landed: LandedFilm, film: number, least: number): Outcome<number> {
  const whole = levelling(landed, film);
  if (isRefusal(whole)) return whole;
  return whole <= least ? 0 : landed.setting * Math.log(whole / least);
}
