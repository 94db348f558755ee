import { readable } from './readable';
import type { FieldRow } from './form';

const fields: readonly FieldRow[] = [
  { name: 'bore', label: 'Air hose, bore', quantity: 'bore' },
  { name: 'kind', label: 'What', options: [{ value: 'filter', label: 'Filter' }] },
  { name: 'since', label: 'New on', type: 'date' },
  { name: 'voc', label: 'VOC', quantity: 'density' },
];
const says = (values: Record<string, unknown>) =>
  readable(
    fields,
    (name) => values[name],
    (quantity, value) => `${value} (${quantity})`,
  );

describe('a form in a line', () => {
  it('says what is said, in the words of its fields', () => {
    expect(says({ bore: 9, kind: 'filter', since: '2026-11-01', voc: 420 })).toBe(
      'air hose, bore 9 (bore), filter, new on 2026-11-01, VOC 420 (density)',
    );
  });
  it('leaves out what is empty, and is empty where nothing is said', () => {
    expect(says({ bore: Number.NaN, since: '', kind: undefined, voc: null })).toBe('');
  });
  it('stops where a line is not read any more', () => {
    const many = Array.from({ length: 12 }, (_, i): FieldRow => ({ name: `f${i}`, label: `F${i}` }));
    const said = readable(many, () => 'x', String);
    expect(said).toMatch(/ …$/);
    expect(said.split(', ')).toHaveLength(7);
  });
});
