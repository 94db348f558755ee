import type { GunAdvice, Rig } from '@/records';

export const gunWords: Record<Rig['atomising'], string> = {
  hvlp: 'HVLP',
  compliant: 'Compliant',
  'low-volume': 'Low-volume low-pressure',
  conventional: 'Conventional',
  airless: 'Airless',
};

export const feedWords: Record<Rig['feed'], string> = {
  gravity: 'Gravity cup',
  suction: 'Suction cup',
  'pressure-cup': 'Pressure cup',
  'pressure-pot': 'Pressure pot',
  pump: 'Pump',
};

/** How a sheet tells guns of one kind apart. */
export const advisedFeedWords: Record<NonNullable<GunAdvice['feed']>, string> = {
  gravity: 'gravity-fed',
  suction: 'suction-fed',
  pressure: 'pressure-fed',
};

export const airWords: Record<Rig['air'], string> = {
  turbine: 'Turbine',
  compressor: 'Compressor',
  none: 'No air',
};
