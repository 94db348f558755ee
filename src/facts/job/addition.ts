import { sheetShare } from '@/core/thinning';
import { moment } from './entries';
import type { JobView } from './view';

/** ms within which the same amount again may be the same pour written twice. A default. */
const twiceWithin = 60_000;

export interface AdditionEffect {
  /** Share of thinner after it, as the sheet counts it. */
  readonly share: number;
  /** The same amount was recorded a moment ago. */
  readonly twice: boolean;
  /** Past the sheet’s maximum. */
  readonly over: boolean;
}

/**
 * What so much thinner would make of the pot in use.
 *
 * @param mass kg
 */
export function additionEffect(
  { thin: { batch, thinner, sheet }, now }: Pick<JobView, 'thin' | 'now'>,
  mass: number,
): AdditionEffect | undefined {
  if (!batch || !thinner) return undefined;
  const share =
    sheetShare(batch.thinner + mass, thinner.density, batch.unthinned, sheet.thinning) + batch.doseShare;
  const last = batch.additions.at(-1);
  return {
    share,
    twice: last !== undefined && Math.abs(last.mass - mass) < 1e-9 && now - moment(last) < twiceWithin,
    over: share > sheet.thinning.maximum + 1e-9,
  };
}
