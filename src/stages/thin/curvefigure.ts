import type { CurvePoint, ThinView } from '@/facts/job';
import { bandWords } from '@/words/thin';

type Colours = Record<
  'ink' | 'ink-soft' | 'hairline' | 'good' | 'good-wash' | 'act' | 'care' | 'paper',
  string
>;

/** The thinning curve as a Plotly figure. Shares are drawn in percent, as the sheet states them. */
export function curveFigure(
  thin: ThinView,
  curve: readonly CurvePoint[],
  colours: Colours,
  veil: (colour: string, opacity: number) => string,
) {
  const { readings, band, sheet, step } = thin;
  const percent = (share: number) => share * 100;
  const shares = curve.map(({ share }) => percent(share + (thin.batch?.doseShare ?? 0)));
  const dose = thin.batch?.doseShare ?? 0;
  const advice = step.kind === 'advice' && step.advice.kind === 'add' ? step.advice : undefined;
  const next = advice && { ...advice, share: advice.share + dose };
  const seconds = [
    ...readings.map(({ atSheet }) => atSheet),
    ...curve.map((point) => point.seconds),
    band?.max ?? 0,
  ];
  const top = Math.max(...seconds) * 1.06;
  const bottom = Math.max(0, Math.min(...curve.map(({ low }) => low), band?.min ?? 0) * 0.94);
  const cap = percent(sheet.thinning.maximum);
  const line = { mode: 'lines', hoverinfo: 'skip', showlegend: false };
  const data = [
    { ...line, x: shares, y: curve.map(({ high }) => high), line: { width: 0 } },
    {
      ...line,
      x: shares,
      y: curve.map(({ low }) => low),
      line: { width: 0 },
      fill: 'tonexty',
      fillcolor: veil(colours.act, 0.2),
    },
    { ...line, x: shares, y: curve.map((point) => point.seconds), line: { color: colours.act, width: 2.5 } },
    {
      mode: 'markers',
      x: readings.flatMap(({ share, entries }) => entries.map(() => percent(share))),
      y: readings.flatMap((reading) =>
        reading.entries.map((entry) => (entry.seconds * reading.atSheet) / reading.seconds),
      ),
      marker: { color: colours.ink, size: 11 },
      showlegend: false,
    },
    {
      mode: 'markers',
      x: additionsAt(thin).map(percent),
      y: additionsAt(thin).map(() => bottom),
      cliponaxis: false,
      marker: { color: colours.act, size: 12, symbol: 'triangle-up' },
      showlegend: false,
    },
    ...(next
      ? [
          {
            mode: 'markers',
            x: [percent(next.share)],
            y: [next.expect.seconds],
            marker: { color: colours.paper, size: 14, line: { color: colours.act, width: 3 } },
            showlegend: false,
          },
        ]
      : []),
  ];
  const note = (x: number, y: number, text: string, color: string, xanchor = 'left') => ({
    x,
    y,
    text: `<b>${text}</b>`,
    showarrow: false,
    font: { color, size: 12 },
    xanchor,
    yanchor: 'bottom',
  });
  const right = shares.at(-1) ?? cap;
  const axis = {
    color: colours['ink-soft'],
    gridcolor: colours.hairline,
    zeroline: false,
    tickfont: { size: 12 },
    linecolor: colours.ink,
    showline: true,
  };
  const layout = {
    margin: { l: 46, r: 12, t: 8, b: 40 },
    paper_bgcolor: 'rgba(0,0,0,0)',
    plot_bgcolor: 'rgba(0,0,0,0)',
    font: { family: 'Archivo Variable, sans-serif', color: colours.ink },
    xaxis: { ...axis, range: [-right * 0.02, right], ticksuffix: ' %', showgrid: false },
    yaxis: { ...axis, range: [bottom, top], ticksuffix: ' s', nticks: 8 },
    shapes: [
      ...(band
        ? [
            {
              type: 'rect',
              xref: 'paper',
              x0: 0,
              x1: 1,
              y0: band.min,
              y1: band.max,
              fillcolor: veil(colours.good, 0.18),
              line: { width: 0 },
              layer: 'below',
            },
          ]
        : []),
      {
        type: 'line',
        x0: cap,
        x1: cap,
        yref: 'paper',
        y0: 0,
        y1: 0.92,
        line: { color: colours.care, width: 2, dash: 'dash' },
      },
      ...(next
        ? [
            {
              type: 'line',
              x0: percent(next.share),
              x1: percent(next.share),
              y0: bottom,
              y1: next.expect.seconds,
              line: { color: colours.act, width: 2 },
            },
          ]
        : []),
    ],
    annotations: [
      ...(band ? [note(right * 0.01, band.min, `band ${bandWords(band)}`, colours.good)] : []),
      note(cap, top * 0.97, `sheet limit ${cap.toFixed(0)} % `, colours.care, 'right'),
      ...(next ? [note(percent(next.share), bottom, ' next', colours.act)] : []),
    ],
  };
  return { data, layout };
}

/** The share of thinner in the pot after each addition of it. */
export function additionsAt({ batch, thinnerMass, share }: ThinView): number[] {
  if (!batch || thinnerMass <= 0) return [];
  let sum = batch.thinnedBefore;
  const thinned = share - batch.doseShare;
  return batch.additions
    .filter(({ what }) => what !== 'unthinned')
    .map(({ mass }) => {
      sum += mass;
      return (thinned * sum) / thinnerMass + batch.doseShare;
    });
}
