'use client';

import { useState } from 'react';
import { cardQuestions, scoreByEye } from '@/core/card';
import { isRefusal } from '@/core/refusal';
import { distanceSearch, setFrom } from '@/facts/job/distancesearch';
import type { NewEntry } from '@/records';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Check } from '@/ui/Check';
import { Fold } from '@/ui/Fold';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { useUnits } from '@/ui/units';
import { amount, written } from '@/words/figures';

const edgeSays = {
  near: 'The nearest was best: what is nearer was not tried.',
  far: 'The farthest was best: what is farther was not tried.',
};

/** Three cards from three distances, and the distance between them that is best; kept for this gun with this coating. */
export function DistanceSearch() {
  const { view, log, logThen } = useJob();
  const store = useStore();
  const units = useUnits();
  const [answers, setAnswers] = useState<readonly boolean[]>(cardQuestions.map(() => false));
  const search = distanceSearch(view);
  const { rig, set, work } = view;
  if (!search || !rig || isRefusal(search.step)) return null;
  const { step, range, by, cards } = search;
  const show = (m: number) => written(amount('distance', m), units);
  const kept = rig.distances?.[set.sheet.id];
  const note = () => {
    const card: NewEntry = {
      type: 'card',
      layerId: work.layer.id,
      verdict: answers.every(Boolean) ? 'good' : 'coarse',
      distance: step.at,
      score: scoreByEye(answers),
    };
    logThen('card for the distance', [card], () => setAnswers(cardQuestions.map(() => false)));
  };
  const take = () => {
    const setting = setFrom(view, step.at);
    if (setting) log('distance set', setting);
    store.put({ ...rig, distances: { ...rig.distances, [set.sheet.id]: step.at } }, 'distance kept');
  };
  return (
    <Fold
      className="border-b border-hairline px-4 md:px-5"
      title="Find the distance"
      says={
        kept === undefined
          ? `three cards between ${show(range.min)} and ${show(range.max)}${by === 'default' ? ', a default' : ', as the sheet has it'}`
          : `${show(kept)} was best with this gun`
      }
      verb="Show"
    >
      <div className="space-y-3" data-distance-search>
        {step.kind === 'spray' ? (
          <>
            <Notice tone="act">
              Card {step.nth} of 3: spray it from {show(step.at)}, all else as it is set.
            </Notice>
            <fieldset>
              <legend className="text-sm text-ink-soft">How does it look?</legend>
              {cardQuestions.map((question, i) => (
                <Check
                  key={question}
                  label={question}
                  checked={answers[i] ?? false}
                  onChange={(on) => setAnswers((all) => all.map((each, at) => (at === i ? on : each)))}
                />
              ))}
            </fieldset>
            <Button onClick={note}>Keep this score</Button>
          </>
        ) : (
          <>
            <Notice tone="good">
              Best from {show(step.at)}.{' '}
              {step.edge ? edgeSays[step.edge] : 'Between three cards, an estimate.'}
            </Notice>
            {Math.abs(set.point.distance / step.at - 1) > 0.01 && (
              <Button onClick={take}>Set it so, and keep it for this gun</Button>
            )}
          </>
        )}
        {cards.length > 0 && (
          <ol className="flex flex-wrap gap-x-5 text-sm">
            {cards.map(({ distance, score }, i) => (
              <li key={i}>
                {show(distance)}: <b>{Math.round(score * 100)}</b> of 100
              </li>
            ))}
          </ol>
        )}
      </div>
    </Fold>
  );
}
