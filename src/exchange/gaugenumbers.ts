/** Which mark divides whole from part in a table’s numbers. */
export type Decimal = 'point' | 'comma';

/** Digits of other scripts as ours: each run of ten stands in order behind its zero. */
const zeros = [0x0660, 0x06f0, 0x0966, 0xff10];

const ourDigit = (digit: string): string => {
  const code = digit.charCodeAt(0);
  const zero = zeros.find((each) => code >= each && code < each + 10);
  return zero === undefined ? digit : String(code - zero);
};

/** A unit behind a number, in whatever script. */
const trailingUnit = /[\p{L}\p{M}"″]+\.?$/u;

/** A cell as digits and marks: without spaces, thousands apostrophes and a unit, digits and marks in our script. */
const bare = (text: string): string => (/^[\d.,+-]*$/.test(text) ? text : tamed(text));

const tamed = (text: string): string =>
  text
    .replace(/[\s\u00a0\u202f'’]/g, '')
    .replace(trailingUnit, '')
    .replace(/[\u0660-\u0669\u06f0-\u06f9\u0966-\u096f\uff10-\uff19]/g, ourDigit)
    .replace(/[\u066b\uff0c]/g, ',')
    .replace(/\uff0e/g, '.')
    .replace(/\u066c/g, '')
    .replace(/^\u2212/, '-');

/** Numbers as each mark writes them, thousands set apart or not. */
const written: Readonly<Record<Decimal, { readonly grouped: RegExp; readonly plain: RegExp }>> = {
  point: { grouped: /^[+-]?\d{1,3}(,\d{3})+(\.\d+)?$/, plain: /^[+-]?(\d+(\.\d*)?|\.\d+)$/ },
  comma: { grouped: /^[+-]?\d{1,3}(\.\d{3})+(,\d+)?$/, plain: /^[+-]?(\d+(,\d*)?|,\d+)$/ },
};

/**
 * A number as a gauge writes it.
 *
 * @param decimal the mark between whole and part; the other one, spaces and apostrophes set thousands apart
 * @returns undefined for anything else
 */
export function numberIn(text: string, decimal: Decimal): number | undefined {
  const [mark, apart] = decimal === 'point' ? ['.', ','] : [',', '.'];
  const { grouped, plain } = written[decimal];
  const digits = bare(text);
  return grouped.test(digits) || plain.test(digits)
    ? Number(digits.replaceAll(apart, '').replace(mark, '.'))
    : undefined;
}

/** Does a cell hold a number, whichever mark it is written with? */
export const looksLikeNumber = (text: string): boolean =>
  numberIn(text, 'point') !== undefined || numberIn(text, 'comma') !== undefined;

/** What one cell says of the mark: 1,25 and 1.234,5 a comma; 1,234 could be either. */
function markOf(text: string): Decimal | 'either' | undefined {
  const digits = bare(text);
  const last = Math.max(digits.lastIndexOf('.'), digits.lastIndexOf(','));
  if (last < 0 || !looksLikeNumber(text)) return undefined;
  const mark: Decimal = digits[last] === ',' ? 'comma' : 'point';
  const other: Decimal = mark === 'comma' ? 'point' : 'comma';
  const [reads, readsOther] = [numberIn(text, mark) !== undefined, numberIn(text, other) !== undefined];
  return reads && readsOther ? 'either' : reads ? mark : other;
}

/**
 * The mark of a column: what every cell that says something says.
 *
 * @returns undefined where its cells could be read both ways, or contradict each other: it is to be asked
 */
export function decimalOf(cells: readonly string[]): Decimal | undefined {
  const said = new Set(cells.map(markOf));
  if (said.has('comma') && said.has('point')) return undefined;
  if (said.has('comma')) return 'comma';
  return said.has('point') || !said.has('either') ? 'point' : undefined;
}
