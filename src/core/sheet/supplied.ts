import { cupNamed } from './band';
import type { Clause } from './clauses';
import type { Found } from './choose';
import type { SheetFacts } from './reading';

type Supplied = NonNullable<SheetFacts['supplied']>;

const asSupplied =
  /deliver|as suppl|suppl(?:y|ied)|packag\w+ visc|in (?:the )?(?:can|tin)|unthinned|liefer|livraison|suministro|as received/i;
const viscous = /viscos|viskos|efflux|flow time|auslaufzeit/i;

/**
 * Seconds it takes through a cup as it comes in its can: thicker than it is sprayed, and not what is aimed at.
 *
 * Source: the words of product sheets
 */
export function suppliedIn(clauses: readonly Clause[]): Found<Supplied> | undefined {
  for (const clause of clauses) {
    const over = `${clause.label} ${clause.column}`;
    const cup = cupNamed(clause.text) ?? cupNamed(over);
    if (!cup || !viscous.test(`${over} ${clause.heading} ${clause.text}`)) continue;
    const own = asSupplied.test(`${over} ${clause.text}`);
    const [time] = clause.quantities.filter(
      ({ kind, unit, min, max }) => kind === 'time' && /^s/.test(unit) && min >= 8 && max <= 600,
    );
    // Of “25 s as supplied, 18 s to spray” the first is the can’s only where its words stand first.
    if (!own || !time) continue;
    const said = asSupplied.exec(clause.text);
    if (said && said.index > time.to + 24) continue;
    return { value: { cup, min: time.min, max: time.max }, claim: { clause }, sure: 0.8 };
  }
  return undefined;
}
