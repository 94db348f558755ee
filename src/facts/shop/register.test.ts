import { newShop, type Revision } from '@/records';
import { aJob, colour, lacquer } from '../../../tests/fixtures/job';
import { registerOf } from './register';

const older = { ...lacquer, sheetRevision: 'A', film: { ...lacquer.film, aim: 26e-6 } };
const oldest = { ...older, sheetRevision: '', coats: 1 };
const revision = (sheet: typeof lacquer, until: string): Revision => ({
  ...{ kind: 'revision', version: 2, coatingId: lacquer.id },
  ...{ id: until, until, sheet },
});
const revisions = [revision(oldest, '2026-02-01T00:00:00.000Z'), revision(older, '2026-06-01T00:00:00.000Z')];
const job = (id: string, sheet: typeof lacquer, begun: string) => ({ ...aJob([sheet]), id, name: id, begun });

describe('the register of sheets', () => {
  const jobs = [
    job('first', older, '2026-03-01T00:00:00.000Z'),
    job('second', older, '2026-04-01T00:00:00.000Z'),
    job('now', { ...lacquer, checkedOn: '2026-01-01' }, '2026-07-01T00:00:00.000Z'),
  ];
  const rows = registerOf([lacquer, colour], revisions, jobs, { ...newShop, recheckAfter: 30 });

  it('every state of every sheet, by name, the present one first', () => {
    expect(rows.map(({ sheet, until }) => [sheet.name, sheet.sheetRevision, until?.slice(0, 10)])).toEqual([
      ['Colour', '', undefined],
      ['Lacquer', lacquer.sheetRevision, undefined],
      ['Lacquer', 'A', '2026-06-01'],
      ['Lacquer', '', '2026-02-01'],
    ]);
    expect(rows.map(({ before }) => before?.sheetRevision)).toEqual([undefined, 'A', '', undefined]);
  });

  it('is due only as it stands, and knows which jobs used which; when it was checked makes no other state', () => {
    expect(rows.map(({ due }) => due)).toEqual(['2026-12-01', '2026-12-01', undefined, undefined]);
    expect(rows.map((row) => row.jobs.map(({ id }) => id))).toEqual([[], ['now'], ['second', 'first'], []]);
  });
});
