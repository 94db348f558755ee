import { backupDue, daysSince } from './backup';

const day = 86_400_000;
const now = Date.parse('2026-11-27T12:00:00Z');

describe('a backup', () => {
  it('is due a fortnight after the last one, or after the work began where there was none', () => {
    expect(backupDue(undefined, undefined, now)).toBe(false);
    expect(backupDue(undefined, now - 13 * day, now)).toBe(false);
    expect(backupDue(undefined, now - 15 * day, now)).toBe(true);
    expect(backupDue(now - 15 * day, now - 90 * day, now)).toBe(true);
    expect(backupDue(now - 3 * day, now - 90 * day, now)).toBe(false);
    expect(backupDue(now - 90 * day, now - 2 * day, now)).toBe(false);
  });

  it('is so many whole days ago, never fewer than none', () => {
    expect(daysSince(undefined, now)).toBeUndefined();
    expect(daysSince(now - 2.9 * day, now)).toBe(2);
    expect(daysSince(now + day, now)).toBe(0);
  });
});
