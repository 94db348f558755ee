/** The clock of a sheet at its own temperature. s; undefined where the sheet is silent. */
export interface SheetTimes {
  readonly temperature: number;
  readonly flash: number;
  readonly recoatFirst: number;
  /** Past this the coat must be abraded first; undefined: open for good. */
  readonly recoatLast?: number;
  /** Neither wet on wet nor recoatable from here to there. */
  readonly forbidden?: { readonly from: number; readonly to: number };
}

export type Drying = 'solvent' | 'water' | 'moisture' | 'reactive';

/**
 * Pot life at a temperature: t = t_sheet × 2^(−(T−T_sheet)/10), an estimate that shortens the sheet's time
 * when it is warm and never stretches it when it is cold.
 *
 * @param sheetLife s
 * @returns s
 */
export function potLife(sheetLife: number, sheetTemperature: number, temperature: number): number {
  return sheetLife * Math.min(2 ** (-(temperature - sheetTemperature) / 10), 1);
}

/**
 * Factor on drying times at another temperature, for solvent-borne and reactive coatings: 2^(−ΔT/10).
 * Longer when cold; a warm room never makes a sheet's time shorter than it says. An estimate.
 */
export function dryingFactor(sheetTemperature: number, temperature: number): number {
  return Math.max(2 ** (-(temperature - sheetTemperature) / 10), 1);
}

export type RecoatState =
  /** In the forbidden middle: it opens again. */
  | { readonly state: 'between'; readonly opens: number; readonly closes?: number }
  | { readonly state: 'flashing'; readonly opens: number; readonly closes?: number }
  | { readonly state: 'open'; readonly opens: number; readonly closes?: number }
  | { readonly state: 'closed'; readonly opens: number; readonly closes: number }
  /** In this room it closes before it opens: there is none. */
  | { readonly state: 'never'; readonly opens: number; readonly closes: number };

/** A stretch of time in which the next coat may go on, ms since the epoch; open for good without an end. */
export interface LawfulTime {
  readonly from: number;
  readonly to?: number;
}

/** When the film has flashed by the clock, ms since the epoch. */
export const opensByClock = (ended: number, { recoatFirst }: SheetTimes, factor = 1): number =>
  ended + recoatFirst * factor * 1000;

/**
 * When the next coat may go on: once the film has flashed and before the window closes, the forbidden middle left out.
 * Empty where the window closes before it opens.
 *
 * @param ended when the last coat ended, ms since the epoch
 * @param factor drying factor, 1 at the sheet's temperature
 * @param found when a finger found that it opens, ms since the epoch; outranks the clock
 * @example 15 min to 8 h, forbidden from 1 h to 6 h: 15 min to 1 h, and 6 h to 8 h
 */
export function lawfulTimes(ended: number, times: SheetTimes, factor = 1, found?: number): LawfulTime[] {
  const opens = found ?? opensByClock(ended, times, factor);
  // A cold room delays the opening. Whether it holds the window open longer is not for an estimate to say.
  const closes = times.recoatLast === undefined ? undefined : ended + times.recoatLast * 1000;
  const { forbidden } = times;
  const stretches = forbidden
    ? [
        { from: opens, to: Math.min(ended + forbidden.from * 1000, closes ?? Infinity) },
        { from: Math.max(opens, ended + forbidden.to * factor * 1000), to: closes },
      ]
    : [{ from: opens, to: closes }];
  return stretches
    .filter(({ from, to }) => to === undefined || to > from)
    .map(({ from, to }) => (to === undefined ? { from } : { from, to }));
}

/**
 * Where the recoat window stands.
 *
 * @param ended when the last coat ended, ms since the epoch
 * @param now ms since the epoch
 * @param factor drying factor, 1 at the sheet's temperature
 * @param found when a finger found that it opens, ms since the epoch; outranks the clock
 * @returns opening and closing time in ms since the epoch
 */
export function recoatState(
  ended: number,
  now: number,
  times: SheetTimes,
  factor = 1,
  found?: number,
): RecoatState {
  const opens = found ?? opensByClock(ended, times, factor);
  // A cold room delays the opening. Whether it holds the window open longer is not for an estimate to say.
  const closes = times.recoatLast === undefined ? undefined : ended + times.recoatLast * 1000;
  if (closes !== undefined && lawfulTimes(ended, times, factor, found).length === 0)
    return {
      state: 'never',
      opens: Math.max(opens, ended + (times.forbidden?.to ?? 0) * factor * 1000),
      closes,
    };
  if (closes !== undefined && now > closes) return { state: 'closed', opens, closes };
  if (times.forbidden) {
    const { from, to } = times.forbidden;
    const again = ended + to * factor * 1000;
    if (now > ended + from * 1000 && now < again)
      return { state: 'between', opens: again, ...(closes === undefined ? {} : { closes }) };
  }
  return { state: now < opens ? 'flashing' : 'open', opens, ...(closes === undefined ? {} : { closes }) };
}
