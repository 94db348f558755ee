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

/** ms beyond the first and the last job: one alone stands among days too. */
const margin = 3 * 86_400_000;

/** What the axis runs over: what is wanted, and room about it, so that a small difference does not look like a large one. */
function rangeOf(measure: Measure, heights: readonly number[]): [number, number] {
  const [least, most] = [Math.min(...heights), Math.max(...heights)];
  if (measure === 'film') return [Math.min(least - 5, 80), Math.max(most + 5, 120)];
  if (measure === 'thinning') return [Math.min(least - 3, -15), Math.max(most + 3, 15)];
  return [0, most > 0 ? most * 1.15 : 1];
}

/** Jobs over time, a mark each by its group; what changed stands as a line from top to bottom. */
export function bookFigure({ groups, measure, by, unit, marks, days, colours }: BookQuestion) {
  const tones = [colours.ink, colours.act, colours.good, colours.care, colours['ink-soft'], colours.stop];
  const axis = {
    zeroline: false,
    gridcolor: colours.hairline,
    tickfont: { color: colours['ink-soft'], size: 12 },
    fixedrange: true,
  };
  const drawn = groups.filter(({ spread }) => spread);
  const said = drawn.flatMap(({ rows }) => rows).filter(({ values }) => values[measure] !== undefined);
  const heights = said.map(({ values }) => (values[measure] as number) * by);
  const times = said.map(({ use }) => use.at);
  const wanted = measure === 'film' ? 100 : measure === 'thinning' ? 0 : undefined;
  return {
    data: drawn.map(({ name, rows }, i) => {
      const own = rows.filter(({ values }) => values[measure] !== undefined);
      return {
        type: 'scatter' as const,
        mode: 'markers' as const,
        name,
        x: own.map(({ use }) => new Date(use.at).toISOString()),
        y: own.map(({ values }) => (values[measure] as number) * by),
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
      showlegend: drawn.length > 1,
      legend: { orientation: 'h', y: -0.16, font: { color: colours.ink, size: 12 } },
      margin: { l: 56, r: 12, t: marks.length > 0 ? 26 : 8, b: 40 },
      xaxis: {
        ...axis,
        type: 'date',
        tickformat: days,
        nticks: 6,
        range: [Math.min(...times) - margin, Math.max(...times) + margin].map((at) =>
          new Date(at).toISOString(),
        ),
      },
      yaxis: {
        ...axis,
        range: rangeOf(measure, heights),
        title: { text: unit, font: { size: 12, color: colours['ink-soft'] } },
      },
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
