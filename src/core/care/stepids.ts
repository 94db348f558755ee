/** Every step of cleaning a gun; a job’s record ticks them by these. */
export const ownStepIds = [
  'relief',
  'tip-off',
  'empty',
  'catalyst',
  'rinse',
  'soften',
  'flush',
  'second',
  'relief-again',
  'strip',
  'wipe',
  'passages',
  'vent',
  'check-valve',
  'hose',
  'filters',
  'tip',
  'grease',
  'store',
  'prove',
  'relief-last',
  'waste',
] as const;

/** Every step of putting a gun together. */
export const assemblyStepIds = [
  'relief',
  'filter',
  'flush-first',
  'seat',
  'guard',
  'tighten',
  'air-off',
  'nozzle',
  'needle',
  'packing',
  'cap',
  'tube',
  'vent',
  'check',
  'pot',
  'knobs',
  'card',
] as const;
export type AssemblyStepId = (typeof assemblyStepIds)[number];

/** The short way between coats. */
export const midwayStepIds = ['mid-relief', 'mid-wipe', 'mid-cover'] as const;

/** A step of cleaning, of the putting together that belongs to it, or of the short way between coats. */
export type CleaningStepId =
  (typeof ownStepIds)[number] | (typeof midwayStepIds)[number] | `fit-${AssemblyStepId}`;
