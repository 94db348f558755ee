import Papa from 'papaparse';
import { colour } from '../../tests/fixtures/job';
import { writeRegisterCsv } from './registercsv';

it('a line a state, with the jobs that used it; nothing a spreadsheet would run', () => {
  const jobs = [
    { id: 'a', name: 'Doors', begun: '2026-01-01' },
    { id: 'b', name: 'Gates', begun: '2026-01-02' },
  ];
  const table = writeRegisterCsv([
    { sheet: { ...colour, name: '=Colour' }, due: '2027-01-01', jobs, changes: ['Cured: 7 d, was 5 d'] },
    { sheet: colour, until: '2026-06-01T10:00:00.000Z', jobs: [], changes: [] },
  ]);
  const [now, before] = Papa.parse<Record<string, string>>(table, { header: true }).data;
  expect(now).toMatchObject({
    sheet: "'=Colour",
    'check again': '2027-01-01',
    until: '',
    jobs: 'Doors; Gates',
    changed: 'Cured: 7 d, was 5 d',
  });
  expect(before).toMatchObject({ sheet: 'Colour', until: '2026-06-01', 'check again': '', jobs: '' });
});
