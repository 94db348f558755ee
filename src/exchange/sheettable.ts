import Papa from 'papaparse';
import { unitIn, type QuantityId } from '@/core/quantity';
import { classWords, type Coating } from '@/records';
import { chemistryWords } from '@/words/care';
import { cupName } from '@/words/cup';
import { hazardWords } from '@/words/hazards';
import { shortNumber } from '@/words/ratio';
import type { Units } from '@/words/units';

/** A column of the table of sheets. */
export interface SheetColumn {
  readonly id: string;
  readonly title: string;
  /** Shown unless somebody leaves it out. */
  readonly usual?: true;
  readonly quantity?: QuantityId;
  readonly digits?: number;
  readonly value: (sheet: Coating) => number | string | undefined;
}

const words = (id: string, title: string, value: SheetColumn['value'], usual?: true): SheetColumn => ({
  id,
  title,
  value,
  ...(usual ? { usual } : {}),
});
const number = (
  id: string,
  title: string,
  quantity: QuantityId,
  value: (sheet: Coating) => number | undefined,
  more: Pick<SheetColumn, 'usual' | 'digits'> = {},
): SheetColumn => ({ id, title, quantity, value, ...more });
const usual = { usual: true } as const;

/** The columns in the order a person reads a sheet: what it is, mixing, thinning, film, times, room, work. */
export const sheetColumns: readonly SheetColumn[] = [
  words('name', 'Name', ({ name }) => name, true),
  words('class', 'Coating type', (sheet) => classWords(sheet.class), true),
  words('chemistry', 'Chemistry', ({ chemistry }) => chemistryWords[chemistry]),
  words('revision', 'Revision', ({ sheetRevision }) => sheetRevision, true),
  words('checked', 'Last checked', ({ checkedOn }) => checkedOn, true),
  words(
    'ratio',
    'Ratio',
    ({ components }) =>
      components.length > 1 ? components.map(({ parts }) => shortNumber(parts)).join(' : ') : 'one part',
    true,
  ),
  words('ratioBy', 'Ratio by', ({ components, ratioBy }) => (components.length > 1 ? ratioBy : ''), true),
  words('parts', 'Parts', ({ components }) => components.map(({ name }) => name).join('; ')),
  words('thinner', 'Thinners', ({ thinning }) => thinning.thinners.map(({ name }) => name).join('; '), true),
  number('thinnerMost', 'Thinner at most', 'share', ({ thinning }) => thinning.maximum, {
    ...usual,
    digits: 1,
  }),
  words(
    'thinnerBy',
    'Thinner counted by',
    ({ thinning: { by, of } }) => `${by} of the ${of === 'mix' ? 'mix' : 'first part'}`,
  ),
  words('cup', 'Cup', ({ target }) => (target ? cupName(target.cupId) : 'no cup'), true),
  number('bandFrom', 'Band from', 'time', ({ target }) => target?.min, usual),
  number('bandTo', 'Band to', 'time', ({ target }) => target?.max, usual),
  number('bandAt', 'Band at', 'temperature', ({ target }) => target?.temperature, usual),
  number('solids', 'Solids of the first part', 'share', ({ components }) => components[0]?.volumeSolids, {
    digits: 0,
  }),
  number('density', 'Density of the first part', 'density', ({ components }) => components[0]?.density),
  number('voc', 'VOC of the first part', 'voc', ({ components }) => components[0]?.voc),
  number('dryFrom', 'Dry film a coat from', 'film', ({ film }) => film.min, usual),
  number('dryAim', 'Dry film a coat, aim', 'film', ({ film }) => film.aim, usual),
  number('dryTo', 'Dry film a coat to', 'film', ({ film }) => film.max, usual),
  number('wetAim', 'Wet film a coat, aim', 'film', ({ wetFilm }) => wetFilm?.aim),
  words('coats', 'Coats', ({ coats }) => coats, true),
  number('potLife', 'Pot life', 'duration', ({ times }) => times.potLife, usual),
  number('induction', 'Rest before use', 'duration', ({ times }) => times.induction),
  number('flash', 'Flash', 'duration', ({ times }) => times.flash, usual),
  number('recoatFirst', 'Recoat, first', 'duration', ({ times }) => times.recoatFirst, usual),
  number('recoatLast', 'Recoat, last', 'duration', ({ times }) => times.recoatLast, usual),
  number('touch', 'Touch', 'duration', ({ times }) => times.touch),
  number('handle', 'Handle', 'duration', ({ times }) => times.handle),
  number('cure', 'Cured', 'runTime', ({ times }) => times.cure),
  number('timesAt', 'Times stated at', 'temperature', ({ times }) => times.temperature),
  number('airFrom', 'Air from', 'temperature', ({ limits }) => limits.air.min),
  number('airTo', 'Air to', 'temperature', ({ limits }) => limits.air.max),
  number('humidityTo', 'Humidity to', 'share', ({ limits }) => limits.humidity.max, { digits: 0 }),
  words('hazards', 'Hazards', ({ hazards }) => hazards.map((each) => hazardWords[each]).join('; '), true),
  words('cleaner', 'Cleaner', ({ cleaner }) => cleaner ?? ''),
  number('keepsClosed', 'Keeps closed', 'days', ({ shelf }) => shelf?.closed),
  number('keepsOpen', 'Keeps once open', 'days', ({ shelf }) => shelf?.opened),
  number('price', 'Price of the unthinned mix', 'price', ({ pricePerVolume }) => pricePerVolume),
  words('defaults', 'Defaults nobody read', ({ assumed }) => assumed.join('; ')),
];

/**
 * Sheets as a table for people: the columns somebody chose, in the order of a sheet, numbers in the user’s units and
 * rounded as a person writes them. It is not read back: the whole record is the other table.
 */
export function writeSheetTable(
  sheets: readonly Coating[],
  chosen: ReadonlySet<string>,
  units: Units,
): string {
  const columns = sheetColumns.filter(({ id }) => chosen.has(id));
  const titles = columns.map(({ title, quantity }) =>
    quantity ? `${title} [${unitIn(quantity, units.system).symbol}]` : title,
  );
  const rows = sheets.map((sheet) => columns.map((column) => cellOf(column, sheet, units)));
  // What a spreadsheet would run is led by an apostrophe.
  return Papa.unparse({ fields: titles, data: rows }, { newline: '\n', escapeFormulae: true });
}

function cellOf({ quantity, digits, value }: SheetColumn, sheet: Coating, units: Units): string | number {
  const found = value(sheet);
  if (found === undefined) return '';
  if (quantity === undefined || typeof found === 'string') return found;
  const { number: shown } = units.parts(quantity, found, {
    unit: unitIn(quantity, units.system).id,
    ...(digits === undefined ? {} : { digits }),
  });
  return Number(shown.replace('−', '-'));
}
