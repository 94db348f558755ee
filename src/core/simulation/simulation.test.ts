import { flowCup } from '../cups';
import { seeded } from '../random';
import { drainSeconds, filmTruth, gaugeReading, hiddenPaint, hiddenViscosity } from '.';

const paint = hiddenPaint({ seed: 'batch', expects: 130e-6, temperature: 298, thinner: 1e-6, slope: 0.025 });

describe('hidden paint', () => {
  it('is the same for the same batch and another for another', () => {
    expect(
      hiddenPaint({ seed: 'batch', expects: 130e-6, temperature: 298, thinner: 1e-6, slope: 0.025 }),
    ).toEqual(paint);
    expect(
      hiddenPaint({ seed: 'other', expects: 130e-6, temperature: 298, thinner: 1e-6, slope: 0.025 }),
    ).not.toEqual(paint);
  });

  it('thins with thinner and with warmth', () => {
    const at = (w: number, T: number) => hiddenViscosity(paint, w, T) as number;
    expect(at(0.05, 298)).toBeLessThan(at(0, 298));
    expect(at(0, 303)).toBeLessThan(at(0, 298));
  });

  it('drains a cup in about the same time twice', () => {
    const random = seeded(1);
    const drain = () => drainSeconds(paint, flowCup('ford-4')!, 0, 298, random) as number;
    const [one, two] = [drain(), drain()];
    expect(one).not.toBe(two);
    expect(Math.abs(one - two) / one).toBeLessThan(0.08);
  });
});

describe('film truth and its gauge', () => {
  it('lies about its aim, moves with its bias and reads within gauge error', () => {
    const places = [0.1, 0.5, 0.9].flatMap((x) => [0.1, 0.5, 0.9].map((y) => [x, y] as const));
    const mean = (bias: number) =>
      places.reduce((sum, [x, y]) => sum + filmTruth('face', 87e-6, bias).at(x, y), 0) / places.length;
    expect(mean(0) / 87e-6).toBeGreaterThan(0.75);
    expect(mean(0) / 87e-6).toBeLessThan(1.25);
    expect(mean(-0.3)).toBeLessThan(mean(0) * 0.8);
    const random = seeded(2);
    for (let i = 0; i < 200; i += 1) expect(Math.abs(gaugeReading(87e-6, random) - 87e-6)).toBeLessThan(9e-6);
  });
});
