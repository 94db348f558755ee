import type { Clause, Spoken } from './clauses';
import type { Claim } from './claims';
import { numberOf, numberPattern, type NumberStyle } from './numbers';
import type { Found } from './choose';
import { partsListed } from './partslisted';
import type { SheetFacts } from './reading';

type Ratio = NonNullable<SheetFacts['ratio']>;

const n = `(?:${numberPattern})`;
const span = `${n}(?:\\s*(?:[-–—]|to)\\s*${n})?`;
const colon = new RegExp(
  `(?<![\\d:.,/])(${span})\\s*[:∶]\\s*(${span})(?:\\s*[:∶+]\\s*(${span})\\s*(%)?)?(?:\\s*[:∶]\\s*(${span}))?(?![\\d:]|\\s*(?:am|pm)\\b)`,
  'i',
);
const to = new RegExp(
  `(${n})\\s*(?:parts?|vol(?:umes?)?\\.?|teile?)?\\s*(?:by (?:volume|weight|mass)\\s*)?(?:of\\s+)?(?:\\(?(?:component|comp\\.?|part)?\\s*["“]?[ab]["”]?\\)?|base|paint|resin|primer|lacquer|clear\\w*|[a-z]+)?(?:\\s*\\([^)]*\\))?\\s*(?:to|with|and|\\+|:|,)\\s*(${n})\\s*(?:parts?|vol(?:umes?)?\\.?|teile?)`,
  'i',
);
/** “Base 2 : Hardener 1” */
const byName = new RegExp(
  `(?<![\\p{L}\\d.,])(?:\\p{L}[\\p{L}\\d-]*\\s+){1,2}(${n})\\s*(?:parts?|teile?)?\\s*[:∶+/]\\s*(?:\\p{L}[\\p{L}\\d-]*\\s+){1,3}(${n})(?![\\d.,]*\\s*(?:%|[gk]\\w*\\/|°))`,
  'iu',
);
/** “100 parts lacquer 4410 + 10 parts hardener 0410” */
const inParts = new RegExp(
  `(?<![\\d.,])(${n})\\s*(?:parts?|teile?|vols?|volumes?)\\s+[^.;:\\d+]{0,28}?(?:[A-Z]{0,3}-?\\d{1,5}\\b[^.;:\\d+]{0,14}?)?(?:\\+|,|\\bto\\b|\\bwith\\b|\\band\\b|\\s)\\s*(${n})\\s*(?:parts?|teile?|vols?|volumes?)\\b`,
  'i',
);
/** “five to one by volume” */
const spoken = new RegExp(
  `(?<![\\d.,-])(${n})\\s+to\\s+(${n})(?=\\s*(?:\\(?by |in )?(?:volume|weight|mass|vol\\.?|v\\/v|w\\/w))`,
  'i',
);
/** “Base / hardener = 5 / 1” */
const slashed = new RegExp(`(?<==\\s*)(${n})\\s*\\/\\s*(${n})`, 'i');
const weighed = /weight|mass|\bwt\b|w\/w|gew|poids|peso|masse/i;
const filled = /vol|v\/v/i;
const mixing =
  /ratio|mix|parts?\b|hardener|activator|catalyst|component|mischung|proporci|relaci[oó]n|rapport|mezcla|m[ée]lange|h[aä]rter/i;
const aRatio = /ratio|mix|mischung|proporci|rapport/i;
const elsewhere =
  /pump|scale|dilution|thinn|reduc|transfer|water|clean|film build|contrast|page|issue|date|tel|phone|time/i;

/**
 * The mixing ratio: by volume where both are stated, peroxide as a hundred to the middle of its range.
 *
 * Source: the words of product sheets
 */
export function ratio({ clauses, style }: Spoken, claims: readonly Claim[]): Found<Ratio> | undefined {
  const peroxide = peroxideOf(clauses, claims, style);
  const found = clauses.flatMap((clause, i) => statedIn(clause, clauses[i + 1]?.text ?? '', style));
  const share = hardenerShare(claims);
  if (share) found.push(share);
  const tabled = inTable(clauses, style);
  if (tabled) found.push(...tabled);
  const listed = inList(clauses);
  if (listed) found.push(listed);
  const [first] = found.toSorted((a, b) => b.weight - a.weight);
  if (peroxide && (!first || first.weight < 6 || (first.value.parts[0] ?? 0) < 50)) return peroxide;
  if (!first) return undefined;
  const byVolume = found.find(({ value, weight }) => value.by === 'volume' && weight >= first.weight - 3);
  const chosen = first.value.by === 'mass' && byVolume ? byVolume : first;
  return {
    value: chosen.value,
    claim: { clause: chosen.clause },
    sure: Math.min(0.97, 0.4 + chosen.weight / 15),
  };
}

/** “Hardener: 25 % by weight of the base.” */
function hardenerShare(claims: readonly Claim[]): Stated | undefined {
  const own = claims.find(
    ({ id, quantity, clause }) =>
      id === 'catalyst' &&
      quantity.kind === 'share' &&
      quantity.max > 0.02 &&
      /(?:of|on|to) (?:the )?(?:base|paint|lacquer|resin|primer|component a|part a|clear)/i.test(clause.text),
  );
  if (!own) return undefined;
  const said = `${own.clause.label} ${own.clause.text}`;
  const by = filled.test(said) ? ('volume' as const) : weighed.test(said) ? ('mass' as const) : undefined;
  const part = round(((own.quantity.min + own.quantity.max) / 2) * 100);
  return { value: { parts: [100, part], ...(by ? { by } : {}) }, clause: own.clause, weight: 6 };
}

/** A column of parts by volume or by weight: one row a part. */
function inTable(clauses: readonly Clause[], style: NumberStyle): Stated[] {
  const found: Stated[] = [];
  for (const by of ['volume', 'mass'] as const) {
    const own = clauses.filter(
      ({ column, text, label }) =>
        (by === 'volume' ? filled : weighed).test(column) &&
        new RegExp(`^(?:${numberPattern})\\s*(?:parts?|vol\\.?|l|kg|g)?$`, 'i').test(text) &&
        !/thin|reduc|dilu|water|total|solids|density|voc/i.test(label),
    );
    const run = own.filter((each, i) => i === 0 || each.line - (own[i - 1]?.line ?? 0) <= 2);
    const parts = run.flatMap(({ text }) => middle(text, style) ?? []);
    const [clause] = run;
    if (clause && parts.length >= 2 && parts.length <= 4 && parts.every((each) => each > 0))
      found.push({ value: { by, parts }, clause, weight: by === 'volume' ? 9.5 : 9 });
  }
  return found;
}

/** One line a part: “A: Filler 100 parts by weight” over “B: Hardener 20 parts by weight”. */
function inList(clauses: readonly Clause[]): Stated | undefined {
  const parts = partsListed(clauses)?.filter(({ thins }) => !thins) ?? [];
  const [first] = parts;
  if (!first || parts.length < 2 || parts.length > 4) return undefined;
  return {
    value: { by: first.by, parts: parts.map(({ min, max }) => round((min + max) / 2)) },
    clause: first.clause,
    weight: 9,
  };
}

interface Stated {
  readonly value: Ratio;
  readonly clause: Clause;
  readonly weight: number;
}

function statedIn(clause: Clause, next: string, style: NumberStyle): Stated[] {
  const { text, label, column, heading } = clause;
  const over = `${label} ${column}`;
  const found: Stated[] = [];
  let at = 0;
  while (at < text.length) {
    const rest = text.slice(at);
    const match =
      colon.exec(rest) ??
      inParts.exec(rest) ??
      to.exec(rest) ??
      slashed.exec(rest) ??
      spoken.exec(rest) ??
      (aRatio.test(over) ? byName.exec(rest) : null);
    if (!match) break;
    const from = at + match.index;
    const end = from + match[0].length;
    const before = text.slice(Math.max(0, from - 40), from);
    const after = text.slice(end, end + 40);
    at = Math.max(end, at + 1);
    const percent = match[4] === '%' || /^\s*%/.test(after);
    const numbers = [match[1], match[2], percent ? undefined : match[3], match[5]].flatMap((each) => {
      const value = each === undefined ? undefined : middle(each, style);
      return value === undefined ? [] : [value];
    });
    if (numbers.length < 2 || numbers.some((each) => each <= 0 || each > 1000)) continue;
    const near = `${over} ${before} ${after}`;
    if (/\d\s*$/.test(before) && /[:/]\s*$/.test(before)) continue;
    if (elsewhere.test(`${over} ${before.slice(-20)}`) && !/mix|ratio/i.test(`${over} ${before}`)) continue;
    if (/pump|contrast|scale of/i.test(`${over} ${before}`)) continue;
    const named = mixing.test(near);
    const by = basis(before, `${/vol|weight|mass/i.exec(match[0])?.[0] ?? ''} ${after}`, over, heading);
    // Thinner as a last part is no part of the ratio.
    const parts =
      numbers.length > 2 &&
      /thin|reduc|dilu/i.test(`${near} ${text} ${next.slice(0, 60)}`) &&
      !/component c|three[- ]/i.test(near)
        ? numbers.slice(0, 2)
        : numbers;
    found.push({
      value: { parts, ...(by ? { by } : {}) },
      clause,
      weight:
        (named ? 5 : 0) +
        (/ratio|mischungsverh|proporci|relaci[oó]n de|rapport de/i.test(`${over} ${before} ${heading}`)
          ? 4
          : 0) +
        (by ? 1.5 : 0) +
        (by === 'volume' ? 0.5 : 0) +
        (match[0].includes(':') ? 1 : 0),
    });
  }
  return found.filter(({ weight }) => weight >= 4);
}

/** By what the parts are measured: the nearest word says; those behind a number before those in front of it. */
function basis(before: string, after: string, over: string, heading: string): 'volume' | 'mass' | undefined {
  // “volume 2 : 1, weight 100 : 31”: a word right before the numbers is theirs.
  const own = /(vol\w*|weight|mass|wt|v\/v|w\/w)[\s:=]{0,3}$/i.exec(before)?.[1];
  if (own) return filled.test(own) ? 'volume' : 'mass';
  const [behind = ''] = after.split(/[;|]|\d+\s*[:∶]/);
  const front = before.split(/[;|.]|\d\s*[:∶]\s*\d+/).at(-1) ?? '';
  for (const words of [behind, front, over, before, heading]) {
    const [volume, mass] = [words.search(filled), words.search(weighed)];
    if (volume >= 0 && (mass < 0 || volume < mass)) return 'volume';
    if (mass >= 0) return 'mass';
  }
  return undefined;
}

function middle(text: string, style: NumberStyle): number | undefined {
  const values = [...text.matchAll(new RegExp(numberPattern, 'gi'))].flatMap(
    ([each]) => numberOf(each, style) ?? [],
  );
  const [low, high = low] = values;
  return low === undefined || high === undefined ? undefined : (low + high) / 2;
}

/** Peroxide as a share of the resin, in a dose or in percent. */
function peroxideOf(
  clauses: readonly Clause[],
  claims: readonly Claim[],
  style: NumberStyle,
): Found<Ratio> | undefined {
  const doses = claims.filter(
    ({ id, quantity, near, clause }) =>
      ((id === 'catalyst' &&
        /peroxide|mekp|catalys|initiator/i.test(`${clause.label} ${clause.text} ${clause.heading}`)) ||
        (/peroxide|mekp|catalys|initiator/i.test(`${clause.label} ${clause.text}`) &&
          id !== 'thinner' &&
          id !== 'solids' &&
          id !== 'humidity' &&
          id !== 'mass-solids')) &&
      quantity.kind === 'share' &&
      quantity.max <= 0.12 &&
      !/active oxygen|water|styrene/.test(near),
  );
  const usual = (claim: Claim) => Math.abs((claim.clause.temperature ?? 295.65) - 295.65);
  // “Gel time (1.5 % MEKP) 12 min” says with how much that was timed, not how much to use.
  const ofTest = ({ clause: { label, text }, quantity }: Claim) =>
    Number(
      /\bgel\b|gel(?:ling)? ?time|\btest|exotherm|cured with/i.test(
        `${label} ${text.slice(0, quantity.from)}`,
      ),
    );
  const [dose] = doses.toSorted((a, b) => ofTest(a) - ofTest(b) || usual(a) - usual(b) || a.cost - b.cost);
  const stated = clauses.find(
    ({ text, label }) =>
      /peroxide|mekp|catalys/i.test(`${label} ${text}`) &&
      /\b100\b[^.]{0,60}\b\d/.test(text) &&
      colon.test(text),
  );
  if (!dose) {
    if (!stated) return undefined;
    const match = colon.exec(stated.text);
    const part = match?.[2] === undefined ? undefined : middle(match[2], style);
    return part === undefined
      ? undefined
      : {
          value: { by: weighed.test(`${stated.text} ${stated.label}`) ? 'mass' : 'mass', parts: [100, part] },
          claim: { clause: stated },
          sure: 0.85,
        };
  }
  const { min, max } = dose.quantity;
  const said = `${dose.clause.label} ${dose.clause.text}`;
  return {
    value: {
      by: filled.test(said) && !weighed.test(said) ? 'volume' : 'mass',
      parts: [100, round(((min + max) / 2) * 100)],
    },
    claim: { clause: dose.clause },
    sure: 0.85,
  };
}

const round = (value: number): number => Math.round(value * 1000) / 1000;
