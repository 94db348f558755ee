import type { Optimum } from '@/core/evenness';
import { fromSI, unitIn, type UnitSystem } from '@/core/quantity';
import type { MapColours } from '@/ui/figures/evenfigure';

/** Share outside against paint or time: everything tried, the trade-off, and the proposal. */
export function frontFigure(
  { best, tried, front }: Optimum,
  want: 'even' | 'paint' | 'time',
  system: UnitSystem,
  colours: MapColours,
) {
  const time = want === 'time';
  const unit = unitIn(time ? 'time' : 'volume', system);
  const x = (each: { paint: number; seconds: number }) => fromSI(time ? each.seconds : each.paint, unit);
  const y = ({ outside }: { outside: number }) => outside * 100;
  const axis = {
    zeroline: false,
    gridcolor: colours.hairline,
    tickfont: { color: colours['ink-soft'], size: 12 },
    fixedrange: true,
  };
  const title = (text: string) => ({
    title: { text, font: { size: 12, color: colours['ink-soft'] }, standoff: 6 },
  });
  return {
    data: [
      {
        mode: 'markers',
        x: tried.map(x),
        y: tried.map(y),
        marker: { color: colours['ink-soft'], size: 5, opacity: 0.5 },
        showlegend: false,
      },
      {
        mode: 'lines+markers',
        x: front.map(x),
        y: front.map(y),
        line: { color: colours.act, width: 2 },
        marker: { color: colours.act, size: 7 },
        showlegend: false,
      },
      {
        mode: 'markers',
        x: [x(best)],
        y: [y(best)],
        marker: { color: colours.act, size: 15, line: { color: colours.ink, width: 2 } },
        showlegend: false,
      },
    ],
    layout: {
      margin: { l: 48, r: 10, t: 8, b: 40 },
      paper_bgcolor: 'transparent',
      plot_bgcolor: 'transparent',
      showlegend: false,
      xaxis: { ...axis, ...title(`${time ? 'time' : 'paint'} for a face, ${unit.symbol}`) },
      yaxis: { ...axis, ...title('outside the limits, %'), rangemode: 'tozero' },
    },
  };
}
