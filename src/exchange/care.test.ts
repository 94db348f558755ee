import Papa from 'papaparse';
import { careCalendarFile } from './carecalendar';
import { writeWasteCsv } from './wastecsv';

const now = Date.parse('2026-11-23T10:00:00.000Z');
const day = 86_400_000;

describe('care in a calendar', () => {
  const starts = (text: string) => [...text.matchAll(/DTSTART:(\d{8}T\d{6}Z)/g)].map(([, at]) => at!);

  it('stands on its day when work begins; what is overdue stands now', () => {
    const text = careCalendarFile(
      [
        { id: 'a', title: 'Renew: tip 517', note: 'Pump', due: now + 3 * day },
        { id: 'b', title: 'Drain', note: 'Tank', due: now - 5 * day },
      ],
      7 * 3600,
      now,
    );
    const morning = new Date(now + 3 * day);
    morning.setHours(7, 0, 0, 0);
    const stamp = morning.toISOString().replace(/[-:]|\.000/g, '');
    expect(starts(text)).toEqual([stamp, '20261123T100000Z']);
    expect(text).toContain('SUMMARY:Renew: tip 517');
    expect(text).toContain('UID:care-a@fluorite');
    expect(text.match(/BEGIN:VALARM/g)).toHaveLength(2);
  });
});

describe('the waste register', () => {
  it('is a table with a line a job and month, and nothing a spreadsheet would run', () => {
    const text = writeWasteCsv([
      {
        month: '2026-11',
        job: '=cmd()',
        volume: { used: 1.25e-3, recovered: 0.7e-3 },
        mass: { sludge: 0.123456789 },
      },
      { month: '2026-10', job: 'Doors, "car 4"', volume: {}, mass: {} },
    ]);
    const { data } = Papa.parse<Record<string, string>>(text, { header: true });
    expect(data[0]).toMatchObject({
      month: '2026-11',
      job: "'=cmd()",
      'solvent used [L]': '1.25',
      'settled clear again [L]': '0.7',
      'mix left over [L]': '',
      'sludge [kg]': '0.123457',
    });
    expect(data[1]!.job).toBe('Doors, "car 4"');
  });
});
