import { individuals } from '@/core/quality';
import type { Band } from '@/core/thinning';
import type { DriftWatch } from '@/facts/job';

type Colours = Record<'ink' | 'ink-soft' | 'hairline' | 'good' | 'act' | 'care', string>;

/** Every timing in order of time at the band's temperature, its limits, the band, and where it drifts. */
export function driftFigure({ points }: DriftWatch, band: Band, colours: Colours) {
  const timings = points.flatMap((reading) =>
    reading.entries.map((entry) => ({
      at: new Date(entry.at),
      seconds: (entry.seconds * reading.atSheet) / reading.seconds,
    })),
  );
  const values = timings.map(({ seconds }) => seconds);
  const limits = individuals(values);
  const level = (y: number, colour: string, dash: string) => ({
    type: 'line',
    xref: 'paper',
    x0: 0,
    x1: 1,
    y0: y,
    y1: y,
    line: { color: colour, width: 1.5, dash },
  });
  const all = [...values, band.min, band.max, ...(limits ? [limits.low, limits.high] : [])];
  const axis = {
    color: colours['ink-soft'],
    gridcolor: colours.hairline,
    zeroline: false,
    linecolor: colours.ink,
    showline: true,
  };
  return {
    data: [
      {
        mode: 'lines+markers',
        x: timings.map(({ at }) => at),
        y: values,
        line: { color: colours.act, width: 1.5 },
        marker: {
          color: colours.ink,
          size: 9,
          symbol: values.map((_, i) => (limits?.flags.has(i) ? 'diamond' : 'circle')),
        },
        showlegend: false,
      },
    ],
    layout: {
      margin: { l: 46, r: 12, t: 8, b: 36 },
      paper_bgcolor: 'rgba(0,0,0,0)',
      plot_bgcolor: 'rgba(0,0,0,0)',
      font: { family: 'Archivo Variable, sans-serif', color: colours.ink },
      xaxis: { ...axis, type: 'date', tickformat: '%H:%M', showgrid: false },
      yaxis: {
        ...axis,
        range: [Math.min(...all) * 0.96, Math.max(...all) * 1.04],
        ticksuffix: ' s',
        nticks: 6,
      },
      shapes: [
        level(band.min, colours.good, 'solid'),
        level(band.max, colours.good, 'solid'),
        ...(limits
          ? [
              level(limits.mean, colours.ink, 'dot'),
              level(limits.low, colours.care, 'dash'),
              level(limits.high, colours.care, 'dash'),
            ]
          : []),
      ],
    },
  };
}
