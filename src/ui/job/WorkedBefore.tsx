'use client';

import { useMemo } from 'react';
import { recipeWith } from '@/facts/shop/recipes';
import { setAgain, type JobView } from '@/facts/job';
import { useRecords } from '@/store/hooks';
import { recipeSays, startWords } from '@/words/recipes';
import { Button } from '../Button';
import { Fold } from '../Fold';
import { UsesTable } from '../UsesTable';
import { useKit } from '../kit';
import { useJob } from './context';

/** So many uses beside each other: the rest stand with the recipes of the logbook. */
const shown = 4;

/** What this product did with this gun on this ground before, where the shop has sprayed it. */
export function WorkedBefore({ sets }: { readonly sets?: boolean }) {
  const { view, log } = useJob();
  const recipe = useRecipe(view);
  if (!recipe) return null;
  const again = recipe.start?.setting;
  return (
    <Fold
      className="border-b border-hairline px-4 md:px-5"
      title="Worked before"
      says={recipeSays(recipe)}
      verb="Show"
    >
      <p className="mb-2 text-sm">{startWords(recipe)}</p>
      <UsesTable label="Worked before" uses={recipe.uses.slice(0, shown)} rig={view.rig} />
      {sets && again && recipe.start && (
        <Button
          className="mt-3"
          onClick={() => log('gun set as before', setAgain({ ...again, layerId: view.work.layer.id }))}
        >
          Set the gun as for {recipe.start.job}
        </Button>
      )}
    </Fold>
  );
}

function useRecipe({ job, work: { layer } }: JobView) {
  const jobs = useRecords('job');
  const kit = useKit();
  const { id: jobId, part } = job;
  const { rigId, sheet } = layer;
  return useMemo(
    () => recipeWith(jobs, kit, { sheetId: sheet.id, rigId, ground: part.kind }, jobId),
    [jobs, kit, sheet.id, rigId, part.kind, jobId],
  );
}
