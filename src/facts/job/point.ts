import {
  dropIndex,
  dropSize,
  leastOpening,
  nozzleFlow,
  transferAt,
  defaultDriving,
  type Liquid,
} from '@/core/airgun';
import { fanAt, tipFlow, tipFromCode } from '@/core/airless';
import { strokeSpacing } from '@/core/film';
import type { HandRange, Nearest, PointCost, PointLimit } from '@/core/operating';
import { isRefusal } from '@/core/refusal';
import type { EntryOf, Rig } from '@/records';
import { airChainOf, type PressurePlace } from './airchain';
import { fanFrom, type FanSeen } from './fan';
import { tipNow } from './fittings';
import type { SprayedLiquid } from './liquid';
import type { Proposal } from './proposal';
import type { SettingFault } from './settingfault';

/**
 * How the gun works for one coat, as it was recorded set or as it is proposed. Where what was recorded cannot be, it is what
 * the gun must have done instead.
 */
export interface OperatingPoint {
  readonly from: 'set' | 'proposed' | 'usual';
  readonly bore?: number;
  readonly tip?: string;
  readonly pressure?: number;
  readonly pressureAt?: PressurePlace;
  /** Pa at the gun’s inlet and its cap, where the air line tells them. */
  readonly inlet?: number;
  readonly cap?: number;
  readonly fan: number;
  readonly fanFrom: FanSeen['from'] | 'tip';
  readonly distance: number;
  readonly overlap: number;
  readonly spacing: number;
  readonly speed: number;
  /** m³/s; none where neither a setting nor a proposal says. */
  readonly fluid?: number;
  /** m³/s that what is fitted passes fully open; of a tip, what it sprays at its pressure. */
  readonly fluidMost?: number;
  /** Share of that: how far a needle opens. */
  readonly needle?: number;
  /** Share of its flow that the trigger lets through, where it is not pulled through. */
  readonly trigger?: number;
  /** m wet that one pass of it lays, and how many passes, wet on wet, make the coat. */
  readonly film?: number;
  readonly passes: number;
  readonly transfer: number;
  readonly liquid: SprayedLiquid;
  /** Index beside the sheet’s own set-up, which is 100; none of guns without air. */
  readonly drops?: number;
  /** What that index is reckoned from, m: to set one gun beside another, and never shown. */
  readonly dropSize?: number;
  /** m³/s of free air. */
  readonly air?: number;
  readonly feasible: boolean;
  readonly costs: readonly (PointCost | 'off-sheet' | 'under-maker')[];
  /** Why it cannot be, and the nearest that can. */
  readonly why?: PointLimit | SettingFault['kind'] | 'off-sheet' | 'over-maker' | 'misfit' | 'hand';
  readonly nearest?: Nearest;
}

/** What a point rests on beside the setting itself. */
export interface PointBearings {
  readonly rig: Rig | undefined;
  readonly liquid: SprayedLiquid;
  /** m wet of the coat. */
  readonly wet: number;
  /** Share that lands as the sheet’s set-up has it. */
  readonly transfer: number;
  readonly fan: FanSeen | undefined;
  readonly hand: HandRange;
  readonly fault: SettingFault | undefined;
  /** The plain set-up transfer and drops are reckoned from: the sheet’s, with no coat’s own. */
  readonly usual: Proposal | undefined;
  /** Share of the sea’s air there is here. */
  readonly airLeft: number;
}

/** Usual distance and fan of a gun nobody described, m. */
const usualDistance = 0.2;
export const usualFan = 0.25;
/** Air a gun takes whose rig says nothing, m³/s. A default. */
export const usualAir = 350e-3 / 60;

const ratio = (value: number | undefined, usual: number | undefined): number =>
  value && usual && value > 0 && usual > 0 ? value / usual : 1;

/** Transfer at a pressure and distance, from that of the plain set-up. An estimate. */
export const transferOfPoint = (
  transfer: number,
  usual: Pick<Proposal, 'pressure' | 'distance'> | undefined,
  at: { readonly pressure: number | undefined; readonly distance: number | undefined },
): number => transferAt(transfer, ratio(at.distance, usual?.distance), ratio(at.pressure, usual?.pressure));

/** Air at a pressure read at a place: where it stands at inlet and cap, and how much the gun takes. */
export function airAt(
  rig: Rig | undefined,
  pressure: number | undefined,
  at: PressurePlace,
): { readonly inlet?: number; readonly cap?: number; readonly air?: number } {
  if (!rig || rig.atomising === 'airless' || pressure === undefined) return {};
  const chain = airChainOf(rig, pressure, at);
  const own = rig.airDemand === undefined ? {} : { air: rig.airDemand };
  if (!chain || isRefusal(chain)) return { ...(at === 'cap' ? { cap: pressure } : {}), ...own };
  const { inlet, cap, air = rig.airDemand } = chain;
  return { inlet, ...(cap === undefined ? {} : { cap }), ...(air === undefined ? {} : { air }) };
}

/** Size of drops as an index: what stands at the cap breaks the fluid up, or at the inlet of guns that tell no cap. */
function dropsOf(
  rig: Rig,
  {
    pressure,
    pressureAt,
    fluid,
    bore,
  }: { pressure: number; pressureAt: PressurePlace; fluid: number; bore: number },
  liquid: Liquid,
): number | undefined {
  const { inlet, cap, air = usualAir } = airAt(rig, pressure, pressureAt);
  const size = dropSize({ pressure: cap ?? inlet ?? pressure, air, fluid, bore }, liquid);
  return isRefusal(size) ? undefined : size;
}

/** m³/s that what is fitted passes fully open with this paint; of a tip its flow at this pressure. */
export function passesOf(
  rig: Rig,
  {
    bore,
    tip: code,
    pressure,
  }: { readonly bore?: number; readonly tip?: string; readonly pressure?: number },
  liquid: Liquid,
): number | undefined {
  if (rig.atomising === 'airless') {
    const tip = code === undefined ? undefined : tipFromCode(code);
    if (!tip || isRefusal(tip) || pressure === undefined) return undefined;
    const flow = tipFlow(tipNow(tip, rig.tipsWorn).orifice, pressure, liquid.density);
    return isRefusal(flow) ? undefined : flow;
  }
  if (bore === undefined) return undefined;
  const flow = nozzleFlow(bore, rig.driving ?? defaultDriving[rig.feed], liquid);
  return isRefusal(flow) ? undefined : flow;
}

/** How wide what is fitted sprays at a distance, m: a tip by its code or its wear, a gun by its card or its rig. */
export function widthOf(
  rig: Rig | undefined,
  tip: string | undefined,
  distance: number,
  fan: FanSeen | undefined,
): number | undefined {
  const coded = rig?.atomising === 'airless' && tip !== undefined ? tipFromCode(tip) : undefined;
  if (rig && coded && !isRefusal(coded)) return fanAt(tipNow(coded, rig.tipsWorn), distance);
  return fan && fanFrom(fan, distance);
}

/** A hand that has gone a pace goes one so near to it too. Shares; defaults. */
const nearPace = { least: 0.9, most: 1.1 };

/** What of a setting says how the gun works, recorded or only tried. */
export type SettingSaid = Pick<
  EntryOf<'setting'>,
  'bore' | 'tip' | 'pressure' | 'pressureAt' | 'fluid' | 'fan' | 'distance' | 'overlap' | 'speed' | 'trigger'
>;

/** The point of a coat the gun has a recorded setting for. */
export function pointSet(setting: SettingSaid, bearings: PointBearings, cardRead: boolean): OperatingPoint {
  const { rig, liquid, wet, hand, fault, usual, fan: seen } = bearings;
  const { bore, tip, pressure, pressureAt, distance, overlap } = setting;
  const most = rig && passesOf(rig, setting, liquid);
  const width = widthOf(rig, tip, distance, seen);
  const isTip = rig?.atomising === 'airless';
  // A tip’s fan and flow are its own, worn as it is. Of a gun a card sprayed since tells the fan; before it what was recorded.
  const fan = (cardRead || isTip ? width : undefined) ?? setting.fan;
  // A trigger pulled half lets half of it through.
  const trigger = isTip ? 1 : (setting.trigger ?? 1);
  const passes = most === undefined ? Infinity : most * trigger;
  const fluid = isTip ? (most ?? setting.fluid) : Math.min(setting.fluid, passes);
  const transfer = transferOfPoint(bearings.transfer, usual, { pressure, distance });
  const spacing = strokeSpacing(fan, overlap);
  // The gun is as it was set; its pace answers the coat. What was recorded is a pace this hand has gone.
  const solved = wet > 0 ? (fluid * transfer) / (wet * spacing) : setting.speed;
  const reached =
    solved >= Math.min(hand.crawl, setting.speed * nearPace.least) &&
    solved <= Math.max(hand.rush, setting.speed * nearPace.most);
  const speed = reached && !fault ? solved : setting.speed;
  const drops = rig && dropsBeside(rig, { pressure, pressureAt, fluid, bore }, bearings);
  return {
    from: 'set',
    ...(bore === undefined ? {} : { bore }),
    ...(tip === undefined ? {} : { tip }),
    pressure,
    pressureAt,
    ...airAt(rig, pressure, pressureAt),
    fan,
    fanFrom: isTip ? 'tip' : cardRead ? (seen?.from ?? 'rig') : 'rig',
    distance,
    overlap,
    spacing,
    speed,
    fluid,
    ...(most === undefined ? {} : { fluidMost: most, needle: Math.min(fluid / passes, 1) }),
    ...(trigger < 1 ? { trigger } : {}),
    film: (fluid * transfer) / (speed * spacing),
    passes: 1,
    transfer,
    liquid,
    ...drops,
    feasible: !fault && reached,
    costs: [],
    ...(fault ? { why: fault.kind } : reached ? {} : { why: 'hand' as const }),
  };
}

function dropsBeside(
  rig: Rig,
  now: { pressure: number; pressureAt: PressurePlace; fluid: number; bore?: number },
  { liquid, usual }: PointBearings,
): { readonly drops: number; readonly dropSize: number } | undefined {
  const bore = now.bore ?? usual?.fitting.bore;
  if (rig.atomising === 'airless' || bore === undefined || !usual) return undefined;
  const size = dropsOf(rig, { ...now, bore }, liquid);
  const reference = dropsOf(
    rig,
    {
      pressure: usual.pressure,
      pressureAt: usual.pressureAt,
      fluid: usual.fitting.point.fluid,
      bore: usual.fitting.bore ?? bore,
    },
    liquid,
  );
  return size === undefined || reference === undefined
    ? undefined
    : { drops: dropIndex(size, reference), dropSize: size };
}

/** The point of a coat nobody set the gun for yet: as it is proposed. */
export function pointProposed(proposal: Proposal, bearings: PointBearings): OperatingPoint {
  const { rig, liquid } = bearings;
  const { fitting, pressure, pressureAt, distance, overlap, transfer } = proposal;
  const { point, verdict, bore, tip } = fitting;
  const { solved } = verdict;
  const drops = rig && dropsBeside(rig, { pressure, pressureAt, fluid: point.fluid, bore }, bearings);
  // Paint that is to be thinned first goes through all the same; what the sheet or the maker forbids does not.
  const can = solved.feasible && verdict.grade !== 'no';
  return {
    from: 'proposed',
    ...(bore === undefined ? {} : { bore }),
    ...(tip === undefined ? {} : { tip }),
    pressure,
    pressureAt,
    ...airAt(rig, pressure, pressureAt),
    fan: point.fan,
    fanFrom: tip ? 'tip' : (bearings.fan?.from ?? 'rig'),
    distance,
    overlap,
    spacing: point.spacing,
    speed: point.speed,
    fluid: point.fluid,
    fluidMost: point.most,
    needle: point.needle,
    film: point.film,
    passes: solved.feasible ? 1 : solved.nearest.passes,
    transfer,
    liquid,
    ...drops,
    feasible: can,
    costs: verdict.costs,
    ...(can || verdict.why === undefined ? {} : { why: verdict.why }),
    ...(solved.feasible ? {} : { nearest: solved.nearest }),
  };
}

/** The point of a gun of which nothing can be told yet. */
export function pointUsual(
  { overlap, speed }: { readonly overlap: number; readonly speed: number },
  { rig, liquid, transfer }: PointBearings,
): OperatingPoint {
  const fan = rig?.fan ?? usualFan;
  return {
    from: 'usual',
    fan,
    fanFrom: 'rig',
    distance: rig?.distance ?? usualDistance,
    overlap,
    spacing: strokeSpacing(fan, overlap),
    speed,
    passes: 1,
    transfer,
    liquid,
    feasible: false,
    costs: [],
  };
}

/** Is a needle so far shut that it is hard to hold? */
export const barelyOpen = ({ needle }: Pick<OperatingPoint, 'needle'>): boolean =>
  needle !== undefined && needle < leastOpening;
