/** What a text is where it is not a product sheet. */
export type PaperKind = 'safety-sheet' | 'two-products' | 'foreign' | 'product-sheet';

const count = (text: string, pattern: RegExp): number => [...text.matchAll(pattern)].length;

/**
 * What kind of paper it is: a safety data sheet states hazards and no settings; a text in another language is read by its
 * numbers and units.
 *
 * Source: first principles.
 */
export function paperKind(text: string, facts: number): PaperKind {
  const sections = count(
    text,
    /\bsection\s+\d{1,2}\b|^\s*\d{1,2}\.\s+(?:hazards?|first[\s-]aid|fire|toxicolog|ecolog|transport|disposal)/gim,
  );
  const safety = count(
    text,
    /safety data sheet|sicherheitsdatenblatt|fiche de donn[ée]es de s[ée]curit[ée]|\bH[2-4]\d\d\b|\bUN\s?\d{4}\b|\bCAS\b|toxicological|\bP[2-5]\d\d\b/gi,
  );
  if (safety >= 4 && sections + safety >= 8 && facts < 12) return 'safety-sheet';
  const ratios = new Set(
    [...text.matchAll(/^.*\b(?:product|produkt|produit)\s*(?:name)?\s*:\s*(.+)$/gim)].map((match) =>
      (match[1] ?? '').trim().toLowerCase(),
    ),
  );
  if (ratios.size > 1) return 'two-products';
  const english = count(text, /\b(?:the|and|of|with|for|after|coat|dry|film|use|at)\b/gi);
  const other = count(
    text,
    /\b(?:und|der|die|das|mit|nach|f[uü]r|le|la|les|des|avec|pour|apr[eè]s|el|los|las|con|para|de|il|per|dopo)\b/gi,
  );
  return other > 12 && other > 2 * english ? 'foreign' : 'product-sheet';
}
