/** The clock of a sheet at its own temperature. s; undefined where the sheet is silent. */
export interface SheetTimes {
  readonly temperature: number;
  readonly flash: number;
  readonly recoatFirst: number;
  /** Past this the coat must be abraded first; undefined: open for good. */
  readonly recoatLast?: number;
  /** Neither wet on wet nor recoatable from here to there. */
  readonly forbidden?: { readonly from: number; readonly to: number };
  /** When another product may go on it, where the sheet says other than for itself. */
  readonly next?: { readonly first: number; readonly last?: number };
  /** It takes the next coat while it is tacky: dry means missed. */
  readonly tack?: boolean;
  /** Hard enough to abrade, and how long an abraded film takes the next coat: for good where nothing is said. */
  readonly sandable?: number;
  readonly sandedFor?: number;
}

/**
 * What a sheet says of the next coat: one of the same product, or of another, which may have times of its own.
 *
 * Source: the sheet’s times; 2^(−ΔT/10) that never stretches or shortens against it
 * @example timesUnder({ temperature: 293.15, flash: 1800, recoatFirst: 2700 }, 'same') → { temperature: 293.15, flash: 1800, recoatFirst: 2700 }
 */
export function timesUnder<T extends SheetTimes>(times: T, above: 'same' | 'other'): T {
  if (above === 'same' || !times.next) return times;
  const { first, last } = times.next;
  return { ...times, recoatFirst: first, recoatLast: last, forbidden: undefined, tack: undefined };
}

/**
 * A sheet’s times where an additive moves its clocks: all of them by the same factor.
 *
 * Source: the sheet’s times; 2^(−ΔT/10) that never stretches or shortens against it
 * @example timesMoved({ temperature: 293.15, flash: 1800, recoatFirst: 2700 }, 1) → { temperature: 293.15, flash: 1800, recoatFirst: 2700 }
 */
export function timesMoved<T extends SheetTimes>(times: T, by: number): T {
  if (by === 1) return times;
  const moved = (seconds: number | undefined) => (seconds === undefined ? undefined : seconds * by);
  const { recoatLast, forbidden, next, sandable } = times;
  return {
    ...times,
    flash: times.flash * by,
    recoatFirst: times.recoatFirst * by,
    ...(recoatLast === undefined ? {} : { recoatLast: recoatLast * by }),
    ...(forbidden ? { forbidden: { from: forbidden.from * by, to: forbidden.to * by } } : {}),
    ...(next ? { next: { first: next.first * by, last: moved(next.last) } } : {}),
    ...(sandable === undefined ? {} : { sandable: sandable * by }),
  };
}

/** A film that waits for the next coat. Moments in ms since the epoch. */
export interface FilmBelow {
  readonly ended: number;
  readonly times: SheetTimes;
  /** Drying factor of the room, 1 at the sheet's temperature. */
  readonly factor?: number;
  /** When a finger found that it opens; outranks the clock. */
  readonly found?: number;
  /** When a finger found it dry. */
  readonly dry?: number;
  /** When it was abraded last. */
  readonly abraded?: number;
}

export type Drying = 'solvent' | 'water' | 'moisture' | 'reactive';

/**
 * Pot life at a temperature: t = t_sheet × 2^(−(T−T_sheet)/10), an estimate that shortens the sheet's time
 * when it is warm and never stretches it when it is cold.
 *
 * @param sheetLife s
 * @returns s
 * Formula: × 2^(−ΔT/10), never stretched
 * Source: the sheet’s times; 2^(−ΔT/10) that never stretches or shortens against it
 * @example + 10 °C: half
 * @example potLife(600, 296.15, 293.15) → 600
 */
export function potLife(sheetLife: number, sheetTemperature: number, temperature: number): number {
  return sheetLife * Math.min(2 ** (-(temperature - sheetTemperature) / 10), 1);
}

/**
 * Factor on drying times at another temperature, for solvent-borne and reactive coatings: 2^(−ΔT/10).
 * Longer when cold; a warm room never makes a sheet's time shorter than it says. An estimate.
 *
 * Formula: 2^(−ΔT/10), at least 1
 * Source: the sheet’s times; 2^(−ΔT/10) that never stretches or shortens against it
 */
export function dryingFactor(sheetTemperature: number, temperature: number): number {
  return Math.max(2 ** (-(temperature - sheetTemperature) / 10), 1);
}

export type RecoatState =
  /** In the forbidden middle: it opens again. */
  | { readonly state: 'between'; readonly opens: number; readonly closes?: number }
  | { readonly state: 'flashing'; readonly opens: number; readonly closes?: number }
  | { readonly state: 'open'; readonly opens: number; readonly closes?: number }
  /** Missed: it takes a coat once it is hard and abraded. */
  | { readonly state: 'closed'; readonly opens: number; readonly closes: number; readonly hard: number }
  /** In this room it closes before it opens: there is none. */
  | { readonly state: 'never'; readonly opens: number; readonly closes: number; readonly hard: number };

/** A stretch of time in which the next coat may go on, ms since the epoch; open for good without an end. */
export interface LawfulTime {
  readonly from: number;
  readonly to?: number;
}

/**
 * When the film has flashed by the clock, ms since the epoch.
 *
 * Source: the sheet’s times; 2^(−ΔT/10) that never stretches or shortens against it
 * @example opensByClock({ ended: 0, times: { temperature: 293.15, flash: 600, recoatFirst: 900, recoatLast: 28800 }, dry: 1200000 }) → 900000
 */
export const opensByClock = ({ ended, times, factor = 1 }: FilmBelow): number =>
  ended + times.recoatFirst * factor * 1000;

/**
 * When the window closes. A tacky window closes when the film is found dry, whatever the clock says.
 *
 * Source: the sheet’s times; 2^(−ΔT/10) that never stretches or shortens against it
 * @example closesAt({ ended: 0, times: { temperature: 293.15, flash: 600, recoatFirst: 900, recoatLast: 28800 }, dry: 1200000 }) → 28800000
 */
export function closesAt({ ended, times, dry }: FilmBelow): number | undefined {
  // A cold room delays the opening. Whether it holds the window open longer is not for an estimate to say.
  const clock = times.recoatLast === undefined ? undefined : ended + times.recoatLast * 1000;
  return times.tack && dry !== undefined ? Math.min(dry, clock ?? Infinity) : clock;
}

/**
 * When the film is hard enough to abrade: abrading it before then opens nothing.
 *
 * @returns ms since the epoch; by the sheet, else once it takes a coat by the clock, and after what the sheet forbids or
 *   leaves to tack
 * Source: the sheet’s times; 2^(−ΔT/10) that never stretches or shortens against it
 * @example hardAt({ ended: 0, times: { temperature: 293.15, flash: 600, recoatFirst: 900, recoatLast: 28800 }, dry: 1200000 }) → 900000
 */
export function hardAt({ ended, times, factor = 1 }: FilmBelow): number {
  const { sandable, recoatFirst, recoatLast = 0, forbidden, tack } = times;
  const hard =
    sandable === undefined
      ? Math.max(recoatFirst * factor, (forbidden?.to ?? 0) * factor, tack ? recoatLast : 0)
      : sandable * factor;
  return ended + hard * 1000;
}

/** The abrading that counts: done when the film was hard. */
const abradedHard = (film: FilmBelow): number | undefined =>
  film.abraded !== undefined && film.abraded >= hardAt(film) ? film.abraded : undefined;

/**
 * When the next coat may go on: once the film has flashed and before the window closes, the forbidden middle left out;
 * or once it was abraded hard. Empty where the window closes before it opens.
 *
 * @example 15 min to 8 h, forbidden from 1 h to 6 h: 15 min to 1 h, and 6 h to 8 h
 * Source: the sheet’s times; 2^(−ΔT/10) that never stretches or shortens against it
 * @example lawfulTimes({ ended: 0, times: { temperature: 293.15, flash: 600, recoatFirst: 900, recoatLast: 28800 }, dry: 1200000 }) → [{ from: 900000, to: 28800000 }]
 */
export function lawfulTimes(film: FilmBelow): LawfulTime[] {
  const { ended, times, factor = 1, found } = film;
  const abraded = abradedHard(film);
  if (abraded !== undefined)
    return [
      times.sandedFor === undefined
        ? { from: abraded }
        : { from: abraded, to: abraded + times.sandedFor * 1000 },
    ];
  const opens = found ?? opensByClock(film);
  const closes = closesAt(film);
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
 * @param now ms since the epoch
 * @returns opening and closing time in ms since the epoch
 * Source: the sheet’s times; 2^(−ΔT/10) that never stretches or shortens against it
 * @example recoatState({ ended: 1795435140000, times: { temperature: 293.15, flash: 1800, recoatFirst: 2700 }, factor: 12 }, 1795435500000) → { state: 'flashing', opens: 1795467540000 }
 */
export function recoatState(film: FilmBelow, now: number): RecoatState {
  const { ended, times, factor = 1, found } = film;
  const abraded = abradedHard(film);
  if (abraded !== undefined) {
    if (times.sandedFor === undefined) return { state: 'open', opens: abraded };
    const closes = abraded + times.sandedFor * 1000;
    return now > closes
      ? { state: 'closed', opens: abraded, closes, hard: abraded }
      : { state: 'open', opens: abraded, closes };
  }
  const opens = found ?? opensByClock(film);
  const closes = closesAt(film);
  const hard = hardAt(film);
  if (closes !== undefined && lawfulTimes(film).length === 0) {
    const ready = Math.max(opens, ended + (times.forbidden?.to ?? 0) * factor * 1000);
    // Found dry before the clock opened it, it was missed; else this room has none.
    return ready > ended + (times.recoatLast ?? Infinity) * 1000
      ? { state: 'never', opens: ready, closes, hard }
      : { state: 'closed', opens, closes, hard };
  }
  if (closes !== undefined && now > closes) return { state: 'closed', opens, closes, hard };
  if (times.forbidden) {
    const { from, to } = times.forbidden;
    const again = ended + to * factor * 1000;
    if (now > ended + from * 1000 && now < again)
      return { state: 'between', opens: again, ...(closes === undefined ? {} : { closes }) };
  }
  return { state: now < opens ? 'flashing' : 'open', opens, ...(closes === undefined ? {} : { closes }) };
}
