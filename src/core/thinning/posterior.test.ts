import { priorBelief, updateBelief } from './belief';
import { posteriorOf } from './posterior';

describe('the ways a paint may be', () => {
  const prior = priorBelief(300e-6, 0.25, 0.9e-6);
  /** Read without thinner and with a tenth of it, falling by so much. */
  const read = (fall: number) =>
    [
      { w: 0, viscosity: 300e-6, sd: 0.04 },
      { w: 0.1, viscosity: 300e-6 / fall, sd: 0.04 },
    ].reduce(updateBelief, prior);
  const steepness = (fall: number) =>
    posteriorOf(read(fall)).ways.reduce((sum, { lnS, weight }) => sum + lnS * weight, 0);

  it('weigh one together, and none is next to impossible', () => {
    const { ways } = posteriorOf(read(2.4));
    expect(ways.reduce((sum, { weight }) => sum + weight, 0)).toBeCloseTo(1, 9);
    expect(Math.min(...ways.map(({ weight }) => weight))).toBeGreaterThan(0);
  });

  it('are the steeper the more a tenth of thinner took away', () => {
    expect(steepness(1.5)).toBeLessThan(steepness(2.4));
    expect(steepness(2.4)).toBeLessThan(steepness(4));
  });

  it('are worked out once for equal beliefs', () => {
    expect(posteriorOf(read(2.4))).toBe(posteriorOf(read(2.4)));
  });
});
