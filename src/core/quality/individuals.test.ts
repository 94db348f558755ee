import { individuals } from '.';

describe('individuals and moving range', () => {
  it('mean ± 2.66 of the mean moving range: 20, 22, 21, 23 has ranges 2, 1, 2', () => {
    const chart = individuals([20, 22, 21, 23])!;
    expect(chart.mean).toBeCloseTo(21.5, 9);
    expect(chart.high - chart.mean).toBeCloseTo((2.66 * 5) / 3, 9);
    expect(chart.flags.size).toBe(0);
    expect(individuals([20])).toBeUndefined();
  });
  it('flags a point outside, eight on one side and six rising', () => {
    expect(individuals([20, 20.1, 20, 20.1, 20, 20.1, 20, 20.1, 26])!.flags.get(8)).toBe('outside');
    const sides = [10, 10.6, 10, 10.6, 10, 10.6, 10, 10.6, 10.8, 11.2, 10.8, 11.2, 10.8, 11.2, 10.8, 11.2];
    expect([...individuals(sides)!.flags.values()]).toContain('one-side');
    expect(individuals([20, 20.5, 21, 21.5, 22, 22.5])!.flags.get(5)).toBe('rising');
    expect(individuals([22.5, 22, 21.5, 21, 20.5, 20])!.flags.get(5)).toBe('falling');
  });
});
