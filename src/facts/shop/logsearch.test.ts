import { aJob, logged, reading, setting } from '../../../tests/fixtures/job';
import { answers, choicesOf, everything, type LogQuestion } from './logsearch';
import { everyEntry } from '../job';

const plain = logged(
  aJob(),
  [0, reading(24)],
  [10, setting()],
  [60 * 26, { type: 'note', text: 'Dust on the third door' }],
);
const job = {
  ...plain,
  log: plain.log.map((entry) => (entry.type === 'setting' ? { ...entry, by: 'Wren' } : entry)),
};
const rows = everyEntry(job).map((entry) => ({ job, entry }));
const found = (asked: Partial<LogQuestion>) =>
  rows
    .filter((row) =>
      answers(row, { ...everything, ...asked }, () =>
        row.entry.type === 'note' ? row.entry.text : row.entry.type,
      ),
    )
    .map(({ entry }) => entry.type);

describe('looking something up in the log', () => {
  it('finds by kind, person, product and gun, and everything where nothing is asked', () => {
    expect(found({})).toHaveLength(rows.length);
    expect(found({ type: 'setting' })).toEqual(['setting']);
    expect(found({ person: 'Wren' })).toEqual(['setting']);
    expect(found({ sheetId: job.layers[0]!.sheet.id })).toHaveLength(rows.length);
    expect(found({ sheetId: 'another' })).toEqual([]);
    expect(found({ rigId: 'another' })).toEqual([]);
    expect(found({ rigId: job.layers[0]!.rigId })).toContain('setting');
  });

  it('finds between days, both included, and by all the words wherever they stand', () => {
    const day = (row: (typeof rows)[number]) => {
      const at = new Date(row.entry.at);
      return `${at.getFullYear()}-${String(at.getMonth() + 1).padStart(2, '0')}-${String(at.getDate()).padStart(2, '0')}`;
    };
    const [first, last] = [day(rows[0]!), day(rows.at(-1)!)];
    expect(first < last).toBe(true);
    expect(found({ from: last })).toEqual(['note']);
    expect(found({ to: first })).not.toContain('note');
    expect(found({ from: first, to: last })).toHaveLength(rows.length);
    expect(found({ words: 'third DUST' })).toEqual(['note']);
    expect(found({ words: 'third rust' })).toEqual([]);
    expect(found({ words: job.name.split(' ')[0]! })).toHaveLength(rows.length);
  });

  it('offers each kind, person, product and gun once', () => {
    const { types, people, sheets } = choicesOf([...rows, ...rows], []);
    expect(new Set(types).size).toBe(types.length);
    expect(people).toEqual(['Wren']);
    expect(new Set(sheets.map(([id]) => id)).size).toBe(sheets.length);
  });
});
