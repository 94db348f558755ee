import type { Clause } from './clauses';
import type { Found } from './choose';

const named = /dew[\s-]?point|taupunkt|point de ros[ée]e|punto de roc[ií]o/i;
/** “3 °C above”, or “dew point plus 3 °C”. */
const above = /^\W*(?:or more )?(?:above|over|[uü]ber|au[\s-]dessus|por encima)/i;
const plus = /(?:plus|\+|margin(?: of)?|at least|clearance)\W*$/i;
/** K: margins that sheets ask for. */
const ends = { min: 1, max: 10 };

/**
 * How far above the dew point the part must be, K. A margin is written as a temperature, and is a difference.
 *
 * Source: first principles. Worked: “at least 3 °C above the dew point” is 3 K, “5 °F above” is 2.8 K.
 */
export function dewMarginOf(clauses: readonly Clause[]): Found<number> | undefined {
  for (const clause of clauses) {
    if (!named.test(`${clause.label} ${clause.text}`)) continue;
    for (const { kind, min, unit, from, to } of clause.quantities) {
      if (kind !== 'temperature') continue;
      const [ahead, behind] = [
        clause.text.slice(Math.max(from - 24, 0), from),
        clause.text.slice(to, to + 20),
      ];
      if (!above.test(behind) && !plus.test(ahead)) continue;
      const step = /f/i.test(unit) ? min - 255.372_222 : /c/i.test(unit) ? min - 273.15 : min;
      if (step >= ends.min && step <= ends.max)
        return { value: Math.round(step * 100) / 100, claim: { clause }, sure: 0.85 };
    }
  }
  return undefined;
}
