import { refuse, type Outcome } from '../refusal';

/**
 * How many of a part must lie on the shelf when it is ordered, so that it lasts until the order comes in nineteen
 * cases of twenty. Wants are taken to come one by one (Poisson).
 *
 * @param perDay renewals a day, of all guns that use it
 * @param lead days until an order is there
 * Source: mean use over the lead time and a margin
 * @example reorderPoint(0.1, 10) → 3
 */
export function reorderPoint(perDay: number, lead: number, service = 0.95): Outcome<number> {
  if (!(perDay >= 0) || !(lead >= 0) || !Number.isFinite(perDay * lead))
    return refuse('demand', 'Renewals a day and days of delivery cannot be below zero.');
  const wanted = perDay * lead;
  let term = Math.exp(-wanted);
  let sum = term;
  let stock = 0;
  while (sum < service && stock < 10_000) {
    stock += 1;
    term *= wanted / stock;
    sum += term;
  }
  return stock;
}
