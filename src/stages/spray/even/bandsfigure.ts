import type { OverlapBand } from '@/core/evenness';
import type { MapColours } from '@/ui/figures/evenfigure';

interface BandsQuestion {
  readonly bands: readonly OverlapBand[];
  readonly measure: 'peakToValley' | 'cv';
  /** m/s past which no hand keeps pace. */
  readonly fastest: number;
  readonly now: number;
  readonly colours: MapColours;
  readonly veil: (colour: string, opacity: number) => string;
}

/** The schools of overlap. */
export const schools = [0.5, 0.66, 0.75, 0.8, 0.9] as const;

/** Unevenness against overlap: a band over hands, the hand without error, the schools, and where the pace is too quick. */
export function bandsFigure({ bands, measure, fastest, now, colours, veil }: BandsQuestion) {
  const x = bands.map(({ overlap }) => overlap * 100);
  const of = (which: 'low' | 'middle' | 'high') => bands.map((band) => band[measure][which] * 100);
  const slow = bands.filter(({ speed }) => speed > fastest).map(({ overlap }) => overlap * 100);
  const top = Math.max(...of('high')) * 1.08;
  const [left, right] = [(x[0] ?? 0) - 2, (x.at(-1) ?? 100) + 2];
  const line = { mode: 'lines', showlegend: false };
  const axis = {
    zeroline: false,
    gridcolor: colours.hairline,
    tickfont: { color: colours['ink-soft'], size: 12 },
    fixedrange: true,
  };
  return {
    data: [
      { ...line, x, y: of('high'), line: { width: 0 } },
      { ...line, x, y: of('low'), line: { width: 0 }, fill: 'tonexty', fillcolor: veil(colours.act, 0.22) },
      { ...line, x, y: of('middle'), line: { color: colours.act, width: 2.5 } },
      {
        ...line,
        x,
        y: bands.map(({ steady }) => steady[measure] * 100),
        line: { color: colours.ink, width: 1.5, dash: 'dot' },
      },
    ],
    layout: {
      margin: { l: 44, r: 10, t: 8, b: 38 },
      paper_bgcolor: 'transparent',
      plot_bgcolor: 'transparent',
      showlegend: false,
      xaxis: {
        ...axis,
        range: [left, right],
        title: { text: 'overlap %', font: { size: 12, color: colours['ink-soft'] }, standoff: 6 },
        tickvals: x,
      },
      yaxis: {
        ...axis,
        range: [0, top],
        title: { text: '% of the mean', font: { size: 12, color: colours['ink-soft'] } },
      },
      shapes: [
        ...(slow.length > 0
          ? [
              {
                type: 'rect',
                x0: Math.min(...slow) - 2,
                x1: right,
                y0: 0,
                y1: top,
                line: { width: 0 },
                fillcolor: veil(colours.care, 0.14),
                layer: 'below',
              },
            ]
          : []),
        {
          type: 'line',
          x0: now * 100,
          x1: now * 100,
          y0: 0,
          y1: top,
          line: { color: colours.ink, width: 2 },
        },
      ],
      annotations: [
        {
          x: now * 100,
          y: top,
          text: '<b>now</b>',
          showarrow: false,
          xanchor: 'left',
          yanchor: 'top',
          xshift: 4,
          font: { color: colours.ink, size: 12 },
        },
        ...(slow.length > 0
          ? [
              {
                x: right,
                y: top * 0.86,
                text: '<b>too quick</b>',
                showarrow: false,
                xanchor: 'right',
                yanchor: 'top',
                font: { color: colours.care, size: 12 },
              },
            ]
          : []),
      ],
    },
  };
}
