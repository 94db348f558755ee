import type { FlowLimits } from './window';
import { usualFlowLimits } from './window';

/** What was seen of a coat whose levelling and slide were computed. */
export interface FlowVerdict {
  readonly seen: 'peel' | 'even' | 'run';
  readonly levelling: number;
  /** m */
  readonly sag: number;
}

export interface Calibrated extends FlowLimits {
  /** Verdicts that speak of each limit; none leaves the default. */
  readonly peels: number;
  readonly runs: number;
}

/** How sharp an eye is, and how unsure the default, in logarithms. */
const eye = 0.35;
const doubt = 0.8;

/** The limit that makes what was seen most likely, drawn toward the default. */
function limitFrom(usual: number, seen: readonly { value: number; beyond: boolean }[]): number {
  const fits = (limit: number) =>
    -(((limit - Math.log(usual)) / doubt) ** 2) / 2 -
    seen.reduce(
      (sum, { value, beyond }) =>
        sum + Math.log1p(Math.exp(((beyond ? 1 : -1) * (limit - Math.log(value))) / eye)),
      0,
    );
  // The log-likelihood is concave: thirds close in on its top.
  let [low, high] = [Math.log(usual) - 4, Math.log(usual) + 4];
  for (let i = 0; i < 80; i += 1) {
    const [a, b] = [low + (high - low) / 3, high - (high - low) / 3];
    if (fits(a) < fits(b)) low = a;
    else high = b;
  }
  return Math.exp((low + high) / 2);
}

/**
 * The limits by the user’s own eye: coats seen as even lie inside them, coats with peel below the least levelling,
 * coats that ran beyond the most slide. Logistic regression on logarithms with a prior about the default.
 *
 * Source: what was seen moves the constant by a log-normal update
 * @example calibrateFlow([]) → { levelling: 3, sag: 0.01, peels: 0, runs: 0 }
 */
export function calibrateFlow(verdicts: readonly FlowVerdict[]): Calibrated {
  const peels = verdicts.filter(({ seen, levelling }) => seen !== 'run' && levelling > 0);
  const runs = verdicts.filter(({ seen, sag }) => seen !== 'peel' && sag > 0);
  return {
    levelling: limitFrom(
      usualFlowLimits.levelling,
      peels.map(({ seen, levelling }) => ({ value: levelling, beyond: seen === 'even' })),
    ),
    sag: limitFrom(
      usualFlowLimits.sag,
      runs.map(({ seen, sag }) => ({ value: sag, beyond: seen === 'run' })),
    ),
    peels: peels.length,
    runs: runs.length,
  };
}
