import { aJob, logged, mixedLacquer, reading, seen } from '../../../tests/fixtures/job';
import { driftFigure } from './driftfigure';

const colours = {
  ink: '#000',
  'ink-soft': '#111',
  hairline: '#222',
  good: '#0a0',
  act: '#00a',
  care: '#a50',
};
const figureOf = (...seconds: readonly (readonly [minutes: number, seconds: number])[]) => {
  const job = logged(
    aJob(),
    [-200, mixedLacquer],
    ...seconds.map(([minutes, each]) => [minutes, reading(each)] as const),
  );
  const { drift, band } = seen(job).thin;
  return driftFigure(drift!, band!, colours);
};

describe('the drift chart', () => {
  it('draws every timing in order of time, its limits and the band', () => {
    const { data, layout } = figureOf([-180, 22], [-179, 22.4], [-120, 22.8], [-60, 23.6]);
    expect(data[0]!.y).toHaveLength(4);
    expect([...data[0]!.x].map(Number)).toEqual([...data[0]!.x].map(Number).sort((a, b) => a - b));
    // Band below and above, mean, and both limits.
    expect(layout.shapes).toHaveLength(5);
    const levels = layout.shapes.map(({ y0 }) => y0);
    expect(levels.slice(0, 2)).toEqual([21, 25]);
    const [low, high] = layout.yaxis.range as [number, number];
    for (const level of levels) {
      expect(level).toBeGreaterThan(low);
      expect(level).toBeLessThan(high);
    }
  });

  it('has no limits for a single timing, and marks one that lies outside', () => {
    expect(figureOf([-180, 22]).layout.shapes).toHaveLength(2);
    const steady = Array.from({ length: 8 }, (_, i) => [-190 + i, 22 + 0.05 * (i % 2)] as const);
    const { data } = figureOf(...steady, [-100, 26]);
    expect(data[0]!.marker.symbol.at(-1)).toBe('diamond');
    expect(data[0]!.marker.symbol[0]).toBe('circle');
  });
});
