/** A place that is kept free of the coat. */
export interface MaskedPlace {
  /** m of its edge. */
  readonly edge: number;
  /** m² covered by sheeting. */
  readonly area: number;
  /** Its edge is round or cut to shape. */
  readonly shaped: boolean;
}

/** s a metre of edge, straight or to shape; to take it off; s a m² of sheeting. Defaults. */
export const maskRates = { straight: 90, shaped: 240, off: 18, sheeting: 60 };

/**
 * How long masking takes: by the length of its edges, and the area that is covered.
 *
 * Source: shop practice, 1.5 min a metre of straight edge, 4 of shapes, 0.3 to take off; defaults.
 *
 * @returns m of edge, s to put on, s to take off
 * Formula: length × 1.5 or 4 min/m, area × 1 min/m², 0.3 min/m to take off
 * @example 1.2 m and 0.05 m²: 1.9 min
 * @example maskingTime([]) → { length: 0, on: 0, off: 0 }
 */
export function maskingTime(places: readonly MaskedPlace[]): {
  readonly length: number;
  readonly on: number;
  readonly off: number;
} {
  let length = 0;
  let on = 0;
  for (const { edge, area, shaped } of places) {
    length += edge;
    on += edge * (shaped ? maskRates.shaped : maskRates.straight) + area * maskRates.sheeting;
  }
  return { length, on, off: length * maskRates.off };
}
