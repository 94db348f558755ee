import { leastOpening } from '@/core/airgun';
import { isRefusal } from '@/core/refusal';
import { airChainOf } from './airchain';
import { hvlpCapWritten, leversMoved, type StrokeLevers, type Tried, type TriedWith } from './levers';
import { passesOf } from './point';
import { turbineLeaves } from './turbineleaves';
import type { JobView } from './view';
import type { Lever } from '@/core/film';

/** What can be moved by hand, in the order a gun is set. */
export const levers = ['air', 'flow', 'distance', 'overlap', 'speed'] as const;
export type MovedLever = (typeof levers)[number];

interface Span {
  readonly from: number;
  readonly to: number;
}

/** One lever as a line: how far it goes, where gun, paint and coat allow it together, and what the hardware cannot do. SI. */
export interface LeverRange {
  readonly track: Span;
  readonly good?: Span;
  readonly cannot?: Span;
  /** Where what the hardware cannot do may begin: the paint is only known so well. */
  readonly doubt?: Span;
  /** It follows from another and cannot be moved: a tip’s flow is its pressure’s. */
  readonly fixed?: boolean;
}

/** Overlaps anybody sprays with, and those that leave no stripes. Shares; defaults. */
const overlaps = { track: { from: 0.1, to: 0.9 }, good: { from: 0.4, to: 0.8 } };
/** Places along a line that are tried. */
const tries = 32;

/** How far every lever goes: what is drawn green is allowed with the others as they stand and one giving way. */
export function leverRanges(
  view: Pick<JobView, 'set' | 'rig' | 'spray'>,
  tried: Tried,
  more: TriedWith,
  gives: Lever | 'film',
): Record<MovedLever, LeverRange> {
  const { set, rig } = view;
  const { hand, advice, bearings, liquid } = set;
  const airless = rig?.atomising === 'airless';
  const { flow, overlap, speed } = tried.levers;
  const through = rig && passesOf(rig, { ...more, pressure: tried.pressure }, liquid);
  const most = through === undefined ? undefined : through * (more.trigger ?? 1);
  /** What would pass were the paint as thick, or as thin, as it may be. */
  const passed = [1 + liquid.spread, 1 - liquid.spread].map((off) =>
    rig
      ? passesOf(rig, { ...more, pressure: tried.pressure }, { ...liquid, viscosity: liquid.viscosity * off })
      : undefined,
  );
  const [least, mostOf] = passed.map((each) => (each === undefined ? undefined : each * (more.trigger ?? 1)));
  const doubt = least === undefined || mostOf === undefined ? undefined : { from: least, to: mostOf };
  const hard: Readonly<Partial<Record<Lever, Span>>> = {
    speed: { from: hand.crawl, to: hand.rush },
    flow: { from: 0, to: most ?? Infinity },
    overlap: overlaps.track,
  };
  /** Of a span, what leaves the lever that gives way within what it can do. */
  const answered = (lever: Lever, span: Span): Span | undefined => {
    const limit = gives === 'film' || gives === lever ? undefined : hard[gives];
    if (!limit) return span;
    const fine = Array.from(
      { length: tries + 1 },
      (_, i) => span.from + ((span.to - span.from) * i) / tries,
    ).filter((value) => {
      const found = leversMoved(view, tried, lever, value, gives);
      return !isRefusal(found) && within(found, gives as Lever, limit);
    });
    const [from, to] = [fine[0], fine.at(-1)];
    return from === undefined || to === undefined || from === to ? undefined : { from, to };
  };
  const good = (lever: Lever, span: Span | undefined) => {
    const fine = span && span.to > span.from ? answered(lever, span) : undefined;
    return fine ? { good: fine } : {};
  };

  const ends = airEnds(view, more);
  const highest = Math.max(
    ends ? ends * 1.25 : 0,
    (advice?.pressure.max ?? tried.pressure ?? 1e5) * 1.4,
    (tried.pressure ?? 0) * 1.1,
  );
  const fanAt = bearings.fan?.distance ?? set.point.distance;
  const widest = Math.max((most ?? flow) * 1.4, flow * 1.1);
  const fastest = Math.max(hand.rush * 1.15, speed * 1.1);
  return {
    air: {
      track: { from: 0, to: highest },
      ...(advice
        ? { good: { from: advice.pressure.min, to: Math.min(advice.pressure.max, ends ?? Infinity) } }
        : {}),
      ...(ends === undefined ? {} : { cannot: { from: ends, to: highest } }),
    },
    flow: airless
      ? { track: { from: 0, to: widest }, fixed: true }
      : {
          track: { from: 0, to: widest },
          ...good('flow', most === undefined ? undefined : { from: most * leastOpening, to: most }),
          ...(most === undefined ? {} : { cannot: { from: most, to: widest } }),
          ...(doubt ? { doubt } : {}),
        },
    distance: {
      track: { from: fanAt / 2, to: fanAt * 2 },
      ...(advice ? { good: { from: advice.distance.min, to: advice.distance.max } } : {}),
    },
    overlap: {
      track: { from: overlaps.track.from, to: Math.max(overlaps.track.to, overlap) },
      ...good('overlap', overlaps.good),
    },
    speed: {
      track: { from: 0, to: fastest },
      ...good('speed', { from: hand.slow, to: hand.fast }),
      cannot: { from: hand.rush, to: fastest },
    },
  };
}

const within = (found: StrokeLevers, lever: Lever, { from, to }: Span): boolean =>
  found[lever] >= from * (1 - 1e-9) && found[lever] <= to * (1 + 1e-9);

/** Pa at which the air ends, where it is read: the gun’s own most, what a turbine leaves, or what an HVLP cap may have. */
function airEnds({ rig, set }: Pick<JobView, 'rig' | 'set'>, { pressureAt }: TriedWith): number | undefined {
  if (!rig) return undefined;
  const leaves = turbineLeaves(rig, set.bearings.airLeft);
  const ends = [rig.maxPressure, leaves === undefined || isRefusal(leaves) ? undefined : leaves];
  if (rig.atomising === 'hvlp') {
    const chain = airChainOf(rig, hvlpCapWritten, 'cap');
    const at = chain && !isRefusal(chain) ? chain : undefined;
    const wall = at?.wall === undefined || isRefusal(at.wall) ? undefined : at.wall;
    ends.push(
      pressureAt === 'cap'
        ? hvlpCapWritten
        : pressureAt === 'inlet'
          ? at?.inlet
          : pressureAt === 'wall'
            ? wall
            : undefined,
    );
  }
  const known = ends.filter((each) => each !== undefined);
  return known.length > 0 ? Math.min(...known) : undefined;
}
