import type { GunFamily } from './families';

/** Parts and whether they may lie in solvent. */
export interface SoakRule {
  readonly part: string;
  readonly may: boolean;
  readonly because: string;
  readonly families: readonly GunFamily[];
}

const air = ['gravity', 'suction', 'pressure-cup', 'remote'] as const;

// prettier-ignore
const soakRules: readonly SoakRule[] = [
  { part: 'Fluid nozzle and needle', may: true, because: 'Bare metal. Not longer than it takes to loosen; tips never dropped on each other.', families: air },
  { part: 'Air cap', may: true, because: 'Bare metal. Holes are cleared with a soft brush or a wooden pick, never steel.', families: air },
  { part: 'Tip and seat', may: true, because: 'Bare metal. The seal of the seat stays out.', families: ['airless'] },
  { part: 'Filters', may: true, because: 'Metal mesh; plastic frames only briefly.', families: ['airless', 'remote'] },
  { part: 'Gun body', may: false, because: 'Solvent creeps into air passages, valve and packing and carries dirt with it.', families: air },
  { part: 'Gaskets and lid seal', may: false, because: 'They swell and do not fit again.', families: ['gravity', 'suction', 'pressure-cup', 'remote', 'airless'] },
  { part: 'Needle packing and air valve', may: false, because: 'Solvent takes their grease out: then they leak or stick.', families: air },
  { part: 'Check valve and small air line', may: false, because: 'The flap swells, the line fills with what was dissolved.', families: ['pressure-cup'] },
  { part: 'Pump packings', may: false, because: 'They swell, and the pump stalls.', families: ['airless'] },
  { part: 'Gauge and regulator', may: false, because: 'Liquid behind the diaphragm ends them.', families: ['remote', 'airless'] },
];

/**
 * What of a gun may be soaked, and what never.
 *
 * Source: shop practice, defaults
 */
export const soaking = (family: GunFamily): SoakRule[] =>
  soakRules.filter(({ families }) => families.includes(family));
