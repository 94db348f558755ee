import { isRefusal } from '@/core/refusal';
import { classSheet, coatingClasses, type Coating } from '@/records';
import { previewSheetsCsv, writeSheetsCsv } from './sheetcsv';

const sheets = coatingClasses.map((of, i) => classSheet(of, `s${i}`, `Sheet ${i}`, '2026-11-01'));
const read = (text: string, existing: Coating[] = []) => {
  const preview = previewSheetsCsv(text, existing);
  if (isRefusal(preview)) throw new Error(preview.says);
  return preview.items;
};

describe('a table of sheets', () => {
  it('comes back identical, every class of it', () => {
    const items = read(writeSheetsCsv(sheets));
    expect(items.map(({ state, why }) => why ?? state)).toEqual(sheets.map(() => 'new'));
    expect(items.map(({ record }) => record)).toEqual(JSON.parse(JSON.stringify(sheets)));
    expect(read(writeSheetsCsv(sheets), sheets).every(({ state }) => state === 'same')).toBe(true);
  });

  it('comes back identical with doses, tables by temperature, empty lists and awkward words', () => {
    const awkward: Coating = {
      ...sheets[0]!,
      name: '=1+1, "quoted"\nsecond line; third',
      sheetRevision: '007',
      note: '-5 is no formula',
      hazards: [],
      intervals: {},
      assumed: [],
      additives: [
        {
          id: 'x',
          name: '@extender',
          density: 900,
          volumeSolids: 0,
          voc: 900,
          water: 0,
          exempt: 0.5,
          doseBy: 'mass',
          doseOf: 'mix',
          dose: 0,
          maximum: 0.05,
          thins: true,
        },
      ],
      components: [{ ...sheets[0]!.components[0]!, partsAt: [{ temperature: 291.15, parts: 2.5 }] }],
      vocLimit: { value: 420, counts: 'less-water' },
    };
    const text = writeSheetsCsv([awkward]);
    expect(text).not.toMatch(/(^|,)"?=1/m);
    const [item] = read(text);
    expect(item?.record).toEqual(awkward);
  });

  it('names its units in the head, and takes a decimal comma', () => {
    const text = writeSheetsCsv(sheets.slice(0, 1));
    expect(text).toContain('components.0.density [kg/m³]');
    expect(text).toContain('times.flash [s]');
    const comma = text.replace(/,950,/, ',"950,5",');
    expect((read(comma)[0]?.record as Coating).components[0]!.density).toBe(950.5);
  });

  it('says which row is wrong and why, and refuses other tables', () => {
    const text = writeSheetsCsv(sheets.slice(0, 2)).replace(/,950,/, ',heavy,');
    const items = read(text);
    expect(items.map(({ state }) => state)).toEqual(['refused', 'new']);
    expect(items[0]?.why).toContain('components.0.density');
    expect(previewSheetsCsv('a,b\n1,2', [])).toMatchObject({ refused: 'foreign' });
    expect(previewSheetsCsv('id,name,class\n"open,1,2', [])).toMatchObject({ refused: 'damaged' });
  });

  it('is not fooled by hostile columns', () => {
    const items = read('id,name,class,__proto__.polluted,components.4000000.name\nx,y,z,1,2');
    expect(items[0]?.state).toBe('refused');
    expect(({} as Record<string, unknown>).polluted).toBeUndefined();
  });
});
