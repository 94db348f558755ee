/** How a face is coated where the gun is not for it. */
export const handMethods = ['roller', 'brush'] as const;
export type HandMethod = (typeof handMethods)[number];

interface HandRate {
  /** s a m² of face, and s a m of its edges, which are cut in. */
  readonly area: number;
  readonly edge: number;
  /** Share of what is taken up that ends on the part. */
  readonly keeps: number;
  /** Film thickness varies so much, a share of its mean. */
  readonly spread: number;
}

/** Defaults of the trade: nobody measures them in a shop. */
export const handRates: Readonly<Record<HandMethod, HandRate>> = {
  roller: { area: 200, edge: 25, keeps: 0.95, spread: 0.25 },
  brush: { area: 480, edge: 30, keeps: 0.92, spread: 0.35 },
};

/**
 * s that one coat by hand takes.
 *
 * Source: shop practice, a roller some 18 m² an hour on open ground and a brush 7.5, edges cut in besides; defaults.
 *
 * @param area m²
 * @param edge m of edges and outlines that are cut in
 */
export const handTime = (method: HandMethod, area: number, edge: number): number =>
  area * handRates[method].area + edge * handRates[method].edge;
