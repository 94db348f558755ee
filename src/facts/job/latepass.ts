import { openFor, usualFlowLimits } from '@/core/flowout';
import { isRefusal } from '@/core/refusal';
import type { CoatRole } from '@/core/system';
import { liveEntries, moment, ofType } from './entries';
import { landedNow } from './even';
import type { CoatState } from './spray';
import type { JobView } from './view';

/** A face of the coat that is going on, and until when a pass over it still flows in, ms since the epoch. An estimate. */
export interface OpenFace {
  readonly faceId: string;
  readonly side: 1 | 2;
  readonly until: number;
}

/** How long the film of a coat takes a further pass, s; nothing where it cannot be told. */
function staysOpen(view: JobView, coat: CoatState): number | undefined {
  const landed = landedNow(view, coat);
  if (isRefusal(landed) || !(coat.wet > 0)) return undefined;
  const open = openFor(landed, coat.wet, usualFlowLimits.levelling);
  return isRefusal(open) ? undefined : open;
}

/** The faces of the running coat that have it, each open from its own last stroke. */
export function openFaces(view: JobView): OpenFace[] {
  const { running } = view.spray;
  const open = running && staysOpen(view, running);
  if (!running || open === undefined) return [];
  const last = new Map<string, OpenFace>();
  for (const entry of ofType(liveEntries(view.work), 'face-done')) {
    if (entry.coatId !== running.coat.id) continue;
    const { faceId, side = 1 } = entry;
    last.set(`${faceId}/${side}`, { faceId, side, until: moment(entry) + open * 1000 });
  }
  return [...last.values()];
}

const flakes: readonly (CoatRole | undefined)[] = ['bed', 'metallic', 'drop'];

/** Does this coat carry flake, so that uneven film shows as tone? */
export const hasFlake = ({ coat }: Pick<CoatState, 'coat'>): boolean => flakes.includes(coat.role);
