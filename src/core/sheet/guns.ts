import type { Claim } from './claims';
import type { Spoken } from './clauses';
import { familiesIn, familyNamed, type Family } from './names';
import type { GunRead, Place, Span } from './reading';
import type { Found } from './choose';

/** Between these a fluid nozzle’s bore lies, m; below the least a length is a tip’s orifice. */
const boreFrom = 0.55e-3;
const boreTo = 6.1e-3;
const orificeFrom = 0.12e-3;
const orificeTo = 1.3e-3;

/** An airless lives above the one, a gun with air below the other, Pa: another is a neighbour’s. */
const airlessFrom = 2e6;
const airTo = 1.2e6;
const fitsGun = (family: Family | undefined, { min, max }: Span): boolean =>
  family === undefined || (family === 'airless' ? max >= airlessFrom : min <= airTo);

const size = ({ min, max }: Span): Span => ({ min, max });

/**
 * What the sheet advises for each kind of gun.
 *
 * Source: the words of product sheets
 */
export function guns(claims: readonly Claim[], spoken: Spoken): Found<readonly GunRead[]> | undefined {
  const told = familiesTold(spoken);
  const only = told.length === 1 ? told[0] : undefined;
  const drafts = new Map<string, { -readonly [K in keyof GunRead]: GunRead[K] }>();
  const apart = feedsTold(spoken, told);
  const draft = (family: Family | undefined, feed?: GunRead['feed'], airy = false) => {
    // A paper that names airless alone may still state an air gun beside it: “1.5 mm, 3 bar; airless 0.38 mm, 180 bar”.
    const of = family ?? (only === 'airless' && airy ? 'conventional' : only);
    const fed = of !== undefined && feed !== undefined && apart.has(of) ? feed : undefined;
    const key = `${of ?? 'any'} ${fed ?? ''}`.trim();
    const own = drafts.get(key) ?? { ...(of ? { atomising: of } : {}), ...(fed ? { feed: fed } : {}) };
    drafts.set(key, own);
    return own;
  };
  let first: Claim | undefined;
  for (const claim of claims.filter(({ id }) => ['bore', 'orifice', 'pressure', 'distance'].includes(id))) {
    const { quantity, family } = claim;
    if (family === 'air-assisted') continue;
    // “6 mm flow cup” is no nozzle.
    if (claim.id === 'bore' && /^\W*(?:\w+ )?cup\b(?! gun)/.test(claim.after)) continue;
    const airy =
      claim.id === 'pressure'
        ? quantity.kind === 'pressure' && quantity.max <= airTo
        : claim.id !== 'distance' && quantity.min > 0.9e-3;
    const gun = draft(family, feedOf(claim), airy);
    if (claim.id === 'pressure') {
      if (quantity.kind !== 'pressure') continue;
      const ofFluid = /\b(?:pot|tank|feed|material|fluid)\b/;
      // “pot 0.8 bar; air 2.5 bar”: what pushes the fluid is not what atomises it.
      const air = claim.clause.quantities.some(
        (each) =>
          each.kind === 'pressure' &&
          each !== quantity &&
          /\b(?:air|atomi\w*)\b[^,;]{0,20}$/i.test(claim.clause.text.slice(0, each.from)),
      );
      if (
        family !== 'airless' &&
        ((ofFluid.test(claim.before.slice(-30)) && air) ||
          (ofFluid.test(claim.before.slice(-30) + claim.clause.label.toLowerCase()) && gun.pressure))
      )
        continue;
      if (!fitsGun(family, quantity)) continue;
      const place = placeOf(claim);
      const wanted: Place = family === 'hvlp' ? 'cap' : 'inlet';
      if (gun.pressure && !(place === wanted && gun.pressureAt !== wanted)) continue;
      gun.pressure = size(quantity);
      if (place) gun.pressureAt = place;
      else delete gun.pressureAt;
    } else if (claim.id === 'distance') {
      if (quantity.max < 0.04 || quantity.max > 1.2 || gun.distance) continue;
      gun.distance = size(quantity);
    } else {
      const airless = gun.atomising === 'airless' || (claim.id === 'orifice' && quantity.max < boreFrom);
      if (airless) {
        if (gun.orifice || quantity.max > orificeTo || quantity.min < orificeFrom) continue;
        gun.orifice = size(quantity);
      } else if (!gun.bore && quantity.min >= boreFrom && quantity.max <= boreTo) gun.bore = size(quantity);
      else continue;
    }
    first ??= claim;
  }
  for (const { clause, family, span } of bareTips(spoken)) {
    const gun = draft(family);
    if (gun.orifice) continue;
    gun.orifice = span;
    first ??= { clause } as Claim;
  }
  for (const { family, span } of bareBores(spoken)) {
    const gun = draft(family);
    gun.bore ??= span;
  }
  const any = drafts.get('any');
  const named = [...drafts].filter(([key]) => key !== 'any');
  // What is said of spraying in general holds for every gun that says nothing of its own.
  const list: GunRead[] = named.map(([, gun]) => ({
    ...(any?.distance ? { distance: any.distance } : {}),
    ...(any?.bore && gun.atomising !== 'airless' ? { bore: any.bore } : {}),
    ...(any?.pressure && gun.atomising !== 'airless' && named.length === 1
      ? { pressure: any.pressure, ...(any.pressureAt ? { pressureAt: any.pressureAt } : {}) }
      : {}),
    ...gun,
  }));
  // “1.5 mm, 3 bar; airless 0.38 mm, 180 bar”: the first is of a gun with air, whatever its name.
  if (any?.bore && list.length > 0 && list.every(({ atomising }) => atomising === 'airless'))
    list.push({ atomising: 'conventional', ...any });
  if (list.length === 0 && any && (any.bore || any.pressure || any.orifice))
    list.push({ ...(any.orifice && !any.bore ? { atomising: 'airless' as const } : {}), ...any });
  const worth = list.filter(({ bore, orifice, pressure }) => bore ?? orifice ?? pressure);
  return worth.length > 0 && first ? { value: worth, claim: first, sure: 0.8 } : undefined;
}

const feeds: readonly (readonly [NonNullable<GunRead['feed']>, RegExp])[] = [
  ['gravity', /gravity|flie(?:ß|ss)becher|cup above|top cup|gravit[ée]/i],
  ['suction', /suction|siphon|saug|aspiration/i],
  ['pressure', /pressure[\s-]*(?:pot|feed|fed|tank)|\(pressure\)|druckkessel|druckgef/i],
];
const feedIn = (words: string): GunRead['feed'] => feeds.find(([, pattern]) => pattern.test(words))?.[0];

/** How the gun of a claim is fed: by the words before it, else by its row or column. */
const feedOf = ({ clause: { text, label, column }, quantity }: Claim): GunRead['feed'] =>
  [...feeds]
    .map(([feed, pattern]) => ({
      feed,
      at: Math.max(
        -1,
        ...[...text.slice(0, quantity.from).matchAll(new RegExp(pattern.source, 'gi'))].map(
          ({ index }) => index,
        ),
      ),
    }))
    .filter(({ at }) => at >= 0)
    .sort((a, b) => b.at - a.at)[0]?.feed ?? feedIn(`${label} ${column}`);

/** Kinds of guns whose feeds a paper tells apart: each with a nozzle of its own. */
function feedsTold({ clauses }: Spoken, told: readonly Family[]): ReadonlySet<Family> {
  const found = new Map<Family, Set<string>>();
  for (const { text, label, column, heading, quantities } of clauses) {
    if (!quantities.some(({ kind }) => kind === 'length')) continue;
    for (const [feed, pattern] of feeds)
      if (pattern.test(`${label} ${column} ${text}`)) {
        const family =
          familyNamed(column) ?? familyNamed(label) ?? familyNamed(text) ?? familyNamed(heading) ?? told[0];
        if (family && family !== 'airless') found.set(family, (found.get(family) ?? new Set()).add(feed));
      }
  }
  return new Set([...found].flatMap(([family, own]) => (own.size > 1 ? [family] : [])));
}

function familiesTold({ clauses }: Spoken): Family[] {
  const told = new Set<Family>();
  for (const { text, label, column, heading } of clauses)
    for (const words of [text, label, column, heading]) for (const { id } of familiesIn(words)) told.add(id);
  return [...told];
}

const places: readonly (readonly [Place, RegExp])[] = [
  ['cap', /(?:at|in|air) (?:the )?(?:air[\s-]?)?cap|\bcap\b|air[\s-]?cap|luftkappe/],
  ['inlet', /inlet|input|inbound|gun handle|at (?:the )?gun\b|entrance|eingang|entr[ée]e/],
  [
    'tip',
    /tip pressure|(?:at|in|an) (?:the |der )?(?:spray )?(?:tip|nozzle|d[uü]se)\b|\((?:tip|nozzle)\)|nozzle pressure|pressure at tip/,
  ],
];

function placeOf({ near, clause, family, quantity }: Claim): Place | undefined {
  // Another gun’s pressure may follow in the same breath.
  // “0.7 bar (10 psi) at the cap”: the same in other units stands between.
  const to = quantity.to + (/^\s*\([^)]*\d[^)]*\)/.exec(clause.text.slice(quantity.to))?.[0].length ?? 0);
  const next = clause.quantities.find(({ from }) => from >= to)?.from ?? Infinity;
  const after =
    clause.text
      .slice(to, Math.min(to + 40, next))
      .toLowerCase()
      .split(/[;|]|\bor\b|hvlp|airless/)[0] ?? '';
  for (const words of [after, near.split('|')[2] ?? '', `${clause.label} ${clause.column}`.toLowerCase()])
    for (const [place, pattern] of places)
      if (
        pattern.test(words) &&
        !(place === 'tip' && family !== 'airless') &&
        !(place === 'tip' && /tip (?:size|orifice)/.test(words))
      )
        return place;
  return undefined;
}

const inch = 0.0254;

/** Nozzles behind the name of their gun that go without a unit: “HVLP 1.3 - 1.4; compliant 1.2 - 1.3 mm”. */
const bareBores = ({ clauses }: Spoken): { family: Family; span: Span }[] =>
  clauses
    .filter(({ label, column }) => /fluid tip|nozzle|needle|bore|d[uü]se/i.test(`${label} ${column}`))
    .flatMap(({ text }) =>
      familiesIn(text).flatMap(({ id, to }) => {
        const [, low, high = low] =
          /^[\s:]{0,3}(\d[.,]\d{1,2})(?:\s*(?:[-–—]|to)\s*(\d[.,]\d{1,2}))?(?=\s*(?:[;,|)]|$))/.exec(
            text.slice(to),
          ) ?? [];
        if (low === undefined || high === undefined || id === 'airless' || id === 'air-assisted') return [];
        const [min, max] = [Number(low.replace(',', '.')) / 1000, Number(high.replace(',', '.')) / 1000];
        return min >= boreFrom && max <= boreTo && max >= min ? [{ family: id, span: { min, max } }] : [];
      }),
    );

/** Tips by their orifice alone, in inches or thousandths without a unit, or by their numbers: “.015–.019”, “415 to 519”. */
function bareTips({
  clauses,
}: Spoken): { clause: Spoken['clauses'][number]; family: Family | undefined; span: Span }[] {
  return clauses.flatMap((clause) => {
    const said = `${clause.label} ${clause.column} ${clause.text}`;
    const family =
      familyNamed(clause.column) ??
      familyNamed(clause.label) ??
      familyNamed(clause.text) ??
      familyNamed(clause.heading);
    if (!/tip|orifice|nozzle|d[uü]se|airless/i.test(said)) return [];
    const airless = family === 'airless' || /tip|orifice/i.test(said);
    if (!airless || (family !== undefined && family !== 'airless')) return [];
    const inches = /(?<![\d.])0?\.(0[0-5]\d)"?\s*(?:(?:[-–—]|to|bis)\s*0?\.(0[0-5]\d))?/i.exec(clause.text);
    if (inches) {
      const [low, high] = [Number(`0.${inches[1]}`), Number(`0.${inches[2] ?? inches[1]}`)];
      return [{ clause, family: 'airless' as const, span: { min: low * inch, max: high * inch } }];
    }
    const coded =
      /(?<![\d.])([1-9])(\d{2})(?:\s*(?:[-–—]|to|or|,|\/)\s*([1-9])(\d{2}))?(?![\d.]|\s*(?:bar|psi|mm|µm|kpa|cm|g|ml|h|min|°))/i.exec(
        clause.text,
      );
    if (coded && /tip/i.test(said)) {
      const [low, high] = [Number(coded[2]), Number(coded[4] ?? coded[2])];
      if (low >= 7 && high <= 45)
        return [
          {
            clause,
            family: 'airless' as const,
            span: { min: (Math.min(low, high) / 1000) * inch, max: (Math.max(low, high) / 1000) * inch },
          },
        ];
    }
    return [];
  });
}
