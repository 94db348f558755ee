import { leverEffects, transferAt, type EffectsOfLevers } from '@/core/airgun';
import { holdFilm, restorers, solveStroke, strokeSpacing, type Lever, type Restorer } from '@/core/film';
import { isRefusal, type Outcome } from '@/core/refusal';
import type { NozzleSet, Rig } from '@/records';
import { airChainOf, type PressurePlace } from './airchain';
import { settingFault, type SettingFault } from './point';
import type { JobView } from './view';

/** Fluid in m³/s, speed in m/s, fan in m, overlap as a share: what lays the film. */
export type StrokeLevers = Readonly<Record<Lever, number>>;

/** The levers with the pressure and distance they are tried at; Pa and m. */
export interface Tried {
  readonly levers: StrokeLevers;
  readonly pressure: number | undefined;
  readonly distance: number | undefined;
}

type Bearings = Pick<JobView, 'set' | 'rig' | 'work' | 'plan' | 'spray'>;

/** The reduced school: this share of the textbook’s air and fluid, at this share of its distance. Defaults. */
const reduced = { air: 0.75, distance: 0.8 };
/** HVLP: at most 10 psi at the cap, Pa. */
export const hvlpCapLimit = 68_948;
/** Over a limit by this share is reading error, not a setting. */
const limitSlack = 1.001;
/** A film off its aim by more than this share is told. */
const filmSlack = 0.03;
/** Fluid of a gun that neither was set nor has a proposal, m³/s. A default. */
const usualFluid = 200e-6 / 60;
/** Air a gun takes whose rig says nothing, m³/s. A default. */
const usualAir = 350e-3 / 60;

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

const ratio = (value: number | undefined, usual: number | undefined) =>
  value && usual && value > 0 && usual > 0 ? value / usual : 1;

/** Transfer at this pressure and distance, from that of the proposal. An estimate. */
export function transferTried(view: Bearings, { pressure, distance }: Omit<Tried, 'levers'>): number {
  const usual = proposalOf(view) ?? leversBefore(view);
  return transferAt(view.set.transfer, ratio(distance, usual.distance), ratio(pressure, usual.pressure));
}

/** One lever moved and another giving way, so that the coat’s wet film stays. */
export function leversMoved(
  view: Bearings,
  { levers, ...at }: Tried,
  moved: Lever,
  value: number,
  gives: Lever | 'film',
): Outcome<StrokeLevers> {
  const next = { ...levers, [moved]: value };
  const { wet } = view.set;
  if (gives === 'film' || gives === moved || wet <= 0) return next;
  return held(holdFilm({ ...next, wetFilm: wet, transfer: transferTried(view, at) }, gives));
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
  const moved = {
    flow: (view.set.setting?.fluid ?? proposal.fitting.flow) * air,
    speed: view.set.point.speed,
    fan: proposal.fitting.fan * near,
    overlap,
  };
  const { wet } = view.set;
  if (wet <= 0) return { pressure, distance, levers: moved };
  const transfer = transferTried(view, { pressure, distance });
  return { pressure, distance, levers: held(holdFilm({ ...moved, wetFilm: wet, transfer }, 'speed')) };
}

export interface LeversJudged {
  readonly transfer: number;
  /** m wet that they lay. */
  readonly film: Outcome<number>;
  /** Share the film is off its aim, past what is told at all; 0 within it. */
  readonly off: number;
  /** m between strokes. */
  readonly spacing: number;
  /** Pa that the pressure is over, and whose limit it is. */
  readonly over?: { readonly limit: number; readonly of: 'rig' | 'cap' };
  /** What of it the hardware cannot do: then no film comes of it either. */
  readonly fault?: SettingFault;
  readonly effects: EffectsOfLevers;
  /** What would bring the film back, the lever moved last left alone. */
  readonly restore: readonly Restorer[];
}

/** What an HVLP gun takes at a pressure, as its line tells it: the same everywhere on Set. */
function airOf(rig: Rig | undefined, pressure: number | undefined, at: PressurePlace): number | undefined {
  if (rig?.atomising !== 'hvlp' || pressure === undefined) return undefined;
  const chain = airChainOf(rig, pressure, at);
  return chain && !isRefusal(chain) ? chain.air : undefined;
}

/** What the levers do: to the film, and beside it. */
export function leversJudged(
  view: Bearings,
  { levers, pressure, distance }: Tried,
  more: {
    readonly pressureAt: PressurePlace;
    readonly bore?: number;
    readonly tip?: string;
    readonly moved?: Lever;
  },
): LeversJudged {
  const { set, rig, plan, spray } = view;
  const transfer = transferTried(view, { pressure, distance });
  const film = solveStroke('wetFilm', { ...levers, transfer });
  const away = isRefusal(film) || set.wet <= 0 ? 0 : film / set.wet - 1;
  const off = Math.abs(away) > filmSlack ? away : 0;
  const proposed = proposalOf(view);
  const usual = proposed?.pressure ?? leversBefore(view).pressure;
  const limits = [
    ...(rig?.maxPressure === undefined ? [] : [{ limit: rig.maxPressure, of: 'rig' as const }]),
    ...(rig?.atomising === 'hvlp' && more.pressureAt === 'cap'
      ? [{ limit: hvlpCapLimit, of: 'cap' as const }]
      : []),
  ];
  const over = limits.find(({ limit }) => pressure !== undefined && pressure > limit * limitSlack);
  const fault =
    rig && pressure !== undefined && distance !== undefined && !isRefusal(set.fittings)
      ? settingFault(
          { pressure, distance, fluid: levers.flow, fan: levers.fan, bore: more.bore, tip: more.tip },
          rig,
          set.fittings,
          set.density,
        )
      : undefined;
  return {
    transfer,
    film,
    off,
    spacing: strokeSpacing(levers.fan, levers.overlap),
    ...(over ? { over } : {}),
    ...(fault ? { fault } : {}),
    effects: leverEffects({
      now: { pressure: pressure ?? usual ?? 0, flow: levers.flow, speed: levers.speed },
      usual: { pressure: usual ?? 0, flow: proposed?.fitting.flow ?? levers.flow },
      ...(rig?.atomising === 'airless'
        ? {}
        : {
            air: airOf(rig, usual, proposed?.pressureAt ?? more.pressureAt) ?? rig?.airDemand ?? usualAir,
            takes: airOf(rig, pressure, more.pressureAt),
            bore: more.bore,
          }),
      liquid: {
        viscosity: set.viscosity,
        density: isRefusal(plan.asMixed) ? 1000 : plan.asMixed.density,
      },
      transfer,
      path: spray.coatTime * spray.speed,
    }),
    restore: off ? restorers({ ...levers, wetFilm: set.wet, transfer }, more.moved) : [],
  };
}
