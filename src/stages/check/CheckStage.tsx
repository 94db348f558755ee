'use client';

import { isRefusal } from '@/core/refusal';
import { useStore } from '@/store/hooks';
import { Choice } from '@/ui/Choice';
import { useJob } from '@/ui/job/context';
import { StageFrame } from '@/ui/job/StageFrame';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { conditionFacts } from '@/ui/words/check';
import { SpotMap } from './SpotMap';

export function CheckStage() {
  const { view } = useJob();
  const store = useStore();
  const units = useUnits();
  const { job, check } = view;
  const { verdict } = check;
  return (
    <StageFrame
      stage="check"
      filmStack
      beside={
        <section aria-label="Rule" className="space-y-2">
          <Choice
            label="Acceptance rule"
            value={job.approach.acceptance}
            onChange={(acceptance) =>
              store.put({ ...job, approach: { ...job.approach, acceptance } }, 'acceptance rule')
            }
            options={[
              { value: 'spot-mean', label: 'Spot means' },
              { value: 'nominal', label: 'Nominal film' },
            ]}
          />
          <p className="text-xs text-ink-soft">
            {job.approach.acceptance === 'spot-mean'
              ? 'Set mean inside the range, every spot mean between 80 % of its minimum and 120 % of its maximum (as in SSPC-PA 2, level 3).'
              : 'Mean at least nominal, nothing under 80 % of it, fewer than a fifth of readings between 80 and 100 % (as in ISO 19840).'}
          </p>
          {!job.part.metal && (
            <Notice tone="care">
              Magnetic and eddy-current gauges need metal below. Here use an ultrasonic gauge, a comb, or
              weigh.
            </Notice>
          )}
        </section>
      }
    >
      <SpotMap />
      {!isRefusal(verdict) && (
        <Panel title="Found against the limit">
          <ul className="divide-y divide-hairline border-y border-hairline" data-conditions>
            {conditionFacts(verdict.conditions, units).map(({ label, value, holds }) => (
              <li key={label} className="flex flex-wrap items-center justify-between gap-2 py-2">
                <span>
                  <b className={holds ? 'text-good' : 'text-stop'}>{holds ? '✓ holds' : '■ fails'}</b> {label}
                </span>
                <b>{value}</b>
              </li>
            ))}
          </ul>
        </Panel>
      )}
    </StageFrame>
  );
}
