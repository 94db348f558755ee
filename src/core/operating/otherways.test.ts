import { byOtherWay, otherWays } from './index';
import { isRefusal } from '../refusal';

describe('without a gun', () => {
  it('10 m² with 180 µm: two coats of a roller, 1.9 L, an hour', () => {
    const found = byOtherWay('roller', 10, 180e-6);
    if (isRefusal(found)) throw new Error(found.says);
    expect(found.coats).toBe(2);
    expect(found.paint * 1e3).toBeCloseTo(1.89, 2);
    expect(found.time).toBeCloseTo(3600, 6);
  });
  it('takes less paint than it would at half transfer, and never less than the film itself', () => {
    for (const way of otherWays) {
      const found = byOtherWay(way, 4, 100e-6);
      if (isRefusal(found)) throw new Error(found.says);
      expect(found.paint).toBeGreaterThanOrEqual(4 * 100e-6);
      expect(found.paint).toBeLessThan((4 * 100e-6) / 0.55);
    }
    expect(isRefusal(byOtherWay('brush', 0, 1e-4))).toBe(true);
  });
});
