import { isRefusal } from '@/core/refusal';
import type { JobView } from './view';

/** kg of solvent in the mix at hand, or in the batch that is planned while none is mixed. */
export function solventOfBatch({ mix, plan }: Pick<JobView, 'mix' | 'plan'>): number {
  if (mix.batch) return mix.batch.applied.solvent;
  const { asMixed } = plan;
  if (isRefusal(asMixed) || isRefusal(mix.volume)) return 0;
  return (asMixed.solvent / asMixed.volume) * mix.volume;
}

/** kg of solvent one coat of it lets go: the batch's, shared out over the coats it is for. */
export const solventOfCoat = (view: Pick<JobView, 'mix' | 'plan' | 'work'>): number =>
  solventOfBatch(view) /
  Math.max(view.plan.coats.filter(({ coat }) => coat.layerId === view.work.layer.id).length, 1);
