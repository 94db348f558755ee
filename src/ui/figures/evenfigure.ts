import type { FilmField } from '@/core/evenness';
import { fromSI, unitIn, type UnitSystem } from '@/core/quantity';

export type MapColours = Record<
  | 'ink'
  | 'ink-soft'
  | 'hairline'
  | 'good'
  | 'good-wash'
  | 'care'
  | 'care-wash'
  | 'stop'
  | 'stop-wash'
  | 'act'
  | 'sheet',
  string
>;

/** A place that was measured: m along and across, film in m. */
export interface MapReading {
  readonly x: number;
  readonly y: number;
  readonly film: number;
}

interface MapQuestion {
  readonly field: FilmField;
  /** m, of the film drawn. */
  readonly limits: { readonly min: number; readonly max: number };
  readonly system: UnitSystem;
  readonly colours: MapColours;
}

/** Cells drawn each way: more takes longer and shows nothing more. */
const drawn = 160;

/** A field made coarse enough to draw: block means; openings and places without part are left empty. */
export function coarse({ film, on, rows, cols }: FilmField): {
  z: (number | null)[][];
  rows: number;
  cols: number;
} {
  const [n, m] = [Math.min(rows, drawn), Math.min(cols, drawn)];
  const z = Array.from({ length: n }, (_, r) =>
    Array.from({ length: m }, (__, c) => {
      let [sum, count] = [0, 0];
      for (let i = Math.floor((r * rows) / n); i < Math.floor(((r + 1) * rows) / n); i += 1)
        for (let k = Math.floor((c * cols) / m); k < Math.floor(((c + 1) * cols) / m); k += 1)
          if (on[i * cols + k]) {
            sum += film[i * cols + k] as number;
            count += 1;
          }
      return count > 0 ? sum / count : null;
    }),
  );
  return { z, rows: n, cols: m };
}

/** px kept free beside a map for its numbers: sections laid against it use the same. */
export const mapMargin = { l: 44, r: 12, t: 8, b: 34 } as const;

const axisOf = (colours: MapColours) => ({
  zeroline: false,
  showgrid: false,
  tickfont: { color: colours['ink-soft'], size: 12 },
  linecolor: colours.ink,
  fixedrange: true,
});
const titled = (text: string, colours: MapColours) => ({
  title: { text, font: { size: 12, color: colours['ink-soft'] }, standoff: 4 },
});

/** The film on a face as a Plotly heat map coloured by its limits, with what was measured on top. */
export function evenFigure({
  field,
  limits,
  system,
  colours,
  readings = [],
}: MapQuestion & { readonly readings?: readonly MapReading[] }) {
  const filmUnit = unitIn('film', system);
  const lengthUnit = unitIn('length', system);
  const film = (m: number) => fromSI(m, filmUnit);
  const length = (m: number) => fromSI(m, lengthUnit);
  const { z, rows, cols } = coarse(field);
  const [wide, tall] = [field.dx * field.cols, field.dy * field.rows];
  const xs = Array.from({ length: cols }, (_, i) => length(((i + 0.5) * wide) / cols));
  const ys = Array.from({ length: rows }, (_, i) => length(((i + 0.5) * tall) / rows));
  const values = z.map((row) => row.map((each) => (each === null ? null : film(each))));
  const top = values.reduce((most, row) => row.reduce<number>((a, b) => Math.max(a, b ?? 0), most), 0);
  const [least, most] = [film(limits.min), film(limits.max)];
  const high = Math.max(top, most * 1.25);
  const near = 1e-6;
  const scaleOf = [
    [0, colours.care],
    [least / high - near, colours['care-wash']],
    [least / high, colours['good-wash']],
    [most / high, colours.good],
    [most / high + near, colours['stop-wash']],
    [1, colours.stop],
  ];
  return {
    data: [
      {
        type: 'heatmap',
        x: xs,
        y: ys,
        z: values,
        colorscale: scaleOf,
        zmin: 0,
        zmax: high,
        showscale: false,
        hoverinfo: 'skip',
      },
      {
        type: 'contour',
        x: xs,
        y: ys,
        z: values,
        showscale: false,
        hoverinfo: 'skip',
        contours: { start: least, end: most, size: Math.max(most - least, near), coloring: 'none' },
        line: { color: colours.ink, width: 1, dash: 'dot' },
      },
      {
        mode: 'markers+text',
        x: readings.map((each) => length(each.x)),
        y: readings.map((each) => length(each.y)),
        text: readings.map((each) => `<b>${film(each.film).toFixed(filmUnit.digits)}</b>`),
        textposition: 'top center',
        textfont: { color: colours.ink, size: 13 },
        marker: { color: colours.sheet, size: 9, line: { color: colours.ink, width: 2 } },
        showlegend: false,
      },
    ],
    layout: {
      margin: mapMargin,
      paper_bgcolor: 'transparent',
      plot_bgcolor: colours.sheet,
      showlegend: false,
      xaxis: { ...axisOf(colours), range: [0, length(wide)], ...titled(lengthUnit.symbol, colours) },
      yaxis: { ...axisOf(colours), range: [length(tall), 0] },
    },
  };
}

/** The film along one line of a map: `along` at a place across, or `across` at a place along; both shares of the map. */
export function sectionFigure({
  field,
  limits,
  system,
  colours,
  way,
  at,
}: MapQuestion & { readonly way: 'along' | 'across'; readonly at: number }) {
  const filmUnit = unitIn('film', system);
  const lengthUnit = unitIn('length', system);
  const along = way === 'along';
  const [n, step] = along ? [field.cols, field.dx] : [field.rows, field.dy];
  const fixed = Math.min(
    Math.floor(at * (along ? field.rows : field.cols)),
    (along ? field.rows : field.cols) - 1,
  );
  const places = Array.from({ length: n }, (_, i) => fromSI((i + 0.5) * step, lengthUnit));
  const films = places.map((_, i) => {
    const cell = along ? fixed * field.cols + i : i * field.cols + fixed;
    return field.on[cell] ? fromSI(field.film[cell] ?? 0, filmUnit) : null;
  });
  const [least, most] = [fromSI(limits.min, filmUnit), fromSI(limits.max, filmUnit)];
  const high = Math.max(
    films.reduce<number>((a, b) => Math.max(a, b ?? 0), 0),
    most * 1.25,
  );
  const line = { mode: 'lines', line: { color: colours.ink, width: 1.5 }, showlegend: false };
  const far = fromSI(n * step, lengthUnit);
  const band = { type: 'rect', line: { width: 0 }, fillcolor: colours['good-wash'], layer: 'below' };
  const plain = { paper_bgcolor: 'transparent', plot_bgcolor: colours.sheet, showlegend: false };
  return along
    ? {
        data: [{ ...line, x: places, y: films }],
        layout: {
          ...plain,
          margin: { ...mapMargin, t: 4, b: 4 },
          xaxis: { ...axisOf(colours), range: [0, far], showticklabels: false },
          yaxis: { ...axisOf(colours), range: [0, high], nticks: 3 },
          shapes: [{ ...band, x0: 0, x1: far, y0: least, y1: most }],
        },
      }
    : {
        data: [{ ...line, x: films, y: places }],
        layout: {
          ...plain,
          margin: { ...mapMargin, l: 4, r: 8 },
          xaxis: { ...axisOf(colours), range: [0, high], nticks: 3, ...titled(filmUnit.symbol, colours) },
          yaxis: { ...axisOf(colours), range: [far, 0], showticklabels: false },
          shapes: [{ ...band, x0: least, x1: most, y0: 0, y1: far }],
        },
      };
}
