import fc from 'fast-check';
import { isRefusal } from '@/core/refusal';
import { classSheet, coatingClasses, type AnyRecord, type Coating } from '@/records';
import { readRecord } from '@/records/readrecord';
import { previewBundle, writeBundle } from './bundle';
import { previewSheetsCsv, writeSheetsCsv } from './sheetcsv';

const share = fc.double({ min: 0, max: 1, noNaN: true });
const amount = fc.double({ min: 1e-9, max: 2e4, noNaN: true });
const text = fc.string({ minLength: 1, maxLength: 40 }).filter((each) => each.trim() !== '');
const optional = <T>(of: fc.Arbitrary<T>) => fc.option(of, { nil: undefined });

/** Sheets of every class with anything a user may have put in them. */
const anySheet: fc.Arbitrary<Coating> = fc
  .record({
    of: fc.constantFrom(...coatingClasses),
    name: text,
    note: optional(fc.string({ maxLength: 80 })),
    sheetRevision: fc.string({ maxLength: 12 }),
    tolerance: optional(share),
    price: optional(amount),
    density: amount,
    solids: share,
    shelf: optional(fc.record({ opened: fc.integer({ min: 1, max: 900 }) })),
    limit: optional(amount),
    table: optional(
      fc.array(fc.record({ temperature: fc.double({ min: 250, max: 330, noNaN: true }), parts: amount }), {
        minLength: 1,
        maxLength: 3,
      }),
    ),
    assumed: fc.subarray(['components', 'film', 'times']),
    doses: optional(
      fc.array(fc.record({ name: text, dose: share, thins: fc.boolean() }), { minLength: 1, maxLength: 3 }),
    ),
  })
  .map((any) => {
    const sheet = classSheet(any.of, 'id', 'name', '2026-11-01');
    const [base, ...rest] = sheet.components;
    return {
      ...sheet,
      name: any.name.trim(),
      sheetRevision: any.sheetRevision,
      assumed: any.assumed,
      components: [
        {
          ...base!,
          density: any.density,
          volumeSolids: any.solids,
          ...(any.table ? { partsAt: any.table } : {}),
        },
        ...rest,
      ],
      ...(any.note === undefined ? {} : { note: any.note }),
      ...(any.tolerance === undefined ? {} : { tolerance: any.tolerance }),
      ...(any.price === undefined ? {} : { pricePerVolume: any.price }),
      ...(any.shelf ? { shelf: any.shelf } : {}),
      ...(any.limit === undefined ? {} : { vocLimit: { value: any.limit, counts: 'less-water' as const } }),
      ...(any.doses
        ? {
            additives: any.doses.map(({ name, dose, thins }, i) => ({
              id: `d${i}`,
              name: name.trim(),
              density: 900,
              volumeSolids: 0,
              voc: 0,
              water: 0,
              exempt: 0,
              doseBy: 'mass' as const,
              doseOf: 'mix' as const,
              dose,
              maximum: 1,
              thins,
            })),
          }
        : {}),
    };
  });

describe('sheets that leave and come back', () => {
  it('as JSON are identical', () => {
    fc.assert(
      fc.property(anySheet, (sheet) => {
        const preview = previewBundle(writeBundle([sheet], '2026-11-23T09:00:00.000Z'));
        if (isRefusal(preview)) throw new Error(preview.says);
        expect(preview.items[0]?.record).toEqual(readRecord(sheet));
      }),
      { numRuns: 60 },
    );
  });

  it('as a table are identical, whatever words are in them', () => {
    fc.assert(
      fc.property(fc.array(anySheet, { minLength: 1, maxLength: 3 }), (some) => {
        const sheets = some.map((sheet, i) => ({ ...sheet, id: `s${i}` }));
        const preview = previewSheetsCsv(writeSheetsCsv(sheets), sheets as AnyRecord[]);
        if (isRefusal(preview)) throw new Error(preview.says);
        expect(preview.items.map(({ state, why }) => why ?? state)).toEqual(sheets.map(() => 'same'));
      }),
      { numRuns: 60 },
    );
  });
});

describe('files of anybody', () => {
  it('are read or refused, and never break the reader', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.json(),
          fc.constantFrom('id,name,class\n', '\uFEFFid,name,class\n"', '[]', 'null'),
        ),
        (any) => {
          for (const outcome of [previewBundle(any), previewSheetsCsv(any, [])])
            expect(isRefusal(outcome) ? outcome.says.length : outcome.items.length).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });
});
