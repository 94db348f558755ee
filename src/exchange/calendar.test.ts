import { calendarOf } from './calendar';

const at = (text: string) => Date.parse(text);
const entry = {
  id: 'doors/0/coat-1',
  title: 'First on outer faces 1, 2; then “flash”',
  note: 'Wet film 90 µm\nback, not front',
  start: at('2026-10-25T00:30:00.000Z'),
  end: at('2026-10-25T01:10:00.000Z'),
  call: 5,
};
/** Long lines are folded in a calendar file. */
const unfolded = (file: string) => file.replace(/\r\n[ \t]/g, '');

describe('a calendar file', () => {
  it('has every entry once, in UTC, over a night the clocks change in', () => {
    const file = unfolded(calendarOf([entry, { ...entry, id: 'b', start: entry.end, end: entry.end }]));
    expect(file.match(/BEGIN:VEVENT/g)).toHaveLength(2);
    expect(file).toContain('DTSTART:20261025T003000Z');
    expect(file).toContain('DTEND:20261025T011000Z');
    expect(file).toContain('UID:doors/0/coat-1@fluorite');
    expect(file).toContain('TRIGGER:-PT5M');
    // What is nothing long is a second long: calendars refuse less.
    expect(file).toContain('DTEND:20261025T011001Z');
  });
  it('takes moments between the seconds, as a plan has them', () => {
    const file = calendarOf([{ ...entry, start: entry.start + 333.33, end: entry.end + 0.4 }]);
    expect(file).toContain('DTSTART:20261025T003000Z');
    expect(file).toContain('DTEND:20261025T011000Z');
  });

  it('escapes what the format would read as its own', () => {
    const file = unfolded(calendarOf([entry]));
    expect(file).toContain('First on outer faces 1\\, 2\\; then');
    expect(file).toContain('Wet film 90 µm\\nback\\, not front');
    expect(file.trimEnd().endsWith('END:VCALENDAR')).toBe(true);
  });
});
