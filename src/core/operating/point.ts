import { leastOpening, nozzleFlow, type Liquid } from '../airgun';
import { tipFlow } from '../airless';
import { strokeSpacing } from '../film';
import { isRefusal, refuse, refuseUnlessPositive, type Outcome } from '../refusal';
import type { HandRange } from './hand';

/** What is fitted, and what drives the fluid through it. */
export type Fitted =
  | {
      readonly kind: 'nozzle';
      /** m */
      readonly bore: number;
      /** Pa behind the fluid. */
      readonly driving: number;
    }
  | {
      readonly kind: 'tip';
      /** m of the orifice as worn as it is. */
      readonly orifice: number;
      /** Pa at the tip, and the range it may have. */
      readonly pressure: number;
      readonly pressures?: { readonly min: number; readonly max: number };
      /** m³/s the pump has for this tip. */
      readonly pump?: number;
    };

export interface PointQuestion {
  readonly fitted: Fitted;
  readonly liquid: Liquid;
  /** m wet of the coat; shares. */
  readonly wetFilm: number;
  readonly transfer: number;
  readonly overlap: number;
  /** m of fan as it is sprayed at the distance held. */
  readonly fan: number;
  readonly hand: HandRange;
}

/** What a point costs that nothing forbids. */
export type PointCost = 'slow' | 'fast' | 'narrow' | 'barely' | 'softer' | 'harder';
/** Why there is no point. */
export type PointLimit = 'starves' | 'floods' | 'pump';

/** One way a gun works. SI; shares. */
export interface Point {
  readonly fluid: number;
  /** m³/s with the needle fully open; of a tip its flow. */
  readonly most: number;
  /** Share of that: how far the needle opens. 1 of a tip. */
  readonly needle: number;
  readonly fan: number;
  readonly spacing: number;
  readonly speed: number;
  /** m wet that it lays. */
  readonly film: number;
  /** Pa at a tip. */
  readonly pressure?: number;
}

/** The nearest thing the hardware can do, and what gives way: the film of one pass, or a softer pressure. */
export interface Nearest {
  readonly gives: 'film' | 'pressure';
  readonly point: Point;
  /** Passes, wet on wet, that make the coat; 1 where each is too heavy already. */
  readonly passes: number;
}

export type SolvedPoint =
  | { readonly feasible: true; readonly point: Point; readonly costs: readonly PointCost[] }
  | { readonly feasible: false; readonly why: PointLimit; readonly nearest: Nearest };

/** A fan can be drawn in to this share of its width before it is another pattern. A default. */
const narrowest = 0.5;

/**
 * How a gun lays a coat: the speed a hand is comfortable with if the fluid allows, slower with the needle fully open, with
 * the fan drawn in, and when none of it does, why not and the nearest there is.
 *
 * @returns refuses what is not above zero
 * Source: WFT = Q·TE/(v·s) held to the coat’s film, Q no more than nozzle or tip passes at the present drive and viscosity.
 * @example 1.3 mm at 7 kPa with 55 mPa·s passes 174 mL/min: 60 µm over a 250 mm fan goes on at 0.21 m/s
 * Formula: v = Q·TE/(WFT·s), Q no more than passes; slower, then a narrower fan, then passes
 */
export function solvePoint(question: PointQuestion): Outcome<SolvedPoint> {
  const { wetFilm, transfer, fan, overlap } = question;
  const wrong = refuseUnlessPositive({
    'wet film': wetFilm,
    'transfer efficiency': transfer,
    'fan width': fan,
  });
  if (wrong) return wrong;
  if (!(overlap >= 0 && overlap <= 0.95))
    return refuse('overlap', 'The overlap must lie between {min} and {max}.', {
      quantity: 'share',
      value: overlap,
      min: 0,
      max: 0.95,
    });
  return question.fitted.kind === 'nozzle'
    ? throughNozzle(question, question.fitted)
    : throughTip(question, question.fitted);
}

/** m/s at which a flow lays the film with a fan. */
const speedOf = ({ wetFilm, transfer, overlap }: PointQuestion, flow: number, fan: number): number =>
  (flow * transfer) / (wetFilm * strokeSpacing(fan, overlap));

interface Way {
  readonly fluid: number;
  readonly most: number;
  readonly fan: number;
  readonly speed: number;
  readonly pressure?: number;
}

function pointAt({ transfer, overlap }: PointQuestion, { fluid, most, fan, speed, pressure }: Way): Point {
  const spacing = strokeSpacing(fan, overlap);
  return {
    fluid,
    most,
    needle: fluid / most,
    fan,
    spacing,
    speed,
    film: (fluid * transfer) / (speed * spacing),
    ...(pressure === undefined ? {} : { pressure }),
  };
}

/** A needle lets through what the hand asks for, up to what the nozzle passes fully open. */
function throughNozzle(
  question: PointQuestion,
  { bore, driving }: Extract<Fitted, { kind: 'nozzle' }>,
): Outcome<SolvedPoint> {
  const most = nozzleFlow(bore, driving, question.liquid);
  if (isRefusal(most)) return most;
  const { hand, fan } = question;
  const open = speedOf(question, most, fan);
  const at = (speed: number, width = fan) => {
    const share = Math.min((speed * width) / (open * fan), 1);
    return pointAt(question, { fluid: most * share, most, fan: width, speed });
  };
  const can = (speed: number, costs: readonly PointCost[], width = fan): SolvedPoint => ({
    feasible: true,
    point: at(speed, width),
    costs,
  });
  if (open >= hand.usual) {
    if (hand.usual / open >= leastOpening) return can(hand.usual, []);
    // A needle hardly open is hard to hold: a faster hand opens it.
    const speed = Math.min(leastOpening * open, hand.fast);
    if (speed / open < leastOpening * (1 - 1e-9))
      return {
        feasible: false,
        why: 'floods',
        nearest: {
          gives: 'film',
          passes: 1,
          point: pointAt(question, { fluid: most * leastOpening, most, fan, speed: hand.fast }),
        },
      };
    return can(speed, ['barely']);
  }
  if (open >= hand.slow) return can(open, []);
  if (open >= hand.crawl) return can(open, ['slow']);
  const width = Math.max((fan * open) / hand.slow, fan * narrowest);
  const speed = (open * fan) / width;
  if (speed >= hand.slow * (1 - 1e-9)) return can(speed, ['narrow'], width);
  if (speed >= hand.crawl) return can(speed, ['narrow', 'slow'], width);
  const point = pointAt(question, { fluid: most, most, fan, speed: hand.slow });
  return {
    feasible: false,
    why: 'starves',
    nearest: { gives: 'film', point, passes: Math.ceil(question.wetFilm / point.film - 1e-9) },
  };
}

/** A tip sprays its flow at its pressure, whatever is wanted: only the hand and the pressure can answer. */
function throughTip(
  question: PointQuestion,
  { orifice, pressure, pressures, pump }: Extract<Fitted, { kind: 'tip' }>,
): Outcome<SolvedPoint> {
  const { hand, fan, liquid } = question;
  const full = tipFlow(orifice, pressure, liquid.density);
  if (isRefusal(full)) return full;
  const lowest = Math.min(pressures?.min ?? pressure, pressure);
  const highest = Math.max(pressures?.max ?? pressure, pressure);
  /** Flow, and with it speed, goes with the root of the pressure. */
  const flowAt = (each: number) => full * Math.sqrt(each / pressure);
  const at = (each: number, speed = speedOf(question, flowAt(each), fan)): Point =>
    pointAt(question, { fluid: flowAt(each), most: flowAt(each), fan, speed, pressure: each });
  const can = (each: number, costs: readonly PointCost[]): SolvedPoint => ({
    feasible: true,
    point: at(each),
    costs,
  });
  // More than the pump has: pressure falls until both agree.
  const pumped = pump === undefined ? Infinity : pressure * (pump / full) ** 2;
  const held = Math.min(pressure, pumped);
  if (held < lowest * (1 - 1e-9))
    return {
      feasible: false,
      why: 'pump',
      nearest: { gives: 'pressure', passes: 1, point: at(held) },
    };
  const softer: readonly PointCost[] = held < pressure ? ['softer'] : [];
  const speed = speedOf(question, flowAt(held), fan);
  const toReach = (wanted: number) => held * (wanted / speed) ** 2;
  if (speed > hand.fast) {
    const down = Math.max(toReach(hand.fast), lowest);
    const reached = at(down).speed;
    if (reached <= hand.fast * (1 + 1e-9)) return can(down, ['softer']);
    if (reached <= hand.rush) return can(down, down < held ? ['softer', 'fast'] : ['fast']);
    return {
      feasible: false,
      why: 'floods',
      nearest: { gives: 'film', passes: 1, point: at(down, hand.fast) },
    };
  }
  if (speed >= hand.slow) return can(held, softer);
  const up = Math.min(toReach(hand.slow), highest, pumped);
  const reached = at(up).speed;
  if (reached >= hand.slow * (1 - 1e-9)) return can(up, ['harder']);
  if (reached >= hand.crawl) return can(up, up > held ? ['harder', 'slow'] : [...softer, 'slow']);
  const point = at(up, hand.slow);
  return {
    feasible: false,
    why: 'starves',
    nearest: { gives: 'film', point, passes: Math.ceil(question.wetFilm / point.film - 1e-9) },
  };
}
