import { classSheet } from '@/records';
import { confirmedAfter } from './confirm';

const sheet = classSheet('two-part-clear', 'c', 'Clear', '2026-11-01');

describe('confirming a sheet', () => {
  it('what was edited is no default any more, the rest still is', () => {
    const after = { ...sheet, film: { ...sheet.film, aim: 30e-6 }, times: { ...sheet.times, flash: 300 } };
    const left = confirmedAfter(sheet, after);
    expect(left).not.toContain('film');
    expect(left).not.toContain('times');
    expect(left).toContain('thinning');
    expect(left).toHaveLength(sheet.assumed.length - 2);
  });

  it('saving without a change confirms nothing', () => {
    expect(confirmedAfter(sheet, structuredClone(sheet))).toEqual(sheet.assumed);
  });
});
