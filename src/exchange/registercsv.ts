import Papa from 'papaparse';
import type { SheetState } from '@/facts/shop/register';

/** The register of sheets as a table, a line a state. */
export const writeRegisterCsv = (
  rows: readonly (SheetState & { readonly changes: readonly string[] })[],
): string =>
  Papa.unparse(
    rows.map(({ sheet, until, due, jobs, changes }) => ({
      sheet: sheet.name,
      maker: sheet.maker ?? '',
      revision: sheet.sheetRevision,
      checked: sheet.checkedOn,
      'check again': due ?? '',
      until: until?.slice(0, 10) ?? '',
      'still defaults': sheet.assumed.length,
      changed: changes.join('; '),
      jobs: jobs.map(({ name }) => name).join('; '),
    })),
    // What a spreadsheet would run is led by an apostrophe.
    { newline: '\n', escapeFormulae: true },
  );
