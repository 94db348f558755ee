import { cardFaults, type CardFault } from '.';
import { measure, named, type Shape } from './signs';

const even: Shape = { centre: 0, middle: 1.2, bend: 0, tails: 1.2, spatter: 0, speckle: 0.0004 };
const profile = (of: (u: number) => number) => {
  const raw = Array.from({ length: 41 }, (_, i) => of((2 * (i + 0.5)) / 41 - 1));
  const mean = raw.reduce((sum, each) => sum + each, 0) / raw.length;
  return raw.map((each) => each / mean);
};

describe('what a profile says', () => {
  it('a flat one is flat, central and alike at both ends', () => {
    const found = measure(profile((u) => (Math.abs(u) < 0.95 ? 1 : 0.3)));
    expect(found.flatness).toBeCloseTo(1, 6);
    expect(found.centre).toBeCloseTo(0, 9);
    expect(found.ends).toBeCloseTo(1, 9);
    expect(found.middle).toBeCloseTo(1, 6);
  });

  it('a heavy end moves the centre of mass and the thirds', () => {
    const found = measure(profile((u) => 1 + 0.6 * u));
    expect(found.centre).toBeCloseTo(0.1, 2);
    expect(found.ends).toBeLessThan(0.6);
  });

  it('a dip in the middle and ridges at the ends are told apart', () => {
    const split = measure(profile((u) => 1 - 0.6 * Math.exp(-((u / 0.3) ** 2))));
    expect(split.middle).toBeLessThan(0.65);
    const tails = measure(profile((u) => 0.6 + Math.exp(-(((Math.abs(u) - 0.86) / 0.07) ** 2))));
    expect(tails.tails).toBeGreaterThan(2);
    expect(split.tails).toBeLessThan(1.6);
  });
});

describe('naming the fault', () => {
  it.each([
    [{ bend: 0.3 }, 'crescent'],
    [{ bend: -0.3 }, 'crescent'],
    [{ centre: -0.09 }, 'one-sided'],
    [{ tails: 2.3 }, 'tails'],
    [{ middle: 0.5 }, 'split'],
    [{ middle: 1.9 }, 'heavy-centre'],
    [{ spatter: 0.5 }, 'spitting'],
    [{ speckle: 0.0009, spatter: 0.5 }, 'coarse'],
    [{}, 'good'],
  ] satisfies [Partial<Shape>, CardFault][])('%j is %s', (sign, fault) => {
    expect(cardFaults).toContain(fault);
    expect(named({ ...even, ...sign }).fault).toBe(fault);
  });

  it('is surer the clearer one sign leads', () => {
    const sure = (bend: number) => named({ ...even, bend }).confidence;
    expect(sure(0.4)).toBeGreaterThan(sure(0.18));
    expect(named(even).confidence).toBeGreaterThan(named({ ...even, middle: 1.5 }).confidence);
  });
});
