import { refuse, type Outcome } from '../refusal';

/** What is added to the cost: a share of the price, or a share of the cost. */
export interface Addition {
  readonly kind: 'margin' | 'mark-up';
  readonly share: number;
}

export interface Quote {
  readonly cost: number;
  /** What is added, currency. */
  readonly added: number;
  readonly net: number;
  readonly tax: number;
  readonly gross: number;
}

/**
 * The price of a job: cost, what is added, tax last.
 *
 * A margin is a share of the price: 30 % on 100 is 142.86. A mark-up is a share of the cost: 130.
 *
 * @param tax share of the net price
 * @returns refuses a margin of the whole price or more, and anything below nought
 * Source: handbook, section 27.
 */
export function quote(cost: number, { kind, share }: Addition, tax = 0): Outcome<Quote> {
  if (!(cost >= 0) || !Number.isFinite(cost))
    return refuse('cost', 'A cost is nought or more: price what the job takes first.');
  if (!(share >= 0) || !(tax >= 0))
    return refuse('addition', 'Margin, mark-up and tax are nought or more.', { quantity: 'share', min: 0 });
  if (kind === 'margin' && share >= 1)
    return refuse('margin', 'A margin is a share of the price: it lies below {max}. A mark-up may be more.', {
      quantity: 'share',
      max: 1,
    });
  const net = kind === 'margin' ? cost / (1 - share) : cost * (1 + share);
  return { cost, added: net - cost, net, tax: net * tax, gross: net * (1 + tax) };
}

/**
 * After how many jobs something dearer has paid for itself.
 *
 * @param price what it costs, and what it saves each time, currency
 * @returns jobs, whole ones; Infinity where it saves nothing
 * Source: sum of what is priced
 */
export const paidBackAfter = (price: number, saves: number): number =>
  saves > 0 ? Math.ceil(price / saves - 1e-9) : Infinity;
