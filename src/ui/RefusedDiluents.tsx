import type { RefusedLiquid } from '@/facts/job';
import { diluentWhyWords } from '@/words/diluents';
import { Notice } from './Notice';

/** Liquids on a sheet that may not go into its paint, and why: they are offered nowhere. */
export function RefusedDiluents({ refused }: { readonly refused: readonly RefusedLiquid[] }) {
  return refused.map(({ name, why, never }) => (
    <Notice key={name} tone="stop">
      {name} does not go into this. {diluentWhyWords[why]}
      {!never && ' If its paper names it, put the thinning right on the sheet and it counts as read.'}
    </Notice>
  ));
}
