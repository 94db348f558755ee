import { holdFilm, restorers, solveStroke, type Lever, type Restorer } from '@/core/film';
import { isRefusal, type Outcome } from '@/core/refusal';
import type { NozzleSet } from '@/records';
import type { PressurePlace } from './airchain';
import { pointSet, transferOfPoint, type OperatingPoint } from './point';
import { settingFault, type SettingFault } from './settingfault';
import type { JobView } from './view';

/** Fluid in m³/s, speed in m/s, fan in m, overlap as a share: what lays the film. */
export type StrokeLevers = Readonly<Record<Lever, number>>;

/** The levers with the pressure and distance they are tried at; Pa and m. */
export interface Tried {
  readonly levers: StrokeLevers;
  readonly pressure: number | undefined;
  readonly distance: number | undefined;
}

/** What is fitted, and where its pressure is read. */
export interface TriedWith {
  readonly pressureAt: PressurePlace;
  readonly bore?: number;
  readonly tip?: string;
  /** Share of the flow that the trigger lets through. */
  readonly trigger?: number;
}

type Bearings = Pick<JobView, 'set' | 'rig' | 'spray'>;

/** The reduced school: this share of the textbook’s air and fluid, at this share of its distance. Defaults. */
const reduced = { air: 0.75, distance: 0.8 };
/** HVLP: at most 10 psi at the cap, Pa. */
export const hvlpCapLimit = 68_948;
/** Papers write those 10 psi as 0.7 bar: so much is still the same limit, Pa. */
export const hvlpCapWritten = 70_050;
/** Over a limit by this share is reading error, not a setting. */
const limitSlack = 1.001;
/** A film off its aim by more than this share is told. */
const filmSlack = 0.03;
/** Fluid of a gun that neither was set nor has a proposal, m³/s. A default. */
const usualFluid = 200e-6 / 60;

const proposalOf = ({ set }: Pick<Bearings, 'set'>) => (isRefusal(set.proposal) ? undefined : set.proposal);

/** Where the levers stand before a hand is laid on them: as recorded, else as proposed. */
export function leversBefore(view: Bearings): Tried {
  const { point } = view.set;
  return {
    levers: {
      flow: point.fluid ?? usualFluid,
      speed: point.speed,
      fan: point.fan,
      overlap: point.overlap,
    },
    pressure: point.pressure,
    distance: point.from === 'usual' ? undefined : point.distance,
  };
}

/** The set a setting was sprayed with: by its id, else by its bore. */
export const fittedSet = (
  sets: readonly NozzleSet[],
  from: { readonly setId?: string; readonly bore?: number } | undefined,
): NozzleSet | undefined =>
  sets.find(({ id }) => id === from?.setId) ??
  sets.find(({ bore }) => Math.abs(bore - (from?.bore ?? 0)) < 1e-6);

/** Transfer at this pressure and distance, from that of the plain set-up. An estimate. */
export const transferTried = ({ set }: Pick<Bearings, 'set'>, at: Omit<Tried, 'levers'>): number =>
  transferOfPoint(set.transfer, set.bearings.usual, at);

/** One lever moved and another giving way, so that the coat’s wet film stays. */
export function leversMoved(
  view: Bearings,
  { levers, ...at }: Tried,
  moved: Lever,
  value: number,
  gives: Lever | 'film',
): Outcome<StrokeLevers> {
  const next = { ...levers, [moved]: value };
  return gives === moved ? next : leversHeld(view, { levers: next, ...at }, gives);
}

/** The same film after something else was moved, the pressure or the distance: one lever answers. */
export function leversHeld(
  view: Bearings,
  { levers, ...at }: Tried,
  gives: Lever | 'film',
): Outcome<StrokeLevers> {
  const { wet } = view.set;
  if (gives === 'film' || wet <= 0) return levers;
  return held(holdFilm({ ...levers, wetFilm: wet, transfer: transferTried(view, at) }, gives));
}

function held(found: ReturnType<typeof holdFilm>): Outcome<StrokeLevers> {
  if (isRefusal(found)) return found;
  const { flow, speed, fan, overlap } = found;
  return { flow, speed, fan, overlap };
}

/** The set-up of one school, its speed such that the wet film stays; none where nothing is proposed. */
export function schoolLevers(
  view: Bearings,
  school: 'textbook' | 'reduced',
  overlap: number,
):
  | { readonly pressure: number; readonly distance: number; readonly levers: Outcome<StrokeLevers> }
  | undefined {
  const proposal = proposalOf(view);
  if (!proposal) return undefined;
  const { air, distance: near } = school === 'reduced' ? reduced : { air: 1, distance: 1 };
  const [pressure, distance] = [proposal.pressure * air, proposal.distance * near];
  const { point } = proposal.fitting;
  const moved = { flow: point.fluid * air, speed: point.speed, fan: point.fan * near, overlap };
  return { pressure, distance, levers: leversHeld(view, { levers: moved, pressure, distance }, 'speed') };
}

export interface LeversJudged {
  /** What the gun does with them. */
  readonly point: OperatingPoint;
  /** m wet that they lay. */
  readonly film: Outcome<number>;
  /** Share the film is off its aim, past what is told at all; 0 within it. */
  readonly off: number;
  /** Pa that the pressure is over, and whose limit it is. */
  readonly over?: { readonly limit: number; readonly of: 'rig' | 'cap' };
  /** What of it the hardware cannot do: then no film comes of it either. */
  readonly fault?: SettingFault;
  /** m³/s that miss or drift off, s a coat takes and m³ of mix it uses. */
  readonly overspray: number;
  readonly seconds: number;
  readonly mix: number;
  /** What would bring the film back, the lever moved last left alone. */
  readonly restore: readonly Restorer[];
}

/** What the levers do: to the film, and beside it. */
export function leversJudged(
  view: Bearings,
  { levers, pressure, distance }: Tried,
  { moved, ...more }: TriedWith & { readonly moved?: Lever },
): LeversJudged {
  const { set, rig, spray } = view;
  const at = { pressure, distance };
  const asked = {
    ...more,
    pressure: pressure ?? set.point.pressure ?? 0,
    distance: distance ?? set.point.distance,
    fluid: levers.flow,
    fan: levers.fan,
    overlap: levers.overlap,
    speed: levers.speed,
  };
  const fault =
    rig && pressure !== undefined && distance !== undefined
      ? settingFault(asked, rig, set.liquid, set.bearings.airLeft)
      : undefined;
  const point = pointSet(asked, { ...set.bearings, fault }, false);
  const transfer = transferTried(view, at);
  const film = solveStroke('wetFilm', { ...levers, transfer });
  const away = isRefusal(film) || set.wet <= 0 ? 0 : film / set.wet - 1;
  const off = Math.abs(away) > filmSlack ? away : 0;
  // What stands at the cap is what the limit is of; reckoned from a default it certifies nothing, and stops nothing.
  const cap = more.pressureAt === 'cap' || rig?.rated ? point.cap : undefined;
  const limits = [
    ...(rig?.maxPressure === undefined
      ? []
      : [{ limit: rig.maxPressure, of: 'rig' as const, found: pressure }]),
    ...(rig?.atomising === 'hvlp' ? [{ limit: hvlpCapLimit, of: 'cap' as const, found: cap }] : []),
  ];
  const over = limits.find(
    ({ limit, of, found }) =>
      found !== undefined && found > (of === 'cap' ? hvlpCapWritten : limit * limitSlack),
  );
  // As long a way as the gun has in the coat, at this pace and with strokes so far apart.
  const sprayed =
    (spray.gunTime * spray.speed * (spray.spacing / point.spacing)) / Math.max(levers.speed, 0.01);
  return {
    point,
    film,
    off,
    ...(over ? { over: { limit: over.limit, of: over.of } } : {}),
    ...(fault ? { fault } : {}),
    overspray: levers.flow * (1 - transfer),
    seconds: sprayed + spray.coatTime - spray.gunTime,
    mix: levers.flow * sprayed + spray.handPaint,
    restore: off ? restorers({ ...levers, wetFilm: set.wet, transfer }, moved) : [],
  };
}
