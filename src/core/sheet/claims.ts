import type { Clause } from './clauses';
import { factIds, familiesIn, familyNamed, mentionsIn, type Family, type Mention, type Name } from './names';
import type { Kind, Quantity } from './quantities';

/** A quantity, and what the words around it say that it is. */
export interface Claim {
  readonly id: Name['id'];
  readonly quantity: Quantity;
  readonly clause: Clause;
  /** How far its name stands from it: the smaller the surer. */
  readonly cost: number;
  /** Words of its own: its label, its column, and what stands between it and its neighbours; lower case. */
  readonly near: string;
  readonly before: string;
  /** What stands behind it up to the next comma, lower case. */
  readonly after: string;
  /** The kind of gun it is for. */
  readonly family?: Family;
}

const fits: Partial<Record<Kind, readonly Name['id'][]>> = {
  time: [
    'shelfLife',
    'potLife',
    'induction',
    'recoat',
    'flash',
    'touch',
    'handle',
    'cure',
    'hard',
    'sand',
    'dust-free',
    'bake',
    'bake-flash',
    'stir',
    'clean',
    'test',
    'storage',
    'delivered',
    'water',
    'hose',
  ],
  temperature: ['air', 'surface', 'storage', 'flash-point', 'bake', 'service', 'dew', 'test', 'shelfLife'],
  length: [
    'dry',
    'wet',
    'coverage',
    'profile',
    'bore',
    'orifice',
    'distance',
    'filter',
    'hose',
    'test',
    'sand',
  ],
  pressure: ['pressure', 'test', 'hose'],
  share: [
    'thinner',
    'solids',
    'mass-solids',
    'humidity',
    'catalyst',
    'water',
    'gloss',
    'test',
    'voc',
    'coverage',
  ],
  concentration: ['density', 'voc', 'limit'],
  dose: ['thinner', 'catalyst'],
  mass: ['density'],
  coats: ['coats'],
  bare: ['density', 'coats'],
};

const isFact = (id: Name['id']): boolean => (factIds as readonly string[]).includes(id);

const labelCost = 3;
const headingCost = 40;
/** Beyond this a name says nothing of a number. */
const farthest = 130;

/**
 * The quantities of a clause, each with the name that fits it best.
 *
 * Source: the words of product sheets
 */
export function claimsIn(clause: Clause): Claim[] {
  const { text, label, column, heading, quantities } = clause;
  const inText = mentionsIn(text);
  const [inLabel, inColumn, inHeading] = [mentionsIn(label), mentionsIn(column), mentionsIn(heading)];
  const families = familiesIn(text);
  const told = familyNamed(column) ?? familyNamed(label) ?? familyNamed(heading);
  const claims: Claim[] = [];
  for (const [i, quantity] of quantities.entries()) {
    const can = fits[quantity.kind];
    if (!can || repeats(quantity, quantities[i - 1], text)) continue;
    const fit = ({ id, words }: Mention) =>
      can.includes(id) &&
      sizeFits(id, quantity) &&
      (quantity.kind !== 'mass' || /w(?:eigh)?t|weighs/i.test(words));
    // “Touch / recoat: 20 min / 2 h” goes in order.
    const listed = inLabel.filter(fit);
    const peers = quantities.filter(({ kind }) => kind === quantity.kind);
    const inOrder =
      listed.length > 1 && listed.length === peers.length && inText.filter(fit).length === 0
        ? listed[peers.indexOf(quantity)]
        : undefined;
    const ends = endOf(quantities, i, text);
    const options: { id: Name['id']; cost: number }[] = [];
    if (inOrder) options.push({ id: inOrder.id, cost: labelCost });
    else {
      for (const mention of inText.filter(fit))
        options.push({ id: mention.id, cost: between(text, mention, quantity, ends) });
      for (const [mentions, cost] of [
        [inColumn, labelCost],
        [inLabel, labelCost + 1],
        [inHeading, headingCost],
      ] as const) {
        // “Handle, stack” states the first: what only looks like a fact stands back.
        const can = mentions.filter(fit);
        const own = can.findLast(({ id }) => isFact(id)) ?? can.at(-1);
        if (own) options.push({ id: own.id, cost });
      }
    }
    const best = options.reduce<(typeof options)[number] | undefined>(
      (least, each) => (least === undefined || each.cost < least.cost ? each : least),
      undefined,
    );
    const from = quantities[i - 1]?.to ?? 0;
    const to = quantities[i + 1]?.from ?? text.length;
    const before = text.slice(from, quantity.from).toLowerCase();
    const family =
      families.filter((each) => each.to <= quantity.from).at(-1)?.id ??
      told ??
      (families.length === 1 && !/[;|]/.test(text.slice(quantity.to, families[0]?.from))
        ? families[0]?.id
        : undefined) ??
      families.find((each) => each.from >= quantity.to && each.from - quantity.to < 20)?.id;
    const named =
      best && best.cost <= farthest ? best.id : (unnamed(quantity, family) ?? barred(quantity, text));
    const id = solidsBy(named, `${quantity.unit} ${text.slice(quantity.to)}`);
    if (!id) continue;
    claims.push({
      id,
      quantity,
      clause,
      cost: best && best.id === named ? best.cost : labelCost,
      before,
      after: (text.slice(quantity.to, to).split(/[,;|]/)[0] ?? '').toLowerCase(),
      near: `${label} | ${column} | ${before} | ${text.slice(quantity.to, to)}`.toLowerCase(),
      ...(family ? { family } : {}),
    });
  }
  return claims;
}

/** “Solids 38 % by weight, 33 % by volume”: what stands behind a share says what it is of. */
function solidsBy(id: Name['id'] | undefined, after: string): Name['id'] | undefined {
  if (id !== 'solids' && id !== 'mass-solids') return id;
  const [, by] = /^%?\s*\(?(?:by )?(vol|v\/v|weight|mass|wt|m\/m|w\/w|gew)/i.exec(after) ?? [];
  return by === undefined ? id : /^v/i.test(by) ? 'solids' : 'mass-solids';
}

/** Lengths tell by their size what they cannot be. */
function sizeFits(id: Name['id'], { kind, min, max }: Quantity): boolean {
  // No paint gives off as much as it weighs.
  if (kind === 'concentration') return id === 'density' ? max >= 550 : id === 'voc' ? min <= 900 : true;
  if (kind !== 'length') return true;
  switch (id) {
    case 'distance':
      return min >= 0.04 && max <= 1.2;
    case 'bore':
      return min >= 0.1e-3 && max <= 7e-3;
    case 'orifice':
      return min >= 0.1e-3 && max <= 3e-3;
    case 'dry':
    case 'wet':
    case 'profile':
      return max < 5e-3;
    default:
      return true;
  }
}

/** What a number is that nothing names: coats are their own name; of a gun, bars are its pressure and a hand’s breadth its distance. */
function unnamed({ kind, min, max }: Quantity, family: Family | undefined): Name['id'] | undefined {
  if (kind === 'coats') return 'coats';
  if (kind === 'concentration' && min > 700) return 'density';
  if (family === undefined) return undefined;
  if (kind === 'pressure') return 'pressure';
  if (kind !== 'length') return undefined;
  if (min >= 0.06 && max <= 0.9) return 'distance';
  if (family === 'airless') return min >= 0.12e-3 && max <= 1.3e-3 ? 'orifice' : undefined;
  return min >= 0.5e-3 && max <= 6e-3 ? 'bore' : undefined;
}

/** “Never below 18 °C” is of the air, whatever stands before it. */
const barred = ({ kind, min, from }: Quantity, text: string): Name['id'] | undefined =>
  kind === 'temperature' &&
  min > 273 &&
  min < 303 &&
  /^(?:never|not|do not (?:use|apply|spray|work)|don.t (?:use|apply|spray|work))\W+below\W*$/i.test(
    text.slice(0, from),
  )
    ? 'air'
    : undefined;

/** How far a name in a text stands from a quantity in it; a name that follows, or stands behind a comma, is farther. */
function between(text: string, { from, to }: Mention, quantity: Quantity, ends: number): number {
  const follows = from >= quantity.to;
  const gap = follows ? text.slice(Math.min(ends, from), from) : text.slice(to, quantity.from);
  const stops = (gap.match(/[,;|/(]/g) ?? []).length * 7 + (gap.match(/[.;](?=\s)/g) ?? []).length * 30;
  const closed = /\)/.test(gap) ? 4 : 0;
  // “within 24 h, else sand”: what is to be done past it is not what it is of.
  const otherwise = follows && /\b(?:else|otherwise|afterwards?|then|after that)\b/i.test(gap) ? farthest : 0;
  // “30 min. Touch dry …”: the dot of a unit ends the sentence too where the next begins with a capital.
  const begun = follows && /\.\s+\p{Lu}/u.test(text.slice(Math.max(ends - 1, 0), from + 3)) ? 30 : 0;
  // “2 h at 20 °C, flash …” : a name far behind a number is another number’s.
  return (
    gap.length * (follows && !/(?:after|in|within)\s*$/i.test(text.slice(0, quantity.from)) ? 1.6 : 1) +
    stops +
    closed +
    otherwise +
    begun +
    (follows && gap.length > 40 ? farthest : 0)
  );
}

/** Where a quantity ends with the same in other units behind it. */
function endOf(quantities: readonly Quantity[], at: number, text: string): number {
  let to = quantities[at]?.to ?? 0;
  for (let i = at + 1; i < quantities.length; i += 1) {
    const [own, before] = [quantities[i], quantities[i - 1]];
    if (!own || !repeats(own, before, text)) break;
    to = own.to + (text[own.to] === ')' ? 1 : 0);
  }
  return to;
}

/** Is it the same as the one before it, in another unit? */
function repeats(quantity: Quantity, before: Quantity | undefined, text: string): boolean {
  if (!before || before.kind !== quantity.kind || before.unit === quantity.unit) return false;
  if (
    !/^\s*(?:max\.?|min\.?)?\s*[(|/=,≈~]|^\s*(?:or|approx\.?|ca\.?)\s/.test(
      text.slice(before.to, quantity.from + 1),
    )
  )
    return false;
  const same = (a: number, b: number) =>
    quantity.kind === 'temperature'
      ? Math.abs(a - b) < 2
      : Math.abs(a - b) <= 0.13 * Math.max(Math.abs(a), Math.abs(b));
  return same(quantity.min, before.min) && same(quantity.max, before.max);
}

/**
 * The temperature a time of this clause holds at, K.
 *
 * Source: the words of product sheets
 */
export function atTemperature({ clause, quantity }: Claim): number | undefined {
  const own = clause.quantities.filter(({ kind }) => kind === 'temperature');
  // “10 / 20 / 30 °C: 8 / 4 / 2 h” goes in order, and so do “4 h at 23 °C (73 °F), 2 h at 32 °C (90 °F)”.
  const times = clause.quantities.filter(({ kind }) => kind === 'time');
  const once = own.filter((each, i) => {
    const last = own[i - 1];
    return (
      !last ||
      Math.abs(last.min - each.min) > 1.5 ||
      times.some(({ from }) => from > last.to && from < each.from)
    );
  });
  const paired = once.length > 1 && once.length === times.length ? once[times.indexOf(quantity)] : undefined;
  if (paired) return (paired.min + paired.max) / 2;
  const [near] = own.toSorted((a, b) => apart(a, quantity) - apart(b, quantity));
  return near ? (near.min + near.max) / 2 : clause.temperature;
}

const apart = (a: Quantity, b: Quantity): number => (a.from >= b.to ? a.from - b.to : (b.from - a.to) * 2);

const ranged: readonly Claim['id'][] = [
  'dry',
  'wet',
  'bore',
  'orifice',
  'pressure',
  'distance',
  'air',
  'thinner',
  'coats',
];
const [least, most] = [/^\W*min/i, /^\W*max/i];
/** Rows say it at the end of their labels: “Dry film, minimum”. */
const ends = {
  least: /\bmin(?:imum)?\W*$/i,
  most: /\bmax(?:imum)?\W*$/i,
  usual: /\b(?:typical|normal|recommended|nominal|target|usual|standard)\W*$/i,
};
/** So many lines such rows lie apart. */
const together = 3;

/**
 * Rows “minimum”, “typical” and “maximum” under one head are one range.
 *
 * Source: the words of product sheets
 */
export function rowsInOne(claims: readonly Claim[]): Claim[] {
  const row = (claim: Claim, label: RegExp) =>
    claims.find(
      ({ id, clause, quantity }) =>
        id === claim.id &&
        clause.column === claim.clause.column &&
        clause.heading === claim.clause.heading &&
        clause.line !== claim.clause.line &&
        Math.abs(clause.line - claim.clause.line) <= together &&
        quantity.kind === claim.quantity.kind &&
        label.test(clause.label),
    );
  // “100–200 µm (recommended 150 µm)” says both in one breath.
  const around = (claim: Claim, of: Claim) =>
    of !== claim &&
    of.id === claim.id &&
    of.clause === claim.clause &&
    of.quantity.min < of.quantity.max &&
    claim.quantity.min >= of.quantity.min &&
    claim.quantity.max <= of.quantity.max;
  const recommended = (claim: Claim) =>
    /(?:recommended|typical\w*|normal\w*|nominal|usual\w*|target)\W*$/.test(claim.before);
  return claims.flatMap((claim) => {
    if (claim.id !== 'dry' && claim.id !== 'wet') return [claim];
    const { label } = claim.clause;
    if (recommended(claim) && claims.some((of) => around(claim, of))) return [];
    const said = claims.find((each) => recommended(each) && around(each, claim))?.quantity;
    if (said) return [{ ...claim, quantity: { ...claim.quantity, usual: (said.min + said.max) / 2 } }];
    if ((ends.most.test(label) || ends.usual.test(label)) && row(claim, ends.least)) return [];
    if (!ends.least.test(label)) return [claim];
    const [upper, usual] = [row(claim, ends.most)?.quantity.max, row(claim, ends.usual)?.quantity];
    if (upper === undefined || upper < claim.quantity.min) return [claim];
    const aim = usual && (usual.min + usual.max) / 2;
    const inside = aim !== undefined && aim >= claim.quantity.min && aim <= upper;
    return [{ ...claim, quantity: { ...claim.quantity, max: upper, ...(inside ? { usual: aim } : {}) } }];
  });
}

/**
 * Columns “min.” and “max.” of one row are one range.
 *
 * Source: the words of product sheets
 */
export function inOne(claims: readonly Claim[]): Claim[] {
  const beside = (claim: Claim, column: RegExp) =>
    claims.find(
      ({ id, clause, quantity }) =>
        id === claim.id &&
        clause.line === claim.clause.line &&
        clause.label === claim.clause.label &&
        quantity.kind === claim.quantity.kind &&
        column.test(clause.column),
    );
  return claims.flatMap((claim) => {
    if (!ranged.includes(claim.id)) return [claim];
    if (most.test(claim.clause.column) && beside(claim, least)) return [];
    const upper = least.test(claim.clause.column) ? beside(claim, most) : undefined;
    if (!upper || upper.quantity.max < claim.quantity.min) return [claim];
    return [{ ...claim, quantity: { ...claim.quantity, max: upper.quantity.max } }];
  });
}
