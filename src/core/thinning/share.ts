/** What a sheet means by its percent of thinner: by volume or by mass, of the first part alone or of the whole mix. */
export interface ThinnerBasis {
  readonly by: 'mass' | 'volume';
  readonly of: 'base' | 'mix';
}

/** The unthinned mix in the pot. kg and kg/m³. */
export interface Batch {
  readonly mass: number;
  readonly density: number;
  /** The first part alone: what "of the paint" refers to. */
  readonly base: { readonly mass: number; readonly density: number };
}

/**
 * Thinner already in the pot, in the sheet's own percent.
 *
 * @param thinner kg
 * @param thinnerDensity kg/m³
 * @returns a share, 0.1 for 10 %
 * Source: definition
 * @example sheetShare(0.01, 900, { mass: 1, density: 1250, base: { mass: 1, density: 1250 } }, { by: 'mass', of: 'mix' }) → 0.01
 */
export function sheetShare(
  thinner: number,
  thinnerDensity: number,
  batch: Batch,
  basis: ThinnerBasis,
): number {
  const whole = basis.of === 'base' ? batch.base : batch;
  return basis.by === 'mass' ? thinner / whole.mass : thinner / thinnerDensity / (whole.mass / whole.density);
}

/**
 * Mass of thinner that is a given share in the sheet's own percent: the inverse of {@link sheetShare}, kg.
 *
 * Source: definition
 * @example massAtShare(0.3, 900, { mass: 1, density: 1250, base: { mass: 1, density: 1250 } }, { by: 'mass', of: 'mix' }) → 0.3
 */
export function massAtShare(
  share: number,
  thinnerDensity: number,
  batch: Batch,
  basis: ThinnerBasis,
): number {
  const whole = basis.of === 'base' ? batch.base : batch;
  return basis.by === 'mass' ? share * whole.mass : share * (whole.mass / whole.density) * thinnerDensity;
}

/**
 * Mass share of thinner in the blend, the blend law's w.
 *
 * Formula: thinner ÷ (thinner + mix)
 * Source: definition
 * @example blendShare(0.1, 0.9) → 0.1
 */
export const blendShare = (thinner: number, mix: number): number => thinner / (thinner + mix);

/**
 * Mass of thinner in a blend of share w on a given mass of unthinned mix, kg.
 *
 * Source: definition
 * @example thinnerAt(5e-324, 1.2) → 5e-324
 */
export const thinnerAt = (w: number, mix: number): number => (w * mix) / (1 - w);
