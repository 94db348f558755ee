import type { Clause, Spoken } from './clauses';
import { best, type Found } from './choose';
import type { Claim } from './claims';
import { mentionsIn } from './names';
import type { SheetFacts } from './reading';

const inch = 0.0254;

type BandRead = NonNullable<SheetFacts['band']>;

const cups: readonly (readonly [id: string, pattern: RegExp])[] = [
  ...['3', '4', '5', '6'].map(
    (n) =>
      [
        `iso-${n}`,
        new RegExp(
          `(?:iso(?:[\\s-]*(?:cup|2431|becher|coupe))*|2431)[\\s,:(/-]*(?:cup |no\\.? ?|#|Ø ?)?${n}(?![\\d.])(?:\\s*mm)?|${n}[\\s-]*mm[\\s-]*(?:iso|\\(?iso)|\\biso ?${n}(?!\\d)`,
          'i',
        ),
      ] as const,
  ),
  ...['1', '2', '3', '4', '5'].map(
    (n) =>
      [
        `ford-${n}`,
        new RegExp(
          `ford(?:[\\s-]*cup)?[\\s,:(/-]*(?:no\\.? ?|number |nr\\.? ?|#|n° ?)?${n}(?![\\d.])|(?:no\\.? ?|#)${n} ford|\\bfc[\\s-]?${n}(?!\\d)|d\\s?1200[^\\d]{0,14}${n}(?!\\d)`,
          'i',
        ),
      ] as const,
  ),
  ...['1', '2', '3', '4', '5'].map(
    (n) =>
      [
        `dip-${n}`,
        new RegExp(
          `dip(?:ping|[\\s-]*type)?[\\s-]*(?:viscosity )?cup[\\s,:(/-]*(?:no\\.? ?|number |#)?${n}(?![\\d.])|d\\s?4212[^\\d]{0,14}${n}(?!\\d)|(?:no\\.? ?|#)${n} dip`,
          'i',
        ),
      ] as const,
  ),
  [
    'din-4',
    /din(?:[\s-]*(?:cup|becher|coupe|53\s?211|copa))*[\s,:(/-]*(?:no\.? ?|#|Ø ?)?4(?![\d.])(?:\s*mm)?|4[\s-]*mm[\s-]*(?:\(?din|becher)|din[\s-]*cup|53\s?211|\bdin ?4(?!\d)/i,
  ],
];

/**
 * The cup a text names, by its standard.
 *
 * Source: the words of product sheets
 * @example cupNamed('18-22 s DIN 4') → 'din-4'
 */
export function cupNamed(text: string): string | undefined {
  return cups.find(([, pattern]) => pattern.test(text))?.[0];
}

const delivered =
  /deliver|suppl|packag|in (?:the )?(?:can|tin)|unthinned|original|liefer|livraison|suministro|as received/;
const onlyDelivered =
  /as (?:suppl|deliver|receiv)\w+|(?:deliver\w*|supply) viscos|lieferviskos|viscosity (?:in the (?:can|tin)|unthinned)/;
const sprayed = /spray|appl|ready|work|set-?to|thinned|reduced|adjust|verarbeit|spritz|pistol|pulv/;

/**
 * The viscosity to spray at: not the one it is delivered with.
 *
 * Source: the words of product sheets
 */
export function band({ clauses }: Spoken, claims: readonly Claim[]): Found<BandRead> | undefined {
  const options: Claim[] = [];
  for (const [i, clause] of clauses.entries()) {
    const over = `${clause.label} ${clause.column} ${clause.heading}`;
    const viscous = /viscos|efflux|flow time|viskos|auslaufzeit|spritzviskos|fluidit/i.test(
      `${over} ${clause.text}`,
    );
    const cup = cupNamed(clause.text) ?? cupNamed(over) ?? (viscous ? nearCup(clauses, i) : undefined);
    if (!cup || (!viscous && !cupNamed(`${clause.text} ${clause.label}`))) continue;
    for (const stated of clause.quantities) {
      // Two strokes beside the number of a cup are seconds, not inches.
      const marked = stated.unit === '"' && cupNamed(clause.text) !== undefined;
      const quantity = marked ? { ...stated, min: stated.min / inch, max: stated.max / inch } : stated;
      const seconds = marked || (quantity.kind === 'time' && /^s/.test(quantity.unit));
      if (!seconds || quantity.max > 400 || quantity.max < 8) continue;
      // Another name may stand nearer: 30 s of stirring are no viscosity.
      const mine = claims.find((each) => each.quantity === stated && each.clause === clause);
      if (mine && ['stir', 'touch', 'flash', 'clean'].includes(mine.id) && mine.cost < 12) continue;
      options.push({
        id: 'band',
        quantity,
        clause,
        cost: 3,
        before: clause.text.slice(0, quantity.from).toLowerCase(),
        after: clause.text.slice(quantity.to).toLowerCase(),
        near: `${over} | ${nearOf(clause, quantity)}`.toLowerCase(),
      });
    }
  }
  return best(
    // What is only said of the can is nothing to spray at.
    options.filter(({ near }) => !onlyDelivered.test(near) || sprayed.test(near)),
    ({ near, clause }) =>
      (sprayed.test(near) ? -4 : 0) +
      (delivered.test(near) ? 20 : 0) +
      (/airless|brush|roller|dip(?!.{0,14}cup)|electrostatic/.test(near) ? 6 : 0) +
      (/\bmix|a\+b/.test(near) ? 1 : 0) +
      (/test|reference/.test(near) ? 4 : 0) +
      (clause.temperature !== undefined && Math.abs(clause.temperature - 294) > 4 ? 4 : 0),
    ({ quantity, clause }) => {
      const cup =
        cupNamed(nearOf(clause, quantity)) ??
        cupNamed(clause.text) ??
        cupNamed(`${clause.label} ${clause.column} ${clause.heading}`) ??
        nearCup(clauses, clauses.indexOf(clause)) ??
        '';
      const own = clause.quantities
        .filter(({ kind }) => kind === 'temperature')
        .toSorted((a, b) => Math.abs(a.from - quantity.to) - Math.abs(b.from - quantity.to))[0];
      const temperature = own ? (own.min + own.max) / 2 : clause.temperature;
      return {
        cup,
        min: quantity.min,
        max: quantity.max,
        ...(temperature === undefined ? {} : { temperature }),
      };
    },
  );
}

/** The words between the numbers before and behind a quantity. */
function nearOf({ text, quantities }: Clause, quantity: Clause['quantities'][number]): string {
  const times = quantities.filter(({ kind }) => kind === 'time');
  const at = times.findIndex(({ from }) => from === quantity.from);
  if (at < 0) return text;
  const from = times[at - 1]?.to ?? 0;
  const to = times[at + 1]?.from ?? text.length;
  // What a semicolon or an arrow parts is of the next number.
  const parting = /;|→|->/;
  const before = text.slice(from, quantity.from).split(parting).at(-1) ?? '';
  return before + (text.slice(quantity.from, to).split(parting)[0] ?? '');
}

/** A cup named a line away, where this one names none. */
function nearCup(clauses: readonly Clause[], i: number): string | undefined {
  for (const j of [i - 1, i + 1, i - 2]) {
    const other = clauses[j];
    const named = other && cupNamed(`${other.label} ${other.text}`);
    if (named && Math.abs(other.line - (clauses[i]?.line ?? 0)) <= 2 && mentionsIn(other.text).length < 3)
      return named;
  }
  return undefined;
}
