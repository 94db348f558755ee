import type { MapColours } from '@/ui/figures/evenfigure';
import { histogramFigure, individualsFigure } from './processfigure';

const colours = new Proxy({}, { get: (_, name) => String(name) }) as MapColours;
const question = (values: number[]) => ({ values, limits: { min: 90, max: 110 }, unit: '%', colours });

describe('charts of a process', () => {
  it('flag what lies outside the control lines, by shape as well as by colour', () => {
    const steady = Array.from({ length: 6 }, (_, i) => 100 + (i % 2));
    const figure = individualsFigure(question([...steady, 130]));
    const { marker } = figure.data[0]!;
    expect(marker.symbol).toEqual([...steady.map(() => 'circle'), 'diamond']);
    expect((marker.color as string[]).at(-1)).toBe('stop');
    expect(figure.data[1]!.y).toHaveLength(6);
  });

  it('count every reading once and colour what is outside the limits', () => {
    const figure = histogramFigure(question([80, 100, 101, 102, 120]));
    expect(figure.data[0]!.y.reduce((sum, each) => sum + each, 0)).toBe(5);
    expect(figure.data[0]!.marker.color).toContain('stop');
    expect(figure.data[0]!.marker.color).toContain('act');
    // A spot is a whole one: no halves on the axis where there are few.
    expect(figure.layout.yaxis).toMatchObject({ dtick: 1 });
    expect(histogramFigure(question(Array.from({ length: 40 }, () => 100))).layout.yaxis).not.toHaveProperty(
      'dtick',
    );
  });
});
