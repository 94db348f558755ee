import type { Clause } from './clauses';
import type { Found } from './choose';

/** A liquid that goes by a code of its own, `OT-2`, or by what it is. */
const liquid = String.raw`((?:[A-Z][\w-]*\d[\w-]*|[A-Z]{1,4} \d{1,4}[A-Z]?|(?:(?:solvent )?gun[- ]?(?:wash|cleaner)|cleaner|(?:lacquer |cellulose )?thinner|reducer|diluant|verd[uü]nnung|diluyente|acetone|(?:(?:clean|fresh|cold|warm|lukewarm|tap|soapy|hot) )*water|butyl acetate|(?:white|mineral) spirits?|xylene|methyl ethyl ketone|mek|isopropanol|ethanol|(?:denatured |methylated )?(?:alcohol|spirits?))(?: (?:no\.? ?)?[A-Z]*-?\d[\w-]*)?)(?=[\s.,;)]|$))`;
const said = [
  new RegExp(
    String.raw`(?:clean(?:ing|ed)?|wash(?:ed)?)(?: of)?(?: (?:the|all|spray|gun|guns?|tools?|equipment|and|immediately|at once|after use|up))* (?:with|w\/) ?(?:the )?${liquid}`,
    'i',
  ),
  new RegExp(String.raw`^(?:with |use )?(?:the )?${liquid}`, 'i'),
  new RegExp(String.raw`\b(?:clean|wash)[- ]?up:? (?:with )?${liquid}`, 'i'),
];
const before = /\b((?:soap and |soapy |warm )?water) (?:clean|wash)[- ]?up\b/i;

/**
 * What the gun is cleaned with, as the sheet names it.
 *
 * Source: the words of product sheets
 */
export function cleanerOf(clauses: readonly Clause[]): Found<string> | undefined {
  for (const clause of clauses) {
    const whole = `${clause.label} ${clause.text}`;
    const named = (said[0]?.exec(whole) ?? said[2]?.exec(whole) ?? before.exec(whole))?.[1];
    const alone = /\b(?:clean|wash|nettoy|reinig|limpi)|^(?:tools?|equipment)$/i.test(clause.label)
      ? said[1]?.exec(clause.text.trim())?.[1]
      : undefined;
    const value = named ?? alone;
    if (value) return { value, claim: { clause }, sure: 0.8 };
  }
  return undefined;
}
