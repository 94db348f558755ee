import { refuse, type Outcome } from '../refusal';
import {
  fromSI,
  quantities,
  quantityOf,
  toSI,
  unitIn,
  unitNamed,
  type QuantityId,
  type Unit,
  type UnitSystem,
} from './units';

/** A question to the user about a value that was read but looks wrong. It never blocks. */
export interface Doubt {
  readonly says: string;
  /** The value that was probably meant, SI, and how it would be written. */
  readonly instead?: { readonly value: number; readonly text: string };
}

export interface Parsed {
  /** SI. */
  readonly value: number;
  readonly unit: Unit;
  readonly doubt?: Doubt;
}

export interface ParseOptions {
  readonly system: UnitSystem;
  /** The unit assumed when none is typed, if not the system's own. */
  readonly unit?: string;
  /** SI range in which a value is nothing to ask about. */
  readonly expects?: readonly [min: number, max: number];
}

// prettier-ignore
const vulgar: Record<string, string> = {
  '¼': '1/4', '½': '1/2', '¾': '3/4', '⅓': '1/3', '⅔': '2/3', '⅛': '1/8', '⅜': '3/8', '⅝': '5/8', '⅞': '7/8',
};

/**
 * Reads what a person types into a field: `1 1/2`, `½`, `1,5`, `1.234,5`, `2.0 bar`, `20 psi`, `1:02`.
 *
 * @param text as typed
 * @returns the SI value, the unit it was read in, and a doubt when it lies outside what the field expects;
 *   refuses empty text, text that is no number, a unit of another quantity and a negative amount
 * Source: definition
 * @example parse('3.5', 'film', { system: 'us' }) → { value: 8.89e-05, unit: { id: 'mil', symbol: 'mil', scale: 2.54e-05, digits: 1, aliases: ['mils', 'thou'] } }
 */
export function parse(text: string, id: QuantityId, options: ParseOptions): Outcome<Parsed> {
  const quantity = quantityOf(id);
  const own = (options.unit && unitNamed(id, options.unit)) || unitIn(id, options.system);
  const typed = text
    .replace(/[¼½¾⅓⅔⅛⅜⅝⅞]/g, (mark) => ` ${vulgar[mark]} `)
    .replace(/−/g, '-')
    .replace(/\u00a0|\u202f/g, ' ')
    .trim();
  if (typed === '') return refuse('empty', `Enter a ${quantity.name} in ${own.symbol}.`);

  const two = feetAndInches(typed, id) ?? poundsAndOunces(typed, id);
  if (two) return two;
  const split = /^([-+]?[\d.,:/\s]*\d[\d.,:/\s]*|[-+]?[.,]\d+)\s*(.*)$/.exec(
    typed.replace(/^([-+]?\d+)-(\d+\s*\/\s*\d+)/, '$1 $2'),
  );
  const amount = split?.[1] === undefined ? undefined : readNumber(split[1].trim(), clocks.includes(id));
  if (!split || amount === undefined)
    return refuse('not-a-number', `“${text.trim()}” is not a number. Write it like ${example(own)}.`);

  const word = split[2]?.trim() ?? '';
  const unit = word === '' ? (amount.clock ? (unitNamed(id, 's') ?? own) : own) : unitNamed(id, word);
  if (!unit) return refuseUnit(word, id);

  const value = toSI(amount.value, unit);
  if (!Number.isFinite(value))
    return refuse('not-a-number', `“${text.trim()}” is too large to be a ${quantity.name}.`);
  if (id === 'temperature' && value < 0)
    return refuse('too-cold', `“${text.trim()}” is colder than anything is. Write it like ${example(own)}.`);
  if (!quantity.signed && value < 0)
    return refuse('negative', `A ${quantity.name} cannot be below zero. Write it like ${example(own)}.`);

  const doubt = amount.clock
    ? clockDoubt(amount)
    : id === 'volume' && /^oz\.?$/i.test(word)
      ? { says: 'Read as fluid ounces, by volume. Ounces by weight belong on the scale.' }
      : doubtOf(value, amount, unit, id, options, word !== '');
  return doubt ? { value, unit, doubt } : { value, unit };
}

/** What is read as minutes and seconds when it has a colon. */
const clocks: readonly QuantityId[] = ['time', 'duration'];

/** `4'7"`, `4 ft 7 in`, `5' 3 1/2"`: a length in feet and inches. */
function feetAndInches(typed: string, id: QuantityId): Parsed | undefined {
  const inch = unitNamed(id, 'in');
  const found =
    /^(\d+(?:\.\d+)?)\s*(?:'|′|ft\.?|feet|foot)\s*(?:(?:(\d+)[\s-]+)?(\d+)\s*\/\s*(\d+)|(\d+(?:\.\d+)?))\s*(?:"|″|''|in\.?|inch|inches)?$/i.exec(
      typed,
    );
  if (!inch || !unitNamed(id, 'ft') || !found) return undefined;
  const [, feet, whole = '0', top, bottom, inches] = found;
  const more = inches === undefined ? Number(whole) + Number(top) / Number(bottom) : Number(inches);
  return Number.isFinite(more) && more < 12
    ? { value: toSI(Number(feet) * 12 + more, inch), unit: inch }
    : undefined;
}

/** `4 lb 8.2 oz`, `4 lb 8.2`: a mass in pounds and ounces. */
function poundsAndOunces(typed: string, id: QuantityId): Parsed | undefined {
  const ounce = unitNamed(id, 'oz');
  const pound = unitNamed(id, 'lb');
  const found = /^(\d+)\s*(?:lbs?\.?|pounds?)\s*(\d+(?:[.,]\d+)?)\s*(?:oz\.?|ounces?)?$/i.exec(typed);
  if (id !== 'mass' || !ounce || !pound || !found) return undefined;
  const more = Number((found[2] ?? '').replace(',', '.'));
  return more < 16 ? { value: toSI(Number(found[1]), pound) + toSI(more, ounce), unit: ounce } : undefined;
}

interface Amount {
  readonly value: number;
  /** The other reading of a number such as 1,234: one and a bit, or a thousand. */
  readonly other?: number;
  /** With a point: most hands mean the number as it stands. */
  readonly point?: boolean;
  /** Typed as minutes:seconds. */
  readonly clock?: boolean;
}

function readNumber(text: string, mayBeClock: boolean): Amount | undefined {
  const clock = /^(\d+):([0-5]?\d(?:[.,]\d+)?)$/.exec(text);
  if (clock && !mayBeClock) return undefined;
  if (clock) {
    const [, minutes, seconds = '0'] = clock;
    const value = Number(minutes) * 60 + Number(seconds.replace(',', '.'));
    // `12:5` is five seconds, or fifty.
    return /^\d$/.test(seconds) && Number(seconds) < 6 && seconds !== '0'
      ? { value, clock: true, other: Number(minutes) * 60 + Number(seconds) * 10 }
      : { value, clock: true };
  }

  const fraction = /^([-+]?)(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)$/.exec(text);
  if (fraction) {
    const [, sign, whole = '0', top, bottom] = fraction;
    if (Number(bottom) === 0) return undefined;
    return { value: (sign === '-' ? -1 : 1) * (Number(whole) + Number(top) / Number(bottom)) };
  }

  const bare = text.replace(/(?<=\d) (?=\d{3}(\D|$))/g, '');
  if (!/^[-+]?[\d.,]+$/.test(bare)) return undefined;
  const marks = bare.match(/[.,]/g) ?? [];
  if (marks.length === 0) return { value: Number(bare) };
  const last = marks[marks.length - 1] as string;
  const kinds = new Set(marks);
  if (marks.length === 1) {
    const value = Number(bare.replace(',', '.'));
    if (Number.isNaN(value)) return undefined;
    const grouped = /^[-+]?[1-9]\d{0,2}[.,]\d{3}$/.test(bare);
    return grouped ? { value, other: Number(bare.replace(/[.,]/, '')), point: last === '.' } : { value };
  }
  const grouping = kinds.size === 1 ? last : last === ',' ? '.' : ',';
  if (kinds.size === 2 && marks.slice(0, -1).includes(last)) return undefined;
  // Thousands stand in threes: what does not is two numbers, or a slip.
  const [wholes = ''] = kinds.size === 2 ? bare.split(last) : [bare];
  if (!/^[-+]?\d{1,3}([.,]\d{3})+$/.test(wholes)) return undefined;
  const value = Number(bare.replaceAll(grouping, '').replace(',', '.'));
  return Number.isNaN(value) ? undefined : { value };
}

const example = (unit: Unit) => `${(12.5).toFixed(Math.min(unit.digits, 1))} ${unit.symbol}`;

function refuseUnit(word: string, id: QuantityId) {
  const { name, units } = quantityOf(id);
  const known = units.map((each) => each.symbol).join(', ');
  const foreign = (Object.keys(quantities) as QuantityId[]).find((other) => unitNamed(other, word));
  return foreign
    ? refuse(
        'wrong-quantity',
        `${word} is a unit of ${quantityOf(foreign).name}. Here a ${name} is wanted: ${known}.`,
      )
    : refuse('unknown-unit', `“${word}” is not a unit known here. Use ${known}.`);
}

function clockDoubt({ value, other }: Amount): Doubt {
  const says = `Read as minutes and seconds: ${value} s.`;
  return other === undefined
    ? { says }
    : { says: `${says} Did you mean ${other} s?`, instead: { value: other, text: `${other} s` } };
}

const customary = [
  'in',
  'ft',
  'mil',
  'gal',
  'qt',
  'fl oz',
  'oz',
  'lb',
  'psi',
  '°F',
  '%/°F',
  'ft²',
  'in/s',
  'ft/s',
  'cfm',
];

/** A unit of the other system is meant only where none of one’s own fits. */
const foreign = ({ id }: Unit, system: UnitSystem): number =>
  Number(customary.includes(id) !== (system === 'us'));

/**
 * A value outside the expected range is most often right in another unit, or a comma read the wrong way.
 * The first reading that falls inside the range is offered.
 */
function doubtOf(
  value: number,
  amount: Amount,
  unit: Unit,
  id: QuantityId,
  { expects, system }: ParseOptions,
  unitTyped: boolean,
): Doubt | undefined {
  const plain = (number: number) => String(Number(number.toPrecision(6)));
  if (!expects) {
    // A point before three digits is asked about only where nobody writes parts: a gram on a scale of grams.
    return amount.other === undefined || (amount.point && unit.digits > 0)
      ? undefined
      : {
          says: `Read as ${plain(amount.value)}. Did you mean ${amount.other}?`,
          instead: { value: toSI(amount.other, unit), text: `${amount.other} ${unit.symbol}` },
        };
  }
  const inside = (si: number) => si >= expects[0] && si <= expects[1];
  if (inside(value)) return undefined;

  if (amount.other !== undefined && inside(toSI(amount.other, unit)))
    return {
      says: `Read as ${plain(amount.value)} ${unit.symbol}, which is unusual here. Did you mean ${amount.other}?`,
      instead: { value: toSI(amount.other, unit), text: `${amount.other} ${unit.symbol}` },
    };

  const shown = unitIn(id, system);
  const usual = `${plain(fromSI(expects[0], shown))} to ${plain(fromSI(expects[1], shown))} ${shown.symbol}`;
  const typed = `${plain(amount.value)} ${unit.symbol}`;
  // Of the units that would fit, one of the shop’s own system, and the one that lands nearest the middle of what is usual.
  const middle = Math.sqrt((expects[0] > 0 ? expects[0] : expects[1] / 1000) * expects[1]);
  const off = (each: Unit) => Math.abs(Math.log(toSI(amount.value, each) / middle));
  const [meant] = quantityOf(id)
    .units.filter((each) => each !== unit && inside(toSI(amount.value, each)))
    .sort((a, b) => foreign(a, system) - foreign(b, system) || off(a) - off(b));
  if (!meant || unitTyped) return { says: `${typed} is unusual here: ${usual} is expected. Is it right?` };
  const instead = toSI(amount.value, meant);
  return {
    says: `${typed} is unusual here: ${usual} is expected. Did you mean ${plain(amount.value)} ${meant.symbol}?`,
    instead: { value: instead, text: `${plain(amount.value)} ${meant.symbol}` },
  };
}
