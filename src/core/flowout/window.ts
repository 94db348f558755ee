import { isRefusal, refuseUnlessPositive, type Outcome } from '../refusal';
import { levelling, sag, ripple, type LandedFilm } from './flow';

/** What the eye lets pass: the least levelling, and the most the surface may slide, m. */
export interface FlowLimits {
  readonly levelling: number;
  readonly sag: number;
}

/** A ripple down to a twentieth, ten millimetres of slide. Defaults until the user’s own verdicts say. */
export const usualFlowLimits: FlowLimits = { levelling: 3, sag: 10e-3 };

export interface FilmWindow {
  /** m wet: below `peel` it keeps its ripple, above `run` it slides too far; Infinity where nothing slides. */
  readonly peel: number;
  readonly run: number;
}

const gravity = 9.81;

/**
 * Between which wet films a landed film flows out and does not run: the two formulas solved for the film.
 *
 * Source: Orchard 1962 for levelling; creep of a draining film for sags
 * @example filmWindow({ viscosity: 0.3, density: 1100, setting: 120, tension: 0.028 }, 0) → { peel: 3.46947e-05, run: Infinity }
 */
export function filmWindow(
  landed: LandedFilm,
  angle: number,
  limits: FlowLimits = usualFlowLimits,
): Outcome<FilmWindow> {
  const { viscosity, density, setting, tension } = landed;
  const wrong = refuseUnlessPositive({
    viscosity,
    density,
    'setting time': setting,
    'surface tension': tension,
    'levelling wanted': limits.levelling,
    'slide allowed': limits.sag,
  });
  if (wrong) return wrong;
  const peel =
    ((3 * ripple ** 4 * viscosity * limits.levelling) / (16 * Math.PI ** 4 * tension * setting)) ** (1 / 3);
  const pull = density * gravity * Math.abs(Math.sin(angle));
  if (pull < 1e-9) return { peel, run: Infinity };
  const slides = Math.sqrt((2 * viscosity * limits.sag) / (pull * setting));
  return { peel, run: Math.max(slides, (landed.yield ?? 0) / pull) };
}

/** What would be changed about a coat. */
export type FlowLever = 'film' | 'thinner' | 'slower' | 'warmer' | 'flatter';

export interface FlowPoint {
  /** m wet, and where it stands. */
  readonly film: number;
  readonly landed: LandedFilm;
  readonly angle: number;
}

export interface Moved extends FlowPoint {
  readonly lever: FlowLever;
  /** Where L and S stand after the move, beside their limits: 1 is the limit. */
  readonly peel: number;
  readonly run: number;
}

/** By how much each lever is moved to show what it does: a fifth of film, viscosity and so on. */
const fifth = 0.2;
/** A thinner of the next slower kind sets about half as fast again. A default. */
const slower = 1.5;
/** K warmer, what that does to setting (halves in 10 K) and to viscosity (3 % a kelvin). Defaults. */
export const flowWarmer = 5;

/**
 * Levelling and slide of a point as shares of their limits.
 *
 * Source: Orchard 1962 for levelling; creep of a draining film for sags
 * @example standing({ film: 0.00006, landed: { viscosity: 0.3, density: 1100, setting: 120, tension: 0.028 }, angle: 0 }, { levelling: 3, sag: 0.01 }) → { peel: 5.17206, run: 0 }
 */
export function standing(
  { film, landed, angle }: FlowPoint,
  limits: FlowLimits = usualFlowLimits,
): Outcome<{ peel: number; run: number }> {
  const [flows, slides] = [levelling(landed, film), sag(landed, film, angle)];
  if (isRefusal(flows)) return flows;
  return isRefusal(slides) ? slides : { peel: flows / limits.levelling, run: slides / limits.sag };
}

/**
 * Which lever moves the point where: each alone, by a step a hand would take.
 *
 * Extra thinner lowers the viscosity, and as much wet film then leaves less dry. Heat shortens setting more than it
 * thins. Laying the part flatter takes the pull off and leaves levelling alone.
 * Source: Orchard 1962 for levelling; creep of a draining film for sags
 */
export function flowMoves(point: FlowPoint, limits: FlowLimits = usualFlowLimits): Outcome<Moved[]> {
  const { landed } = point;
  const to: Record<FlowLever, FlowPoint> = {
    film: { ...point, film: point.film * (1 + fifth) },
    thinner: { ...point, landed: { ...landed, viscosity: landed.viscosity * (1 - fifth) } },
    slower: { ...point, landed: { ...landed, setting: landed.setting * slower } },
    warmer: {
      ...point,
      landed: {
        ...landed,
        setting: landed.setting * 2 ** (-flowWarmer / 10),
        viscosity: landed.viscosity * 0.97 ** flowWarmer,
      },
    },
    flatter: { ...point, angle: point.angle * 0.5 },
  };
  const moves: Moved[] = [];
  for (const [lever, moved] of Object.entries(to) as [FlowLever, FlowPoint][]) {
    if (lever === 'flatter' && Math.sin(point.angle) < 1e-6) continue;
    const stands = standing(moved, limits);
    if (isRefusal(stands)) return stands;
    moves.push({ lever, ...moved, ...stands });
  }
  return moves;
}
