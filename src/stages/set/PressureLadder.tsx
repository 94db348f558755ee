'use client';

import { useState } from 'react';
import { cardQuestions, ladderStep, scoreByEye } from '@/core/card';
import { pressureLimit } from '@/facts/job/pressurelimit';
import type { NewEntry } from '@/records';
import { Button } from '@/ui/Button';
import { Check } from '@/ui/Check';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { pressureQuantity } from '@/words/pressure';
import { amount, written } from '@/words/figures';

const whose = {
  rig: 'what the gun bears',
  sheet: 'what the sheet allows',
  turbine: 'what the turbine leaves',
  hvlp: 'what an HVLP cap may have',
};

/** Cards at equal steps of pressure: up while they improve, stop at the first that does not, back one. */
export function PressureLadder() {
  const { view, logThen } = useJob();
  const units = useUnits();
  const { set, rig } = view;
  const { setting, rungs } = set;
  const airless = rig?.atomising === 'airless';
  const [step, setStep] = useState(airless ? 10e5 : rig?.atomising === 'hvlp' ? 0.05e5 : 0.2e5);
  const [answers, setAnswers] = useState<readonly boolean[]>(cardQuestions.map(() => false));
  const [pressure, setPressure] = useState<number>();
  if (!setting || !rig) return null;
  const quantity = pressureQuantity(setting.pressure);
  const show = (value: number) => written(amount(quantity, value), units);
  const limit = pressureLimit(view, setting.pressureAt);
  const next = ladderStep(rungs, step, limit?.at ?? Infinity);
  const asked = pressure ?? (next.kind === 'up' ? next.to : setting.pressure);
  const record = () => {
    const card: NewEntry = {
      type: 'card',
      layerId: view.work.layer.id,
      verdict: answers.every(Boolean) ? 'good' : 'coarse',
      pressure: asked,
      score: scoreByEye(answers),
    };
    logThen('ladder card', [card], () => {
      setAnswers(cardQuestions.map(() => false));
      setPressure(undefined);
    });
  };
  return (
    <Panel title="Pressure ladder">
      <div className="space-y-3" data-ladder>
        <Notice tone={next.kind === 'back' ? 'good' : 'act'}>
          {next.kind === 'first' &&
            (airless
              ? `Start low, at ${show(setting.pressure)} or under, and raise it until the tails close.`
              : `Spray a card at ${show(setting.pressure)} and judge it.`)}
          {next.kind === 'up' && `It improved. Spray the next card at ${show(next.to)}.`}
          {next.kind === 'back' &&
            `The last step did not improve it. Go back to ${show(next.to)}: more only makes mist.`}
          {next.kind === 'top' &&
            `One step more is over ${limit ? whose[limit.whose] : 'a limit'}, ${show(limit?.at ?? next.to)}. If the card is not good, thin it or change the nozzle.`}
        </Notice>
        {rungs.length > 0 && (
          <ol className="flex flex-wrap items-end gap-2">
            {rungs.map(({ pressure: own, score }, i) => (
              <li key={i} className="text-center text-sm">
                <div className="flex h-20 w-14 items-end border-b-2 border-ink" aria-hidden>
                  <div
                    className={`w-full ${next.kind === 'back' && next.to === own ? 'bg-good' : 'bg-act/60'}`}
                    style={{ height: `${Math.max(score, 0.04) * 100}%` }}
                  />
                </div>
                {show(own)}
                <span className="block text-ink-soft">{Math.round(score * 100)}</span>
              </li>
            ))}
          </ol>
        )}
        {next.kind !== 'back' && (
          <>
            <div className="grid grid-cols-2 items-start gap-3 sm:max-w-md">
              <NumberField label="Card sprayed at" quantity={quantity} value={asked} onChange={setPressure} />
              <NumberField
                label="Each step"
                quantity={quantity}
                value={step}
                onChange={(value) => value && setStep(value)}
                lazily
              />
            </div>
            <fieldset>
              <legend className="text-sm text-ink-soft">By eye, or let the card reader judge it</legend>
              {cardQuestions.map((question, i) => (
                <Check
                  key={question}
                  label={question}
                  checked={answers[i] ?? false}
                  onChange={(on) => setAnswers((all) => all.map((each, at) => (at === i ? on : each)))}
                />
              ))}
            </fieldset>
            <Button onClick={record}>Note this card</Button>
          </>
        )}
      </div>
    </Panel>
  );
}
