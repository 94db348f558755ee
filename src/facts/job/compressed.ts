import { airSupply, airWait, wantedMargin, type AirSupply } from '@/core/airline';
import { isRefusal } from '@/core/refusal';
import type { JobView } from './view';

/** A compressor beside the gun it feeds: whether it has enough, with the little more that holds pressure in long strokes. */
export interface CompressedAir extends AirSupply {
  /** m³/s of free air the gun takes at its point. */
  readonly takes: number;
  /** Of one that gives less than the gun takes: whether its full tank carries the coat in hand. */
  readonly state: 'ample' | 'little' | 'tank' | 'short';
  /** s somebody waits for the tank over one coat, and what those hands cost, where they have a price. */
  readonly waits: number;
  readonly costs?: number;
}

/** None where no compressor was described, or nobody knows what the gun takes. */
export function compressedAir({
  rig,
  set,
  points,
  shop,
}: Pick<JobView, 'rig' | 'set' | 'points' | 'shop'>): CompressedAir | undefined {
  const takes = set.point.air;
  if (!rig?.compressor || takes === undefined || rig.air !== 'compressor') return undefined;
  const supply = airSupply(
    // Thinner air comes out of it as so much less.
    { ...rig.compressor, delivers: rig.compressor.delivers * set.bearings.airLeft },
    takes,
  );
  if (isRefusal(supply)) return undefined;
  const { margin } = supply;
  const time = points.find(({ coat }) => coat.id === set.coat?.id)?.time ?? 0;
  const waits = airWait(supply, time);
  // How long a coat takes is an estimate: a little more than that is wanted.
  const carries = time > 0 && supply.lasts >= time * (1 + wantedMargin);
  const labour = shop.rates?.labour;
  return {
    ...supply,
    takes,
    waits,
    ...(labour === undefined || waits === 0 ? {} : { costs: waits * labour }),
    state: margin < 0 ? (carries ? 'tank' : 'short') : margin < wantedMargin ? 'little' : 'ample',
  };
}
