import { numberOf, numberPattern, type NumberStyle } from './numbers';

/** What a number with its unit can be. */
export type Kind =
  | 'time'
  | 'temperature'
  | 'length'
  | 'pressure'
  | 'share'
  | 'concentration'
  | 'dose'
  | 'coats'
  /** Of a gallon or a litre, kg/m³, where the words say so. */
  | 'mass'
  | 'other'
  | 'bare';

/** One stated value or range, SI. */
export interface Quantity {
  readonly kind: Kind;
  readonly min: number;
  readonly max: number;
  /** Its unit as written, in lower case; empty for a bare number. */
  readonly unit: string;
  /** Does the paper say “at most” or “at least”? */
  readonly bound?: 'max' | 'min';
  /** Is it one range of two durations in different units, as “4 h to 7 d”? */
  readonly apart?: boolean;
  /** What is usual between its ends, where the paper says that too. */
  readonly usual?: number;
  readonly from: number;
  readonly to: number;
}

interface Unit {
  readonly kind: Kind;
  readonly pattern: string;
  readonly scale: number;
  readonly offset?: number;
  /** 1,350 of it is one and a third. */
  readonly small?: boolean;
}

const inch = 0.0254;
const gallon = 3.785411784e-3;
const pound = 0.45359237;
const psi = 6894.757293168;
const per = '\\s*(?:\\/|per|pro|par)\\s*';
/** “1 pint to the gallon” */
const perOne = `(?:${per}|\\s*(?:to|in|for) (?:the|a|an|each|every|one) )`;
const gallons = '(?:us\\s*)?gal(?:lon)?s?\\.?';

const unit = (kind: Kind, pattern: string, scale: number, more: Partial<Unit> = {}): Unit => ({
  kind,
  pattern,
  scale,
  ...more,
});

/** Longer spellings come first: the first that fits is it. */
const units: readonly Unit[] = [
  unit('dose', `m[lL]${per}l(?:it(?:re|er))?`, 1e-3),
  unit('dose', `cc${per}l(?:it(?:re|er))?`, 1e-3),
  unit('dose', `(?:fl\\.?\\s*)?(?:oz|ounces?)\\.?${perOne}${gallons}`, 1 / 128),
  unit('dose', `(?:fl\\.?\\s*)?(?:oz|ounces?)\\.?${per}(?:qt|quart)s?`, 1 / 32),
  unit('dose', `(?:pt|pints?)\\.?${perOne}${gallons}`, 1 / 8),
  unit('dose', `(?:qt|quarts?)\\.?${perOne}${gallons}`, 1 / 4),
  unit('other', `(?:m²|m2|sq\\.?\\s*m(?:et\\w+)?|sq\\.?\\s*ft\\.?|ft²|ft2)(?:${per}\\w+)?`, 1),
  unit('other', `(?:l|ml|m³|cu\\.?\\s*ft)${per}(?:min|h|hour|m²|m2)\\w*|cfm|rpm|kw|nm`, 1),
  unit('concentration', `g${per}(?:cm(?:³|3|\\^3)|cc|ml|mL)`, 1000, { small: true }),
  unit('concentration', `kg${per}(?:l(?:it(?:re|er)s?|tr)?|dm(?:³|3))`, 1000, { small: true }),
  unit('concentration', `g(?:r(?:ams?)?)?(?:\\s*(?:of\\s+)?voc)?${per}l(?:it(?:re|er)s?|tr)?`, 1),
  unit('concentration', `kg${per}m(?:³|3)`, 1),
  unit('concentration', `(?:lbs?|pounds?)\\.?${per}${gallons}|ppg`, pound / gallon),
  unit('other', 'mpa[\\s·.*]?s|pa[\\s·.*]s|c(?:enti)?p(?:s|oise)?|mm²\\/s|mm2\\/s|cst|ku|poise|dpas', 1),
  unit('pressure', 'psig?|lbs?f?\\s*\\/\\s*(?:sq\\.?\\s*in\\.?|in²)|p\\.s\\.i\\.?', psi),
  unit('pressure', 'mpa', 1e6),
  unit('pressure', 'kpa', 1e3),
  unit('pressure', 'bars?', 1e5),
  unit('pressure', 'k[gp]f?\\s*\\/\\s*cm(?:²|2)|at[mü]', 98066.5),
  unit('length', 'µm|μm|um|my|microns?|micromet\\w+|mikron|mic|µ', 1e-6),
  unit('length', '(?:(?:wet|dry) )?mils?|thou|thousandths?(?: of an inch)?', inch / 1000),
  unit('length', 'mm|millimet\\w+', 1e-3, { small: true }),
  unit('length', 'cm|centimet\\w+', 1e-2),
  unit('length', 'inch(?:es)?|in\\.?(?=$|[\\s),;:|/–-])|"|″|”', inch, { small: true }),
  unit('length', 'm(?:et(?:re|er)s?)?', 1),
  unit('temperature', '°\\s*c(?:elsius)?|º\\s*c|℃|deg(?:rees?)?\\.?\\s*c(?:elsius)?|celsius|c', 1, {
    offset: 273.15,
  }),
  unit(
    'temperature',
    '°\\s*f(?:ahrenheit)?|º\\s*f|℉|deg(?:rees?)?\\.?\\s*f(?:ahrenheit)?|fahrenheit|f',
    5 / 9,
    {
      offset: 273.15 - (32 * 5) / 9,
    },
  ),
  unit(
    'share',
    '(?:vol\\.?|wt\\.?|gew\\.?)?[\\s-]*%(?:[\\s-]*(?:vol|wt|gew)\\.?)?|per\\s?cent|pct\\.?',
    0.01,
  ),
  unit('time', 'seconds?|secs?\\.?|sekunden|sek\\.?|secondes|segundos|s', 1),
  unit('time', "minutes?|mins?\\.?|minuten|minutos|′|'(?!')", 60),
  unit('time', 'hours?|hrs?\\.?|stunden|stunde|std\\.?|heures?|horas?|ore|h', 3600),
  unit('time', 'days?|tagen?|jours?|días?|dias?|giorni|d', 86_400),
  unit('time', 'weeks?|wks?\\.?|wochen?|semaines?|semanas?', 604_800),
  unit('time', 'months?|mths?\\.?|mos?\\.?|monaten?|mois|meses|mesi', 30.44 * 86_400),
  unit('time', 'years?|yrs?\\.?|jahren?|ans?|años?|anni', 365.25 * 86_400),
  unit(
    'coats',
    '(?:(?:full|medium|light|wet|thin|even|cross|normal|double|single|spray(?:ed)?|finish|or more)[\\s-]+){0,3}(?:coats?|passes|layers?|spritzgänge?|schichten|couches|capas|mani)',
    1,
  ),
  unit('mass', 'lbs?\\.?|pounds?', pound / gallon),
  unit('mass', 'kg', 1000),
  unit(
    'other',
    'gloss units|gu|units|mesh|g|grams?|litres?|liters?|l|ml|gal(?:lon)?s?|fl\\.?\\s*oz|oz|quarts?|pints?|ppm|ohms?|volts?|hz|db|cm²|parts?|vol(?:umes?)?\\.?',
    1,
  ),
];

const unitPattern = units.map(({ pattern }) => `(${pattern})`).join('|');
/** A number, and the unit right after it where there is one. */
const stated = new RegExp(
  `(?<![A-Za-z\\d_])(?:${numberPattern})(?:(?:\\s*-\\s*|\\s*)(?:${unitPattern})(?:(?<=%)|(?![A-Za-zäöüéèµ²³])))?`,
  'gi',
);
const aNumber = new RegExp(`^(?:${numberPattern})`, 'i');

const joins = /^\s*(?:[-–—−~÷]|\.{2,3}|…|to|till|until|bis|à|a|up to|and|und|et|y|or)\s*$/i;
const atMost =
  /(?:up to|at most|m[aá]x(?:imum|imo|\.)?(?: of)?:?|not (?:be )?(?:above|over|after|higher than|wetter than|exceed)|not? more than|not (?:to )?exceed(?:ing)?|no higher than|less than|(?:colder|cooler|lower) than|below|under|within|bis(?: zu)?|jusqu.à|hasta|fino a|[<≤])\s*(?:a |an |approx\.? |about |ca\.? )?$/i;
const atLeast =
  /(?<!not )(?<!not be )(?:not (?:before|drier than)|at least|m[ií]n(?:imum|imo|\.)?(?: of)?:?|not? less than|more than|(?:warmer|hotter|higher) than|above|over|after|from|mindestens|au moins|al menos|ab|[>≥])\s*$/i;

interface Token {
  readonly number: string;
  readonly unit?: Unit;
  readonly written: string;
  readonly from: number;
  readonly to: number;
}

function tokensOf(text: string): Token[] {
  const tokens: Token[] = [];
  for (const match of text.matchAll(stated)) {
    const [whole] = match;
    // The number of a cup is no number of its own.
    if (
      /(?:\bdin|\biso|\bford|\bcup|copa|coupe|becher|\bno\.?|#|n[°º])[\s-]*$/i.test(
        text.slice(0, match.index),
      ) &&
      /^\d$/.test(whole)
    )
      continue;
    const [number = ''] = aNumber.exec(whole) ?? [];
    // “HL-21 up to 10 %”: what hangs on letters is a name.
    if (whole === number && /(?:^|[^A-Za-z])[A-Z]{1,4}-$/.test(text.slice(0, match.index))) continue;
    const at = match.slice(1).findIndex((each) => each !== undefined);
    const of = at >= 0 ? units[at] : undefined;
    tokens.push({
      number,
      ...(of ? { unit: of } : {}),
      written: at >= 0 ? (match[at + 1] ?? '').toLowerCase() : '',
      from: match.index,
      to: match.index + whole.length,
    });
  }
  return tokens;
}

/**
 * Every quantity of a text with its unit, SI: ranges, joined units, mixed fractions, bounds, tolerances; and bare numbers.
 *
 * @param text one clause
 * @param style how its sheet writes decimals
 *
 * Source: first principles. Worked: “1.3-1.4mm” is 0.0013 to 0.0014 m; “2 h 30 min” is 9000 s.
 * @example quantitiesIn('2', { comma: true }) → [{ kind: 'bare', min: 2, max: 2, unit: '', from: 0, to: 1 }]
 */
export function quantitiesIn(text: string, style: NumberStyle): Quantity[] {
  const tokens = tokensOf(text);
  const found: Quantity[] = [];
  for (let i = 0; i < tokens.length; i += 1) {
    const first = tokens[i];
    if (!first) break;
    const second = tokens[i + 1];
    const between = second && text.slice(first.to, second.from);
    const before = text.slice(0, first.from);
    const joined =
      second?.unit !== undefined &&
      between !== undefined &&
      joins.test(between) &&
      (!/^\s*(?:and|und|et|y)\s*$/i.test(between) || /(?:between|zwischen|entre)\s*$/i.test(before)) &&
      (!/^\s*a\s*$/i.test(between) || /\d\s*$/.test(text.slice(0, first.to))) &&
      (first.unit === undefined || first.unit.kind === second.unit.kind);
    if (joined && second.unit) {
      const of = first.unit ?? second.unit;
      const low = valueOf(first, of, style, before);
      const high = valueOf(second, second.unit, style, '');
      if (low !== undefined && high !== undefined) {
        found.push({
          kind: second.unit.kind,
          min: Math.min(low, high),
          max: Math.max(low, high),
          unit: second.written,
          ...(first.unit && first.unit.scale !== second.unit.scale ? { apart: true } : {}),
          from: first.from,
          to: second.to,
        });
        i += 1;
        continue;
      }
    }
    // 20 ± 2 s
    if (second?.unit && between !== undefined && /^\s*(?:±|\+\/?-|\+\/−)\s*$/.test(between)) {
      const middle = valueOf(first, first.unit ?? second.unit, style, before);
      const by = numberOf(second.number, style, second.unit.small);
      if (middle !== undefined && by !== undefined) {
        const off = by * second.unit.scale;
        found.push({
          kind: second.unit.kind,
          min: middle - off,
          max: middle + off,
          unit: second.written,
          from: first.from,
          to: second.to,
        });
        i += 1;
        continue;
      }
    }
    const value = valueOf(first, first.unit, style, before);
    if (value === undefined) continue;
    // 1 to 2, with nothing behind it
    const high = second && !first.unit && !second.unit ? numberOf(second.number, style) : undefined;
    if (
      second &&
      high !== undefined &&
      between !== undefined &&
      /^\s*(?:[-–—]|to|bis|or)\s*$/i.test(between) &&
      high > value
    ) {
      found.push({ kind: 'bare', min: value, max: high, unit: '', from: first.from, to: second.to });
      i += 1;
      continue;
    }
    let [sum, to] = [value, first.to];
    // 2 h 30 min
    while (first.unit?.kind === 'time') {
      const next = tokens[i + 1];
      // 1h30
      const short = first.unit.scale === 3600 ? /^[0-5]\d(?!\d)/.exec(text.slice(to)) : null;
      if (short) {
        sum += Number(short[0]) * 60;
        to += 2;
        break;
      }
      if (next?.unit?.kind !== 'time' || next.unit.scale >= (tokens[i]?.unit?.scale ?? 0)) break;
      if (!/^\s*(?:and\s*)?$/.test(text.slice(to, next.from))) break;
      sum += valueOf(next, next.unit, style, '') ?? 0;
      to = next.to;
      i += 1;
    }
    const after = text.slice(to, to + 16);
    const said =
      atMost.test(before) || /^\s*\(?(?:m[aá]x(?:imum|imo)?(?![a-z])|or less)/i.test(after)
        ? ('max' as const)
        : atLeast.test(before) || /^\s*\(?(?:m[ií]nimum\b|m[ií]nimo\b|m[ií]n\.|or more)/i.test(after)
          ? ('min' as const)
          : undefined;
    // “Not below 5 °C or above 80 %” names what is not allowed.
    const barred =
      /\b(?:do not|don.t|never|avoid|neither|nor|should not|must not|nicht|ne pas)\b(?!.*\b(?:exceed|within)\b)(?:[^;,]|,\s*(?:or|nor)\b)*$/i.test(
        before,
      ) && /(?:below|under|above|over|than|unter|[uü]ber)\s*$/i.test(before);
    const bound = said && barred ? (said === 'max' ? 'min' : 'max') : said;
    found.push({
      kind: first.unit?.kind ?? 'bare',
      min: sum,
      max: sum,
      unit: first.written,
      ...(bound ? { bound } : {}),
      from: first.from,
      to,
    });
  }
  return found.map((own, i) => filmLike(own, found.slice(0, i), text));
}

/** “90 to 110 microns wet (35 to 43 dry)”: the second is in the unit of the first. */
function filmLike(own: Quantity, before: readonly Quantity[], text: string): Quantity {
  if (own.kind !== 'bare' || !/^\s*(?:dry|wet)\b/i.test(text.slice(own.to))) return own;
  const unit = before.findLast(({ kind }) => kind === 'length')?.unit;
  const of = units.find(
    ({ kind, pattern }) => kind === 'length' && new RegExp(`^(?:${pattern})$`, 'i').test(unit ?? ''),
  );
  return of && unit
    ? { ...own, kind: 'length', min: own.min * of.scale, max: own.max * of.scale, unit }
    : own;
}

function valueOf(
  { number }: Token,
  of: Unit | undefined,
  style: NumberStyle,
  before: string,
): number | undefined {
  const value = numberOf(number, style, of?.small);
  if (value === undefined) return undefined;
  const below = of?.kind === 'temperature' && /(?:^|[\s(:–])[-−–]\s?$/.test(before);
  return (below ? -value : value) * (of?.scale ?? 1) + (of?.offset ?? 0);
}
