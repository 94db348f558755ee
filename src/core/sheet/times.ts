import { atTemperature, type Claim } from './claims';
import type { Clause } from './clauses';
import type { Span } from './reading';
import { best, type Found } from './choose';

/** Times are taken at the column or the words nearest to this, K: 22.5 °C. */
const usual = 295.65;
/** Above this a time is one of force drying, K. */
const forcedAt = 311;

const day = 86_400;

/**
 * How far a time is from one in air at room temperature; a column of a quick or slow hardener counts as farther.
 *
 * Source: the words of product sheets
 */
export function strange(claim: Claim): number {
  const at = atTemperature(claim);
  const { near } = claim;
  const off = at === undefined ? 0 : Math.abs(at - usual);
  return (
    (off <= 3 ? off * 0.1 : off * 2) +
    (at !== undefined && at > forcedAt ? 200 : 0) +
    besideUsual(claim) +
    (/forced|oven|bake|stov|infra|force[- ]dr/.test(near) ? 200 : 0)
  );
}

/**
 * Columns and rows of other hardeners than the usual one stand back.
 *
 * Source: the words of product sheets
 * @example besideUsual({ clause: { column: 'Fast hardener', label: 'Pot life' } }) → 8
 */
export function besideUsual({ clause: { column, label } }: Claim): number {
  const over = `${column} ${label}`.toLowerCase();
  if (/\b(?:standard|normal|medium|universal|regular)\b/.test(over)) return -4;
  return /\b(?:extra|fast|slow|quick|rapid|express|short|long|summer|winter|hot|cold)\b/.test(over) ? 8 : 0;
}

const timed = (claims: readonly Claim[], id: Claim['id']) =>
  claims.filter(
    (each) =>
      each.id === id &&
      each.quantity.kind === 'time' &&
      each.quantity.max > 0 &&
      // Seconds are those of a cup: no film is cured or dry to handle in them.
      !(ofHours.includes(id) && each.quantity.max < 120),
  );

const ofHours: readonly Claim['id'][] = ['cure', 'handle', 'recoat', 'potLife'];

/**
 * One duration: its lower end where a range is stated.
 *
 * Source: the words of product sheets
 */
export const duration = (claims: readonly Claim[], id: Claim['id']): Found<number> | undefined =>
  best(timed(claims, id), strange, ({ quantity }) => quantity.min);

/**
 * The rest before use takes minutes: seconds are those of a cup.
 *
 * Source: the words of product sheets
 */
export const induction = (claims: readonly Claim[]): Found<number> | undefined =>
  duration(
    claims.filter(({ quantity }) => quantity.min >= 120),
    'induction',
  );

/**
 * How long a mix lives in its pot, as the paper says.
 *
 * Source: the words of product sheets
 */
export function potLife(
  claims: readonly Claim[],
): Found<{ seconds: number; temperature?: number }> | undefined {
  return best(
    timed(claims, 'potLife').filter(({ quantity }) => quantity.max < 90 * day),
    strange,
    (claim) => {
      const temperature = atTemperature(claim);
      return { seconds: claim.quantity.min, ...(temperature === undefined ? {} : { temperature }) };
    },
  );
}

/** The wait between coats of one session; hours of drying between coats are a recoat. */
const session = 3600;

/**
 * The wait between coats of one session.
 *
 * Source: the words of product sheets
 */
export function flash(claims: readonly Claim[]): Found<Span> | undefined {
  return best(
    timed(claims, 'flash').filter((each) => !isRecoat(each) && !ofOven(each)),
    strange,
    ({ quantity: { min, max } }) => ({ min, max }),
  );
}

/** “Force cure: 10 min flash, then …” is the wait before the oven, and none between coats. */
const ofOven = ({ after, clause: { label } }: Claim): boolean =>
  /forc\w*[ -](?:dr|cur)|^\W*forced\b|bak(?:e|ing)|stov|oven/i.test(label) ||
  /^\W*(?:and )?then\W+(?:bak|stov|forc|into the oven|oven)/.test(after);

const isRecoat = ({ near, quantity, clause }: Claim): boolean =>
  quantity.min > session &&
  (/dry/.test(`${near} ${clause.text.toLowerCase()}`) || quantity.min >= 2 * session);

const latest =
  /max|latest|no later|within|longest|not later|at most|up to|before|until|\blast\b|sp[aä]testens|h[oö]chstens|\bbis\b|au plus|m[aá]x/;
const earliest =
  /min(?!ut|s?\b)|min\.?\s*:?\s*$|minimum|earliest|after|\bfrom\b|first|at least|fr[uü]hestens|mindestens|nach\b|apr[eè]s|m[ií]n(?:imo|\.)|despu[eé]s/;

/**
 * When the next coat may go on once it is dry, first and last.
 *
 * Source: the words of product sheets
 * @example recoat([]) → {}
 */
export function recoat(claims: readonly Claim[]): { first?: Found<number>; last?: Found<number> } {
  const all = [...timed(claims, 'recoat'), ...timed(claims, 'flash').filter(isRecoat)];
  const sided = all.map((claim) => ({ claim, side: sideOf(claim) }));
  const of = (side: 'first' | 'last') =>
    sided.filter((each) => each.side === side || each.side === 'both').map(({ claim }) => claim);
  const first = best(of('first'), strange, ({ quantity }) => quantity.min);
  const last = best(
    of('last').filter(({ quantity }) => first === undefined || quantity.max > first.value),
    strange,
    ({ quantity }) => quantity.max,
  );
  return { ...(first ? { first } : {}), ...(last ? { last } : {}) };
}

/**
 * K at which the sheet states its drying times: that of the first recoat, else of the touch test; none where it is not said.
 *
 * Source: the words of product sheets
 * @example timesAt([]) → undefined
 */
export function timesAt(claims: readonly Claim[]): Found<number> | undefined {
  const first = timed(claims, 'recoat').filter((claim) => sideOf(claim) !== 'last');
  const of = (own: readonly Claim[]) => {
    const found = best(own, strange, (claim) => atTemperature(claim) ?? 0);
    return found && found.value > coldest && found.value < forcedAt ? found : undefined;
  };
  return of(first) ?? of(timed(claims, 'touch'));
}

/** Below this nobody states a drying time, K. */
const coldest = 273;

function sideOf({ quantity, before, clause, near }: Claim): 'first' | 'last' | 'both' {
  if (quantity.apart) return 'both';
  if (/min\w*\W{0,3}[/,|–-]\W{0,3}max/i.test(`${clause.label} ${clause.column} ${clause.text}`)) {
    const times = clause.quantities.filter(({ kind }) => kind === 'time');
    if (times.length === 2) return times[0] === quantity ? 'first' : 'last';
  }
  const window = /window|interval/.test(`${clause.label} ${clause.column} ${before}`.toLowerCase());
  if (quantity.min < quantity.max) {
    if (window || quantity.max >= 4 * quantity.min) return 'both';
  }
  const own = before.slice(-40);
  const headed = `${clause.column} ${clause.label}`.toLowerCase();
  if (quantity.bound === 'max' || /(?:latest|not? later than)\W*(?:after)?\s*$/.test(own)) return 'last';
  if (quantity.bound === 'min') return 'first';
  // The nearest word of the two decides; the column or the label where the text has none.
  const [late, early] = [lastAt(own, latest), lastAt(own, earliest)];
  if (late > early) return 'last';
  if (early > late) return 'first';
  if (/^\s*\(?(?:max|at (?:the )?latest)/.test(near.split('|').at(-1) ?? '')) return 'last';
  return latest.test(headed) && !earliest.test(headed) ? 'last' : 'first';
}

const lastAt = (text: string, pattern: RegExp): number =>
  [...text.matchAll(new RegExp(pattern.source, 'g'))].at(-1)?.index ?? -1;

/**
 * How long it keeps in its can; beside storing it at all where nothing else says so.
 *
 * Source: the words of product sheets
 */
export function shelfLife(claims: readonly Claim[]): Found<number> | undefined {
  const own = timed(claims, 'shelfLife');
  const kept = timed(claims, 'storage').filter(({ quantity }) => quantity.min >= 28 * day);
  const apart = (own.length > 0 ? own : kept).filter(({ clause }) => ofParts.test(clause.text));
  const [first] = apart;
  // A product keeps as long as the part that keeps the shortest.
  if (first && apart.filter(({ clause }) => clause === first.clause).length > 1)
    return { value: Math.min(...apart.map(({ quantity }) => quantity.min)), claim: first, sure: 0.8 };
  return (
    duration(own, 'shelfLife') ??
    best(
      kept,
      () => 4,
      ({ quantity }) => quantity.min,
    )
  );
}

const ofParts =
  /\b(?:part|comp\w*\.?)? ?[AB]\b[^.;]*\d[^.;]*\b(?:part|comp\w*\.?)? ?[AB]\b|\b(?:base|liquid|resin|paint)\b[^.;]*\d[^.;]*\b(?:hardener|activator|powder|catalyst)\b/i;

/**
 * s between two stirs of the pot while it is used.
 *
 * Source: the words of product sheets
 */
export function stirEvery(clauses: readonly Clause[]): Found<number> | undefined {
  for (const clause of clauses) {
    const said = `${clause.label} ${clause.text}`;
    const every =
      /(?:stir|agitat|r[uü]hr)\w*[^.;]{0,30}\b(?:every|each|alle)\b|\b(?:every|each)\b[^.;]{0,16}\bstir/i;
    const match = every.exec(said);
    if (!match) continue;
    const from = match.index - clause.label.length - 1;
    const time = clause.quantities.find(
      ({ kind, min, max, from: at }) =>
        kind === 'time' && min >= 60 && max <= 7200 && at >= Math.max(from, 0),
    );
    if (time) return { value: time.min, claim: { clause }, sure: 0.8 };
  }
  return undefined;
}
