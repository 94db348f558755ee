'use client';

import { useState } from 'react';
import { deferral, stepCautions } from '@/core/safety';
import { gunFamily, stepReason } from '@/core/care';
import type { CleanStep } from '@/facts/job';
import { Button } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { jobHazards } from '@/facts/job/hazards';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { liquidWords } from '@/words/care';
import { GunParts } from './GunParts';
import { Reword } from './Reword';
import { amount, written } from '@/words/figures';

/** The step that comes now: its cautions where the hand is, what it takes, and the mistake it prevents. */
export function PresentStep() {
  const { view } = useJob();
  const units = useUnits();
  const [rewording, setRewording] = useState(false);
  const { clean } = view;
  const { rig } = clean;
  const step = presentStep(clean.steps, clean.midway, clean.between);
  if (!step || clean.state !== 'dirty' || !rig) return null;
  const reason = stepReason(step);
  const cautions = stepCautions(step.risks, jobHazards(view));
  return (
    <Panel
      title="This step"
      place="step"
      tools={<Button onClick={() => setRewording(true)}>Change wording</Button>}
    >
      <div className="grid gap-4 md:grid-cols-[minmax(0,1fr)_17rem]" data-present-step={step.id}>
        <div className="min-w-0 space-y-2">
          {cautions.map(({ says, weight }) => (
            <Notice key={says} tone={weight}>
              {says}
            </Notice>
          ))}
          {cautions.length > 0 && <p className="text-xs text-ink-soft">{deferral}</p>}
          <dl className="text-sm">
            {(
              [
                ...(step.liquid
                  ? [['Liquid', `${step.liquid}, about ${liquidWords(step.volume, units)}`]]
                  : []),
                ['Takes about', written(amount('duration', step.takes), units)],
                ['Why', reason.because],
                ['Prevents', reason.prevents],
              ] as [string, string][]
            ).map(([label, value]) => (
              <div key={label} className="flex gap-3 border-b border-hairline py-1.5">
                <dt className="w-24 shrink-0 text-ink-soft">{label}</dt>
                <dd className="font-semibold">{value}</dd>
              </div>
            ))}
          </dl>
        </div>
        <GunParts family={gunFamily(rig)} step={step.id} />
      </div>
      {rewording && <Reword key={step.wordsKey} step={step} onClose={() => setRewording(false)} />}
    </Panel>
  );
}

/** Between coats the short way, else the list. */
export function presentStep(
  steps: readonly CleanStep[],
  midway: readonly CleanStep[],
  between: boolean,
): CleanStep | undefined {
  const short = between && steps.every(({ done }) => !done) ? midway.find(({ done }) => !done) : undefined;
  return short ?? steps.find(({ done }) => !done);
}
