import { spreadFactor, type FlowCup } from '../cups';
import { isRefusal, type Outcome } from '../refusal';

/** The same cup in the same hands repeats within this share of its seconds. */
export const cupRepeat = 0.03;
/** A hand on a stopwatch, s. */
export const handError = 0.2;

/**
 * Relative standard error of the viscosity that a cup time stands for.
 *
 * @param seconds mean of the timings, s
 * @param timings how many timings the mean is made of
 * @param temperatureError relative error added by shifting it to another temperature
 */
export function readingError(
  cup: FlowCup,
  seconds: number,
  timings: number,
  temperatureError = 0,
): Outcome<number> {
  const factor = spreadFactor(cup, seconds);
  if (isRefusal(factor)) return factor;
  const ofSeconds = Math.hypot(cupRepeat, handError / seconds) / Math.sqrt(Math.max(timings, 1));
  return Math.hypot(factor * ofSeconds, temperatureError);
}
