import { viscosityFromSeconds, type FlowCup } from '@/core/cups';
import { isRefusal } from '@/core/refusal';

type Colours = Record<'ink' | 'ink-soft' | 'hairline' | 'act' | 'good', string>;

/** Bars of viscosity on a logarithmic axis, the cup that reads the thinnest on top. */
export function cupChartFigure(cups: readonly FlowCup[], colours: Colours) {
  const bars = cups
    .map((cup) => {
      const low = viscosityFromSeconds(cup, cup.valid.min);
      const high = viscosityFromSeconds(cup, cup.valid.max);
      return isRefusal(low) || isRefusal(high) ? undefined : { cup, low: low * 1e6, high: high * 1e6 };
    })
    .filter((bar) => bar !== undefined)
    .sort((a, b) => b.low - a.low);
  const names = bars.map(({ cup }) => (cup.standard.startsWith('own') ? cup.name : cup.id));
  const note = (x: number, y: number, text: string, xanchor: string) => ({
    x: Math.log10(x),
    y,
    text,
    xanchor,
    showarrow: false,
    font: { size: 12, color: colours['ink-soft'] },
  });
  return {
    words: bars.map(({ cup, low, high }) => `${cup.id} ${low.toFixed(0)} to ${high.toFixed(0)}`).join(', '),
    data: [
      {
        type: 'bar',
        orientation: 'h',
        y: names,
        base: bars.map(({ low }) => low),
        x: bars.map(({ low, high }) => high - low),
        marker: {
          color: bars.map(({ cup }) => (cup.standard.startsWith('own') ? colours.good : colours.act)),
        },
        hoverinfo: 'skip',
        showlegend: false,
        width: 0.62,
      },
    ],
    layout: {
      margin: { l: 92, r: 30, t: 8, b: 44 },
      paper_bgcolor: 'rgba(0,0,0,0)',
      plot_bgcolor: 'rgba(0,0,0,0)',
      font: { family: 'Archivo Variable, sans-serif', color: colours.ink },
      xaxis: {
        type: 'log',
        title: { text: 'mm²/s', font: { size: 12 } },
        range: [0.45, 3.6],
        tickvals: [10, 50, 100, 500, 1000],
        tickangle: 0,
        gridcolor: colours.hairline,
        color: colours['ink-soft'],
      },
      yaxis: { color: colours.ink, automargin: true },
      annotations: bars.flatMap(({ cup, low, high }, i) => [
        note(low * 0.97, i, `${cup.valid.min.toFixed(0)} s`, 'right'),
        note(high * 1.03, i, `${cup.valid.max.toFixed(0)} s`, 'left'),
      ]),
    },
  };
}
