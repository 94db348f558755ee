import type { Clause } from './clauses';

/** A part of a mix in a list of its own, one a line. */
export interface PartListed {
  readonly by: 'volume' | 'mass';
  readonly min: number;
  readonly max: number;
  /** It is the thinner, and no part of the ratio. */
  readonly thins: boolean;
  readonly clause: Clause;
}

const thins = /thinn|reduc|dilu|\bwater\b|verd[uü]nn/i;
/** So many lines two parts of one list lie apart at most. */
const together = 2;

/**
 * A list of the parts of a mix, each with its parts by weight or by volume: the base first; undefined where there is none.
 *
 * Source: the words of product sheets. Worked: “A: Filler, 100 parts by weight” over “B: Hardener, 20 parts by weight” is 100
 * and 20 by mass.
 */
export function partsListed(clauses: readonly Clause[]): readonly PartListed[] | undefined {
  const found: PartListed[] = [];
  for (const clause of clauses) {
    const said = `${clause.label} ${clause.text}`;
    const own = clause.quantities.filter(({ kind, unit }) => kind === 'other' && /^parts?$/.test(unit));
    const [quantity] = own;
    const by = /parts?\s*(?:by\s*)?\(?(vol|weight|mass|wt)/i.exec(said)?.[1];
    if (!quantity || own.length > 1 || by === undefined || !(quantity.min > 0)) continue;
    const last = found.at(-1);
    if (last && clause.line - last.clause.line > together) break;
    found.push({
      by: /vol/i.test(by) ? 'volume' : 'mass',
      min: quantity.min,
      max: quantity.max,
      thins: thins.test(said),
      clause,
    });
  }
  const [first] = found;
  return first && found.length > 1 && found.every(({ by }) => by === first.by) ? found : undefined;
}
