import type { Use } from './uses';

/** What one may do otherwise from one use to the next. */
export const variables = [
  'thinner',
  'share',
  'seconds',
  'fitted',
  'pressure',
  'fluid',
  'distance',
  'overlap',
  'speed',
  'coats',
  'air',
  'humidity',
] as const;
export type Variable = (typeof variables)[number];

/** So far apart counts as otherwise: what a hand, a gauge and a cup do not tell apart does not. Relative, but for shares and K. */
const apart = {
  share: 0.01,
  seconds: 0.05,
  pressure: 0.05,
  tenth: 0.1,
  overlap: 0.05,
  air: 3,
  humidity: 0.15,
};

/**
 * What differs between two uses of a recipe, of what is recorded of both: with one alone the two are an experiment, with
 * several nobody can tell which of them did it.
 */
export function varied(a: Use, b: Use): Variable[] {
  const [s, t] = [a.setting, b.setting];
  const far = (x: number | undefined, y: number | undefined, by: number) =>
    x !== undefined && y !== undefined && Math.abs(x - y) > by;
  const off = (x: number | undefined, y: number | undefined, by: number) =>
    far(x, y, by * Math.max(Math.abs(x ?? 0), Math.abs(y ?? 0)));
  const otherwise: Record<Variable, boolean> = {
    thinner: a.thinner?.id !== b.thinner?.id,
    share: a.thinner?.id === b.thinner?.id && far(a.thinner?.share, b.thinner?.share, apart.share),
    seconds: a.timed?.cup === b.timed?.cup && off(a.timed?.seconds, b.timed?.seconds, apart.seconds),
    fitted:
      s !== undefined && t !== undefined && (s.setId !== t.setId || s.tip !== t.tip || s.bore !== t.bore),
    pressure: s?.pressureAt === t?.pressureAt && off(s?.pressure, t?.pressure, apart.pressure),
    fluid: off(s?.fluid, t?.fluid, apart.tenth),
    distance: off(s?.distance, t?.distance, apart.tenth),
    overlap: far(s?.overlap, t?.overlap, apart.overlap),
    speed: off(s?.speed, t?.speed, apart.tenth),
    coats: a.coats !== b.coats,
    air: far(a.room?.air, b.room?.air, apart.air),
    humidity: far(a.room?.humidity, b.room?.humidity, apart.humidity),
  };
  return variables.filter((each) => otherwise[each]);
}

/** What speaks against calling a job as it was wanted: both stand in the records. */
export function against({ film, faults, reworks }: Use): ('film' | 'faults')[] {
  return [
    ...(film && (film.mean < film.min || film.mean > film.max) ? ['film' as const] : []),
    ...(faults.length > reworks ? ['faults' as const] : []),
  ];
}
