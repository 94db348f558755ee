import { viscosityFromSeconds, type FlowCup } from '../cups';
import { isRefusal } from '../refusal';
import { meanOf, predict, spreadOf, type Conditioned } from './predict';
import { readingError } from './readingerror';

/** Past this many standard errors a reading is asked about. */
const surprising = 3.5;
/** Within this many it fits. */
const fitting = 2;

/** What may be wrong with a reading: another cup of the shop would explain it, or nothing liquid would. */
export type Suspicion =
  | { readonly kind: 'other-cup'; readonly cup: FlowCup }
  | { readonly kind: 'thinner-than-thinner' }
  | { readonly kind: 'unlikely' };

/**
 * Looks at a reading before it is recorded: asked about when it is far from what is believed.
 *
 * @param w mass share of thinner in the pot
 * @param shift factor that brings a viscosity from the paint's temperature to the belief's
 * @param others the shop's other cups
 * @returns undefined when there is nothing to ask
 * Source: distance in standard errors
 */
export function suspect(
  conditioned: Conditioned,
  w: number,
  cup: FlowCup,
  seconds: number,
  shift: number,
  others: readonly FlowCup[],
): Suspicion | undefined {
  const prediction = predict(conditioned, w);
  const centre = meanOf(prediction);
  const spread = spreadOf(prediction);
  const surprise = (own: FlowCup): number | undefined => {
    const nu = viscosityFromSeconds(own, seconds);
    const sd = readingError(own, seconds, 1);
    if (isRefusal(nu) || isRefusal(sd)) return undefined;
    return Math.abs(Math.log(nu * shift) - centre) / Math.hypot(spread, sd);
  };
  const nu = viscosityFromSeconds(cup, seconds);
  if (!isRefusal(nu) && Math.log(nu * shift) < conditioned.belief.lnThinner)
    return { kind: 'thinner-than-thinner' };
  const own = surprise(cup);
  if (own === undefined || own < surprising) return undefined;
  const better = others
    .filter(({ id }) => id !== cup.id)
    .map((other) => ({ other, off: surprise(other) ?? Infinity }))
    .sort((a, b) => a.off - b.off)[0];
  return better && better.off < fitting ? { kind: 'other-cup', cup: better.other } : { kind: 'unlikely' };
}
