import { refuse, type Outcome } from '../refusal';
import { dewMargin } from './dewpoint';
import { saturation } from './saturation';

/** The room at a time of day: K, K, 0–1. */
export interface RoomAt {
  /** s since midnight. */
  readonly at: number;
  readonly air: number;
  readonly part: number;
  readonly humidity: number;
}

const day = 86_400;

export interface DayForecast {
  /** K, the coldest before sunrise and the warmest in the afternoon. */
  readonly coldest: number;
  readonly warmest: number;
  /** Humidity at the coldest hour, 0–1: the water in the air stays as it is through the day. */
  readonly dawnHumidity: number;
  /** s by which the part follows the air: a casting lags by hours, a sheet hardly. */
  readonly lag: number;
}

/** The warmest time of day, s since midnight. */
const warmestAt = 15 * 3600;

/**
 * A day’s course of the room, every quarter of an hour: a cosine of the air, the part behind it, the water constant.
 * An estimate for planning; the reading before the coat decides.
 *
 * Source: estimate: a cosine of the day, ISO 2533 for the height
 */
export function dayCurve({ coldest, warmest, dawnHumidity, lag }: DayForecast): RoomAt[] {
  const mean = (coldest + warmest) / 2;
  const swing = (warmest - coldest) / 2;
  const water = dawnHumidity * saturation(coldest);
  const temperature = (at: number, behind: number, damping: number) =>
    mean + swing * damping * Math.cos((2 * Math.PI * (at - warmestAt - behind)) / day);
  // A first-order lag: later by at most a quarter of a day, and flatter by as much.
  const turn = (2 * Math.PI * lag) / day;
  const behind = (Math.atan(turn) / (2 * Math.PI)) * day;
  return Array.from({ length: 96 }, (_, i): RoomAt => {
    const at = i * 900;
    const air = temperature(at, 0, 1);
    return {
      at,
      air,
      part: temperature(at, behind, 1 / Math.hypot(1, turn)),
      humidity: Math.min(water / saturation(air), 1),
    };
  });
}

/**
 * The room between readings entered for some hours, every quarter of an hour; it runs round midnight.
 *
 * @param readings at least two, at different times
 * Source: estimate: a cosine of the day, ISO 2533 for the height
 */
export function curveThrough(readings: readonly RoomAt[]): Outcome<RoomAt[]> {
  const known = [...readings].sort((a, b) => a.at - b.at);
  if (known.length < 2 || known.some(({ at }, i) => at === known[i - 1]?.at))
    return refuse('day-readings', 'Enter the room at two times of the day or more.');
  const first = known[0] as RoomAt;
  const last = known.at(-1) as RoomAt;
  const ring = [{ ...last, at: last.at - day }, ...known, { ...first, at: first.at + day }];
  return Array.from({ length: 96 }, (_, i) => {
    const at = i * 900;
    const after = ring.findIndex((each) => each.at > at);
    const [a, b] = [ring[after - 1] as RoomAt, ring[after] as RoomAt];
    const share = (at - a.at) / (b.at - a.at);
    const between = (from: number, to: number) => from + share * (to - from);
    return {
      at,
      air: between(a.air, b.air),
      part: between(a.part, b.part),
      humidity: between(a.humidity, b.humidity),
    };
  });
}

export interface RoomLimits {
  readonly air: { readonly min: number; readonly max: number };
  readonly part: { readonly min: number; readonly max: number };
  readonly humidity: { readonly min: number; readonly max: number };
  /** K above the dew point. */
  readonly dew: number;
}

/**
 * Is the room inside a sheet’s limits?
 *
 * Source: estimate: a cosine of the day, ISO 2533 for the height
 */
export function roomFits({ air, part, humidity }: Omit<RoomAt, 'at'>, limits: RoomLimits): boolean {
  const margin = dewMargin(air, humidity, part);
  const inside = (value: number, { min, max }: { min: number; max: number }) => value >= min && value <= max;
  return (
    inside(air, limits.air) &&
    inside(part, limits.part) &&
    inside(humidity, limits.humidity) &&
    typeof margin === 'number' &&
    margin >= limits.dew
  );
}

/**
 * When of a day the room is right: spans of s since midnight, to a quarter of an hour.
 *
 * Source: estimate: a cosine of the day, ISO 2533 for the height
 */
export function rightTimes(curve: readonly RoomAt[], limits: RoomLimits): { from: number; to: number }[] {
  const spans: { from: number; to: number }[] = [];
  for (const [i, room] of curve.entries()) {
    if (!roomFits(room, limits)) continue;
    const next = curve[i + 1]?.at ?? day;
    const open = spans.at(-1);
    if (open && open.to === room.at) open.to = next;
    else spans.push({ from: room.at, to: next });
  }
  return spans;
}

/**
 * Air pressure at a height, Pa. Source: ISO 2533 standard atmosphere. @param altitude m
 *
 * Formula: 101325·(1 − 2.25577e-5·h)^5.25588
 * @example 1,000 m: 898.7 hPa
 */
export const pressureAt = (altitude: number): number => 101_325 * (1 - 2.25577e-5 * altitude) ** 5.25588;
