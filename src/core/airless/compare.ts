import { handSpeed, solveStroke, strokeSpacing } from '../film';
import { isRefusal, type Outcome } from '../refusal';
import { fanAt, tipFlow, type Tip } from './tip';

export interface TipQuestion {
  /** Pa at the tip, kg/m³, m. */
  readonly pressure: number;
  readonly density: number;
  readonly distance: number;
  readonly wetFilm: number;
  readonly transfer: number;
  readonly overlap: number;
  /** m/s of the hand; film at this speed is compared. */
  readonly speed: number;
  /** m of the face across the strokes. */
  readonly across: number;
}

/** One tip at one setting. */
export interface TipRow {
  readonly tip: Tip;
  /** m³/s, m */
  readonly flow: number;
  readonly fan: number;
  /** m of wet film at the hand’s speed, and the speed that lays the film wanted. */
  readonly film: number;
  readonly speed: number;
  /** m² a second at that speed. */
  readonly coverage: number;
  /** Share of what leaves the tip that does not stay on the face: what drifts, and what the edge strokes miss. */
  readonly lost: number;
}

/** What tips can be put in order by. */
export const tipOrders = ['film', 'speed', 'flow', 'lost'] as const;
export type TipOrder = (typeof tipOrders)[number];

/**
 * Tips in order: nearest to the film wanted and to a comfortable speed first, least paint, least lost.
 *
 * Source: tip formula and the schools of the trade
 */
export function sortTips(rows: readonly TipRow[], by: TipOrder, wetFilm: number): TipRow[] {
  const far = (value: number, from: number) => Math.abs(Math.log(value / from));
  const key: Record<TipOrder, (row: TipRow) => number> = {
    film: ({ film }) => far(film, wetFilm),
    speed: ({ speed }) => far(speed, handSpeed.usual),
    flow: ({ flow }) => flow,
    lost: ({ lost }) => lost,
  };
  return [...rows].sort((a, b) => key[by](a) - key[by](b));
}

/**
 * Tips side by side: the same flow on more width lays less film.
 *
 * Source: tip formula and the schools of the trade
 * @example 2 m face, 76 mm apart, 0.5: 52 %
 */
export function compareTips(tips: readonly Tip[], question: TipQuestion): Outcome<TipRow[]> {
  const { pressure, density, distance, wetFilm, transfer, overlap, speed, across } = question;
  const rows: TipRow[] = [];
  for (const tip of tips) {
    const flow = tipFlow(tip.orifice, pressure, density);
    if (isRefusal(flow)) return flow;
    const fan = fanAt(tip, distance);
    const film = solveStroke('wetFilm', { flow, transfer, speed, fan, overlap });
    if (isRefusal(film)) return film;
    const wanted = solveStroke('speed', { flow, transfer, wetFilm, fan, overlap });
    if (isRefusal(wanted)) return wanted;
    const spacing = strokeSpacing(fan, overlap);
    // The first and the last stroke are centred on the edges: a stroke’s worth goes past them.
    const lost = 1 - (transfer * across) / (across + spacing);
    rows.push({ tip, flow, fan, film, speed: wanted, coverage: wanted * spacing, lost });
  }
  return rows;
}

/** Two families of tips at one job: the low-pressure kind works at this share of the pressure. A default. */
export const lowPressureShare = 0.55;

export interface TipSchool {
  readonly kind: 'standard' | 'low-pressure';
  readonly pressure: number;
  readonly flow: number;
  /** Drop size beside the standard tip’s: it goes with pressure to the −0.3. An estimate. */
  readonly drops: number;
  /** Transfer: fewer fine drops drift off. An estimate. */
  readonly transfer: number;
}

/**
 * Standard against low-pressure tips of one orifice: less mist and wear, bigger drops, less flow.
 *
 * @param transfer of the standard tip, 0–1
 * Source: tip formula and the schools of the trade
 */
export function tipSchools(
  tip: Tip,
  pressure: number,
  density: number,
  transfer: number,
): Outcome<TipSchool[]> {
  const standard = tipFlow(tip.orifice, pressure, density);
  if (isRefusal(standard)) return standard;
  const low = pressure * lowPressureShare;
  return [
    { kind: 'standard', pressure, flow: standard, drops: 1, transfer },
    {
      kind: 'low-pressure',
      pressure: low,
      flow: standard * Math.sqrt(lowPressureShare),
      drops: lowPressureShare ** -0.3,
      // A quarter of what the standard tip loses as mist stays on.
      transfer: Math.min(transfer + 0.25 * (1 - transfer), 0.95),
    },
  ];
}
