import type { BookGroup, BookMark, Measure } from '@/facts/shop/book';
import type { MapColours } from '@/ui/figures/evenfigure';

interface BookQuestion {
  readonly groups: readonly (BookGroup & { readonly name: string })[];
  readonly measure: Measure;
  readonly by: number;
  readonly unit: string;
  readonly marks: readonly (BookMark & { readonly says: string })[];
  /** How days stand on the axis, in the chart library’s own letters. */
  readonly days: string;
  readonly colours: MapColours;
}

/** Told apart by shape as well as by tone. */
const symbols = ['circle', 'diamond', 'square', 'triangle-up', 'x', 'cross'] as const;

/** So many groups are told apart on a chart; the rest share one mark. */
export const toldApart = symbols.length;

/** Jobs over time, a mark each by its group; what changed stands as a line from top to bottom. */
export function bookFigure({ groups, measure, by, unit, marks, days, colours }: BookQuestion) {
  const tones = [colours.ink, colours.act, colours.good, colours.care, colours['ink-soft'], colours.stop];
  const axis = {
    zeroline: false,
    gridcolor: colours.hairline,
    tickfont: { color: colours['ink-soft'], size: 12 },
    fixedrange: true,
  };
  const wanted = measure === 'film' ? 100 : measure === 'thinning' ? 0 : undefined;
  return {
    data: groups.map(({ name, rows }, i) => {
      const said = rows.filter(({ values }) => values[measure] !== undefined);
      return {
        type: 'scatter' as const,
        mode: 'markers' as const,
        name,
        x: said.map(({ use }) => new Date(use.at).toISOString()),
        y: said.map(({ values }) => (values[measure] as number) * by),
        marker: {
          symbol: symbols[Math.min(i, toldApart - 1)],
          color: tones[Math.min(i, toldApart - 1)],
          size: 9,
        },
      };
    }),
    layout: {
      paper_bgcolor: 'transparent',
      plot_bgcolor: 'transparent',
      showlegend: groups.length > 1,
      legend: { orientation: 'h', y: -0.16, font: { color: colours.ink, size: 12 } },
      margin: { l: 56, r: 12, t: marks.length > 0 ? 26 : 8, b: 40 },
      xaxis: { ...axis, type: 'date', tickformat: days, nticks: 6 },
      yaxis: { ...axis, title: { text: unit, font: { size: 12, color: colours['ink-soft'] } } },
      shapes: [
        ...(wanted === undefined
          ? []
          : [
              {
                type: 'line',
                xref: 'paper',
                x0: 0,
                x1: 1,
                y0: wanted,
                y1: wanted,
                line: { color: colours.good, width: 1.5 },
              },
            ]),
        ...marks.map(({ at }) => ({
          type: 'line',
          yref: 'paper',
          x0: new Date(at).toISOString(),
          x1: new Date(at).toISOString(),
          y0: 0,
          y1: 1,
          line: { color: colours.care, width: 1.5, dash: 'dot' },
        })),
      ],
      annotations: marks.map(({ at }, i) => ({
        x: new Date(at).toISOString(),
        y: 1,
        yref: 'paper',
        yanchor: 'bottom',
        text: String(i + 1),
        showarrow: false,
        font: { size: 12, color: colours.care },
      })),
    },
  };
}
