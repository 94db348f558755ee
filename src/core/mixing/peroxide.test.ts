import { oddPeroxide } from '.';

const ratio = (resin: number, catalyst: number) => [
  { parts: resin, density: 1200 },
  { parts: catalyst, density: 1050 },
];

describe('the peroxide of a polyester', () => {
  it.each([
    [100, 2, false],
    [100, 0.5, false],
    [100, 0.49, true],
    [100, 6, false],
    [100, 6.1, true],
    [4, 1, true],
  ])('%d : %d by mass: to ask about %s', (resin, catalyst, asked) => {
    expect(oddPeroxide(ratio(resin, catalyst), 'mass') !== undefined).toBe(asked);
  });

  it('is a share by mass, whatever the ratio is by', () => {
    expect(oddPeroxide(ratio(4, 1), 'volume')).toBeCloseTo(1050 / 4800, 9);
    expect(oddPeroxide(ratio(100, 2), 'volume')).toBeUndefined();
    expect(oddPeroxide([{ parts: 1, density: 1200 }], 'mass')).toBeUndefined();
  });
});
