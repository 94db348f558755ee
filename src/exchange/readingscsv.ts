import Papa from 'papaparse';
import { toSI, unitNamed } from '@/core/quantity';
import { refuse, type Outcome } from '@/core/refusal';

/** Larger tables are no gauge’s. */
const limit = 4 * 1024 * 1024;
export const mostRows = 20_000;

/** A gauge’s table as read: its columns, and every row as text. */
export interface GaugeTable {
  readonly columns: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/** Units a gauge may write. */
export const gaugeUnits = ['µm', 'mil', 'mm'] as const;
export type GaugeUnit = (typeof gaugeUnits)[number];

/** Which column is what, by its number; undefined where there is none. */
export interface GaugeMapping {
  readonly film: number;
  readonly face?: number;
  readonly spot?: number;
  readonly unit: GaugeUnit;
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

/** Reads a table whose columns are divided by commas, semicolons or tabs; refuses what is none. */
export function readGaugeTable(text: string): Outcome<GaugeTable> {
  if (text.length > limit) return refuse('too-large', 'This file is too large for a table of readings.');
  if (text.includes('\u0000'))
    return refuse('foreign', 'This is no table: it holds binary data. Nothing was changed.');
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [';', '\t', ',', '|'],
  });
  const [head, ...rows] = data.map((row) => row.map((cell) => cell.trim()));
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
  const headed = !head.some((cell) => numberOf(cell) !== undefined);
  return {
    columns: headed ? head : head.map((_, i) => `Column ${i + 1}`),
    rows: headed ? rows : [head, ...rows],
  };
}

/** A number with a point or a comma; thousands apart by the other one or by a space. */
export function numberOf(text: string): number | undefined {
  const bare = text.replace(/[\s\u00a0\u202f]/g, '').replace(/(µm|um|μm|mils?|mm)$/i, '');
  const plain = /^[+-]?\d+(?:[.,]\d+)?$/.test(bare)
    ? bare.replace(',', '.')
    : /^[+-]?\d{1,3}(?:\.\d{3})+,\d+$/.test(bare)
      ? bare.replaceAll('.', '').replace(',', '.')
      : /^[+-]?\d{1,3}(?:,\d{3})+\.\d+$/.test(bare)
        ? bare.replaceAll(',', '')
        : undefined;
  return plain === undefined ? undefined : Number(plain);
}

/** What the columns are likely to be, by their names and by what stands in them. */
export function guessMapping({ columns, rows }: GaugeTable): GaugeMapping {
  const named = (...words: string[]) =>
    columns.findIndex((name) => words.some((word) => name.toLowerCase().includes(word)));
  const numeric = columns.findIndex((_, i) =>
    rows.slice(0, 20).every((row) => (numberOf(row[i] ?? '') ?? 0) > 0),
  );
  const known = named('thick', 'film', 'dft', 'reading', 'value');
  const film = known >= 0 ? known : Math.max(numeric, 0);
  const name = columns[film]?.toLowerCase() ?? '';
  const unit: GaugeUnit = /mils?\b/.test(name) ? 'mil' : /\bmm\b/.test(name) ? 'mm' : 'µm';
  const [face, spot] = [named('face', 'part', 'area', 'batch'), named('spot', 'place', 'point', 'position')];
  return {
    film,
    unit,
    ...(face >= 0 && face !== film ? { face } : {}),
    ...(spot >= 0 && spot !== film ? { spot } : {}),
  };
}

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
    const row = i + 2;
    const say = (says: string) => void problems.push({ row, says });
    const number = numberOf(cells[mapping.film] ?? '');
    if (number === undefined) return say(`“${(cells[mapping.film] ?? '').slice(0, 30)}” is no number.`);
    if (!(number > 0)) return say('A film must be above zero.');
    const said = mapping.face === undefined ? '' : (cells[mapping.face] ?? '');
    const face =
      mapping.face === undefined
        ? first
        : faces.find(({ id, name }) => name.toLowerCase() === said.toLowerCase() || id === said);
    if (!face || !unit) return say(`There is no face “${said.slice(0, 30)}” on this part.`);
    const place =
      mapping.spot === undefined ? undefined : numberOf((cells[mapping.spot] ?? '').replace(/^\D+/, ''));
    const taken = counted.get(face.id) ?? 0;
    const spot = mapping.spot === undefined ? Math.floor(taken / perSpot) : (place ?? 0) - 1;
    if (!Number.isInteger(spot) || spot < 0 || spot >= mostSpots)
      return say(
        mapping.spot === undefined
          ? `More readings than ${mostSpots} spots hold.`
          : `Spot ${(cells[mapping.spot] ?? '').slice(0, 12)} is not on the part: spots run from 1 to ${mostSpots}.`,
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
