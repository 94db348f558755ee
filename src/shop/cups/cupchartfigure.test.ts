import { calibratedCup, flowCups, type FlowCup } from '@/core/cups';
import { cupChartFigure } from './cupchartfigure';

const colours = { ink: '#000', 'ink-soft': '#111', hairline: '#222', good: '#0a0', act: '#00a' };

describe('all cups on one axis', () => {
  const { data, layout, words } = cupChartFigure(flowCups, colours);

  it('has a bar for every cup, from what it reads at least to what it reads at most', () => {
    const [bars] = data;
    expect(bars!.y).toHaveLength(flowCups.length);
    const ford = bars!.y.indexOf('ford-4');
    // ford-4: 20 s is 59.7, 100 s is 367.7 mm²/s.
    expect(bars!.base[ford]).toBeCloseTo(59.7, 1);
    expect(bars!.base[ford]! + bars!.x[ford]!).toBeCloseTo(367.7, 1);
    expect(bars!.x.every((length) => length > 0)).toBe(true);
  });

  it('says its seconds at both ends, and the whole in words', () => {
    expect(layout.annotations).toHaveLength(2 * flowCups.length);
    expect(layout.annotations.map(({ text }) => text)).toContain('150 s');
    expect(words).toContain('ford-4 60 to 368');
  });

  it('stands the cup that reads the thinnest on top', () => {
    const { base } = data[0]!;
    expect([...base].sort((a, b) => b - a)).toEqual(base);
  });

  it('names a shop cup by its own name, in its own colour', () => {
    const liquids = [
      { seconds: 22, viscosity: 48e-6 },
      { seconds: 38, viscosity: 101e-6 },
    ];
    const own = calibratedCup('o', 'Brass', 'stand', liquids) as FlowCup;
    const bars = cupChartFigure([own], colours).data[0]!;
    expect(bars.y).toEqual(['Brass']);
    expect(bars.marker.color).toEqual([colours.good]);
  });
});
