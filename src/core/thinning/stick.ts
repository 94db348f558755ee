/** What a stick drawn through the mix shows, when there is no cup at hand. */
export const stickSigns = [
  'ribbon-stays',
  'ribbon-fades',
  'ribbon-gone',
  'drips-slow',
  'drips-steady',
  'drips-run',
] as const;
export type StickSign = (typeof stickSigns)[number];

/**
 * What each sign stands for, m²/s: a ribbon that stays, fades slowly, vanishes at once; about one drip a second,
 * two to three, or a run. Defaults, and rough: their error is many times that of a cup.
 */
const viscosities: Record<StickSign, number> = {
  'ribbon-stays': 320e-6,
  'ribbon-fades': 120e-6,
  'ribbon-gone': 50e-6,
  'drips-slow': 180e-6,
  'drips-steady': 80e-6,
  'drips-run': 35e-6,
};

/** Relative standard error of a stick test. A default. */
export const stickError = 0.5;

export const stickViscosity = (sign: StickSign): number => viscosities[sign];
