import type { Spoken } from './clauses';
import type { Found } from './choose';

const months: readonly RegExp[] = [
  /^jan|^ene|^gen/i,
  /^feb|^f[ée]v/i,
  /^mar|^m[äa]r/i,
  /^apr|^avr|^abr/i,
  /^may|^mai|^mag/i,
  /^jun|^juin|^giu/i,
  /^jul|^juil|^lug/i,
  /^aug|^ao[uû]|^ago/i,
  /^sep|^set/i,
  /^oct|^okt|^ott/i,
  /^nov/i,
  /^dec|^dez|^d[ée]c|^dic/i,
];
const word = '[A-Za-zéûäü]{3,10}';

const pad = (value: number): string => String(value).padStart(2, '0');
const monthOf = (text: string): number => months.findIndex((each) => each.test(text)) + 1;
const yearOf = (text: string): number => (text.length === 2 ? 2000 + Number(text) : Number(text));

/**
 * The first date of a text as an ISO day, or month where no day is stated.
 *
 * Source: ISO 8601 and the usual written dates
 * @example dateIn('2025-08', true) → '2025-08'
 */
export function dateIn(text: string, dayFirst = true): string | undefined {
  const day = (year: number, month: number, date: number) =>
    month >= 1 && month <= 12 && date >= 1 && date <= 31 && year >= 1980 && year <= 2100
      ? `${year}-${pad(month)}-${pad(date)}`
      : undefined;
  const options: (readonly [number, string | undefined])[] = [];
  const note = (match: RegExpExecArray | null, value: (m: RegExpExecArray) => string | undefined) => {
    if (match) options.push([match.index, value(match)]);
  };
  note(/(?<!\d)((?:19|20)\d\d)[-/.](\d{1,2})[-/.](\d{1,2})(?!\d)/.exec(text), (m) =>
    day(Number(m[1]), Number(m[2]), Number(m[3])),
  );
  note(/(?<![\d.])(\d{1,2})([-/.])\s?(\d{1,2})\2\s?((?:19|20)?\d\d)(?![\d.]*\d)/.exec(text), (m) => {
    const [a, b] = [Number(m[1]), Number(m[3])];
    const monthFirst = b > 12 || (!dayFirst && m[2] === '/' && a <= 12);
    return monthFirst ? day(yearOf(m[4] ?? ''), a, b) : day(yearOf(m[4] ?? ''), b, a);
  });
  note(
    new RegExp(
      `(?<!\\d)(\\d{1,2})(?:st|nd|rd|th|er)?\\.?[\\s-]+(?:de |of )?(${word})\\.?,?[\\s-]+(?:de )?((?:19|20)\\d\\d)`,
      'i',
    ).exec(text),
    // “Revision 2 of June 2025” has no day.
    (m) =>
      /\bof /.test(m[0]) && /(?:revision|issue|version|edition|rev\.?|no\.?)\s$/i.test(text.slice(0, m.index))
        ? undefined
        : day(Number(m[3]), monthOf(m[2] ?? ''), Number(m[1])),
  );
  note(
    new RegExp(`(${word})\\.?\\s+(\\d{1,2})(?:st|nd|rd|th)?,?\\s+((?:19|20)\\d\\d)`, 'i').exec(text),
    (m) => day(Number(m[3]), monthOf(m[1] ?? ''), Number(m[2])),
  );
  const exact = options.filter(([, value]) => value !== undefined).toSorted(([a], [b]) => a - b)[0]?.[1];
  if (exact) return exact;
  const named = [
    ...text.matchAll(new RegExp(`(${word})\\.?,?\\s+(?:de )?((?:19|20)\\d\\d)(?!\\d)`, 'gi')),
  ].find((m) => monthOf(m[1] ?? '') > 0);
  if (named) return `${named[2]}-${pad(monthOf(named[1] ?? ''))}`;
  const short = /(?<![\d.])(\d{1,2})[/.-]((?:19|20)\d\d)(?!\d)/.exec(text) ?? undefined;
  if (short && Number(short[1]) >= 1 && Number(short[1]) <= 12) return `${short[2]}-${pad(Number(short[1]))}`;
  const back = /(?<!\d)((?:19|20)\d\d)[/.-](0[1-9]|1[0-2])(?!\d)/.exec(text);
  return back ? `${back[1]}-${back[2]}` : undefined;
}

const issued =
  /issue[d]?|revis\w+|\brev\b\.?|version|edition|valid (?:from|as of)|effective|updated?|\bdate\b|\bstand\b|ausgabe|[ée]dition|mise [aà] jour|fecha|edici[oó]n|revisi[oó]n|data sheet|\btds\b|status/i;
const other = /supersede|replace|previous|printed?|print date|expir|batch|ersetzt|remplace/i;

/**
 * When the sheet was issued.
 *
 * Source: ISO 8601 and the usual written dates
 */
export function issueOf({ clauses, text }: Spoken): Found<string> | undefined {
  const dayFirst = !/\b\d{1,2}\/(?:1[3-9]|2\d|3[01])\/(?:\d\d|\d{4})\b/.test(text) && !usOnly(text);
  const dated = clauses.flatMap((clause, i) => {
    const { label, column, heading } = clause;
    // One line may state several: “Issued 3 May 2025, replaces 2 April 2023”.
    const parts = clause.text.split(
      /[;,|]\s+(?=[A-Za-z]*(?:supersede|replac|print|issue|revis|valid|version|edition|date)|ersetzt|remplace)|\s+(?=\(?(?:supersed|replac|previous|print))/i,
    );
    // A row’s first cell may be the date itself.
    const rows = [...parts, ...(label === '' ? [] : [label])];
    return rows.flatMap((part, k) => {
      const date = dateIn(part, dayFirst);
      if (!date) return [];
      const over = k === 0 && part !== label ? `${label} ${column}` : '';
      const cost =
        (issued.test(`${over} ${part}`) ? 0 : 10) +
        (/issue|revis|\brev\b|edition|ausgabe/i.test(`${over} ${part}`) ? -2 : 0) +
        (other.test(`${over} ${part}`) ? 20 : 0) +
        i / Math.max(1, clauses.length) +
        (/issue|revis/i.test(heading) ? -1 : 0);
      return [{ date, clause, cost }];
    });
  });
  const [first] = dated.toSorted((a, b) => a.cost - b.cost);
  if (!first || first.cost > 15) return undefined;
  return { value: first.date, claim: { clause: first.clause }, sure: first.cost < 3 ? 0.9 : 0.55 };
}

/** Mostly in US units: its dates put the month first. */
function usOnly(text: string): boolean {
  const count = (pattern: RegExp) => [...text.matchAll(pattern)].length;
  return (
    count(/\b(?:mils?|psi|gal(?:lons?)?|lbs?|fl\.? ?oz|sec\.|hrs?\.)(?![a-z])|°\s?F|\d\s?in\./gi) >
    count(/µm|microns?|\bbar\b|°\s?C|\blit(?:re|er)s?\b|\bg\/l\b|\bkg\b|\bmm\b|\bcm\b/gi)
  );
}
