'use client';

import { useMemo } from 'react';
import { recipeOfDraft } from '@/facts/newjob/draft';
import { recipeSays, startWords } from '@/words/recipes';
import type { ScreenProps } from './conversation';

/** What the shop knows of the product with that gun, and what the job will therefore start from. */
export function KnownRecipe({ draft, held }: Pick<ScreenProps, 'draft' | 'held'>) {
  const recipe = useMemo(() => recipeOfDraft(draft, held), [draft, held]);
  if (!recipe) return null;
  return (
    <p className="my-2 border-l-4 border-good bg-good-wash px-3 py-2 text-sm" data-recipe>
      <b>Worked before:</b> {recipeSays(recipe)}. {startWords(recipe)}
    </p>
  );
}
