/** How the numbers of a sheet are written. */
export interface NumberStyle {
  /** Is the comma its decimal mark? */
  readonly comma: boolean;
}

/**
 * Whether a text writes its decimals with a comma: by the numbers that can be read one way only.
 *
 * Source: first principles.
 * @example styleOf('Name of it\n\nSG 1.15\n\n') → { comma: false }
 */
export function styleOf(text: string): NumberStyle {
  const count = (pattern: RegExp) => [...text.matchAll(pattern)].length;
  const commas = count(/(?<![\d.,])\d+,\d{1,2}(?![\d,])/g);
  const points = count(/(?<![\d.,])\d+\.\d{1,2}(?![\d.])/g);
  return { comma: commas > points };
}

const marks: Record<string, number> = {
  '½': 1 / 2,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};

const wholeWords = [
  ...[
    'zero',
    'one',
    'two',
    'three',
    'four',
    'five',
    'six',
    'seven',
    'eight',
    'nine',
    'ten',
    'eleven',
    'twelve',
  ],
  ...['thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen', 'twenty'],
];
const tens = ['thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];
const words: Record<string, number> = {
  ...Object.fromEntries(wholeWords.map((word, i) => [word, i])),
  ...Object.fromEntries(tens.map((word, i) => [word, (i + 3) * 10])),
  'half an': 0.5,
  'half a': 0.5,
  single: 1,
  a: 1,
  an: 1,
};

const fraction = '[1-9]\\d?\\/(?:2|3|4|8|16|32|64)(?![\\d\\/])';

/** A number as sheets write it, without sign. Word numbers up to twelve are numbers too. */
export const numberPattern = [
  `\\d+[- ]${fraction}`,
  `(?<![\\d\\/])${fraction}`,
  '\\d*[½¼¾⅓⅔⅛⅜⅝⅞]',
  "\\d{1,3}(?:[\u00a0’']\\d{3})+(?:[.,]\\d+)?",
  '\\d+(?:[.,]\\d+)*',
  '(?<![\\d.])\\.\\d+',
  `\\b(?:half an?|single|${[...wholeWords.slice(1), ...tens].join('|')})\\b`,
  '\\ban?(?= (?:minute|hour|day|week|month|year)\\b)',
].join('|');

/**
 * The value of a number as it is written: fractions, decimal commas, thousands.
 *
 * @param text what `numberPattern` found
 * @param small is it of a kind that is small, so that 1,350 is one and a third and not more than a thousand?
 * @returns the number; undefined where it is none
 *
 * Source: first principles. Worked: `1-1/2` is 1.5; `1,350` of a density is 1.35, of psi 1350.
 * @example numberOf('2', { comma: true }) → 2
 */
export function numberOf(text: string, style: NumberStyle, small = false): number | undefined {
  const word = words[text.toLowerCase()];
  if (word !== undefined) return word;
  const mixed = /^(?:(\d+)[- ])?(\d+)\/(\d+)$/.exec(text);
  if (mixed) return Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]);
  const mark = /^(\d*)([½¼¾⅓⅔⅛⅜⅝⅞])$/.exec(text);
  if (mark) return Number(mark[1] || 0) + (marks[mark[2] ?? ''] ?? 0);
  let digits = text.replaceAll(/[\u00a0’']/g, '');
  const [points, commas] = [digits.split('.').length - 1, digits.split(',').length - 1];
  if (points > 0 && commas > 0) {
    // The mark that comes last is the decimal one.
    const decimal = digits.lastIndexOf('.') > digits.lastIndexOf(',') ? '.' : ',';
    digits = digits.replaceAll(decimal === '.' ? ',' : '.', '').replace(',', '.');
  } else if (commas > 1 || points > 1) digits = digits.replaceAll(/[.,]/g, '');
  else if (commas === 1) {
    const thousands = /^[1-9]\d{0,2},\d{3}$/.test(digits) && !small && !style.comma;
    digits = digits.replace(',', thousands ? '' : '.');
  } else if (points === 1 && style.comma && !small && /^[1-9]\d{0,2}\.\d{3}$/.test(digits))
    digits = digits.replace('.', '');
  const value = Number(digits);
  return Number.isFinite(value) ? value : undefined;
}
