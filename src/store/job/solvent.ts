import { isRefusal } from '@/core/refusal';
import type { JobView } from './view';

/** kg of solvent one coat of the mix at hand lets go: the batch's, shared out over the coats it is for. */
export function solventOfCoat({ mix, plan }: Pick<JobView, 'mix' | 'plan'>): number {
  const { asMixed } = plan;
  const volume = isRefusal(mix.volume) ? 0 : mix.volume;
  const solvent =
    mix.batch?.applied.solvent ?? (isRefusal(asMixed) ? 0 : (asMixed.solvent / asMixed.volume) * volume);
  return solvent / Math.max(plan.coats.filter(({ sheet }) => sheet.id === mix.sheet.id).length, 1);
}
