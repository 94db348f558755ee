'use client';

import { withApproach, withLayer } from '@/facts/job';
import { useState } from 'react';
import { useRecords, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { expects } from '@/words/expects';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { cupLabel } from '@/words/cup';

/** A band of the shop's own: from a job that went well, and the only one a private cup can have. */
export function OwnBand() {
  const { view } = useJob();
  const store = useStore();
  const cups = useRecords('cup');
  const { work } = view;
  const held = work.approach.ownBand;
  const [cupId, setCupId] = useState(held?.cupId ?? work.layer.cupId);
  const [min, setMin] = useState(held?.min);
  const [max, setMax] = useState(held?.max);
  const [temperature, setTemperature] = useState(
    held?.temperature ?? view.thin.choice?.temperature ?? view.plan.sheet.times.temperature,
  );
  const odd = min !== undefined && max !== undefined && min >= max;
  const save = () => {
    if (min === undefined || max === undefined || odd) return;
    const ownBand = { cupId, min, max, temperature };
    store.put(
      withLayer(withApproach(work, { target: 'own', ownBand }), work.layer.id, { cupId }),
      'own band',
    );
  };
  return (
    <details>
      <summary className="flex min-h-11 items-center text-sm text-act underline underline-offset-4">
        A band of our own
      </summary>
      <div className="grid grid-cols-2 items-start gap-3">
        <div className="col-span-2">
          <SelectField
            label="Seconds of"
            value={cupId}
            onChange={(event) => setCupId(event.target.value)}
            options={cups.map((cup) => ({ value: cup.id, label: cupLabel(cup) }))}
          />
        </div>
        <NumberField label="Own band from" quantity="time" value={min} onChange={setMin} expects={[8, 150]} />
        <NumberField
          label="Own band to"
          quantity="time"
          value={max}
          onChange={setMax}
          expects={[8, 200]}
          error={odd ? 'It must run from fewer seconds to more.' : undefined}
        />
        <NumberField
          label="With the paint at"
          quantity="temperature"
          value={temperature}
          onChange={(value) => value !== undefined && setTemperature(value)}
          expects={expects.paint}
        />
        <Button className="mt-6" onClick={save} disabled={min === undefined || max === undefined || odd}>
          Use it
        </Button>
      </div>
    </details>
  );
}
