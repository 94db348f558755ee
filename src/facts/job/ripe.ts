import type { Ripe } from '@/core/inspection';
import type { Coating } from '@/records';
import { slowness } from './recoat';

/** When a film is ripe for what is done to it, ms since the epoch, in this room: an estimate. */
export interface RipeAt extends Readonly<Record<Ripe, number>> {
  /** Fully cured. */
  readonly cure: number;
  /** Its sheet does not say when it may be touched, or when it is cured: as is usual. */
  readonly assumed: { readonly touch: boolean; readonly cure: boolean };
}

/** A sheet that says nothing of curing: a week, s. A default. */
const usualCure = 7 * 86_400;

/** Of a coat of this sheet that ended then. What its sheet leaves out is taken from what it says of the rest. */
export function ripeAt(sheet: Coating, ended: number, room: Parameters<typeof slowness>[1]): RipeAt {
  const { times } = sheet;
  const factor = slowness(sheet, room) * 1000;
  const said = times.handle ?? times.sandable ?? Math.max(times.recoatFirst * 4, times.flash * 2);
  const handle = Math.max(said, times.touch ?? 0);
  const touch = times.touch ?? Math.min(times.flash * 2, handle);
  return {
    on: ended,
    touch: ended + touch * factor,
    handle: ended + handle * factor,
    cure: ended + (times.cure ?? usualCure) * factor,
    assumed: { touch: times.touch === undefined, cure: times.cure === undefined },
  };
}
