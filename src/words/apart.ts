import { format as formatDate } from 'date-fns';
import { quantityAt } from '@/records/quantityat';
import { logEntry, type AnyRecord } from '@/records';
import { namesIn, type Path } from '@/records/replica';
import { entryWords, typeWords } from './entry';
import { amount, written } from './figures';
import type { Units } from './units';

const spaced = (name: string): string => name.replace(/([A-Z])/g, ' $1').toLowerCase();

/** An item of a list by its name; by its place where it has none. */
function itemNamed(list: readonly unknown[], key: string): { readonly item: unknown; readonly says: string } {
  const at = list.findIndex((item) =>
    Object.values((item ?? {}) as object).includes(key.replace(/#\d+$/, '')),
  );
  const item = list[at];
  const { name } = (item ?? {}) as { readonly name?: unknown };
  return { item, says: typeof name === 'string' && name ? `“${name}”` : String(at < 0 ? '' : at + 1) };
}

/** `layers/top/coats/c1/dry` as a person reads it: layers “Clear”, coats “Bed”, dry. */
export function partNamed(record: AnyRecord, path: Path): string {
  if (path === '!') return 'The record itself';
  const names = namesIn(path);
  if (names[0] === 'log') {
    const entry = record.kind === 'job' && record.log.find(({ id }) => id === names[1]);
    return entry ? `Entry “${typeWords[entry.type]}”` : 'An entry';
  }
  let at: unknown = record;
  const words: string[] = [];
  for (const name of names.filter((each) => each !== '#')) {
    if (Array.isArray(at)) {
      const { item, says } = itemNamed(at, name);
      at = item;
      words.push(`${words.pop() ?? ''} ${says}`.trim());
      continue;
    }
    at = (at as Record<string, unknown> | undefined)?.[name];
    words.push(spaced(name));
  }
  const said = words.join(', ');
  return `${said.slice(0, 1).toUpperCase()}${said.slice(1)}`;
}

const longest = 120;

/** A moment as people write it, in the time of this place. */
const moment = (iso: string): string => formatDate(new Date(iso), 'd MMM yyyy, HH:mm:ss');

function said(record: AnyRecord, names: readonly string[], value: unknown, units: Units): string {
  if (typeof value === 'number') {
    const quantity = quantityAt(record.kind, names);
    return quantity ? written(amount(quantity, value), units) : String(value);
  }
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string')
    return value === '' ? 'empty' : /^\d{4}-\d\d-\d\dT.*Z$/.test(value) ? moment(value) : value;
  if (Array.isArray(value)) return value.length === 0 ? 'none' : `${value.length} of them`;
  return Object.entries((value ?? {}) as object)
    .filter(([, part]) => part !== undefined && typeof part !== 'object')
    .map(([name, part]) => `${spaced(name)} ${said(record, [...names, name], part, units)}`)
    .join(', ');
}

/** One of the values a part was given, in the user’s units. */
export function partValue(record: AnyRecord, path: Path, value: unknown, units: Units): string {
  const names = namesIn(path);
  const presence = path === '!' || names.at(-1) === '#';
  if (value === undefined) return presence ? 'removed' : 'nothing';
  if (presence) return path === '!' ? 'kept' : 'kept, or moved';
  if (names[0] === 'log' && record.kind === 'job') {
    const entry = logEntry.safeParse(value);
    return entry.success
      ? `${entryWords(entry.data, record, units)}, ${moment(entry.data.at)}`
      : 'as a newer version wrote it';
  }
  return said(record, names, value, units).slice(0, longest);
}
