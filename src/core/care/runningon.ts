import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';
import type { WearForecast } from './life';

export interface WornTip {
  /** m³ sprayed through it, weighted by abrasiveness. */
  readonly volume: number;
  /** m, new and as measured now at the usual distance. */
  readonly fresh: number;
  readonly fan: number;
  /** m, how far a fan is misread. */
  readonly error?: number;
}

/**
 * When a tip measured on a card will have lost the share of its fan at which it is renewed, taking the loss to grow
 * evenly with what is sprayed. m³ left, with the reading's own error as its spread.
 *
 * Source: wear formula and what a tip costs
 * @example tipForecast({ volume: 0.1, fresh: 0.254, fan: 0.18 }, 0.25) → { low: 0, middle: 0, high: 0 }
 */
export function tipForecast(
  { volume, fresh, fan, error = 6e-3 }: WornTip,
  renewAt: number,
): Outcome<WearForecast['left']> {
  const wrong = refuseUnlessPositive({
    'volume sprayed': volume,
    'fan when new': fresh,
    'measured fan': fan,
  });
  if (wrong) return wrong;
  const left = (width: number) => {
    const lost = 1 - width / fresh;
    return lost <= 0 ? Infinity : Math.max((volume * renewAt) / lost - volume, 0);
  };
  const middle = left(fan);
  if (!Number.isFinite(middle))
    return refuse('not-worn', 'The fan is as wide as new: nothing says yet when it will be worn.');
  // What hardly shows yet can be taken for ten lives, no further.
  const most = 10 * volume * Math.max(renewAt / (error / fresh), 1);
  return { low: left(fan - 1.28 * error), middle, high: Math.min(left(fan + 1.28 * error), most) };
}

/**
 * What running on with a worn tip costs: the same hand over a narrower fan lays flow nobody asked for. The lost share
 * of the fan grows evenly, flow as one over what is left of it.
 *
 * @param lost share of the fan gone now, at `volume` m³ through it
 * @param ahead m³ that a new tip would take for what is still to be sprayed
 * @param price currency a m³ of coating
 * @returns currency
 * Source: wear formula and what a tip costs
 * @example costOfRunningOn(0.15, 0.3, 0.2, 8000) → 402.61
 */
export function costOfRunningOn(lost: number, volume: number, ahead: number, price: number): number {
  if (!(lost > 0) || !(volume > 0) || !(ahead > 0)) return 0;
  const k = lost / volume;
  // A fan cannot lose all of itself: past nine tenths the tip is a hole, and its cost is taken as steady.
  const end = Math.min(volume + ahead, 0.9 / k);
  if (end <= volume) return 9 * ahead * price;
  const even = (1 / k) * Math.log((1 - k * volume) / (1 - k * end)) - (end - volume);
  return (even + 9 * (volume + ahead - end)) * price;
}

/**
 * m³ after which the paint a worn tip wastes has cost as much as a new one; infinite where it wastes none.
 *
 * Source: wear formula and what a tip costs
 * @example breakEven(0, 0.3, 8000, 40) → Infinity
 */
export function breakEven(lost: number, volume: number, price: number, tip: number): number {
  if (!(lost > 0) || !(volume > 0) || !(price > 0)) return Infinity;
  let low = 0;
  let high = 1e-3;
  while (costOfRunningOn(lost, volume, high, price) < tip && high < 1e4) high *= 2;
  for (let i = 0; i < 60; i += 1) {
    const middle = (low + high) / 2;
    if (costOfRunningOn(lost, volume, middle, price) < tip) low = middle;
    else high = middle;
  }
  return high;
}
