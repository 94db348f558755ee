import Papa from 'papaparse';
import { bookRows } from '@/facts/shop/book';
import {
  aJob,
  coatsIn,
  end,
  kit,
  logged,
  mixedLacquer,
  reading,
  start,
  water,
} from '../../tests/fixtures/job';
import { writeBookCsv } from './bookcsv';

const sprayed = logged(
  { ...aJob(), name: '=1+1' },
  [-80, mixedLacquer],
  [-70, water(0.1)],
  [-65, reading(24)],
  ...coatsIn(aJob()).flatMap(
    ({ id }, i) =>
      [
        [-50 + i * 20, start(id)],
        [-40 + i * 20, end(id)],
      ] as const,
  ),
);

it('the book as a table: empty where nobody recorded it, and nothing a spreadsheet would run', () => {
  const table = writeBookCsv(bookRows([sprayed], kit), { gun: () => 'Turbine' });
  const [line] = Papa.parse<Record<string, string>>(table, { header: true }).data;
  expect(line).toMatchObject({
    job: "'=1+1",
    product: 'Lacquer',
    gun: 'Turbine',
    coats: '2',
    'film [um]': '',
    'transfer [%]': '',
    'came out': '',
  });
  expect(Number(line?.['cup off the band [%]'])).toBeCloseTo(100 / 23, 3);
  expect(Number(line?.['minutes a coat [min/m2]'])).toBeGreaterThan(0);
});
