import Papa from 'papaparse';
import * as z from 'zod/mini';
import { refuse, type Outcome } from '@/core/refusal';
import { coating, type AnyRecord, type Coating } from '@/records';
import { previewRecords, refuseSize, type BundlePreview } from './bundle';

/**
 * Sheets as a table: one row a sheet, one column a field. A column is named by the field's path, with its SI
 * unit in brackets: `components.0.density [kg/m³]`. Lists of words stand in one cell, divided by semicolons.
 */
export function writeSheetsCsv(sheets: readonly Coating[]): string {
  const rows = sheets.map((sheet) => Object.fromEntries(cellsOf(sheet, '')));
  const paths = [...new Set(rows.flatMap((row) => Object.keys(row)))].sort();
  const named = rows.map((row) => Object.fromEntries(paths.map((path) => [headerOf(path), row[path] ?? ''])));
  return Papa.unparse(named, { columns: paths.map(headerOf), newline: '\n' });
}

/**
 * Reads a table of sheets back.
 *
 * @returns what it would do, row by row; refuses files that are no such table
 */
export function previewSheetsCsv(text: string, existing: readonly AnyRecord[]): Outcome<BundlePreview> {
  const tooLarge = refuseSize(text.length);
  if (tooLarge) return tooLarge;
  const { data, meta, errors } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
  });
  const paths = (meta.fields ?? []).map((header) => header.replace(/\s*\[.*\]$/, '').trim());
  if (!['id', 'name', 'class'].every((path) => paths.includes(path)))
    return refuse(
      'foreign',
      'This is not a table of coating sheets. Its first row must name the fields, with id, name and class among them. Nothing was changed.',
    );
  const broken = errors.find(({ type }) => type === 'Quotes');
  if (broken)
    return refuse(
      'damaged',
      `The table is damaged near row ${(broken.row ?? 0) + 2}: a quotation mark is missing. Nothing was changed.`,
    );
  const records = data.map((row) => {
    const record: Record<string, unknown> = {};
    (meta.fields ?? []).forEach((header, i) => {
      const cell = row[header];
      const path = paths[i] ?? '';
      if (cell !== undefined && cell !== '' && !isUnsafe(path))
        place(record, path.split('.'), valueOf(path, cell));
    });
    return record;
  });
  return { exported: '', items: previewRecords(records, { records: existing }) };
}

/** An empty text is not a missing one: it is written as two quotation marks. */
const emptyText = '""';

/** What a spreadsheet would run, and what means something here, is led by an apostrophe. */
const escaped = (text: string): string =>
  /^['=+\-@\t\r]/.test(text) || text === emptyText ? `'${text}` : text;

const isUnsafe = (path: string) => /(^|\.)(__proto__|constructor|prototype)(\.|$)/.test(path);

function* cellsOf(value: unknown, path: string): Generator<[string, string | number]> {
  const at = (key: string | number) => (path === '' ? String(key) : `${path}.${key}`);
  if (Array.isArray(value)) {
    if (value.every((each) => typeof each === 'string'))
      yield [path, value.length > 0 ? value.join('; ') : '[]'];
    else for (const [i, each] of value.entries()) yield* cellsOf(each, at(i));
  } else if (typeof value === 'object' && value !== null) {
    if (Object.keys(value).length === 0) yield [path, '{}'];
    for (const [key, each] of Object.entries(value)) yield* cellsOf(each, at(key));
  } else if (typeof value === 'number') yield [path, value];
  else if (value !== undefined) yield [path, value === '' ? emptyText : escaped(String(value))];
}

/** The schema of the field at a path, through optional fields and lists. */
function schemaAt(path: string): z.ZodMiniType | undefined {
  let schema: z.ZodMiniType | undefined = coating;
  for (const key of path.split('.')) {
    schema = bare(schema);
    if (schema instanceof z.ZodMiniArray) schema = schema.def.element as z.ZodMiniType;
    else if (schema instanceof z.ZodMiniObject) schema = (schema.shape as Record<string, z.ZodMiniType>)[key];
    else return undefined;
  }
  return schema;
}

const bare = (schema: z.ZodMiniType | undefined): z.ZodMiniType | undefined =>
  schema instanceof z.ZodMiniOptional ? bare(schema.def.innerType as z.ZodMiniType) : schema;

function headerOf(path: string): string {
  const field = bare(schemaAt(path));
  const unit =
    field instanceof z.ZodMiniNumber ? z.globalRegistry.get(field)?.description?.split(',')[0] : undefined;
  return unit ? `${path} [${unit}]` : path;
}

function valueOf(path: string, cell: string): unknown {
  const field = bare(schemaAt(path));
  // A formula escape is taken off again.
  if (cell === emptyText) return '';
  const text = cell.startsWith("'") ? cell.slice(1) : cell;
  if (field instanceof z.ZodMiniObject) return text === '{}' ? {} : text;
  if (field instanceof z.ZodMiniArray) return text === '[]' ? [] : text.split('; ');
  if (field instanceof z.ZodMiniNumber) {
    const number = Number(text.trim().replace(',', '.'));
    return Number.isNaN(number) ? text : number;
  }
  if (field instanceof z.ZodMiniLiteral) return field.def.values[0] === Number(text) ? Number(text) : text;
  if (field instanceof z.ZodMiniBoolean)
    return text.toLowerCase() === 'true' ? true : text.toLowerCase() === 'false' ? false : text;
  return text;
}

function place(
  record: Record<string, unknown>,
  [key = '', ...rest]: readonly string[],
  value: unknown,
): void {
  if (rest.length === 0) {
    record[key] = value;
    return;
  }
  const list = /^\d+$/.test(rest[0] ?? '');
  const held = record[key];
  const inside = typeof held === 'object' && held !== null ? held : list ? [] : {};
  // A list may not be stretched by a number a file chose.
  if (Array.isArray(inside) && Number(rest[0]) > 50) return;
  record[key] = inside;
  place(inside as Record<string, unknown>, rest, value);
}
