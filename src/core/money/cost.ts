/** What a job costs, by what it is for. */
export const costIds = ['paint', 'thinner', 'masking', 'cleaning', 'waste', 'labour', 'wear'] as const;
export type CostId = (typeof costIds)[number];

/** One thing that is used or done. */
export interface CostItem {
  readonly id: CostId;
  /** What it is, as the shop tells it apart: a sheet, a step of work. */
  readonly what: string;
  /** m³, m, s or lives of a part; never below nought. */
  readonly quantity: number;
  readonly unit: 'volume' | 'length' | 'time' | 'lives';
  /** Currency units for one of that quantity in SI; absent where nobody priced it. */
  readonly price?: number;
  /** Reckoned, not recorded. */
  readonly reckoned: boolean;
}

export interface CostLine {
  readonly id: CostId;
  readonly items: readonly CostItem[];
  /** Of what is priced; absent where nothing of it is. */
  readonly cost?: number;
  /** Some of it is used and has no price. */
  readonly unpriced: boolean;
}

export interface JobCost {
  readonly lines: readonly CostLine[];
  /** Of what is priced. */
  readonly total: number;
  /** What is used and has no price: the total says nothing of it. */
  readonly missing: readonly CostId[];
}

const costOf = ({ quantity, price = 0 }: CostItem): number => quantity * price;

/** The same thing at the same price is one item, however often it is done. */
function together(items: readonly CostItem[]): CostItem[] {
  const kept = new Map<string, CostItem>();
  for (const item of items) {
    const key = [item.what, item.unit, item.price, item.reckoned].join('\n');
    const before = kept.get(key);
    kept.set(key, before ? { ...before, quantity: before.quantity + item.quantity } : item);
  }
  return [...kept.values()];
}

/**
 * Adds up what a job takes. What is used and not priced is named, never counted as free.
 *
 * Source: handbook, section 27.
 */
export function jobCost(items: readonly CostItem[]): JobCost {
  const lines = costIds.flatMap((id): CostLine[] => {
    const own = together(items.filter((item) => item.id === id && item.quantity > 0));
    if (own.length === 0) return [];
    const priced = own.filter(({ price }) => price !== undefined);
    return [
      {
        id,
        items: own,
        ...(priced.length > 0 ? { cost: priced.reduce((sum, each) => sum + costOf(each), 0) } : {}),
        unpriced: priced.length < own.length,
      },
    ];
  });
  return {
    lines,
    total: lines.reduce((sum, { cost = 0 }) => sum + cost, 0),
    missing: lines.filter(({ unpriced }) => unpriced).map(({ id }) => id),
  };
}
