import type { Layer } from '@/records';
import { batchOf } from './batch';
import type { Worked } from './worked';

/** Before anything is mixed, half of the most thinner the sheet allows is reckoned with. A default. */
const likely = 0.5;

/** How much of a litre of ready mix is thinner: as it was mixed, else as is likely. By volume. */
export function thinnerShare(job: Worked, layer: Layer): number {
  const { thinning } = layer.sheet;
  const batch = batchOf(job, layer);
  if (!batch) return thinning.thinners.length > 0 ? thinning.maximum * likely : 0;
  const what = batch.additions.findLast((each) => each.what !== 'unthinned')?.what;
  const thinner = thinning.thinners.find(({ id }) => id === what) ?? thinning.thinners[0];
  const whole = batch.additions.reduce((sum, { mass }) => sum + mass, batch.mixedMass);
  if (!thinner || !(batch.applied.density > 0) || !(whole > 0)) return 0;
  return Math.min(batch.thinner / thinner.density / (whole / batch.applied.density), 1);
}

/** What a m³ of ready mix costs in paint, its thinner not; nothing where the sheet has no price. */
export const paintPrice = (job: Worked, layer: Layer): number | undefined =>
  layer.sheet.pricePerVolume === undefined
    ? undefined
    : layer.sheet.pricePerVolume * (1 - thinnerShare(job, layer));
