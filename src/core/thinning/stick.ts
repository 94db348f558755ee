import type { AdditionQuestion } from './nextaddition';
import { massAtShare, sheetShare } from './share';

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

/**
 * Viscosity a stick’s sign stands for, very roughly.
 *
 * Source: estimate of the trade
 * @example stickViscosity('ribbon-stays') → 0.00032
 */
export const stickViscosity = (sign: StickSign): number => viscosities[sign];

/** Two ways of looking at a stick, each from thick to thin: at the ribbon it leaves, at the drops that fall. */
const scales: readonly (readonly StickSign[])[] = [
  ['ribbon-stays', 'ribbon-fades', 'ribbon-gone'],
  ['drips-slow', 'drips-steady', 'drips-run'],
];

/**
 * How many marks thicker than the end-point a stick shows the mix: 0 at it, negative past it.
 *
 * @returns undefined where the two are not looked at in the same way: a ribbon says nothing of drops
 * Source: estimate of the trade
 */
export function stickMarks(sign: StickSign, endPoint: StickSign): number | undefined {
  const scale = scales.find((each) => each.includes(sign));
  return scale?.includes(endPoint) ? scale.indexOf(endPoint) - scale.indexOf(sign) : undefined;
}

/**
 * Signs that are looked at as this one is.
 *
 * Source: estimate of the trade
 */
export const stickScale = (sign: StickSign): readonly StickSign[] =>
  scales.find((each) => each.includes(sign)) ?? [];

/** Thinner at a time by stick, by mass of the mix, for each mark it is too thick: small, since nothing foretells what it does. */
const stepAMark = 0.01;
/** Unthinned mix at a time that brings back what is too thin, by mass of the pot. */
const backAMark = 0.05;

export type StickAdvice =
  | { readonly kind: 'try' }
  /** kg to add, a whole number of scale steps, and the share it then has of the sheet’s percent. */
  | { readonly kind: 'add'; readonly mass: number; readonly share: number }
  | { readonly kind: 'ready' }
  | { readonly kind: 'too-thin'; readonly bringBack: number }
  | { readonly kind: 'at-maximum'; readonly share: number };

/**
 * What a stick asks for: an end-point of its own, come to in small steps, with no seconds of any cup in it.
 *
 * @param marks how many marks too thick it is, {@link stickMarks}; undefined while nobody looked since the last addition
 * Source: estimate of the trade
 */
export function stickAdvice(
  marks: number | undefined,
  question: Pick<
    AdditionQuestion,
    'batch' | 'thinner' | 'thinnerDensity' | 'basis' | 'scaleStep' | 'maximum'
  >,
): StickAdvice {
  const { batch, thinner, thinnerDensity, basis, scaleStep, maximum } = question;
  if (marks === undefined) return { kind: 'try' };
  if (marks === 0) return { kind: 'ready' };
  const whole = (kg: number) => Math.floor(kg / scaleStep + 1e-6) * scaleStep;
  if (marks < 0)
    return { kind: 'too-thin', bringBack: Math.max(whole(backAMark * -marks * batch.mass), scaleStep) };
  const room =
    (maximum === undefined ? Infinity : massAtShare(maximum, thinnerDensity, batch, basis)) - thinner;
  const share = (kg: number) => sheetShare(thinner + kg, thinnerDensity, batch, basis);
  const mass = Math.min(Math.max(whole(stepAMark * marks * batch.mass), scaleStep), whole(room));
  return mass < scaleStep / 2
    ? { kind: 'at-maximum', share: share(0) }
    : { kind: 'add', mass, share: share(mass) };
}
