import Papa from 'papaparse';
import { toSI, unitNamed } from '@/core/quantity';
import { refuse, type Outcome, type Refusal } from '@/core/refusal';
import { decimalOf, looksLikeNumber, numberIn, type Decimal } from './gaugenumbers';
import { columnsNamed, gaugeUnits, unitNamedBy, type GaugeUnit } from './gaugewords';

/** Larger tables are no gauge’s. */
const limit = 4 * 1024 * 1024;
export const mostRows = 20_000;

/** A gauge’s table as read: its columns, and every row as text. */
export interface GaugeTable {
  readonly columns: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** What stood in lines before the table. */
  readonly before: string;
  /** Row of the file that the first of the rows is, counted from 1. */
  readonly from: number;
}

/** What a table is, all of it known: columns by their numbers. */
export interface GaugeMapping {
  readonly film: number;
  readonly unit: GaugeUnit;
  readonly decimal: Decimal;
  /** Or every reading is on the first face. */
  readonly face: number | 'first';
  /** Or the readings fill the spots in their order. */
  readonly spot: number | 'in order';
}

export interface GaugeFace {
  readonly id: string;
  readonly name: string;
}

export interface GaugeReading {
  /** Row of the file, the head counted. */
  readonly row: number;
  readonly faceId: string;
  readonly spot: number;
  /** m */
  readonly film: number;
  /** The same in every column as a row before it. */
  readonly duplicate: boolean;
}

export interface GaugePreview {
  readonly readings: readonly GaugeReading[];
  readonly problems: readonly { readonly row: number; readonly says: string }[];
  readonly duplicates: number;
  /** The readings lie far from the film expected, and another unit would put them there. */
  readonly meant?: GaugeUnit;
}

/** Refuses a file by its size alone. A letter may take two bytes. */
export const refuseTable = (bytes: number): Refusal | undefined =>
  bytes > 2 * limit ? refuse('too-large', 'This file is too large for a table of readings.') : undefined;

/** Reads a table whose columns are divided by commas, semicolons or tabs; refuses what is none. */
export function readGaugeTable(text: string): Outcome<GaugeTable> {
  const tooLarge = refuseTable(2 * text.length);
  if (tooLarge) return tooLarge;
  if (text.includes('\u0000'))
    return refuse('foreign', 'This is no table: it holds binary data. Nothing was changed.');
  const parse = (options: Papa.ParseConfig) =>
    Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy', ...options });
  const guessed = parse({ delimitersToGuess: [';', '\t', ',', '|'] });
  // One column of numbers with decimal commas, under a head of its own.
  const [top, ...under] = guessed.data;
  const oneColumn =
    guessed.meta.delimiter === ',' && top?.length === 1 && under.every(({ length }) => length <= 2);
  const { data, errors } = oneColumn ? parse({ delimiter: ';' }) : guessed;
  const lines = data.map((row) => row.map((cell) => cell.trim()));
  const begins = beginOf(lines);
  const [head, ...rows] = lines.slice(begins);
  if (!head || rows.length === 0) return refuse('empty', 'There is no row of readings in this file.');
  if (rows.length > mostRows)
    return refuse('too-many', `There are more than ${mostRows.toLocaleString('en')} rows. Divide the file.`);
  const quotes = errors.find(({ type }) => type === 'Quotes');
  if (quotes)
    return refuse(
      'damaged',
      `The table is damaged near row ${(quotes.row ?? 0) + 1}: a quotation mark is missing. Nothing was changed.`,
    );
  // A table without a head begins with a number: its columns get names of ours.
  const headed = !head.some(looksLikeNumber);
  return {
    columns: headed ? head : head.map((_, i) => `Column ${i + 1}`),
    rows: headed ? rows : [head, ...rows],
    before: lines.slice(0, begins).flat().join(' '),
    from: begins + (headed ? 2 : 1),
  };
}

/** Where the table begins: gauges write lines about themselves before it, which are shorter than its rows. */
function beginOf(lines: readonly (readonly string[])[]): number {
  const lengths = new Map<number, number>();
  for (const { length } of lines) lengths.set(length, (lengths.get(length) ?? 0) + 1);
  const [usual = 0] = [...lengths].reduce(([a, n], [b, m]) => (m > n ? [b, m] : [a, n]), [0, 0]);
  return Math.max(
    lines.findIndex(({ length }) => length >= usual),
    0,
  );
}

/** What of a table is known so far: the rest is asked, never guessed. */
export type GaugeQuestions = Partial<GaugeMapping>;

const cellsOf = ({ rows }: GaugeTable, column: number): string[] => rows.map((row) => row[column] ?? '');

/** How the numbers of a column are written, and in which unit, where its head or its cells say so. */
function readingsIn(table: GaugeTable, film: number): Pick<GaugeQuestions, 'unit' | 'decimal'> {
  const cells = cellsOf(table, film);
  const here = unitsIn([table.columns[film] ?? '', ...cells]);
  // A column of nothing but units, or a line before the table, says it too.
  const beside = table.columns.flatMap((_, i) => {
    const others = cellsOf(table, i);
    return i !== film && others.every((cell) => unitNamedBy(cell) !== undefined) ? [...unitsIn(others)] : [];
  });
  const said = here.size > 0 ? here : new Set([...beside, ...unitsIn([table.before])]);
  const [unit] = said.size === 1 ? said : [];
  const decimal = decimalOf(cells);
  return { ...(unit ? { unit } : {}), ...(decimal ? { decimal } : {}) };
}

const unitsIn = (texts: readonly string[]): ReadonlySet<GaugeUnit> =>
  new Set(texts.flatMap((text) => unitNamedBy(text) ?? []));

/**
 * What the columns are, by what their heads and cells say. Where they say nothing, or several things, it stays open.
 *
 * @param faces how many faces the part has: a table that names none is about the only one
 */
export function recognised(table: GaugeTable, faces: number): GaugeQuestions {
  const { columns } = table;
  const only = (named: readonly number[]) => (named.length === 1 ? named[0] : undefined);
  const film = columns.length === 1 ? 0 : only(columnsNamed(columns, 'film'));
  return film === undefined ? {} : withFilm(table, faces, {}, film);
}

/** The same once somebody has said which column holds the film. */
export function withFilm(
  table: GaugeTable,
  faces: number,
  { face, spot }: GaugeQuestions,
  film: number,
): GaugeQuestions {
  const { columns } = table;
  const named = (role: 'face' | 'spot') => {
    const [first, ...more] = columnsNamed(columns, role).filter((column) => column !== film);
    return more.length === 0 ? first : undefined;
  };
  const knownFace = face === film ? undefined : (face ?? named('face'));
  const knownSpot = spot === film ? undefined : (spot ?? named('spot'));
  const left = columns.filter((_, i) => i !== film && i !== knownFace && i !== knownSpot).length;
  // Nothing else stands in the table that could say it.
  const theFace = knownFace ?? (faces === 1 || left === 0 ? 'first' : undefined);
  const theSpot = knownSpot ?? (left === 0 ? 'in order' : undefined);
  return {
    film,
    ...readingsIn(table, film),
    ...(theFace === undefined ? {} : { face: theFace }),
    ...(theSpot === undefined ? {} : { spot: theSpot }),
  };
}

/** Is everything known? */
export const isMapped = (known: GaugeQuestions): known is GaugeMapping =>
  (['film', 'unit', 'decimal', 'face', 'spot'] as const).every((each) => known[each] !== undefined);

/** How far off the film expected a median may lie before the unit is asked about. */
const farOff = 4;

/**
 * What a table would add, row by row, and what is wrong with the rows that would not.
 *
 * @param expected m: least and most film of the part as it should be
 * @param perSpot readings a spot gets when no column says which
 * @param mostSpots spots a face may have
 */
export function previewReadings(
  table: GaugeTable,
  mapping: GaugeMapping,
  faces: readonly GaugeFace[],
  expected: { readonly min: number; readonly max: number },
  perSpot: number,
  mostSpots: number,
): GaugePreview {
  const unit = unitNamed('film', mapping.unit);
  const readings: GaugeReading[] = [];
  const problems: { row: number; says: string }[] = [];
  const seen = new Set<string>();
  const counted = new Map<string, number>();
  const [first] = faces;
  table.rows.forEach((cells, i) => {
    const row = i + table.from;
    const say = (says: string) => void problems.push({ row, says });
    const number = numberIn(cells[mapping.film] ?? '', mapping.decimal);
    if (number === undefined) return say(`“${(cells[mapping.film] ?? '').slice(0, 30)}” is no number.`);
    if (!(number > 0)) return say('A film must be above zero.');
    const said = mapping.face === 'first' ? '' : (cells[mapping.face] ?? '');
    const face =
      mapping.face === 'first'
        ? first
        : faces.find(({ id, name }) => name.toLowerCase() === said.toLowerCase() || id === said);
    if (!face || !unit) return say(`There is no face “${said.slice(0, 30)}” on this part.`);
    const named = mapping.spot === 'in order' ? '' : (cells[mapping.spot] ?? '');
    const taken = counted.get(face.id) ?? 0;
    const spot =
      mapping.spot === 'in order'
        ? Math.floor(taken / perSpot)
        : (numberIn(named.replace(/^\D+/, ''), mapping.decimal) ?? 0) - 1;
    if (!Number.isInteger(spot) || spot < 0 || spot >= mostSpots)
      return say(
        mapping.spot === 'in order'
          ? `More readings than ${mostSpots} spots hold.`
          : `Spot ${named.slice(0, 12)} is not on the part: spots run from 1 to ${mostSpots}.`,
      );
    const key = cells.join('\u0001');
    counted.set(face.id, taken + 1);
    readings.push({
      row,
      faceId: face.id,
      spot,
      film: toSI(number, unit),
      duplicate: cells.length > 1 && seen.has(key),
    });
    seen.add(key);
  });
  const meant = unitMeant(
    readings.map(({ film }) => film),
    mapping.unit,
    expected,
  );
  return {
    readings,
    problems,
    duplicates: readings.filter(({ duplicate }) => duplicate).length,
    ...(meant ? { meant } : {}),
  };
}

/** 48 mil for 48 µm: another unit that would put the middle reading where film is expected. */
function unitMeant(
  films: readonly number[],
  unit: GaugeUnit,
  { min, max }: { readonly min: number; readonly max: number },
): GaugeUnit | undefined {
  const sorted = [...films].sort((a, b) => a - b);
  const median = sorted[Math.floor(sorted.length / 2)];
  const scale = unitNamed('film', unit)?.scale;
  if (median === undefined || scale === undefined) return undefined;
  const fits = (film: number) => film > min / farOff && film < max * farOff;
  if (fits(median)) return undefined;
  return gaugeUnits.find(
    (other) => other !== unit && fits((median / scale) * (unitNamed('film', other)?.scale ?? 0)),
  );
}
