import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';

/** One part of a mix in pouring order. */
export interface Part {
  readonly id: string;
  readonly name: string;
  /** Parts in the ratio, by volume or by mass as the sheet says. */
  readonly parts: number;
  /** kg/m³ */
  readonly density: number;
  /** Volume share of solids, 0–1. */
  readonly volumeSolids: number;
  /** Actual VOC content, kg/m³. */
  readonly voc: number;
  /** Volume shares of water and of exempt solvent, 0–1. */
  readonly water: number;
  readonly exempt: number;
}

export type RatioBy = 'volume' | 'mass';

/** A part with what of it goes into the pot. */
export interface Measured {
  readonly part: Part;
  /** kg */
  readonly mass: number;
  /** m³ */
  readonly volume: number;
}

/**
 * Divides a volume of mix into its parts.
 *
 * @param volume m³ of ready mix
 * @returns mass and volume of each part, in order; refuses an empty ratio, a share or density that is not above zero
 * Source: mass = volume × density.
 * Formula: m = ρV
 * @example 4:1 by volume, 1 L: 960 g and 210 g
 * @example divide(1, [{ id: 'paint', name: 'paint', parts: 1, density: 1000, volumeSolids: 0.5, voc: 400, water: 0, exempt: 0 }], 'mass') → [{ part: { id: 'paint', name: 'paint', parts: 1, density: 1000, volumeSolids: 0.5, voc: 400, water: 0, exempt: 0 }, volume: 1, mass: 1000 }]
 */
export function divide(volume: number, parts: readonly Part[], by: RatioBy): Outcome<Measured[]> {
  if (parts.length === 0) return refuse('no-parts', 'The sheet names no parts to mix.');
  const wrong = refuseUnlessPositive({ volume });
  if (wrong) return wrong;
  for (const part of parts) {
    const refused = refuseUnlessPositive({
      [`share of ${part.name} in the ratio`]: part.parts,
      [`density of ${part.name}`]: part.density,
    });
    if (refused) return refused;
  }
  const volumeParts = parts.map(({ parts: share, density }) => (by === 'volume' ? share : share / density));
  const whole = volumeParts.reduce((sum, share) => sum + share, 0);
  return parts.map((part, i) => {
    const own = (volume * (volumeParts[i] as number)) / whole;
    return { part, volume: own, mass: own * part.density };
  });
}
