import type { Paper } from './paper';
import type { Clause, Spoken } from './clauses';
import type { Found } from './choose';
import { dateIn } from './dates';
import { quantitiesIn } from './quantities';
import { mentionsIn } from './names';

const named =
  /^(?:product(?: name)?|name of (?:the )?product|trade name|material|designation|article|coating|produkt(?:name|bezeichnung)?|produit|nom du produit|producto|nombre del producto|bezeichnung)$/i;
const kindOfPaper =
  /^(?:the )?(?:technical|product|application|process)?\s*(?:data|information|technical|product|application)[\s-]*(?:sheet|leaflet|bulletin|guide|information|note)?s?$|technical (?:data|information|leaflet|bulletin)|product (?:data|information)|data ?(?:sheet|page)|application (?:guide|sheet|instructions)|\btds\b|\bpds\b|technisches (?:merkblatt|datenblatt)|merkblatt|fiche technique|ficha t[eé]cnica|^(?:page|seite|rev|issue|date|version|edition|stand)\b|^\d+\s*(?:\/|of)\s*\d+$|^www\.|@|^tel/i;

/**
 * The product’s name: where it is labelled, else the title.
 *
 * Source: the words of product sheets
 */
export function nameOf({ lines }: Paper, { clauses, style }: Spoken): Found<string> | undefined {
  const labelled = clauses.find(({ label, text }) => named.test(label) && text.length <= 80);
  if (labelled) return { value: tidy(labelled.text), claim: { clause: labelled }, sure: 0.95 };
  const top = lines
    .slice(0, 14)
    .flatMap((line, at) => line.cells.map((cell) => ({ cell, at, size: line.size ?? 1, page: line.page })));
  const titles = top.flatMap(({ cell, at, size, page }, i) => {
    const text = tidy(cell.text.split(' | ')[0] ?? '');
    if (text.length < 3 || text.length > 70 || /[.;]$/.test(text) || !/[a-z]/i.test(text)) return [];
    if (/^no\.?\s*\S*\d\S*$/i.test(text) || text.replaceAll(/[^a-z]/gi, '').length < 3) return [];
    if (kindOfPaper.test(text) || /:\s/.test(text) || dateIn(text) !== undefined) return [];
    const quantities = quantitiesIn(text, style).filter(({ kind }) => kind !== 'bare');
    if (quantities.length > 0) return [];
    const words = mentionsIn(text).length > 0 && text.split(' ').length <= 2 ? 3 : 0;
    return [
      {
        text,
        at,
        page,
        cost:
          i * 0.8 +
          words +
          (/\b(?:19|20)\d\d\b/.test(text) ? 0.5 : 0) -
          (size - 1) * 8 +
          (/\bltd|\binc\b|\bllc\b|\bplc\b|\bcorp\b|corporation|gmbh|company|(?:coatings?|paints?|finishes|lacquers|works|products|chemicals?|supply|technologies)(?: \([^)]*\))?$|industries|division|group$/i.test(
            text,
          ) || twoNames.test(text)
            ? 8
            : 0),
      },
    ];
  });
  const [first] = titles.toSorted((a, b) => a.cost - b.cost);
  if (!first) return undefined;
  const clause: Pick<Clause, 'text' | 'line' | 'page'> = {
    text: first.text,
    line: first.at,
    page: first.page,
  };
  return {
    value: first.text,
    claim: { clause: { ...clause, label: '', column: '', heading: '', quantities: [] } },
    sure: 0.7,
  };
}

/** “Hollis & Graft” */
const twoNames = /^\p{Lu}[\p{L}'’]+\s*(?:&|and|\+)\s*\p{Lu}[\p{L}'’]+$/u;

/** Without the kind of paper it stands on. */
function tidy(whole: string): string {
  const plain = whole.replace(/^[#*\s]+/, '');
  // “Technical note 33: its name (issued May 2025)”
  const [, kind = '', rest = ''] = /^([^:]{3,40}):\s+(.{3,})$/.exec(plain) ?? [];
  const text = (/technical|data|sheet|note|bulletin|leaflet|product/i.test(kind) ? rest : plain).replace(
    /\s*\((?:issue|rev|version|edition|date)[^)]*\)$/i,
    '',
  );
  const parts = text.split(/\s+[–—|-]\s+|\s*\|\s*/);
  const own = parts.filter((part) => !kindOfPaper.test(part.trim()));
  return (own.length > 0 ? own.join(' – ') : text)
    .replace(
      /^(?:technical|product|application) (?:data|information|sheet|bulletin)(?: sheet)?(?: for)?[\s:–-]*/i,
      '',
    )
    .replace(/[\s:–-]*(?:technical|product|application)? ?(?:data ?sheet|data)$/i, '')
    .trim();
}
