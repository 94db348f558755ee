import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';
import { normalCdf, normalQuantile } from '../thinning/normal';

/** What is believed of a part's life: logarithmic mean and spread, and where that comes from. */
export interface LifeBelief {
  readonly median: number;
  /** Standard deviation of the logarithm. */
  readonly spread: number;
  readonly basis: 'default' | 'interval' | 'history';
  /** Renewals it was learnt from. */
  readonly renewals: number;
}

/** A default is worth two renewals; lives of one part scatter by half of themselves until the shop's own say more. */
const priorWorth = 2;
const priorSpread = 0.5;
const priorSpreadWorth = 4;

/**
 * A part's life from a default or the maker's interval, and the shop's own renewals.
 *
 * Normal–inverse-gamma update on the logarithm of life; the spread is the predictive one. Renewals before the end (a
 * part lost or nicked) should not be handed in.
 *
 * @param usual life by default or interval, in the part's own count (s or m³)
 * @param history lives of parts renewed because they were worn
 * Source: log-normal life with a shrunk mean, textbook
 * @example lifeBelief(1440000) → { median: 1440000, spread: 0.612372, basis: 'default', renewals: 0 }
 */
export function lifeBelief(
  usual: number,
  history: readonly number[] = [],
  interval?: number,
): Outcome<LifeBelief> {
  const wrong = refuseUnlessPositive({ 'usual life': interval ?? usual });
  if (wrong) return wrong;
  const logs = history.filter((each) => each > 0).map(Math.log);
  const n = logs.length;
  const prior = Math.log(interval ?? usual);
  const mean = n ? logs.reduce((sum, each) => sum + each, 0) / n : prior;
  const centre = (priorWorth * prior + n * mean) / (priorWorth + n);
  const squares =
    logs.reduce((sum, each) => sum + (each - mean) ** 2, 0) +
    ((priorWorth * n) / (priorWorth + n)) * (mean - prior) ** 2;
  const variance =
    ((priorSpreadWorth * priorSpread ** 2 + squares) / (priorSpreadWorth + n)) * (1 + 1 / (priorWorth + n));
  return {
    median: Math.exp(centre),
    spread: Math.sqrt(variance),
    basis: n ? 'history' : interval ? 'interval' : 'default',
    renewals: n,
  };
}

export interface WearForecast {
  /** Share of the median life that is used. */
  readonly used: number;
  /** What is left in the part's own count: median, and the ends of the middle 80 %. */
  readonly left: { readonly low: number; readonly middle: number; readonly high: number };
  /** The same in s of the calendar, at the rate it is used; undefined where it is not used. */
  readonly due?: { readonly low: number; readonly middle: number; readonly high: number };
  /** Chance that a part as old as this had been renewed already: how far it lives on borrowed time. */
  readonly past: number;
}

/**
 * When a part that has lasted so long will want renewing: its life's distribution, given that it is not over yet.
 *
 * @param used so far, and `rate` of use, in the part's count a second (1 for days)
 * Source: log-normal life with a shrunk mean, textbook
 * @example wearForecast({ median: 100, spread: 0.4, basis: 'default', renewals: 0 }, 50, 0) → { used: 0.5, left: { low: 14.6085, middle: 52.1063, high: 118.58 }, past: 0.0415596 }
 */
export function wearForecast(
  { median, spread }: LifeBelief,
  used: number,
  rate: number,
): Outcome<WearForecast> {
  if (!(used >= 0) || !(rate >= 0)) return refuse('use', 'Use so far and its rate cannot be below zero.');
  const past = used > 0 ? normalCdf(Math.log(used / median) / spread) : 0;
  // The fit of the distribution ends at about 1e-7: beyond, what is left is next to nothing.
  const at = (share: number) => {
    const level = Math.min(past + share * (1 - past), 1 - 1e-7);
    return level <= 0 ? 0 : Math.max(median * Math.exp(spread * normalQuantile(level)) - used, 0);
  };
  const left = { low: at(0.1), middle: at(0.5), high: at(0.9) };
  const due =
    rate > 0 ? { low: left.low / rate, middle: left.middle / rate, high: left.high / rate } : undefined;
  return { used: used / median, left, ...(due ? { due } : {}), past };
}
