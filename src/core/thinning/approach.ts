import { secondsFromViscosity, viscosityFromSeconds } from '../cups';
import { isRefusal, type Outcome } from '../refusal';
import { nextAddition, expected, type AdditionQuestion, type Advice } from './nextaddition';
import { chanceBelow, condition, meanOf, modelError, predict } from './predict';
import { blendShare, massAtShare, sheetShare } from './share';

/** The schools of thinning: what the model says, equal steps, or the sheet's fixed percent and a check. */
export type ThinningApproach =
  | { readonly kind: 'model' }
  /** Equal steps: a share by mass or by volume of the unthinned mix. */
  | { readonly kind: 'mass-steps' | 'volume-steps'; readonly step: number }
  /** In the sheet's own percent. */
  | { readonly kind: 'fixed'; readonly share: number };

/**
 * The next addition under an approach. Every approach is told the same: what to expect, how far it may go, and
 * when to stop; only the step differs.
 *
 * Steps go on while the pot reads above the band and are rounded down to the scale; a fixed percent is added at
 * once and then checked. None goes past the sheet's maximum.
 * Source: the schools of the trade; one prediction for all
 */
export function additionBy(approach: ThinningApproach, question: AdditionQuestion): Outcome<Advice> {
  const advice = nextAddition(question);
  if (approach.kind === 'model' || isRefusal(advice)) return advice;
  const { batch, thinner, thinnerDensity, basis, scaleStep, band } = question;
  const cap =
    question.maximum === undefined ? Infinity : massAtShare(question.maximum, thinnerDensity, batch, basis);

  if (approach.kind === 'fixed') {
    const wanted = Math.min(massAtShare(approach.share, thinnerDensity, batch, basis), cap);
    const steps = Math.floor((wanted - thinner) / scaleStep + 1e-6);
    // The fixed percent goes in before any timing; the reading after it is its check.
    if (steps >= 1) return step(steps * scaleStep, 'fixed');
    return advice;
  }
  if (advice.kind !== 'add') return advice;
  // One who works in steps stops as soon as the cup reads inside the band, whatever is believed.
  if (cupReads(question, advice.now.seconds) <= band.max) return { ...advice, kind: 'ready' };
  const size =
    approach.kind === 'mass-steps'
      ? approach.step * batch.mass
      : (approach.step * batch.mass * thinnerDensity) / batch.density;
  const room = Math.floor((cap - thinner) / scaleStep + 1e-6);
  const steps = Math.min(Math.max(Math.floor(size / scaleStep + 1e-6), 1), room);
  return step(steps * scaleStep, steps < room ? 'step' : 'maximum');

  function step(mass: number, limitedBy: 'step' | 'fixed' | 'maximum'): Outcome<Advice> {
    const thin = viscosityFromSeconds(band.cup, band.min);
    if (isRefusal(thin)) return thin;
    if (isRefusal(advice)) return advice;
    const conditioned = condition(question.belief);
    const { bias = 0 } = question;
    const total = thinner + mass;
    const w = blendShare(total, batch.mass);
    const fall =
      meanOf(predict(conditioned, w)) - meanOf(predict(conditioned, blendShare(thinner, batch.mass)));
    return {
      now: advice.now,
      chanceInBand: advice.chanceInBand,
      kind: 'add',
      mass,
      total,
      share: sheetShare(total, thinnerDensity, batch, basis),
      expect: expected(conditioned, w, band.cup, question.readingSd ** 2 + (modelError * fall) ** 2),
      riskUnder: chanceBelow(predict(conditioned, w, (modelError * fall) ** 2 + bias ** 2), Math.log(thin)),
      limitedBy,
    };
  }
}

/** Seconds of the last reading of the pot as it is now; what is believed where nobody timed it so. */
function cupReads({ belief, thinner, batch, band }: AdditionQuestion, believed: number): number {
  const w = blendShare(thinner, batch.mass);
  const last = belief.seen.findLast((seen) => Math.abs(seen.w - w) < 1e-9);
  const seconds = last && secondsFromViscosity(band.cup, Math.exp(last.lnViscosity));
  return seconds === undefined || isRefusal(seconds) ? believed : seconds;
}

/**
 * What a nozzle and its feed let through, as a band of seconds.
 *
 * @param limit m²/s at which the nozzle, fully open, just passes the flow the film needs
 * @returns from well open to nearly fully open: 55 to 90 % of that viscosity, a default
 * Formula: 55 to 90 % of the viscosity that the open nozzle just passes
 * Source: the schools of the trade; one prediction for all
 * @example bandByFlow({ id: 'ford-4', name: 'Ford cup 4', standard: 'ASTM D1200', use: 'stand', formula: { kind: 'offset', A: 3.85, t0: 4.49 }, valid: { min: 20, max: 100 }, temperature: 298.15 }, 0.0001) → { min: 18.7757, max: 27.8666 }
 */
export function bandByFlow(
  cup: AdditionQuestion['band']['cup'],
  limit: number,
): Outcome<{ min: number; max: number }> {
  const min = secondsFromViscosity(cup, limit * 0.55);
  const max = secondsFromViscosity(cup, limit * 0.9);
  if (isRefusal(min)) return min;
  if (isRefusal(max)) return max;
  return { min, max };
}
