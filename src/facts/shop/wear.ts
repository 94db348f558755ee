import { renewAt, tipFromCode } from '@/core/airless';
import {
  breakEven,
  costOfRunningOn,
  gunFamily,
  lifeBelief,
  partFacts,
  reorderPoint,
  tipForecast,
  wearForecast,
  wearingParts,
  type LifeBelief,
  type WearCount,
  type WearForecast,
  type WearingPart,
} from '@/core/care';
import { isRefusal, type Outcome } from '@/core/refusal';
import type { Job, Rig } from '@/records';
import { spansOf, type SprayedSpan } from './riguse';

const day = 86_400_000;
/** s */
const week = 7 * 86_400;
/** Use is reckoned to go on as over the last so many days. */
const recent = 90;

/** A wearing part of a rig: what it has done, and when it will want renewing. */
export interface WearItem {
  readonly rig: Rig;
  readonly part: WearingPart;
  /** A set’s id or a tip’s code. */
  readonly which?: string;
  readonly counts: WearCount;
  /** ms; when it was put in. Undefined where nobody has said. */
  readonly since?: number;
  /** In s or m³; what it does in a second of the calendar. */
  readonly used: number;
  readonly rate: number;
  readonly belief: LifeBelief;
  readonly forecast: Outcome<WearForecast>;
  /** Currency for each m³ it sprays, of a part that counts what it sprays and has a price. */
  readonly perVolume?: number;
  /** Currency a week at this use, over the life it has. */
  readonly perWeek?: number;
  /** ms; the ends of the middle 80 % and the middle, where it is used at all. */
  readonly due?: { readonly low: number; readonly middle: number; readonly high: number };
  /** Of a tip whose fan was measured: what it has lost, and what running on with it costs. */
  readonly measured?: {
    readonly lost: number;
    readonly left: Outcome<WearForecast['left']>;
    /** Currency and m³ of paint it wastes in a week at this use. */
    readonly week?: { readonly cost: number; readonly paint: number };
    /** What a new one costs; m³ after which it is paid for. */
    readonly price?: number;
    readonly breakEven?: number;
  };
}

/** Everything that wears on these rigs, the next due first. Lives are learnt from the renewals of all of them. */
export function wearOf(rigs: readonly Rig[], jobs: readonly Job[], now: number): WearItem[] {
  const spans = new Map(rigs.map((rig) => [rig.id, spansOf(jobs, rig.id)]));
  const lives = livesOf(rigs, spans);
  const items = rigs.flatMap((rig) => {
    const own = spans.get(rig.id) ?? [];
    const family = gunFamily(rig);
    return wearingParts
      .filter((part) => partFacts[part].families.includes(family))
      .flatMap((part) =>
        fittedOf(rig, part, own).map((which) => itemOf(rig, part, which, own, lives, jobs, now)),
      );
  });
  return items
    .filter((item) => item !== undefined)
    .sort((a, b) => (a.due?.middle ?? Infinity) - (b.due?.middle ?? Infinity));
}

/** Which of a part there are: each set in use, each tip in use, else the gun’s one. */
function fittedOf(rig: Rig, part: WearingPart, spans: readonly SprayedSpan[]): (string | undefined)[] {
  if (part === 'tip')
    return rig.tips.filter((tip) => rig.tipsWorn?.[tip] || spans.some(({ fitted }) => fitted === tip));
  if (part !== 'nozzle' && part !== 'needle') return [undefined];
  return rig.sets
    .filter(({ id, since }) => since || spans.some(({ fitted }) => fitted === id))
    .map(({ id }) => id);
}

const amount = (part: WearingPart, span: SprayedSpan): number =>
  partFacts[part].counts === 'hours' ? span.seconds : part === 'gun-filter' ? span.volume : span.wearing;

/** What a part did between two moments, in its own count. */
function doneBetween(
  part: WearingPart,
  which: string | undefined,
  spans: readonly SprayedSpan[],
  from: number,
  to: number,
): number {
  if (partFacts[part].counts === 'days') return Math.max(to - from, 0) / 1000;
  return spans
    .filter(({ at, fitted }) => at > from && at <= to && (which === undefined || fitted === which))
    .reduce((sum, span) => sum + amount(part, span), 0);
}

/** Lives of parts that were renewed because they were worn, over all rigs. */
function livesOf(rigs: readonly Rig[], spans: ReadonlyMap<string, readonly SprayedSpan[]>) {
  const lives = new Map<WearingPart, number[]>();
  for (const rig of rigs) {
    const renewals = rig.renewals ?? [];
    renewals.forEach(({ part, which, on, why }, i) => {
      const before = renewals
        .slice(0, i)
        .filter((each) => each.part === part && each.which === which)
        .at(-1);
      if (!before || why !== 'worn') return;
      const life = doneBetween(part, which, spans.get(rig.id) ?? [], Date.parse(before.on), Date.parse(on));
      if (life > 0) lives.set(part, [...(lives.get(part) ?? []), life]);
    });
  }
  return lives;
}

function itemOf(
  rig: Rig,
  part: WearingPart,
  which: string | undefined,
  spans: readonly SprayedSpan[],
  lives: ReadonlyMap<WearingPart, readonly number[]>,
  jobs: readonly Job[],
  now: number,
): WearItem | undefined {
  const { counts, life } = partFacts[part];
  const belief = lifeBelief(life, lives.get(part), rig.intervals?.[part]);
  if (isRefusal(belief)) return undefined;
  const renewed = (rig.renewals ?? [])
    .filter((each) => each.part === part && each.which === which)
    .at(-1)?.on;
  const put = renewed ?? rig.sets.find(({ id }) => id === which)?.since;
  const since = put === undefined ? undefined : Date.parse(put);
  // What is counted by use counts from the first on record where nobody has said when it was put in.
  const from = since ?? (counts === 'days' ? now : 0);
  const before = part === 'tip' && which && renewed === undefined ? (rig.tipsWorn?.[which]?.litres ?? 0) : 0;
  const used = Math.max(doneBetween(part, which, spans, from, now), before);
  const first = spans.reduce((least, { at }) => Math.min(least, at), now);
  const window = Math.min(Math.max((now - first) / day, 7), recent);
  const rate =
    counts === 'days' ? 1 : doneBetween(part, which, spans, now - window * day, now) / (window * 86_400);
  const forecast = wearForecast(belief, used, rate);
  const measured = part === 'tip' && which ? measuredTip(rig, which, used, rate, jobs) : undefined;
  const left =
    measured && !isRefusal(measured.left) ? measured.left : isRefusal(forecast) ? undefined : forecast.left;
  const known = since !== undefined || counts !== 'days';
  const price = priceOfPart(rig, part);
  const dueAt = (rest: number) => now + (rest / rate) * 1000;
  return {
    rig,
    part,
    ...(which ? { which } : {}),
    counts,
    ...(since === undefined ? {} : { since }),
    used,
    rate,
    belief,
    forecast,
    ...(counts === 'litres' && price !== undefined ? { perVolume: price / belief.median } : {}),
    ...(price !== undefined && rate > 0 ? { perWeek: (price * rate * week) / belief.median } : {}),
    ...(known && left && rate > 0
      ? { due: { low: dueAt(left.low), middle: dueAt(left.middle), high: dueAt(left.high) } }
      : {}),
    ...(measured ? { measured } : {}),
  };
}

/** What a tip’s measured fan says of it. */
function measuredTip(
  rig: Rig,
  code: string,
  volume: number,
  rate: number,
  jobs: readonly Job[],
): WearItem['measured'] {
  const tip = tipFromCode(code);
  const fan = rig.tipsWorn?.[code]?.fan;
  if (isRefusal(tip) || fan === undefined) return undefined;
  const lost = Math.max(1 - fan / tip.fan, 0);
  const left = tipForecast({ volume, fresh: tip.fan, fan }, renewAt);
  const price = jobs.flatMap(({ layers }) => layers.filter(({ rigId }) => rigId === rig.id)).at(-1)
    ?.sheet.pricePerVolume;
  const tipPrice = priceOfPart(rig, 'tip');
  return {
    lost,
    left,
    ...(price && rate > 0 ? { week: wasted(lost, volume, rate * week, price) } : {}),
    ...(tipPrice === undefined ? {} : { price: tipPrice }),
    ...(price && tipPrice ? { breakEven: breakEven(lost, volume, price, tipPrice) } : {}),
  };
}

function wasted(lost: number, volume: number, ahead: number, price: number) {
  const cost = costOfRunningOn(lost, volume, ahead, price);
  return { cost, paint: cost / price };
}

/** What a wearing part of a gun costs, where its shelf says so. */
export const priceOfPart = ({ kit }: Pick<Rig, 'kit'>, part: WearingPart): number | undefined =>
  kit?.find((row) => row.part === part && row.price !== undefined)?.price;

/** A part on the shelf, and whether it is time to order. */
export interface KitItem {
  readonly rig: Rig;
  readonly row: NonNullable<Rig['kit']>[number];
  /** Renewals expected a day, of everything on this rig that takes it. */
  readonly perDay: number;
  /** When this many are left, order. */
  readonly reorder: Outcome<number>;
  readonly order: boolean;
}

/** Days until an order is there, where nobody has said. A default. */
export const usualDelivery = 7;

export function kitOf(wear: readonly WearItem[], rigs: readonly Rig[]): KitItem[] {
  return rigs.flatMap((rig) =>
    (rig.kit ?? []).map((row) => {
      const perDay = wear
        .filter((item) => item.rig.id === rig.id && item.part === row.part)
        .reduce((sum, { rate, belief }) => sum + (rate / belief.median) * 86_400, 0);
      const reorder = reorderPoint(perDay, row.lead ?? usualDelivery);
      return { rig, row, perDay, reorder, order: !isRefusal(reorder) && row.stock <= reorder };
    }),
  );
}
