import { refuse, type Outcome } from '../refusal';
import type { Measured } from './parts';

/** What goes into the gun, thinner included. */
export interface AppliedMix {
  /** kg */
  readonly mass: number;
  /** m³ */
  readonly volume: number;
  /** kg/m³ */
  readonly density: number;
  /** 0–1 */
  readonly volumeSolids: number;
  /** Actual VOC, kg/m³ of coating. */
  readonly voc: number;
  /** VOC less water and exempt solvent, kg/m³: the regulatory figure. */
  readonly vocLess: number;
  /** kg of solvent that leaves as vapour, exempt solvent counted: what the dilution air is for. */
  readonly solvent: number;
}

/** Density of exempt solvents, kg/m³: acetone's. A default, since sheets state only their share. */
const exemptDensity = 790;

/**
 * As-applied figures of a mix: VS = ΣVᵢVSᵢ/ΣVᵢ and VOC = ΣVᵢVOCᵢ/ΣVᵢ; the regulatory VOC divides by the
 * volume less water and exempt solvent.
 *
 * @param measured every part in the pot, the thinner among them
 * @returns refuses an empty pot
 * Formula: ΣVᵢxᵢ/ΣVᵢ; VOC less water divides by the volume less water and exempt
 * Source: conservation of volume; VOC as EPA Method 24 counts it
 * @example asApplied([{ part: { id: 'x', name: 'x', parts: 1, density: 1000, volumeSolids: 0.5, voc: 250, water: 0, exempt: 0 }, mass: 1, volume: 0.001 }]) → { mass: 1, volume: 0.001, density: 1000, volumeSolids: 0.5, voc: 250, vocLess: 250, solvent: 0.25 }
 */
export function asApplied(measured: readonly Measured[]): Outcome<AppliedMix> {
  const sum = (of: (each: Measured) => number) => measured.reduce((total, each) => total + of(each), 0);
  const volume = sum((each) => each.volume);
  const mass = sum((each) => each.mass);
  if (!(volume > 0)) return refuse('empty-pot', 'There is nothing in the pot.');
  const vocMass = sum(({ volume: own, part }) => own * part.voc);
  const counted = sum(({ volume: own, part }) => own * (1 - part.water - part.exempt));
  return {
    mass,
    volume,
    density: mass / volume,
    volumeSolids: sum(({ volume: own, part }) => own * part.volumeSolids) / volume,
    voc: vocMass / volume,
    vocLess: counted > 0 ? vocMass / counted : 0,
    solvent: vocMass + sum(({ volume: own, part }) => own * part.exempt) * exemptDensity,
  };
}

/** A limit on VOC that the user enters, and which of the two figures it counts. */
export interface VocLimit {
  /** kg/m³ */
  readonly value: number;
  readonly counts: 'with-water' | 'less-water';
}

/**
 * The figure a limit counts, and whether it is kept. Both figures are shown all the same.
 *
 * Source: conservation of volume; VOC as EPA Method 24 counts it
 * @example judgeVoc({ mass: 1, volume: 0.001, density: 1000, volumeSolids: 0.3, voc: 120, vocLess: 300, solvent: 0.1 }, { value: 250, counts: 'with-water' }) → { found: 120, passes: true }
 */
export function judgeVoc(applied: AppliedMix, limit: VocLimit): { found: number; passes: boolean } {
  const found = limit.counts === 'with-water' ? applied.voc : applied.vocLess;
  return { found, passes: found <= limit.value * (1 + 1e-9) };
}
