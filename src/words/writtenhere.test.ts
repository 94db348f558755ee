import { clockTime, timeOfDay } from './clock';
import { calendarDay, dayAndMonth, fullDay, monthName, weekday } from './dates';
import { currencies, money, priceOf } from './money';
import { deviceDates, writeHereAs, writtenIn } from './writtenhere';

const at = new Date(2026, 10, 28, 16, 5).getTime();

afterEach(() => writeHereAs({ dayFirst: true, hours24: true }));

describe('dates and times', () => {
  it('one style, day first and 24 h', () => {
    expect([dayAndMonth(at), fullDay(at), weekday(at), monthName(at), timeOfDay(at)]).toEqual([
      '28 Nov',
      '28 Nov 2026',
      'Sat 28 Nov',
      'Nov',
      '16:05',
    ]);
  });

  it('a day of the calendar is the same day whatever the zone', () => {
    expect([calendarDay('2026-11-28'), calendarDay('not stated')]).toEqual(['28 Nov 2026', 'not stated']);
  });

  it('or the other, everywhere', () => {
    writeHereAs({ dayFirst: false, hours24: false });
    expect([dayAndMonth(at), fullDay(at), weekday(at), timeOfDay(at)]).toEqual([
      'Nov 28',
      'Nov 28, 2026',
      'Sat, Nov 28',
      '4:05\u00a0pm',
    ]);
    expect(clockTime(at, at + 86_400_000)).toBe('Sat, Nov 28 4:05\u00a0pm');
  });

  it.each([
    [0, '12:30\u00a0am'],
    [11, '11:30\u00a0am'],
    [12, '12:30\u00a0pm'],
    [23, '11:30\u00a0pm'],
  ])('%s o’clock and a half', (hour, said) => {
    writeHereAs({ dayFirst: false, hours24: false });
    expect(timeOfDay(new Date(2026, 0, 5, hour, 30).getTime())).toBe(said);
  });

  it.each([
    ['en-GB', true, true],
    ['de-DE', true, true],
    ['en-US', false, false],
    ['en-AU', true, false],
  ])('a device of %s', (locale, dayFirst, hours24) => {
    expect(deviceDates(locale)).toEqual({ dayFirst, hours24 });
  });

  it('the shop outranks the device', () => {
    const device = deviceDates('en-US');
    expect(writtenIn({}, device)).toEqual(device);
    expect(writtenIn({ dates: 'day-first' }, device)).toEqual({ dayFirst: true, hours24: true });
    expect(writtenIn({ currency: 'EUR' }, device).currency).toBe('EUR');
  });
});

describe('money', () => {
  it('a bare number until a currency is set', () => {
    expect(money(12)).toBe('12.00');
    expect(priceOf(24_000, 'metric')).toBe('24.00 per L');
  });

  it('in the currency, with the decimals it has', () => {
    writeHereAs({ dayFirst: true, hours24: true, currency: 'EUR' });
    expect(money(1234.5)).toBe('€1,234.50');
    writeHereAs({ dayFirst: true, hours24: true, currency: 'JPY' });
    expect(money(1234.5)).toBe('¥1,235');
    writeHereAs({ dayFirst: false, hours24: false, currency: 'USD' });
    expect(priceOf(24_000, 'us')).toBe('$90.85 per gal');
  });

  it('every currency by its name', () => {
    expect(currencies()).toContainEqual({ code: 'EUR', name: 'Euro' });
    expect(currencies().length).toBeGreaterThan(100);
  });
});
