/** What in a sheet, a rig or a place can hurt someone. */
export const hazards = [
  'isocyanate',
  'aziridine',
  'sensitiser',
  'solvent',
  'flammable',
  'peroxide',
  'styrene',
  'dust',
  'injection',
  'oxidising-oil',
] as const;

export type Hazard = (typeof hazards)[number];
