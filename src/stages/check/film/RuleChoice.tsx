'use client';

import { metalBelow, withApproach } from '@/facts/job';
import { useStore } from '@/store/hooks';
import { Choice } from '@/ui/Choice';
import { ruleWords } from '@/words/check';
import { expects } from '@/words/expects';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';

/** By which rule the film is judged: two usual ones, or the user’s own limits. */
export function RuleChoice() {
  const { view } = useJob();
  const store = useStore();
  const { job, work, check } = view;
  const { acceptance, ownLimits } = work.approach;
  const set = (said: Partial<typeof work.approach>) => store.put(withApproach(work, said), 'acceptance rule');
  const limits = ownLimits ?? { min: check.spec.min, max: check.spec.max };
  return (
    <section aria-label="Rule" className="space-y-2">
      <Choice
        label="Acceptance rule"
        value={acceptance}
        onChange={(rule) =>
          set({ acceptance: rule, ...(rule === 'own' && !ownLimits ? { ownLimits: limits } : {}) })
        }
        options={[
          { value: 'spot-mean', label: ruleWords['spot-mean'].name },
          { value: 'nominal', label: ruleWords.nominal.name },
          { value: 'own', label: ruleWords.own.name },
        ]}
      />
      <p className="text-xs text-ink-soft">{ruleWords[acceptance].says}</p>
      {acceptance === 'own' && (
        <div className="grid grid-cols-2 gap-3">
          {(['min', 'max'] as const).map((side) => (
            <NumberField
              key={side}
              label={side === 'min' ? 'Least' : 'Most'}
              quantity="film"
              value={limits[side]}
              onChange={(value) =>
                value !== undefined && value > 0 && set({ ownLimits: { ...limits, [side]: value } })
              }
              expects={expects.dryFilm}
              error={side === 'min' && limits.min >= limits.max ? 'Least must be under most.' : undefined}
              lazily
            />
          ))}
        </div>
      )}
      {!metalBelow(job.part) && (
        <Notice tone="care">
          Magnetic and eddy-current gauges need metal below. Here use an ultrasonic gauge, a comb, or weigh.
        </Notice>
      )}
    </section>
  );
}
