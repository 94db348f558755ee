import { filmWindow, type FlowLimits, type LandedFilm } from '@/core/flowout';
import { fromSI, unitIn, type UnitSystem } from '@/core/quantity';
import { isRefusal } from '@/core/refusal';
import type { MapColours } from '@/ui/figures/evenfigure';

interface FlowQuestion {
  readonly landed: LandedFilm;
  readonly angle: number;
  readonly limits: FlowLimits;
  /** m wet: the coat as a whole, and its thinnest and thickest place. */
  readonly film: number;
  readonly least: number;
  readonly most: number;
  readonly system: UnitSystem;
  readonly colours: MapColours;
  readonly veil: (colour: string, opacity: number) => string;
}

const steps = 40;

/** The window between peel and run over film and viscosity, with the present point and how far the film spreads. */
export function flowFigure({
  landed,
  angle,
  limits,
  film,
  least,
  most,
  system,
  colours,
  veil,
}: FlowQuestion) {
  const unit = unitIn('film', system);
  const shown = (m: number) => fromSI(m, unit);
  // An eighth to eight times the viscosity it landed with.
  const viscosities = Array.from(
    { length: steps + 1 },
    (_, i) => landed.viscosity * 8 ** ((2 * i) / steps - 1),
  );
  const windows = viscosities.map((viscosity) => filmWindow({ ...landed, viscosity }, angle, limits));
  const right = Math.max(most * 1.5, film * 2.2);
  const peel = windows.map((each) => (isRefusal(each) ? right : Math.min(each.peel, right)));
  const run = windows.map((each) => (isRefusal(each) ? right : Math.min(each.run, right)));
  const line = { mode: 'lines', showlegend: false };
  const axis = {
    zeroline: false,
    gridcolor: colours.hairline,
    tickfont: { color: colours['ink-soft'], size: 12 },
    fixedrange: true,
  };
  const label = (x: number, y: number, text: string, color: string, xanchor: string) => ({
    x,
    y: Math.log10(y),
    text: `<b>${text}</b>`,
    showarrow: false,
    xanchor,
    font: { color, size: 13 },
  });
  const [thin, thick] = [viscosities[4] as number, viscosities[steps - 4] as number];
  const decades = [0.01, 0.1, 1, 10, 100, 1000]
    .flatMap((at) => [at, 3 * at])
    .map((at) => Number(at.toPrecision(1)));
  return {
    data: [
      { ...line, x: peel.map(shown), y: viscosities, line: { color: colours.care, width: 2 } },
      {
        ...line,
        x: run.map((each, i) => shown(Math.max(each, peel[i] as number))),
        y: viscosities,
        line: { color: colours.stop, width: 2 },
        fill: 'tonextx',
        fillcolor: veil(colours.good, 0.25),
      },
      {
        mode: 'markers',
        showlegend: false,
        x: [shown(film)],
        y: [landed.viscosity],
        error_x: {
          type: 'data',
          symmetric: false,
          array: [shown(most - film)],
          arrayminus: [shown(film - least)],
          color: colours.ink,
          thickness: 2,
          width: 6,
        },
        marker: { color: colours.act, size: 14, line: { color: colours.ink, width: 2 } },
      },
    ],
    layout: {
      margin: { l: 54, r: 10, t: 8, b: 40 },
      paper_bgcolor: 'transparent',
      plot_bgcolor: 'transparent',
      showlegend: false,
      xaxis: {
        ...axis,
        range: [0, shown(right)],
        title: {
          text: `wet film, ${unit.symbol}`,
          font: { size: 12, color: colours['ink-soft'] },
          standoff: 6,
        },
      },
      yaxis: {
        ...axis,
        type: 'log',
        // Whole decades, and 2 and 5 between them in plain figures: an exponent is too small to read.
        tickvals: decades,
        ticktext: decades.map(String),
        range: [Math.log10(viscosities[0] as number), Math.log10(viscosities[steps] as number)],
        title: { text: 'viscosity once landed, Pa·s', font: { size: 12, color: colours['ink-soft'] } },
      },
      annotations: [
        label(shown(right) * 0.02, thick, 'peel', colours.care, 'left'),
        label(shown(right) * 0.98, thin, 'runs', colours.stop, 'right'),
      ],
    },
  };
}
