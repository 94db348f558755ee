import type { Claim } from './claims';
import type { Clause, Spoken } from './clauses';
import { best, type Found } from './choose';
import { quantitiesIn } from './quantities';
import { besideUsual } from './times';
import type { FilmRead, Span } from './reading';

/** No coat is thicker, m: gel coat and elastomers stay below it. */
const thickest = 4e-3;

const whole = /total|system|overall|all coats|complete|(?:two|three|four|[2-6]) coats|gesamt|totale/;

/**
 * Film of one coat, dry or wet; of all coats only where no other is stated.
 *
 * Source: the words of product sheets
 */
export function film(claims: readonly Claim[], id: 'dry' | 'wet'): Found<FilmRead> | undefined {
  const own = claims.filter(
    ({ id: of, quantity }) =>
      of === id && quantity.kind === 'length' && quantity.max < thickest && quantity.unit !== 'm',
  );
  return best(
    own,
    ({ near, clause }) => {
      const said = `${near} ${clause.heading.toLowerCase()}`;
      return (
        (whole.test(near) ? 30 : 0) +
        (/per coat|each coat|a coat|one coat|pro schicht|par couche|por capa/.test(said) ? -4 : 0) +
        (/cover|spread|yield|consumption/.test(said) || /m²|sq\.? ?ft|m2/.test(clause.text) ? 25 : 0) +
        (/\b(?:at|for) (?:a )?$/.test(near.split('|')[2]?.trimEnd() + ' ') ? 3 : 0)
      );
    },
    ({ quantity: { min, max, usual } }) => ({ min, max, ...(usual === undefined ? {} : { aim: usual }) }),
  );
}

/**
 * Wet film in brackets behind a dry one, in its unit: “1.2–1.6 mil dry (wet 2.5–3.4)”.
 *
 * Source: the words of product sheets
 * @example wetBeside({ clauses: [], style: 'point', text: '' }) → undefined
 */
export function wetBeside({ clauses, style }: Spoken): Found<Span> | undefined {
  for (const clause of clauses)
    for (const { kind, unit, to } of clause.quantities) {
      if (kind !== 'length') continue;
      const [, number] =
        /^\s*(?:dry)?\s*\(\s*wet:?\s*([\d.,]+(?:\s*[-–—]\s*[\d.,]+)?)\s*\)/i.exec(clause.text.slice(to)) ??
        [];
      const [own] = number ? quantitiesIn(`${number} ${unit}`, style) : [];
      if (own?.kind === 'length' && own.max < thickest)
        return { value: { min: own.min, max: own.max }, claim: { clause }, sure: 0.8 };
    }
  return undefined;
}

/**
 * Wet film of one coat from what it weighs on a square metre, where no film is stated.
 *
 * Source: first principles: thickness is mass over area over density
 * @example wetOfMass([], 1000) → undefined
 */
export function wetOfMass(clauses: readonly Clause[], density: number | undefined): Found<Span> | undefined {
  if (density === undefined) return undefined;
  for (const clause of clauses) {
    const said = `${clause.label} ${clause.column} ${clause.text}`;
    const match =
      /(\d{2,4})(?:\s*(?:[-–—]|to)\s*(\d{2,4}))?\s*(?:g|gr|grams?)\s*(?:\/|per)\s*(?:m²|m2|sqm|square met)/i.exec(
        clause.text,
      );
    if (!match || !/quantity|amount|appl|wet|per coat|consumption|verbrauch|auftrag/i.test(said)) continue;
    // “130 g/m² at 50 µm” says what is used for that film, losses and all.
    if (
      /\bdry\b(?! ?[-–]?ing)|total|all coats|trocken|\b(?:at|for) \d+ ?(?:µm|μm|mils?|microns?)/i.test(said)
    )
      continue;
    const [low, high] = [Number(match[1]), Number(match[2] ?? match[1])];
    if (low < 20 || high < low || high > 4000) continue;
    return {
      value: { min: low / 1000 / density, max: high / 1000 / density },
      claim: { clause },
      sure: 0.75,
    };
  }
  return undefined;
}

/**
 * How many coats the sheet asks for.
 *
 * Source: the words of product sheets
 */
export function coats(claims: readonly Claim[]): Found<Span> | undefined {
  const own = claims.filter(
    ({ id, quantity, before }) =>
      id === 'coats' &&
      quantity.max <= 12 &&
      quantity.min >= 1 &&
      Number.isInteger(quantity.min * 2) &&
      !/between|after(?: the)?\s*$|every/.test(before.slice(-24)),
  );
  return best(
    own,
    ({ near, quantity, clause }) =>
      (quantity.kind === 'bare' ? (/^\W*\d/.test(clause.text) ? 0 : 12) : 0) +
      (/number|no\. of|apply|application|recommended|spray|normal|anzahl|nombre|n[uú]mero|coats \|/.test(
        `${near} ${clause.heading.toLowerCase()}`,
      )
        ? 0
        : 6) +
      (/total|µm|mil/.test(near) ? 3 : 0) +
      (/mist|dust coat|tack/.test(near) ? 4 : 0),
    ({ quantity: { min, max, from }, before, clause }) => ({
      min:
        min === max &&
        upTo.test(
          `${before}${
            clause.text
              .slice(from, from + 16)
              .toLowerCase()
              .split(/\d/)[0]
          }`,
        )
          ? 1
          : min,
      max,
    }),
  );
}

const upTo =
  /(?:max\.?|maximum(?: of)?|at (?:the )?most|up to|not more than|no more than|never more than)\W*$/;

const mixed = /mix|ready|applied|a\/b|a\+b|blend|catalysed|catalyzed|gemisch|m[ée]lange|mezcla/;
const single =
  /\b(?:base|component a|comp\.? ?a|part a|hardener|activator|component b|comp\.? ?b|part b|curing agent|converter|thinner|catalyst)\b/;

/**
 * Density and volume solids: of the mix where they are given, else of what stands alone.
 *
 * Source: the words of product sheets
 */
export function ofMix(
  claims: readonly Claim[],
  id: 'density' | 'solids',
  fits: (value: number) => boolean,
): Found<number> | undefined {
  const middle = ({ quantity }: Claim) => (quantity.min + quantity.max) / 2;
  return best(
    claims.filter((each) => each.id === id && fits(scaled(each))),
    ({ near, after, clause, quantity }) => {
      const said = `${near} ${clause.column.toLowerCase()} ${quantity.unit}`;
      return (
        (mixed.test(said) ? -3 : 0) +
        (single.test(said) && !mixed.test(said) ? 14 : 0) +
        (/thinned|reduced/.test(said) ? 4 : 0) +
        (id === 'solids' &&
        !/vol|v\/v/.test(`${said} ${clause.text.toLowerCase()} ${clause.heading.toLowerCase()}`)
          ? 6
          : 0) +
        (id === 'solids' &&
        /weight|mass|wt|w\/w/.test(
          /vol|weight|mass|wt|gew/.test(quantity.unit)
            ? quantity.unit
            : /vol|v\/v|weight|mass|wt|w\/w/.test(after)
              ? after
              : said,
        )
          ? 30
          : 0) +
        (/hardener|activator|component b|part b|thinner/.test(said) ? 6 : 0)
      );
    },
    scaled,
  );
  function scaled(claim: Claim) {
    if (claim.quantity.kind !== 'bare') return middle(claim);
    // “Wt/gal: 8.6” is in pounds; another number alone is a specific gravity.
    return middle(claim) * (/(?:per|\/)\s*(?:us )?gal/.test(claim.near) ? poundAGallon : 1000);
  }
}

/** kg/m³ */
const poundAGallon = 0.45359237 / 3.785411784e-3;

/**
 * VOC unreduced; a legal limit stands aside.
 *
 * Source: the words of product sheets
 */
export function voc(claims: readonly Claim[]): Found<number> | undefined {
  return best(
    claims.filter(
      ({ id, quantity }) => id === 'voc' && quantity.kind === 'concentration' && quantity.max < 1200,
    ),
    ({ near, before, clause }) =>
      (/limit|directive|regulat|2004\/42|category|cat\.|permitted|grenzwert/.test(
        `${before} ${clause.label.toLowerCase()}`,
      )
        ? 40
        : 0) +
      (/unreduced|unthinned|as supplied|as packaged|as delivered/.test(near) ? -4 : 0) +
      (/(?<!un)(?:thinned|reduced)|ready[ -](?:to|for)|as applied|maximum thinning|at max/.test(near)
        ? 8
        : 0) +
      (/less water|less exempt|minus|regulatory|excluding|coating voc/.test(near) ? 4 : 0) +
      (single.test(near) && !mixed.test(near) ? 10 : 0),
    ({ quantity }) =>
      quantity.min === quantity.max
        ? quantity.max
        : quantity.bound
          ? quantity.max
          : (quantity.min + quantity.max) / 2,
  );
}

/**
 * The highest humidity the sheet allows; that of a test or of a drying time is none.
 *
 * Source: the words of product sheets
 */
export function humidityMax(claims: readonly Claim[]): Found<number> | undefined {
  const own = claims.filter(({ id, quantity, near, clause }) => {
    if (id !== 'humidity' || quantity.max > 1 || quantity.bound === 'min') return false;
    if (quantity.min < quantity.max || quantity.bound === 'max') return true;
    if (/max|not exceed|below|up to|under|upper|limit|less than|höchst/.test(near)) return true;
    return (
      /humid|r\.?h|feucht|humedad/i.test(clause.label) &&
      !/min/.test(near) &&
      clause.quantities.every(({ kind }) => kind !== 'time')
    );
  });
  return best(
    own,
    ({ near, quantity, clause: { column } }) =>
      (/stor/.test(near) ? 20 : 0) +
      (quantity.min < quantity.max ? -6 : 0) +
      (/max/i.test(column) ? -5 : /min|typ/i.test(column) ? 8 : 0),
    ({ quantity }) => quantity.max,
  );
}

/**
 * The lowest humidity the sheet allows: what cures by moisture needs some.
 *
 * Source: the words of product sheets
 */
export function humidityMin(claims: readonly Claim[]): Found<number> | undefined {
  const own = claims.filter(({ id, quantity, near, clause }) => {
    if (id !== 'humidity' || quantity.max > 1 || quantity.bound === 'max') return false;
    if (/stor/.test(near)) return false;
    if (quantity.min < quantity.max) return true;
    // “Touch dry at 60 % and at least 20 °C: 30 min” says at what it was tested.
    return quantity.bound === 'min' && clause.quantities.every(({ kind }) => kind !== 'time');
  });
  return best(
    own,
    () => 0,
    ({ quantity }) => quantity.min,
  );
}

/**
 * Between which temperatures of the air it is applied.
 *
 * Source: the words of product sheets
 */
export function air(
  claims: readonly Claim[],
  { clauses }: Spoken,
): Found<{ min?: number; max?: number }> | undefined {
  const own = claims.filter(
    ({ id, quantity, clause }) =>
      id === 'air' &&
      quantity.kind === 'temperature' &&
      !/stor|keep|transport|drying at|lager/.test(`${clause.label} ${clause.column}`.toLowerCase()),
  );
  const limits = own.filter(
    (claim) => sideless(claim) || claim.quantity.bound || claim.quantity.min < claim.quantity.max,
  );
  const found = best(
    limits,
    (claim) =>
      (claim.quantity.min < claim.quantity.max ? -4 : 0) +
      besideUsual(claim) +
      (claim.clause.quantities.some(({ kind }) => kind === 'time') ? 14 : 0) +
      (/surface|substrate/i.test(claim.clause.label) && !/air/i.test(claim.clause.label) ? 10 : 0),
    (claim) => {
      const { quantity } = claim;
      if (quantity.min < quantity.max) return { min: quantity.min, max: quantity.max };
      // One end at a time: the other stands beside it, or in the next column.
      const mine = sideOfLimit(claim);
      const other = limits.find(
        (each) =>
          each !== claim &&
          Math.abs(each.clause.line - claim.clause.line) <= 1 &&
          sideOfLimit(each) !== mine &&
          each.quantity.min === each.quantity.max,
      );
      return {
        ...(mine === 'min' ? { min: quantity.min } : other ? { min: other.quantity.min } : {}),
        ...(mine === 'max' ? { max: quantity.max } : other ? { max: other.quantity.max } : {}),
      };
    },
  );
  return clauses.length === 0 ? undefined : found;
}

/**
 * Between which temperatures the part may be; how far above its dew point it lies is another rule.
 *
 * Source: the words of product sheets
 */
export function part(claims: readonly Claim[]): Found<{ min?: number; max?: number }> | undefined {
  const own = claims.filter((claim) => {
    const { id, quantity, near, clause } = claim;
    return (
      id === 'surface' &&
      quantity.kind === 'temperature' &&
      !ofDew(claim) &&
      !/air/i.test(clause.label) &&
      (limiting(near) || quantity.bound !== undefined || quantity.min < quantity.max) &&
      clause.quantities.every(({ kind }) => kind !== 'time')
    );
  });
  return best(
    own,
    ({ quantity }) => (quantity.min < quantity.max ? -4 : 0),
    (claim) => {
      const { quantity } = claim;
      if (quantity.min < quantity.max) return { min: quantity.min, max: quantity.max };
      return sideOfLimit(claim) === 'min' ? { min: quantity.min } : { max: quantity.max };
    },
  );
}

/** “3 °C above the dew point, max. 50 °C”: the second is a limit of the part, the first is not. */
function ofDew({ before, after, clause: { text }, quantity }: Claim): boolean {
  const dew = /dew|taupunkt|ros[ée]e|roc[ií]o/;
  if (!dew.test(text.toLowerCase())) return false;
  return quantity.bound !== 'max' || dew.test(`${before.split(/[,;]/).at(-1)} ${after}`);
}

const limiting = (near: string): boolean => /min|max|above|below|least|not exceed/.test(near);
const sideless = ({ near }: Claim): boolean => limiting(near);
const sideOfLimit = ({ quantity, near }: Claim): 'min' | 'max' =>
  quantity.bound ?? (/max|below|not exceed|up to|upper/.test(near) && !/min/.test(near) ? 'max' : 'min');
