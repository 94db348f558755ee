import Papa from 'papaparse';
import type { JobCost } from '@/core/money';
import { costWords } from '@/words/cost';

/** What a job costs, an item a line: planned and found told apart, in SI and in the currency as prices were entered. */
export const writeCostCsv = (planned: JobCost, found: JobCost, currency: string | undefined): string =>
  Papa.unparse(
    [['planned', planned] as const, ['found', found] as const].flatMap(([column, cost]) =>
      cost.lines.flatMap(({ id, items }) =>
        items.map(({ what, quantity, unit, price }) => ({
          column,
          kind: costWords[id],
          what,
          quantity,
          unit: { volume: 'm³', length: 'm', time: 's', lives: 'lives' }[unit],
          price: price ?? '',
          cost: price === undefined ? '' : quantity * price,
          currency: currency ?? '',
        })),
      ),
    ),
    // What a spreadsheet would run is led by an apostrophe.
    { newline: '\n', escapeFormulae: true },
  );
