import { airSupply, wantedMargin, type AirSupply } from '@/core/airline';
import { isRefusal } from '@/core/refusal';
import type { JobView } from './view';

/** A compressor beside the gun it feeds: whether it has enough, with the little more that holds pressure in long strokes. */
export interface CompressedAir extends AirSupply {
  /** m³/s of free air the gun takes at its point. */
  readonly takes: number;
  readonly state: 'ample' | 'little' | 'short';
}

/** None where no compressor was described, or nobody knows what the gun takes. */
export function compressedAir({ rig, set }: Pick<JobView, 'rig' | 'set'>): CompressedAir | undefined {
  const takes = set.point.air;
  if (!rig?.compressor || takes === undefined || rig.air !== 'compressor') return undefined;
  const supply = airSupply(rig.compressor, takes);
  if (isRefusal(supply)) return undefined;
  const { margin } = supply;
  return { ...supply, takes, state: margin < 0 ? 'short' : margin < wantedMargin ? 'little' : 'ample' };
}
