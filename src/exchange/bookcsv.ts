import Papa from 'papaparse';
import type { BookRow } from '@/facts/shop/book';

interface Names {
  readonly gun: (rigId: string) => string;
}

const number = (value: number | undefined, scale = 1) =>
  value === undefined ? '' : Number((value * scale).toPrecision(6));

/** The book as a table, a line a product of a job: whatever was not recorded is empty, not nought. */
export const writeBookCsv = (rows: readonly BookRow[], { gun }: Names): string =>
  Papa.unparse(
    rows.map(({ use, values }) => ({
      ended: new Date(use.at).toISOString(),
      job: use.job,
      product: use.sheet,
      'sheet revision': use.revision,
      gun: gun(use.rigId),
      ground: use.ground ?? '',
      people: use.people.join('; '),
      coats: use.coats,
      'area [m2]': number(use.area),
      'thinner [%]': number(use.thinner?.share, 100),
      'cup off the band [%]': number(values.thinning, 100),
      'film [um]': number(use.film?.mean, 1e6),
      'film aimed at [um]': number(use.film?.aim, 1e6),
      'transfer [%]': number(values.transfer, 100),
      'paint a coat [mL/m2]': number(values.paint, 1e6),
      'minutes a coat [min/m2]': number(values.minutes, 1 / 60),
      faults: use.faults.join('; '),
      reworks: use.reworks,
      'mix thrown away [mL]': number(values.waste, 1e6),
      'came out': use.closing?.came ?? '',
      'looked at later': use.later ?? '',
    })),
    // What a spreadsheet would run is led by an apostrophe.
    { newline: '\n', escapeFormulae: true },
  );
