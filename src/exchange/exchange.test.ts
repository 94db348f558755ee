import fc from 'fast-check';
import fs from 'node:fs';
import path from 'node:path';
import { isRefusal, type Outcome } from '@/core/refusal';
import { classSheet, keyOf, newShop, type AnyRecord } from '@/records';
import { bundleJsonSchema, bundleLimit, previewBundle, refuseSize, writeBundle } from './bundle';
import { canonical } from '@/records/canonical';
import { fileName } from './filename';

const at = '2026-11-23T09:00:00.000Z';
const shop: AnyRecord[] = [
  classSheet('two-part-clear', 'a', 'Clear', '2026-11-01'),
  classSheet('gel-coat', 'b', 'Gel coat', '2026-11-01'),
  newShop,
];
const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const code = (text: string) => {
  const outcome = previewBundle(text);
  return isRefusal(outcome) ? outcome.refused : 'read';
};

describe('bundle', () => {
  const text = writeBundle(shop, at);

  it('comes back identical', () => {
    const { items } = value(previewBundle(text));
    expect(items.every(({ state }) => state === 'new')).toBe(true);
    const back = items.map(({ record }) => record as AnyRecord);
    expect(writeBundle(back, at)).toBe(text);
  });

  it('says what is new, changed and the same', () => {
    const [first, second, ...rest] = shop as [AnyRecord, AnyRecord, ...AnyRecord[]];
    const { items } = value(
      previewBundle(text, { records: [first, { ...second, note: 'else' } as AnyRecord] }),
    );
    const stateOf = (record: AnyRecord) => items.find(({ key }) => key === keyOf(record))?.state;
    expect(stateOf(first)).toBe('same');
    expect(stateOf(second)).toBe('changed');
    expect(stateOf(rest[0] as AnyRecord)).toBe('new');
  });

  it('refuses single records and reads the others', () => {
    const records = [
      { ...shop[0], film: 'thick', kind: 'coating', version: 1 },
      { kind: 'wizard' },
      null,
      ...shop,
      shop[0],
    ];
    const { items } = value(
      previewBundle(JSON.stringify({ format: 'fluorite-bundle', version: 1, exported: at, records })),
    );
    expect(
      items
        .filter(({ state }) => state === 'refused')
        .map(({ why }) => why?.length ?? 0)
        .every((n) => n > 0),
    ).toBe(true);
    expect(items.filter(({ state }) => state === 'refused')).toHaveLength(4);
    expect(items.filter(({ state }) => state === 'new')).toHaveLength(shop.length);
  });

  it.each([
    ['truncated', text.slice(0, text.length / 2), 'cut-off'],
    ['empty', '', 'foreign'],
    ['a text file', 'hello', 'foreign'],
    ['foreign JSON', '{"project":1}', 'foreign'],
    ['a bare list', '[1,2]', 'foreign'],
    ['null', 'null', 'foreign'],
    [
      'of a newer version',
      JSON.stringify({ format: 'fluorite-bundle', version: 4, records: [] }),
      'newer-version',
    ],
    ['deeply nested', '['.repeat(200_000), 'foreign'],
  ])('refuses a file that is %s', (_, file, refused) => expect(code(file)).toBe(refused));

  it('refuses 200 MB by size alone', () => {
    expect(refuseSize(200 * 1024 * 1024)?.says).toContain('200 MB');
    expect(refuseSize(bundleLimit)).toBeUndefined();
  });

  it('takes nothing through the prototype', () => {
    const hostile = `{"format":"fluorite-bundle","version":1,"exported":"${at}","records":[{"__proto__":{"kind":"shop"},"kind":"shop","version":1,"id":"shop","constructor":{}}]}`;
    const { items } = value(previewBundle(hostile));
    expect(items[0]?.state).toBe('refused');
    expect(({} as Record<string, unknown>).kind).toBeUndefined();
  });

  it('is described by the schema in docs/formats', () => {
    const published = fs.readFileSync(path.join(process.cwd(), 'docs/formats/bundle-3.schema.json'), 'utf8');
    expect(canonical(JSON.parse(published))).toBe(canonical(bundleJsonSchema()));
  });

  it('gets a file name every system takes', () => {
    expect(fileName('Saloon doors, car 6 / “B”', '2026-11-23', 'fluorite.json')).toBe(
      'saloon-doors-car-6-b-2026-11-23.fluorite.json',
    );
    expect(fileName('///', '2026-11-23', 'fluorite.json')).toBe('shop-2026-11-23.fluorite.json');
  });
});

describe('whatever a file holds', () => {
  it('reading it never throws and never writes', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json(), fc.json().map(wrapped)), (text) => {
        const outcome = previewBundle(text, { records: shop });
        if (isRefusal(outcome)) expect(outcome.says.length).toBeGreaterThan(10);
        else
          for (const { state, why } of outcome.items) expect(state === 'refused' ? why : 'fine').toBeTruthy();
      }),
      { numRuns: 300 },
    );
  });

  it('two records are the same whatever the order of their keys', () => {
    fc.assert(
      fc.property(fc.dictionary(fc.string(), fc.jsonValue()), (record) => {
        const turned = Object.fromEntries(Object.entries(record).reverse());
        expect(canonical(turned)).toBe(canonical(record));
      }),
    );
  });
});

/** Any JSON as the only record of a file that is otherwise right. */
const wrapped = (record: string) =>
  `{"format":"fluorite-bundle","version":1,"exported":"${at}","records":[${record}]}`;
