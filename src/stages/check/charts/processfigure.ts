import { histogram, individuals } from '@/core/quality';
import type { MapColours } from '@/ui/figures/evenfigure';

interface ProcessQuestion {
  /** As they are shown: percent of the aim, or film in the user’s unit. */
  readonly values: readonly number[];
  readonly limits: { readonly min: number; readonly max: number };
  readonly unit: string;
  readonly colours: MapColours;
}

const plain = { paper_bgcolor: 'transparent', plot_bgcolor: 'transparent', showlegend: false };
const axisOf = (colours: MapColours) => ({
  zeroline: false,
  gridcolor: colours.hairline,
  tickfont: { color: colours['ink-soft'], size: 12 },
  fixedrange: true,
});
const flat = (y: number, color: string, dash = 'solid', yref = 'y') => ({
  type: 'line',
  xref: 'paper',
  yref,
  x0: 0,
  x1: 1,
  y0: y,
  y1: y,
  line: { color, width: 1.5, dash },
});

/** Readings one after another with their limits, control lines and flags; below, how far each moved from the last. */
export function individualsFigure({ values, limits, unit, colours }: ProcessQuestion) {
  const chart = individuals(values);
  const x = values.map((_, i) => i + 1);
  const moved = values.slice(1).map((each, i) => Math.abs(each - (values[i] as number)));
  const mean = moved.reduce((sum, each) => sum + each, 0) / Math.max(moved.length, 1);
  const flagged = values.map((_, i) => chart?.flags.has(i) ?? false);
  return {
    data: [
      {
        mode: 'lines+markers',
        x,
        y: values,
        line: { color: colours.ink, width: 1.5 },
        marker: {
          color: flagged.map((each) => (each ? colours.stop : colours.ink)),
          size: flagged.map((each) => (each ? 11 : 6)),
          symbol: flagged.map((each) => (each ? 'diamond' : 'circle')),
        },
      },
      {
        mode: 'lines+markers',
        x: x.slice(1),
        y: moved,
        yaxis: 'y2',
        line: { color: colours['ink-soft'], width: 1 },
        marker: { color: colours['ink-soft'], size: 5 },
      },
    ],
    layout: {
      ...plain,
      margin: { l: 48, r: 10, t: 8, b: 30 },
      xaxis: {
        ...axisOf(colours),
        range: [0.5, Math.max(values.length, 2) + 0.5],
        anchor: 'y2',
        ...(values.length < 12 ? { dtick: 1 } : {}),
      },
      yaxis: {
        ...axisOf(colours),
        domain: [0.36, 1],
        title: { text: unit, font: { size: 12, color: colours['ink-soft'] } },
      },
      yaxis2: {
        ...axisOf(colours),
        domain: [0, 0.26],
        rangemode: 'tozero',
        nticks: 3,
        title: { text: 'moved', font: { size: 12, color: colours['ink-soft'] } },
      },
      shapes: [
        flat(limits.min, colours.good),
        flat(limits.max, colours.good),
        ...(chart
          ? [
              flat(chart.mean, colours['ink-soft']),
              flat(chart.low, colours['ink-soft'], 'dot'),
              flat(chart.high, colours['ink-soft'], 'dot'),
            ]
          : []),
        flat(mean * 3.267, colours['ink-soft'], 'dot', 'y2'),
      ],
    },
  };
}

/** How often which film, against its limits. */
export function histogramFigure({ values, limits, unit, colours }: ProcessQuestion) {
  const bins = histogram(values, limits);
  const middle = ({ from, to }: { from: number; to: number }) => (from + to) / 2;
  const edge = (at: number) => ({
    type: 'line',
    xref: 'x',
    yref: 'paper',
    x0: at,
    x1: at,
    y0: 0,
    y1: 1,
    line: { color: colours.good, width: 2 },
  });
  return {
    data: [
      {
        type: 'bar',
        x: bins.map(middle),
        y: bins.map(({ count }) => count),
        width: bins.map(({ from, to }) => (to - from) * 0.94),
        marker: {
          color: bins.map((bin) =>
            middle(bin) < limits.min || middle(bin) > limits.max ? colours.stop : colours.act,
          ),
        },
      },
    ],
    layout: {
      ...plain,
      margin: { l: 36, r: 10, t: 8, b: 36 },
      xaxis: {
        ...axisOf(colours),
        title: { text: unit, font: { size: 12, color: colours['ink-soft'] }, standoff: 4 },
      },
      // Spots are counted whole.
      yaxis: {
        ...axisOf(colours),
        ...(Math.max(...bins.map(({ count }) => count)) < 4 ? { dtick: 1 } : { nticks: 4 }),
      },
      shapes: [edge(limits.min), edge(limits.max)],
    },
  };
}
