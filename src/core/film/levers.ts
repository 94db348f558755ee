import { isRefusal, type Outcome } from '../refusal';
import { solveStroke, type Stroke } from './stroke';

/** The terms a hand can move; the film follows from the others. */
export type Lever = 'flow' | 'speed' | 'fan' | 'overlap';

/**
 * Keeps the film while one lever moves: solves another one for it.
 *
 * @param stroke the settings with the moved lever already in place
 * @param answer the lever that gives way
 * @returns the whole stroke, its film unchanged; refuses settings out of reach
 * Source: conservation of volume
 */
export function holdFilm(stroke: Stroke, answer: Lever): Outcome<Stroke> {
  const solved = solveStroke(answer, stroke);
  return isRefusal(solved) ? solved : { ...stroke, [answer]: solved };
}
