import type { Cell, Line, Paper } from './paper';
import { factNamed, factStated, familyNamed, mentionsIn } from './names';
import { quantitiesIn, type Quantity } from './quantities';
import { styleOf, type NumberStyle } from './numbers';

/** One thing a sheet says, with what stands over it and before it. */
export interface Clause {
  readonly text: string;
  /** What stands before it: the first cell of its row, or words before a colon. */
  readonly label: string;
  /** The head of its column. */
  readonly column: string;
  /** The last heading above it. */
  readonly heading: string;
  /** K, where its column, its row or its heading is of one temperature. */
  readonly temperature?: number;
  readonly quantities: readonly Quantity[];
  /** Which line of the paper, from zero. */
  readonly line: number;
  readonly page: number;
}

/** What all clauses of a paper share. */
export interface Spoken {
  readonly clauses: readonly Clause[];
  readonly style: NumberStyle;
  readonly text: string;
}

const joinedText = ({ cells }: Line): string => cells.map(({ text }) => text).join('  ');

/**
 * Parts a sheet into clauses: rows of tables under their heads, labels with what they say, and sentences.
 *
 * Source: the words of product sheets
 */
export function clausesOf({ lines }: Paper): Spoken {
  const text = lines.map(joinedText).join('\n');
  const style = styleOf(text);
  const clauses: Clause[] = [];
  let heading = '';
  /** The heads of the last table by temperature: it may go on in the next column, where nobody repeats them. */
  let columns: readonly Cell[] | undefined;
  // “Recoat: minimum” over “maximum”: the second is of the same.
  let above = '';
  const rowLabel = (label: string) => {
    const own = /^\W*(?:min|max)(?:imum)?\W*$/i.test(label) ? `${above} ${label}` : label;
    above = label === own ? label.replace(/[\s:,–-]*(?:min|max)(?:imum)?\W*$/i, '') : above;
    return own;
  };
  const say = (
    line: number,
    label: string,
    column: string,
    said: string,
    over = heading,
    warmth?: number,
  ) => {
    const stripped = said.trim();
    if (stripped === '') return;
    const quantities = withUnit(stripped, [column, label, over], style);
    const temperature =
      temperatureOf(column, style) ??
      (label === '' ? undefined : temperatureOf(label, style)) ??
      warmth ??
      temperatureOf(over, style);
    clauses.push({
      text: stripped,
      label: label.trim(),
      column: column.trim(),
      heading: over,
      ...(temperature === undefined ? {} : { temperature }),
      quantities,
      line,
      page: lines[line]?.page ?? 1,
    });
  };

  for (let i = 0; i < lines.length; i += 1) {
    const line = lines[i];
    if (!line || line.cells.length === 0) continue;
    const table = tableAt(lines, i, style) ?? (columns && goesOn(lines, i, columns, style));
    if (table) {
      // “Recoating: 5 °C | 15 °C” heads rows “minimum” and “maximum”.
      if (table.labelled && factNamed(table.heads[0]?.text ?? ''))
        above = (table.heads[0]?.text ?? '').replace(/\s*:$/, '');
      if (headKind(table.heads.slice(-2), style) === 'temperatures') columns = table.heads;
      for (const row of table.rows) {
        const { cells } = row;
        // A row that holds at a temperature says so in a column of its own.
        const warmth = cells
          .filter((cell) => /temp/i.test(headOver(table.heads, cell, cells)))
          .map(({ text: own }) => temperatureOf(own, style))
          .find((own) => own !== undefined);
        const label = table.labelled ? rowLabel(cells[0]?.text ?? '') : '';
        const unit = cells.find((cell) => /^units?(?:$|\W)/i.test(headOver(table.heads, cell, cells)));
        for (const cell of table.labelled ? cells.slice(1) : cells) {
          if (cell === unit) continue;
          const head = headOver(table.heads, cell, cells);
          if (unit) {
            say(row.at, label, head, `${cell.text} ${unit.text}`, heading, warmth);
            continue;
          }
          say(row.at, label, head, cell.text, heading, warmth);
        }
      }
      i = table.last;
      continue;
    }
    const [number, title] = line.cells;
    if (
      line.cells.length === 2 &&
      title &&
      /^\d+(?:\.\d+)*\.?$/.test(number?.text ?? '') &&
      headingLike(title.text, style) &&
      !/\d/.test(title.text)
    ) {
      heading = title.text;
      continue;
    }
    if (line.cells.length > 1) {
      i = rowsOf(lines, i, style, (at, label, column, said) => say(at, rowLabel(label), column, said));
      continue;
    }
    const paragraph = paragraphAt(lines, i);
    const { text: whole, last } = paragraph;
    const labelled = labelIn(whole);
    if (labelled && labelled.said === '') heading = labelled.label;
    else if (labelled)
      for (const [k, part] of sentences(labelled.said).entries()) {
        // A sentence further on may have a label of its own.
        const own = k > 0 ? labelIn(part) : undefined;
        if (own && own.said !== '') say(i, own.label, '', own.said);
        // What follows a gun’s own sentence is of all of them.
        else say(i, k > 0 && familyNamed(labelled.label) ? '' : labelled.label, '', part);
      }
    else if (headingLike(whole, style)) {
      heading = whole;
      // Of “drying at 50 µm” the numbers are no facts of their own.
      if (headsTimes.test(whole))
        clauses.push({
          text: whole,
          label: '',
          column: '',
          heading: '',
          quantities: [],
          line: i,
          page: line.page,
        });
      else say(i, '', '', whole, '');
    } else for (const part of sentences(whole)) sayPlain(i, part, say);
    i = last;
  }
  return { clauses, style, text };
}

type Say = (line: number, label: string, column: string, said: string) => void;

/** A sentence that has a label of its own: “Flash-off: 10 min”. */
function sayPlain(line: number, part: string, say: Say): void {
  const labelled = labelIn(part);
  if (labelled && labelled.said !== '') say(line, labelled.label, '', labelled.said);
  else say(line, '', '', part);
}

const namesRatio = /ratio|mischungsverh|proporci|rapport de m/i;

/** A row without a head above it: what its first cell names, said by the others; or several such side by side. */
function rowsOf(lines: readonly Line[], i: number, style: NumberStyle, say: Say): number {
  const cells = lines[i]?.cells ?? [];
  // “Mixing ratio | Liquid : Powder | 28 : 72”: the names of the parts begin no row of their own.
  const ratio = namesRatio.test(cells[0]?.text ?? '');
  const starts = cells.flatMap((cell, at) =>
    at === 0 || (!ratio && opens(cell, cells[at + 1], style)) ? [at] : [],
  );
  for (const [k, from] of starts.entries()) {
    const own = cells.slice(from, starts[k + 1] ?? cells.length);
    const [first, ...rest] = own;
    if (!first) continue;
    if (rest.length === 0) {
      for (const part of sentences(first.text)) sayPlain(i, part, say);
      continue;
    }
    // “DFT 6–9 mils  (WFT 8–12)”: what has its value already is no label of the rest.
    const stated = quantitiesIn(first.text, style).some(({ kind }) => kind === 'length');
    if (
      (stated && factNamed(first.text) && rest.every((cell) => plainWords(cell, style))) ||
      own.every((cell) => whole(cell, style))
    ) {
      for (const cell of own) for (const part of sentences(cell.text)) sayPlain(i, part, say);
      continue;
    }
    const label = first.text.replace(/\s*:$/, '');
    const warm = rest.flatMap((cell) => {
      const parts = labelIn(cell.text);
      return parts && parts.said !== '' && temperatureOf(parts.label, style) !== undefined ? [parts] : [];
    });
    if (warm.length > 1 && warm.length === rest.length) {
      for (const parts of warm) say(i, label, parts.label, parts.said);
      continue;
    }
    // What is wrapped below stands under the value, with nothing under its label.
    let said = rest.map(({ text }) => text).join(' | ');
    let last = i;
    const further: string[] = [];
    if (starts.length === 1)
      while (wrapsUnder(lines[last + 1], rest[0])) {
        last += 1;
        const more = lines[last]?.cells.map(({ text }) => text).join(' ') ?? '';
        // Another gun under the first is of its own.
        if (familyNamed(said) && familyNamed(more.slice(0, 24))) further.push(more);
        else said += ` ${more}`;
      }
    for (const part of [said, ...further].flatMap(sentences)) say(i, label, '', part);
    if (last > i) return last;
  }
  return i;
}

/** Does a cell name what it states, in words before its number? “Density base 1.48 kg/L” */
const whole = ({ text }: Cell, style: NumberStyle): boolean => {
  const [own] = quantitiesIn(text, style);
  return own !== undefined && own.kind === 'concentration' && factNamed(text.slice(0, own.from));
};

/** Has a cell no quantity with a unit? */
const plainWords = ({ text }: Cell, style: NumberStyle): boolean =>
  quantitiesIn(text, style).every(({ kind }) => kind === 'bare');

/** Does another label begin at this cell, with its value in the next? */
function opens(cell: Cell, next: Cell | undefined, style: NumberStyle): boolean {
  const own = labelIn(cell.text);
  // “20 °C: 3 h” is a value of its row.
  if (own?.said) return temperatureOf(own.label, style) === undefined || factNamed(own.label);
  return (
    next !== undefined &&
    factNamed(cell.text) &&
    quantitiesIn(cell.text, style).every(({ kind }) => kind === 'bare') &&
    quantitiesIn(next.text, style).length > 0
  );
}

const wrapsUnder = (line: Line | undefined, above: Cell | undefined): boolean =>
  line !== undefined &&
  above !== undefined &&
  line.cells.length === 1 &&
  (line.cells[0]?.from ?? 0) >= above.from - 3 &&
  above.from > 8 &&
  !labelIn(line.cells[0]?.text ?? '')?.said;

interface Table {
  readonly heads: readonly Cell[];
  readonly rows: readonly { readonly cells: readonly Cell[]; readonly at: number }[];
  readonly last: number;
  /** Is the first cell of a row its label? */
  readonly labelled: boolean;
}

/** A table whose head is this line: columns of temperatures, guns, hardeners, limits, or of facts. */
function tableAt(lines: readonly Line[], at: number, style: NumberStyle): Table | undefined {
  let heads = lines[at]?.cells ?? [];
  if (heads.length < 2) return undefined;
  const rows: { cells: readonly Cell[]; at: number }[] = [];
  let last = at;
  for (let i = at + 1; i < lines.length; i += 1) {
    const cells = lines[i]?.cells ?? [];
    if (cells.length === 0) {
      // One empty line may stand under the head.
      if (rows.length === 0 && i === at + 1) continue;
      break;
    }
    if (cells.length < 2) {
      const [only] = cells;
      const before = rows.at(-1);
      // Words wrapped in a cell of the row above.
      if (only && before && /^[a-zäöü(]/.test(only.text)) {
        const under = before.cells.findIndex((cell) => Math.abs(cell.from - only.from) < 12);
        if (under >= 0) {
          rows[rows.length - 1] = {
            ...before,
            cells: before.cells.map((cell, k) =>
              k === under ? { ...cell, text: `${cell.text} ${only.text}` } : cell,
            ),
          };
          last = i;
          continue;
        }
      }
      break;
    }
    if (cells.length > heads.length + 1) break;
    rows.push({ cells, at: i });
    last = i;
  }
  // Heads of two lines: “Hardener 71” over “express”.
  while (rows.length > 1) {
    const [under] = rows;
    if (!under || !headsGoOn(heads, under.cells, style)) break;
    heads = heads.map((head) => {
      const own = under.cells.filter(
        (cell) => heads.reduce((a, b) => (apart(a, cell) <= apart(b, cell) ? a : b)) === head,
      );
      return { ...head, text: [head.text, ...own.map(({ text }) => text)].join(' ') };
    });
    rows.shift();
  }
  if (rows.length === 0) return undefined;
  const [first] = heads;
  const bodies = heads.slice(1);
  const kind = headKind(bodies.length > 0 ? bodies : heads, style);
  const full = rows.filter(({ cells }) => cells.length === heads.length).length;
  if (kind === undefined) return undefined;
  // “Air temperature  50–95 °F” states a limit; it heads no column.
  const stands = first !== undefined && mentionsIn(first.text).some(({ id }) => ofTemperature.includes(id));
  if (
    kind === 'temperatures' &&
    (stands || (bodies.length === 1 && first !== undefined && factNamed(first.text)))
  )
    return undefined;
  // “Type | long-oil alkyd, solvent thinned” is told, and heads nothing.
  if (kind === 'facts' && bodies.length === 1 && /,|\b[A-Z]{1,4}[- ]?\d/.test(bodies[0]?.text ?? ''))
    return undefined;
  // “Thinner / cleaner | Thinner 420” says what it is called; it heads no column.
  if (kind === 'facts' && first !== undefined && bodies.length === 1 && sameFact(first.text, bodies[0]?.text))
    return undefined;
  // Columns of facts without labels before the rows: “Pot life | Flash | Recoat” over “4 h | 10 min | 30 min”.
  if (kind === 'facts') {
    const values = rows.filter(({ cells }) =>
      cells.some(({ text }) => quantitiesIn(text, style).some(({ kind: of }) => of !== 'bare')),
    );
    if (values.length === 0 || full === 0) return undefined;
    const bare =
      first !== undefined &&
      factNamed(first.text) &&
      rows.every(({ cells }) => /^\W*[\d½¼¾]/.test(cells[0]?.text ?? ''));
    return { heads, rows, last, labelled: !(bare && !/temp/i.test(first.text)) };
  }
  return { heads, rows, last, labelled: true };
}

/** A row with as many times as the last table had temperatures belongs to it, wherever it stands. */
function goesOn(
  lines: readonly Line[],
  at: number,
  heads: readonly Cell[],
  style: NumberStyle,
): Table | undefined {
  const cells = lines[at]?.cells ?? [];
  const [, ...said] = cells;
  const temperatures = heads.filter(({ text }) => temperatureOf(text, style) !== undefined);
  if (said.length < 2 || said.length !== temperatures.length) return undefined;
  if (!said.every(({ text }) => quantitiesIn(text, style).some(({ kind }) => kind === 'time')))
    return undefined;
  // Where they stand now, the heads stand above them.
  const moved = said.map((cell, i) => ({ ...cell, text: temperatures[i]?.text ?? '' }));
  return { heads: moved, rows: [{ cells, at }], last: at, labelled: true };
}

const sameFact = (label: string, text = ''): boolean => {
  const named = mentionsIn(label).map(({ id }) => id);
  return mentionsIn(text).some(({ id }) => named.includes(id));
};

const ofTemperature = ['air', 'surface', 'storage', 'flash-point', 'service', 'bake', 'dew'];

const columnWords =
  /^(?:min(?:imum|\.)?|max(?:imum|\.)?|metric|us(?: units)?|imperial|base|hardener|activator|comp(?:onent|\.)? ?[ab]|part [ab]|mix(?:ed|ture)?|ready (?:to|for) (?:spray|use)|as (?:supplied|applied|delivered|mixed)|unthinned|thinned|value|values?|result|unit|fast|slow|standard|normal|medium|extra slow|extra fast|dry|wet|typical|range|summer|winter|one coat|two coats|per coat|total|volume|weight|by volume|by weight|interior|exterior|itself|method|data|first|last|earliest|latest|spray|brush|roller)\b/i;

function headKind(
  heads: readonly Cell[],
  style: NumberStyle,
): 'temperatures' | 'guns' | 'words' | 'facts' | undefined {
  const of = heads.map(({ text }) => {
    const quantities = quantitiesIn(text, style);
    if (quantities.length > 0 && quantities.every(({ kind }) => kind === 'temperature'))
      return 'temperatures' as const;
    if (quantities.some(({ kind }) => kind !== 'bare' && kind !== 'temperature')) return undefined;
    if (familyNamed(text) && text.length < 40) return 'guns' as const;
    if (columnWords.test(text) && text.length <= 28 && quantities.length === 0) return 'words' as const;
    const told = factStated(text) || mentionsIn(text).some(({ id }) => ofDrying.includes(id));
    if (told && text.length < 40 && !/\d\s*:|^\W*\d/.test(text)) return 'facts' as const;
    return undefined;
  });
  // A time is a value: it heads nothing.
  if (heads.some(({ text }) => quantitiesIn(text, style).some(({ kind }) => kind === 'time')))
    return undefined;
  const named = of.filter((each) => each !== undefined);
  if (named.length === 0 || named.length < heads.length / 2) return undefined;
  // “Mixing ratio | By volume | 6 : 1” is a row.
  if (named.length < heads.length && named.every((each) => each === 'words')) return undefined;
  for (const kind of ['temperatures', 'guns', 'facts', 'words'] as const)
    if (named.filter((each) => each === kind).length >= named.length / 2) return kind;
  return named[0];
}

/** What heads a column of times beside the facts: “dust dry | touch dry | sandable | stackable”. */
const ofDrying = ['dust-free', 'sand', 'hard'];

const apart = (head: Cell, cell: Cell): number => Math.abs((head.from + head.to - cell.from - cell.to) / 2);

/** A second line of heads: words alone, none of them under the labels of the rows. */
function headsGoOn(heads: readonly Cell[], cells: readonly Cell[], style: NumberStyle): boolean {
  const [head] = heads;
  const [cell] = cells;
  return (
    head !== undefined &&
    cell !== undefined &&
    cells.length <= heads.length &&
    Math.abs(head.from - cell.from) < 8 &&
    head.from > 12 &&
    cells.every(
      ({ text }) =>
        quantitiesIn(text, style).every(({ kind }) => kind === 'bare') &&
        text.length < 24 &&
        !/\d\s*:/.test(text),
    )
  );
}

/** The head a cell stands under: by where it stands; by its place in the row where that does not tell. */
function headOver(heads: readonly Cell[], cell: Cell, cells: readonly Cell[]): string {
  const off = (head: Cell) =>
    Math.min(
      Math.abs(head.from - cell.from),
      Math.abs(head.to - cell.to),
      Math.abs((head.from + head.to - cell.from - cell.to) / 2),
    );
  const ranked = heads.toSorted((a, b) => off(a) - off(b));
  const [near, next] = ranked;
  const clear = near && (!next || off(near) < 0.6 * off(next));
  if (clear) return near.text;
  const at = cells.indexOf(cell) - (cells.length - heads.length);
  return (heads[at] ?? near)?.text ?? '';
}

/** The quantities of a text; numbers alone take the unit that their column or their label names: “Dry mils (microns)”. */
function withUnit(text: string, over: readonly string[], style: NumberStyle): Quantity[] {
  const found = quantitiesIn(text, style);
  if (found.length === 0 || found.some(({ kind }) => kind !== 'bare')) return found;
  const [number] = /^\W*[\d.,½¼¾/]*[\d½¼¾](?:\s*(?:[-–—]|to)\s*[\d.,½¼¾/]*[\d½¼¾])?/.exec(text) ?? [];
  const unit = over.map(unitIn).find((each) => each !== undefined);
  if (!number || !unit) return found;
  const read = quantitiesIn(`${number} ${unit}`, style);
  const [own] = read;
  return own && read.length === 1 && own.kind !== 'bare' ? [{ ...own, to: number.length }] : found;
}

const aUnit =
  '(?:µm|μm|microns?|mils?|mm|cm|bar|psi|kpa|mpa|g\\/ml|g\\/cm(?:³|3)|kg\\/l|kg\\/dm³|g\\/l|lbs?\\/gal|%(?: vol| by (?:volume|weight|mass))?|°\\s?[CF]|sec(?:onds)?|min(?:utes)?|hours?|hrs?|days?|months?|s|h)';

/** The unit a label or a head closes with, or names in brackets or behind its first word. */
function unitIn(text: string): string | undefined {
  const match =
    new RegExp(`[[(]\\s*(?:in )?(${aUnit})\\s*[,\\])]`, 'i').exec(text) ??
    new RegExp(`(?:,|\\bin)\\s*(${aUnit})\\s*$`, 'i').exec(text) ??
    new RegExp(`\\b(mils?|microns?|µm|μm)\\b`, 'i').exec(text);
  const first = /\b(mils|microns|µm|μm)\b/i.exec(text);
  return first && match && first.index < match.index ? first[1] : match?.[1];
}

/** The temperature a head, a label or a heading is of, K. */
function temperatureOf(text: string, style: NumberStyle): number | undefined {
  const found = quantitiesIn(text, style).filter(({ kind }) => kind === 'temperature');
  const [one] = found;
  return one && (one.min + one.max) / 2;
}

/** Words before a colon, and what they say. */
function labelIn(text: string): { label: string; said: string } | undefined {
  const match = /^(.{2,70}?)\s*:(?:\s+|$)(.*)$/s.exec(text);
  if (!match) return undefined;
  const [, label = '', said = ''] = match;
  // A label is no sentence.
  if (/[a-z][.!?]\s+[A-Z]/.test(label)) return undefined;
  // A bracket that opens before a colon closes behind it.
  if (label.split('(').length !== label.split(')').length) return undefined;
  // “100 vol base : 25 vol hardener” is one thing.
  if (/^\d+(?:[.,]\d+)?\s*(?:vol|parts?|teile?|g|kg|l)\b/i.test(label)) return undefined;
  if (!/[a-zA-Zäöüéèáíóúñ)]$/.test(label) && !/(?:°[CF]|%|\))$/.test(label)) return undefined;
  return { label, said };
}

/** Longer than any sentence or paragraph of a sheet: what is longer is taken in pieces. */
const longest = 1200;

/** Lines that were broken by the width of the page, put together again. */
function paragraphAt(lines: readonly Line[], at: number): { text: string; last: number } {
  let text = lines[at]?.cells[0]?.text ?? '';
  let last = at;
  while (last + 1 < lines.length) {
    const next = lines[last + 1];
    const [only] = next?.cells ?? [];
    if (!next || next.cells.length !== 1 || !only || next.page !== lines[at]?.page) break;
    const open = !/[.;!]$/.test(text) && (!text.endsWith(':') || text.length > 40);
    const goes =
      /^[a-zäöüéèß(\d–]/.test(only.text) ||
      /[,(–-]$|\b(?:and|or|of|the|with|to|at|for|by|in|is)$/i.test(text);
    const closes = /[a-z,]$/.test(text) && /[.;]$/.test(only.text) && text.length > 28;
    if (text.length > longest) break;
    if (!open || !(goes || closes) || !full(lines, last) || labelIn(only.text)?.said || text.length < 24)
      break;
    text =
      /\w-$/.test(text) && /^[a-z]/.test(only.text) ? text.slice(0, -1) + only.text : `${text} ${only.text}`;
    last += 1;
  }
  return { text, last };
}

/** Does a line run to where its neighbours end, so that it may go on below? */
function full(lines: readonly Line[], at: number): boolean {
  const [own] = lines[at]?.cells ?? [];
  if (!own) return false;
  const beside = lines
    .slice(Math.max(0, at - 12), at + 13)
    .flatMap(({ cells }) => cells.filter((cell) => Math.abs(cell.from - own.from) < 6));
  const widest = Math.max(...beside.map(({ to }) => to));
  return own.to - own.from >= 0.7 * (widest - own.from);
}

/** What heads times says for what they hold. */
const headsTimes =
  /^(?:\d+[.)]?\s*)?(?:typical |air[\s-]?)?(?:dry(?:ing)?(?!\s*(?:film|:|to\b|through))|times?|(?:re|over)-?coat\w* (?:table|intervals?|times?)|cur(?:e|ing)|gel|trocknung|s[ée]chage|secado)\b/i;

/** A short line without a value: what follows belongs under it. */
function headingLike(text: string, style: NumberStyle): boolean {
  if (/[.;,]$/.test(text) || text.length > 70) return false;
  if (text.split(/\s+/).length > 10) return false;
  const kinds = new Set(quantitiesIn(text, style).map(({ kind }) => kind));
  // “Drying at 20 °C, 50 % r.h., 35 µm” says for what the times below hold.

  const allowed: readonly Quantity['kind'][] = headsTimes.test(text)
    ? ['bare', 'temperature', 'share', 'length', 'other', 'mass']
    : ['bare', 'temperature'];
  return [...kinds].every((kind) => allowed.includes(kind));
}

const shortForm =
  /(?:^|[\s(])(?:i\.e|e\.g|approx|ca|m[aá]x|m[ií]n|no|nr|vol|wt|incl|rel|temp|cat|comp|resp|abt|z\.b|mind|env|r\.h)$/i;

/** Sentences and bullets, each by itself. */
/** “22-26 sec. Ford #4” */
const ofCup = /^(?:Ford|DIN|ISO|Dip|No\.|#)/;

function sentences(text: string): string[] {
  return text
    .split(/(?<=[a-zA-Zäöü%\d)²³"”])(?:[.!]\s+(?=[A-ZÄÖÜ¿0-9(])|;\s+(?=[A-ZÄÖÜ]))|\s*[•▪●]\s*|\.\s+(?=[A-Z])/)
    .reduce<string[]>((parts, part) => {
      const last = parts.at(-1);
      // A point behind a short form ends no sentence.
      if (last !== undefined && (shortForm.test(last) || (/\d\s*secs?$/i.test(last) && ofCup.test(part))))
        parts[parts.length - 1] = `${last}. ${part}`;
      else parts.push(part);
      return parts;
    }, [])
    .flatMap((each) => (each.length > longest ? (each.match(/[\s\S]{1,1200}/g) ?? []) : [each]))
    .map((each) => each.trim())
    .filter((each) => each !== '');
}
