'use client';

import { useMemo, useState } from 'react';
import type { Rig } from '@/records';
import { recipesOf, type Recipe } from '@/facts/shop/recipes';
import { varied } from '@/facts/shop/varied';
import { useRecords } from '@/store/hooks';
import { ButtonLink } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { Fold } from '@/ui/Fold';
import { useGone } from '@/ui/gone';
import { useKit } from '@/ui/kit';
import { UsesTable } from '@/ui/UsesTable';
import { useUnits } from '@/ui/units';
import { defects } from '@/core/diagnosis';
import { fullDay } from '@/words/dates';
import { inSentence, plural } from '@/words/line';
import { recipeName, recipeSays, spreadWords, startWords, variedWords } from '@/words/recipes';

/** So many uses side by side; older ones are counted in the spreads. */
const shown = 6;

/** What every product did with every gun on every ground: what a new job starts from, and what is known of it. */
export function Recipes() {
  const jobs = useRecords('job');
  const kit = useKit();
  const { rigs } = kit;
  const { ready, share } = useGone(jobs, kit);
  const recipes = useMemo(() => (ready ? recipesOf(jobs, kit) : []), [ready, jobs, kit]);
  if (!ready)
    return (
      <p className="py-6 text-ink-soft" role="status">
        Going through the jobs: {Math.round(share * 100)} %
      </p>
    );
  if (recipes.length === 0)
    return (
      <div className="max-w-2xl py-6 text-ink-soft">
        <p>
          A recipe comes of itself: once a coat is on, how it was thinned, timed and set, the room it was
          sprayed in and the film it gave are kept under its product, gun and ground. The next job with the
          same three starts from the best of them.
        </p>
        <p className="mt-3">
          <ButtonLink href="/new">New job</ButtonLink>
        </p>
      </div>
    );
  return (
    <div className="divide-y divide-hairline border-y border-hairline" data-recipes>
      {recipes.map((recipe) => (
        <OneRecipe key={recipe.id} recipe={recipe} rig={rigs.find(({ id }) => id === recipe.rigId)} />
      ))}
    </div>
  );
}

interface Props {
  readonly recipe: Recipe;
  /** None where the shop has it no longer. */
  readonly rig: Rig | undefined;
}

function OneRecipe({ recipe, rig }: Props) {
  const units = useUnits();
  const { uses, film, transfer, thinner, start, faults } = recipe;
  return (
    <Fold
      title={recipeName(recipe, rig?.name ?? 'a gun the shop has no longer')}
      says={recipeSays(recipe)}
      verb="Open"
    >
      <p className="mb-2 text-sm">{startWords(recipe)}</p>
      <ul className="mb-3 list-disc pl-5 text-sm text-ink-soft">
        {thinner && start?.thinner && (
          <li>{spreadWords(thinner, `${inSentence(start.thinner.name)} went in`, units)}</li>
        )}
        {film && <li>{spreadWords(film, 'of the film aimed at', units)}</li>}
        {transfer && <li>{spreadWords(transfer, 'transfer found', units)}</li>}
        {faults.map(({ defect, jobs }) => (
          <li key={defect}>
            {defects[defect].name}: in {jobs} of {plural(uses.length, 'job')}
          </li>
        ))}
      </ul>
      <UsesTable label={`Uses of ${recipe.sheet}`} uses={uses.slice(0, shown)} rig={rig} />
      {uses.length > shown && (
        <p className="mt-1 text-sm text-ink-soft">
          {plural(uses.length - shown, 'older job')} more, counted above.
        </p>
      )}
      {uses.length > 1 && <SideBySide recipe={recipe} />}
    </Fold>
  );
}

/** Two of its uses as an experiment: what differs, and whether that tells anything. */
function SideBySide({ recipe: { uses } }: Pick<Props, 'recipe'>) {
  const [pair, setPair] = useState<readonly [number, number]>([0, 1]);
  const [first, second] = pair.map((at) => uses[at]);
  if (!first || !second) return null;
  const options = uses.map(({ job, at }, i) => ({ value: String(i), label: `${job}, ${fullDay(at)}` }));
  return (
    <div className="mt-4" data-side>
      <div className="grid max-w-2xl gap-3 sm:grid-cols-2">
        <SelectField
          label="Compare"
          value={String(pair[0])}
          options={options}
          onChange={(event) => setPair([Number(event.target.value), pair[1]])}
        />
        <SelectField
          label="with"
          value={String(pair[1])}
          options={options}
          onChange={(event) => setPair([pair[0], Number(event.target.value)])}
        />
      </div>
      <p className="mt-2 max-w-2xl text-sm" role="status">
        {first === second ? 'Choose another to compare it with.' : variedWords(varied(first, second))}
      </p>
    </div>
  );
}
