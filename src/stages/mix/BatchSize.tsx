'use client';

import { withApproach, type Worked } from '@/facts/job';
import { isRefusal } from '@/core/refusal';
import { useStore } from '@/store/hooks';
import { expects } from '@/words/expects';
import { BatchList } from '@/ui/job/BatchList';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { amount, figure, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** How much goes in the pot now: what the plan asks, what the pot holds, or what the user wants. */
export function BatchSize() {
  const { view } = useJob();
  const store = useStore();
  const units = useUnits();
  const { work, mix, supply } = view;
  const set = (change: Partial<Worked['approach']>) => store.put(withApproach(work, change), 'batch size');
  const { batch, pot } = work.approach;
  const small = mix.small.reduce((most, { enough }) => Math.max(most, enough), 0);
  return (
    <Panel title="This batch" place="batch">
      <div className="grid items-start gap-4 sm:grid-cols-2">
        <NumberField
          label="Mix now"
          quantity="volume"
          value={batch}
          onChange={(value) => set({ batch: value && value > 0 ? value : undefined })}
          expects={expects.volume}
          lazily
          hint={
            isRefusal(supply.remaining)
              ? undefined
              : `Empty: as planned, ${written(figure(view, 'mix.left', supply.remaining), units)} still to spray`
          }
          error={isRefusal(mix.volume) ? units.says(mix.volume) : undefined}
        />
        <NumberField
          label="The pot holds"
          quantity="volume"
          value={pot}
          onChange={(value) => set({ pot: value && value > 0 ? value : undefined })}
          expects={expects.volume}
          lazily
          hint="Empty: no limit"
        />
      </div>
      {small > 0 && (
        <button
          type="button"
          className="mt-2 min-h-11 text-act underline underline-offset-4"
          onClick={() => set({ batch: Math.ceil(small * 1e5) / 1e5 })}
        >
          Mix <Printed figure={amount('volume', small)} />, the smallest batch whose doses weigh well
        </button>
      )}
      {isRefusal(supply.batches) ? (
        <div className="mt-3">
          <Notice tone="care">{units.says(supply.batches)}</Notice>
        </div>
      ) : (
        supply.batches.length > 1 && batch === undefined && <BatchList />
      )}
    </Panel>
  );
}
