import type { CardRung } from '@/core/card';
import { defaultDriving, rankNozzles, type NozzleOption } from '@/core/airgun';
import { fanAt, tipFlow, tipFromCode } from '@/core/airless';
import { handSpeed, solveStroke, strokeSpacing } from '@/core/film';
import { isRefusal, refuse, type Outcome } from '@/core/refusal';
import {
  usualCardLasts,
  type Coating,
  type EntryOf,
  type GunAdvice,
  type LogEntry,
  type Rig,
  type Shop,
} from '@/records';
import { appliedNow } from './batch';
import { lastOf, liveEntries, moment, ofType } from './entries';
import type { PlanView } from './plan';
import { coatsInHand, nextCoat } from './layers';
import { pointOf, settingFault, type OperatingPoint, type SettingFault } from './point';
import { turbineLeaves } from './turbineleaves';
import type { LaidCoat, Worked } from './worked';
import type { ThinView } from './thin';

/** One nozzle or tip that could be fitted, with what it does to this film. */
export interface Fitting {
  readonly label: 'nozzle' | 'tip';
  readonly bore?: number;
  readonly tip?: string;
  readonly fan: number;
  /** m³/s: what the film needs of a nozzle, what the tip gives at pressure. */
  readonly flow: number;
  /** m³/s with the needle fully open. */
  readonly full: number;
  /** Gun speed that lays the film, m/s. */
  readonly speed: number;
  readonly passes: boolean;
  readonly onSheet?: boolean;
  /** Share of its full flow the film needs: how far the needle opens. */
  readonly opening?: number;
  /** Which needle, nozzle and cap. */
  readonly setId?: string;
}

/** Why a fresh card is wanted, or that none is. */
export type CardState = 'good' | 'none' | 'not-good' | 'changed' | 'cleaned' | 'batch' | 'refill' | 'expired';

/** A gun nobody has set: the fan’s own default, m. */
export const usualFan = 0.25;

export interface SetView {
  readonly sheet: Coating;
  readonly advice?: GunAdvice;
  readonly fittings: Outcome<readonly Fitting[]>;
  /** What to set, best first choice: from the sheet, then from physics. */
  readonly proposal: Outcome<Proposal>;
  /** How the gun works, as set or as proposed. */
  readonly point: OperatingPoint;
  /** What of the recorded setting the hardware cannot do. */
  readonly fault?: SettingFault;
  /** The coat it is for: the next one, or the last when all are on. */
  readonly coat?: LaidCoat;
  /** m wet of that coat. */
  readonly wet: number;
  readonly transfer: number;
  /** Dynamic viscosity at the nozzle, Pa·s. */
  readonly viscosity: number;
  /** kg/m³ of what is sprayed. */
  readonly density: number;
  readonly drivingAssumed: boolean;
  /** The last setting recorded for this sheet since the gun was cleaned. */
  readonly setting?: EntryOf<'setting'>;
  /** The last card since that setting and since the batch was mixed. */
  readonly card?: EntryOf<'card'>;
  readonly cardState: CardState;
  /** ms since the epoch when the card held expires. */
  readonly cardUntil?: number;
  /** The setting before it, and the last card of that one. */
  readonly before?: EntryOf<'setting'>;
  readonly cardBefore?: EntryOf<'card'>;
  /** Cards of a pressure ladder since the gun was fitted as it is. */
  readonly rungs: readonly CardRung[];
}

export interface Proposal {
  readonly fitting: Fitting;
  readonly pressure: number;
  readonly pressureAt: GunAdvice['pressureAt'];
  readonly distance: number;
  readonly overlap: number;
  readonly spacing: number;
  readonly speed: number;
}

const middle = ({ min, max }: { min: number; max: number }) => (min + max) / 2;

interface SetBearings {
  readonly rig: Rig | undefined;
  readonly plan: PlanView;
  readonly thin: ThinView;
  readonly shop: Shop;
  readonly now: number;
}

export function setView(job: Worked, { rig, plan, thin, shop, now }: SetBearings): SetView {
  const { sheet } = plan;
  const applied = appliedNow(job, job.layer);
  const density = isRefusal(applied) ? 1000 : applied.density;
  const coat = nextCoat(job) ?? coatsInHand(job).at(-1);
  const wet = plan.coats.find((each) => each.coat.id === coat?.id)?.wet ?? 0;
  const advice = sheet.guns.find(({ atomising }) => atomising === rig?.atomising);
  const viscosity = thin.viscosity * density;
  const base = {
    sheet,
    advice,
    coat,
    wet,
    transfer: plan.transfer,
    viscosity,
    density,
    drivingAssumed: rig?.driving === undefined,
  };
  const fittings = rig
    ? fittingsOf(job, rig, advice, wet, plan.transfer, { viscosity, density }, coat?.setting?.overlap)
    : refuse('no-rig', 'Choose a rig for this job first.');
  const proposal = isRefusal(fittings) ? fittings : propose(job, rig, advice, fittings, coat);
  const held = recorded(job, (shop.cardLasts ?? usualCardLasts) * 1000, now);
  const fault =
    held.setting && rig && !isRefusal(fittings)
      ? settingFault(held.setting, rig, fittings, density)
      : undefined;
  return {
    ...base,
    fittings,
    proposal,
    ...held,
    point: pointOf(
      job,
      rig,
      held.setting,
      isRefusal(proposal) ? undefined : proposal,
      isRefusal(fittings) ? [] : fittings,
    ),
    ...(fault ? { fault } : {}),
  };
}

/** Cleaning steps by which a gun has been apart; `assemble` is from lists of earlier days. */
const putTogether = ['assemble', 'fit-knobs', 'fit-seat'];

/** The setting and card that still hold: cleaning and a fresh batch both ask for a new card. */
function recorded(job: Worked, lasts: number, now: number) {
  const entries = liveEntries(job);
  const inHand = ({ layerId }: { readonly layerId: string }) => layerId === job.layer.id;
  const ownGun = ({ rigId }: EntryOf<'tick'>) => rigId === undefined || rigId === job.layer.rigId;
  const cleaned = lastOf(
    entries,
    'tick',
    (tick) => tick.list === 'clean' && putTogether.includes(tick.step) && tick.done && ownGun(tick),
  );
  // A gun that is flushed and stored keeps its knobs, but not its card.
  const flushed = lastOf(
    entries,
    'tick',
    (tick) => tick.list === 'clean' && tick.step === 'flush' && tick.done && ownGun(tick),
  );
  const swapped = lastOf(entries, 'swapped', inHand);
  const mixed = lastOf(entries, 'mixed', inHand);
  const setting = lastOf(
    entries,
    'setting',
    (entry) =>
      inHand(entry) &&
      (!cleaned || moment(entry) > moment(cleaned)) &&
      // Another gun: what the one before was set to says nothing of it.
      (!swapped || entry.counter > swapped.counter),
  );
  const pots = new Set(
    ofType(entries, 'mixed')
      .filter(inHand)
      .map(({ batchId }) => batchId),
  );
  const refilled = lastOf(entries, 'refill', ({ batchId }) => batchId === undefined || pots.has(batchId));
  // A change made for a cause is proved by a card.
  const mended = lastOf(entries, 'action', ({ cause }) => cause !== undefined);
  const lastCard = lastOf(entries, 'card', inHand);
  const after = (entry: LogEntry | undefined) => !!entry && !!lastCard && moment(entry) > moment(lastCard);
  const cardState = stateOfCard();
  const card = cardState === 'good' || cardState === 'not-good' ? lastCard : undefined;
  const settings = ofType(entries, 'setting').filter(inHand);
  const before = setting && settings[settings.indexOf(setting) - 1];
  const cards = ofType(entries, 'card').filter(inHand);
  function stateOfCard(): CardState {
    if (!lastCard) return 'none';
    if (after(cleaned) || after(flushed)) return 'cleaned';
    if (swapped && swapped.counter > lastCard.counter) return 'changed';
    if (!setting || after(setting) || after(mended)) return 'changed';
    if (after(mixed)) return 'batch';
    if (after(refilled)) return 'refill';
    if (lastCard.verdict !== 'good') return 'not-good';
    // Once every coat is on, nobody needs a card.
    return nextCoat(job) && now - moment(lastCard) > lasts ? 'expired' : 'good';
  }

  return {
    setting,
    card,
    cardState,
    ...(cardState === 'good' && lastCard ? { cardUntil: moment(lastCard) + lasts } : {}),
    before,
    cardBefore:
      before && setting
        ? cards.filter((each) => moment(each) >= moment(before) && moment(each) < moment(setting)).at(-1)
        : undefined,
    rungs: rungsOf(cards, settings, setting),
  };
}

/** Cards with a pressure, back to the last setting that changed anything but the pressure. */
function rungsOf(
  cards: readonly EntryOf<'card'>[],
  settings: readonly EntryOf<'setting'>[],
  setting: EntryOf<'setting'> | undefined,
): CardRung[] {
  if (!setting) return [];
  const alike = (other: EntryOf<'setting'>) =>
    other.bore === setting.bore &&
    other.tip === setting.tip &&
    other.fluid === setting.fluid &&
    other.distance === setting.distance;
  let first = setting;
  for (const each of settings.slice(0, settings.indexOf(setting)).reverse()) {
    if (!alike(each)) break;
    first = each;
  }
  return cards
    .filter((each) => moment(each) >= moment(first))
    .flatMap(({ pressure, score }) =>
      pressure === undefined || score === undefined ? [] : [{ pressure, score }],
    );
}

function fittingsOf(
  job: Worked,
  rig: Rig,
  advice: GunAdvice | undefined,
  wetFilm: number,
  transfer: number,
  liquid: { viscosity: number; density: number },
  overlap = job.approach.overlap,
): Outcome<Fitting[]> {
  const speed = rig.handSpeed ?? job.approach.speed;
  if (rig.atomising === 'airless')
    return tipFittings(rig, advice, wetFilm, transfer, liquid.density, overlap);

  const flow = solveStroke('flow', { wetFilm, transfer, speed, fan: rig.fan, overlap });
  if (isRefusal(flow)) return flow;
  const pressure = rig.driving ?? defaultDriving[rig.feed];
  const ranked = rankNozzles({
    bores: rig.sets.map(({ bore }) => bore),
    pressure,
    liquid,
    flow,
    ...(advice?.bore ? { sheet: advice.bore } : {}),
  });
  if (isRefusal(ranked)) return ranked;
  return ranked.map((option: NozzleOption): Fitting => {
    // A nozzle that cannot pass the flow lays the film only if the hand goes slower.
    const given = Math.min(option.flow, flow);
    const solved = solveStroke('speed', { wetFilm, transfer, flow: given, fan: rig.fan, overlap });
    return {
      label: 'nozzle',
      bore: option.bore,
      fan: rig.fan,
      flow: given,
      full: option.flow,
      speed: isRefusal(solved) ? speed : solved,
      passes: option.passes,
      onSheet: option.onSheet,
      opening: option.opening,
      setId: rig.sets.find(({ bore }) => bore === option.bore)?.id,
    };
  });
}

function tipFittings(
  rig: Rig,
  advice: GunAdvice | undefined,
  wetFilm: number,
  transfer: number,
  density: number,
  overlap: number,
): Outcome<Fitting[]> {
  if (rig.tips.length === 0)
    return refuse('no-tips', 'This rig has no tips. Add the codes of those the shop owns.');
  const pressure = advice ? middle(advice.pressure) : (rig.maxPressure ?? 200e5) * 0.7;
  const distance = advice ? middle(advice.distance) : rig.distance;
  const fittings: Fitting[] = [];
  for (const code of rig.tips) {
    const tip = tipFromCode(code);
    if (isRefusal(tip)) return tip;
    const flow = tipFlow(tip.orifice, pressure, density);
    if (isRefusal(flow)) return flow;
    const fan = fanAt(tip, distance);
    const speed = solveStroke('speed', { wetFilm, transfer, flow, fan, overlap });
    if (isRefusal(speed)) return speed;
    fittings.push({
      label: 'tip',
      tip: code,
      fan,
      flow,
      full: flow,
      speed,
      passes: speed >= handSpeed.min && speed <= handSpeed.max,
      ...(advice?.orifice
        ? { onSheet: tip.orifice >= advice.orifice.min - 1e-6 && tip.orifice <= advice.orifice.max + 1e-6 }
        : {}),
    });
  }
  const rank = ({ onSheet, passes, speed }: Fitting) =>
    (onSheet === false ? 20 : 0) + (passes ? 0 : 10) + Math.abs(Math.log(speed / handSpeed.usual));
  return fittings.sort((a, b) => rank(a) - rank(b));
}

/** What a turbine leaves is the most that can be set; a compressor has no such end. */
function turbineGives(rig: Rig): number {
  const leaves = turbineLeaves(rig);
  return leaves === undefined || isRefusal(leaves) ? Infinity : leaves;
}

function propose(
  job: Worked,
  rig: Rig | undefined,
  advice: GunAdvice | undefined,
  fittings: readonly Fitting[],
  coat: LaidCoat | undefined,
): Outcome<Proposal> {
  const [fitting] = fittings;
  if (!fitting || !rig)
    return refuse('no-fitting', 'This rig has nothing to fit. Add nozzles or tips to it.');
  // A coat with a setting of its own is laid by that.
  const own = coat?.setting ?? {};
  const overlap = own.overlap ?? job.approach.overlap;
  const pressure = own.pressure ?? (advice ? middle(advice.pressure) : rig.maxPressure);
  if (pressure === undefined)
    return refuse(
      'no-pressure',
      'Neither the sheet nor the rig states a pressure. Enter one and raise it in steps with a card at each.',
    );
  return {
    fitting,
    pressure: Math.min(pressure, rig.maxPressure ?? pressure, turbineGives(rig)),
    pressureAt: advice?.pressureAt ?? 'inlet',
    distance: own.distance ?? (advice ? middle(advice.distance) : rig.distance),
    overlap,
    spacing: strokeSpacing(fitting.fan, overlap),
    speed: fitting.speed,
  };
}
