import { refuseUnlessPositive, type Outcome } from '../refusal';
import type { FilmSpec } from './acceptance';

/** What one place wants, m dry. */
export interface MendingPlan {
  readonly id: string;
  readonly kind: 'coat' | 'sand';
  /** m to lay or to take off, so that the place comes to its aim or its most. */
  readonly by: number;
}

/**
 * Where film is missing or too much, and how much: thin places up to the aim, thick ones down to the most.
 *
 * Source: conservation of film
 */
export function mendings(
  spots: readonly { readonly id: string; readonly mean: number; readonly state: 'inside' | 'low' | 'high' }[],
  { nominal, max }: FilmSpec,
): MendingPlan[] {
  return spots.flatMap(({ id, mean, state }): MendingPlan[] =>
    state === 'low'
      ? [{ id, kind: 'coat', by: nominal - mean }]
      : state === 'high'
        ? [{ id, kind: 'sand', by: mean - max }]
        : [],
  );
}

export interface ExtraCoat {
  /** Coats of this film that bring the thinnest place to its aim. */
  readonly coats: number;
  /** m the thickest place would then have, if all of the face were coated. */
  readonly thickest: number;
  /** The thickest place would pass its most: coat only where it is thin. */
  readonly onlyThere: boolean;
}

/**
 * What more coats do to the whole: how many lift the thinnest place, and what the thickest then has.
 *
 * @param dry m one coat lays
 * @returns refused unless the coat and the film wanted are more than nothing
 * Source: conservation of film
 */
export function extraCoat(
  thinnest: number,
  thickest: number,
  dry: number,
  { nominal, max }: FilmSpec,
): Outcome<ExtraCoat> {
  const wrong = refuseUnlessPositive({ 'film of one coat': dry, 'film wanted': nominal });
  if (wrong) return wrong;
  const coats = Math.max(Math.ceil((nominal - thinnest) / dry - 1e-9), 0);
  const then = thickest + coats * dry;
  return { coats, thickest: then, onlyThere: then > max };
}
