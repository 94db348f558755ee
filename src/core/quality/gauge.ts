import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';

/** What a gauge read on its zero plate and on a shim of known thickness, m. */
export interface GaugeCheck {
  readonly zero: number;
  readonly shim: number;
  readonly read: number;
}

export interface GaugeCorrection {
  /** film = (reading − zero) × scale */
  readonly zero: number;
  readonly scale: number;
  /** How far the shim was read off, as a share, once the zero is taken off. */
  readonly off: number;
  /** It may be used: corrected by no more than a tenth. */
  readonly usable: boolean;
}

/** A gauge further off than this is mended, not corrected. */
const most = 0.1;

/**
 * The correction a zero and a shim ask for.
 *
 * @returns refuses a shim without thickness and a reading of it that is no more than the zero
 * Source: definition
 * @example zero 1, shim 50 read 53: × 0.962
 * @example gaugeCorrection({ id: 'e11', at: '2026-11-23T11:59:00.000Z', type: 'gauge-check', zero: 0, shim: 0.0001, read: 0.0001, counter: 11 }) → { zero: 0, scale: 1, off: 0, usable: true }
 */
export function gaugeCorrection({ zero, shim, read }: GaugeCheck): Outcome<GaugeCorrection> {
  const wrong = refuseUnlessPositive({ 'shim thickness': shim, 'reading of the shim': read });
  if (wrong) return wrong;
  if (read <= zero) return refuse('shim', 'The shim read no more than the zero plate. Check which is which.');
  const scale = shim / (read - zero);
  const off = 1 / scale - 1;
  return { zero, scale, off, usable: Math.abs(off) <= most };
}

/**
 * The film a reading stands for: the gauge’s own error corrected, and what lay below taken off.
 *
 * @param base m that the gauge reads on the bare, rough or primed part; nought on smooth metal
 * Formula: (reading − zero) × shim/(read − zero) − base
 * Source: definition
 * @example correctedFilm(0.00008, undefined, undefined) → 8e-05
 */
export const correctedFilm = (
  reading: number,
  correction: Pick<GaugeCorrection, 'zero' | 'scale'> | undefined,
  base = 0,
): number => Math.max((correction ? (reading - correction.zero) * correction.scale : reading) - base, 0);
