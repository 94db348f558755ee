import { isRefusal } from '../refusal';
import { turbineAtGun, turbineOf, turbinePressure } from '.';

const hose = { bore: 19e-3, length: 6 };

describe('turbine', () => {
  it('gives its sealed pressure at no flow and none at its open flow', () => {
    const four = turbineOf(4);
    expect(turbinePressure(four, 0)).toBe(four.sealed);
    expect(turbinePressure(four, four.open)).toBe(0);
    expect(turbinePressure(four, four.open * 2)).toBe(0);
    expect(turbineOf(6).sealed).toBeGreaterThan(four.sealed);
  });
  it('loses some of it in its hose, more in a narrow one', () => {
    const at = (bore: number) => turbineAtGun(turbineOf(4), 12e-3, { ...hose, bore }) as number;
    expect(at(19e-3)).toBeLessThan(turbinePressure(turbineOf(4), 12e-3));
    expect(at(15e-3)).toBeLessThan(at(19e-3));
  });
  it('refuses a gun that takes more than it gives', () => {
    expect(turbineAtGun(turbineOf(3), 41e-3, hose)).toMatchObject({ refused: 'turbine-too-small' });
    expect(isRefusal(turbineAtGun(turbineOf(3), 39e-3, { ...hose, bore: 6e-3 }))).toBe(true);
    expect(isRefusal(turbineAtGun(turbineOf(3), 0, hose))).toBe(true);
  });
});
