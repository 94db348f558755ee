import Papa from 'papaparse';
import { celsius } from '@/core/climate';
import { classSheet, coatingClasses, type Coating } from '@/records';
import { unitsOf } from '@/words/units';
import { sheetColumns, writeSheetTable } from './sheettable';

const sheet: Coating = {
  ...classSheet('two-part-clear', 's', 'Deck clear 7', '2026-11-01'),
  target: { cupId: 'din-4', min: 18, max: 21, temperature: celsius(20) },
  times: { temperature: celsius(20), potLife: 7200, flash: 480, recoatFirst: 900, recoatLast: 86_400 },
};
const every = new Set(sheetColumns.map(({ id }) => id));
const rows = (sheets: readonly Coating[], chosen: ReadonlySet<string>, system: 'metric' | 'us' = 'metric') =>
  Papa.parse<string[]>(writeSheetTable(sheets, chosen, unitsOf(system))).data;

describe('the table of sheets', () => {
  it('has what was chosen, in the order of a sheet, whichever was chosen first', () => {
    const [titles, first] = rows([sheet], new Set(['flash', 'bandFrom', 'name']));
    expect(titles).toEqual(['Name', 'Band from [s]', 'Flash [min]']);
    expect(first).toEqual(['Deck clear 7', '18', '8']);
  });

  it('is in the user’s units, rounded as a person writes them', () => {
    const chosen = new Set(['dryAim', 'bandAt', 'density', 'potLife', 'thinnerMost']);
    expect(rows([sheet], chosen)).toEqual([
      [
        'Thinner at most [%]',
        'Band at [°C]',
        'Density of the first part [kg/L]',
        'Dry film a coat, aim [µm]',
        'Pot life [min]',
      ],
      ['10', '20', '0.98', '29', '120'],
    ]);
    expect(rows([sheet], chosen, 'us')).toEqual([
      [
        'Thinner at most [%]',
        'Band at [°F]',
        'Density of the first part [lb/gal]',
        'Dry film a coat, aim [mil]',
        'Pot life [min]',
      ],
      ['10', '68', '8.18', '1.1', '120'],
    ]);
  });

  it('leaves empty what a sheet does not say, and no cell runs as a formula', () => {
    const [titles, first] = rows([{ ...sheet, name: '=1+1', target: undefined }], every);
    expect(first![titles!.indexOf('Band from [s]')]).toBe('');
    expect(first![titles!.indexOf('Cup')]).toBe('no cup');
    expect(first![0]).toBe("'=1+1");
  });

  it.each(['metric', 'us'] as const)('has no number of more than five digits in any class, %s', (system) => {
    const sheets = coatingClasses.map((of) => classSheet(of, of, of, '2026-11-01'));
    const [titles, ...cells] = rows(sheets, every, system);
    expect(titles).toHaveLength(sheetColumns.length);
    for (const row of cells)
      for (const [i, cell] of row.entries())
        if (cell !== '' && /\[/.test(titles![i]!)) expect(cell).toMatch(/^-?\d{1,5}(\.\d{1,2})?$/);
  });
});
