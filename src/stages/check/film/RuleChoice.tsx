'use client';

import { metalBelow, withApproach } from '@/facts/job';
import { useStore } from '@/store/hooks';
import { Choice } from '@/ui/Choice';
import { expects } from '@/words/expects';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';

// prettier-ignore
const says = {
  'spot-mean': 'Set mean inside the range, every spot mean between 80 % of its minimum and 120 % of its maximum (as in SSPC-PA 2, level 3).',
  nominal: 'Mean at least nominal, nothing under 80 % of it, fewer than a fifth of readings between 80 and 100 % (as in ISO 19840).',
  own: 'Every reading between your own limits.',
};

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
          { value: 'spot-mean', label: 'Spot means' },
          { value: 'nominal', label: 'Nominal film' },
          { value: 'own', label: 'Own' },
        ]}
      />
      <p className="text-xs text-ink-soft">{says[acceptance]}</p>
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
