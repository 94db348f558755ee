'use client';

import { useState } from 'react';
import { judgeRatio, usualTolerance } from '@/core/mixing';
import { isRefusal } from '@/core/refusal';
import { Button } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { massDigits, newBatchId, offMeaning, offWords } from '@/words/mix';
import { amount, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** What was really poured, against the sheet's ratio: also for a mix that was made without the ladder. */
export function RatioCheck() {
  const { view, log } = useJob();
  const units = useUnits();
  const { mix, shop } = view;
  const { sheet, batch, pouring } = mix;
  const recipe = isRefusal(mix.recipe) ? [] : mix.recipe;
  // What is still to be poured is not short yet.
  const known = recipe.map(
    ({ id }, i) =>
      batch?.poured.find(({ part }) => part.id === id)?.mass ?? (pouring?.poured[i] || undefined),
  );
  const [masses, setMasses] = useState<readonly (number | undefined)[]>(known);
  const tolerance = sheet.tolerance ?? usualTolerance;
  const whole = masses.length > 0 && masses.every((each) => each !== undefined);
  const verdict = whole
    ? judgeRatio(recipe, 'mass', masses as number[], tolerance, shop.scaleStep)
    : undefined;
  const grams = (mass: number) => written(amount('mass', mass), units, massDigits(view, units));
  const mixedAsEntered = () =>
    log('mixed', {
      type: 'mixed',
      batchId: pouring?.batchId ?? newBatchId(view),
      layerId: view.work.layer.id,
      poured: recipe.map(({ id }, i) => ({ partId: id, mass: masses[i] ?? 0 })),
    });
  return (
    <Panel title="Ratio check">
      <p className="mb-3 text-sm text-ink-soft">
        What was really poured of each part. The sheet allows ±{' '}
        <Printed figure={amount('share', tolerance)} digits={0} />
        {sheet.tolerance === undefined ? ', a default' : ''}.
      </p>
      <div className="grid grid-cols-2 items-start gap-3">
        {recipe.map((part, i) => (
          <NumberField
            key={part.id}
            label={`${part.name}, poured`}
            quantity="mass"
            value={masses[i]}
            onChange={(value) => setMasses(masses.map((each, at) => (at === i ? value : each)))}
          />
        ))}
      </div>
      {verdict && (
        <div className="mt-3 space-y-2" data-ratio>
          {isRefusal(verdict) ? (
            <Notice tone="care">{units.says(verdict)}</Notice>
          ) : verdict.passes ? (
            <Notice tone="good">On the ratio, within what is allowed.</Notice>
          ) : (
            <>
              {verdict.parts
                .filter(({ state }) => state !== 'inside')
                .map((each) => (
                  <Notice key={each.part.id} tone="stop">
                    {offWords(each, units)} {offMeaning(each, sheet)}
                  </Notice>
                ))}
              {verdict.repair.rest.map(({ part, mass }) => (
                <Notice key={part.id} tone="act">
                  Add {grams(mass)} {part.name}. The batch grows to{' '}
                  <Printed figure={amount('volume', verdict.repair.volume)} />.
                </Notice>
              ))}
            </>
          )}
          {!batch && !isRefusal(verdict) && <Button onClick={mixedAsEntered}>Mixed as entered</Button>}
        </div>
      )}
    </Panel>
  );
}
