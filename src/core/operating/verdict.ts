import { thickestFor } from '../airgun';
import { isRefusal, type Outcome } from '../refusal';
import { solvePoint, type PointCost, type PointLimit, type PointQuestion, type SolvedPoint } from './point';

/** How well something fits this paint and this coat, the best first. */
export const grades = ['first', 'usable', 'thin', 'no'] as const;
export type Grade = (typeof grades)[number];

export interface VerdictQuestion extends PointQuestion {
  /** Does the sheet name it? Nothing where the sheet says nothing. */
  readonly onSheet?: boolean;
  /** The sheet names guns, and none of this kind. */
  readonly unnamed?: boolean;
  /** It does not go into what holds it: nothing is graded then. */
  readonly misfit?: boolean;
  /** Pa·s: the thin and thick end the paint may be thinned to; none for what takes no thinner or no cup. */
  readonly band?: { readonly min: number; readonly max: number };
  /** Pa·s that the maker of the gun allows. */
  readonly maker?: { readonly min: number; readonly max: number };
}

export interface Verdict {
  readonly grade: Grade;
  readonly costs: readonly (PointCost | 'off-sheet' | 'under-maker')[];
  /** Why it is no, or not yet. */
  readonly why?: PointLimit | 'off-sheet' | 'over-maker' | 'misfit';
  /** Pa·s to thin to, where that is what it wants. */
  readonly thinTo?: number;
  /** The paint as it is. */
  readonly solved: SolvedPoint;
}

/**
 * Grades what is fitted, or could be: first choice; usable, at a cost; only if thinned, within the sheet; no. What the sheet
 * does not name is at most usable, and only where it fits well. Paint that takes no thinner is never told to be thinned.
 *
 * Source: see the operating point’s decision record
 */
export function verdictOf(question: VerdictQuestion): Outcome<Verdict> {
  const { liquid, band, maker, onSheet, unnamed = false } = question;
  const solved = solvePoint(question);
  if (isRefusal(solved)) return solved;
  if (question.misfit) return { grade: 'no', costs: [], why: 'misfit', solved };
  const fits = solved.feasible;
  const comfortable = fits && solved.costs.length === 0;
  const costs: Verdict['costs'] = [
    ...(fits ? solved.costs : []),
    ...(onSheet === false || unnamed ? ['off-sheet' as const] : []),
    ...(maker && liquid.viscosity < maker.min ? ['under-maker' as const] : []),
  ];
  const why = fits ? undefined : solved.why;
  if (onSheet === false && !comfortable) return { grade: 'no', costs, why: why ?? 'off-sheet', solved };
  const over = maker !== undefined && liquid.viscosity > maker.max;
  const thick = band !== undefined && liquid.viscosity > band.max * (1 + 1e-9);
  if (over || !fits || (thick && !comfortable)) {
    const thinTo = thinnedTo(question);
    return thinTo === undefined
      ? {
          grade: fits && !over ? 'usable' : 'no',
          costs,
          ...(over ? { why: 'over-maker' } : why ? { why } : {}),
          solved,
        }
      : { grade: 'thin', costs, ...(over ? { why: 'over-maker' } : why ? { why } : {}), thinTo, solved };
  }
  return { grade: costs.length > 0 ? 'usable' : 'first', costs, solved };
}

/**
 * The thickest within the sheet’s band, and the maker’s word, at which it works; where it can, at a comfortable speed.
 *
 * @returns none where thinning does not help, or is not for this paint
 */
function thinnedTo(question: VerdictQuestion): number | undefined {
  const { fitted, liquid, band, maker, hand, wetFilm, transfer, fan, overlap } = question;
  if (!band || band.min >= liquid.viscosity) return undefined;
  const thickest = Math.min(band.max, maker?.max ?? Infinity, liquid.viscosity);
  if (thickest < band.min) return undefined;
  const flow = (wetFilm * hand.slow * fan * (1 - overlap)) / transfer;
  const easy =
    fitted.kind === 'nozzle' ? thickestFor(fitted.bore, fitted.driving, flow, liquid.density) : thickest;
  const to = Math.min(Math.max(isRefusal(easy) ? band.min : easy, band.min), thickest);
  const then = solvePoint({ ...question, liquid: { ...liquid, viscosity: to } });
  return !isRefusal(then) && then.feasible ? to : undefined;
}
