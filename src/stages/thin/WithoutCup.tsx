'use client';

import { useState } from 'react';
import { stickSigns, type StickSign } from '@/core/thinning';
import { Button } from '@/ui/Button';
import { expects } from '@/words/expects';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { stickWords } from '@/words/stick';

/** No cup at hand: what a stick shows is kept as a reading of wide error. */
export function WithoutCup() {
  const { view, log } = useJob();
  const { batch, readings } = view.thin;
  const [sign, setSign] = useState<StickSign>('ribbon-fades');
  const [temperature, setTemperature] = useState(readings.at(-1)?.temperature ?? view.plan.climate?.air);
  if (!batch) return null;
  return (
    <details className="border-b border-hairline px-4 py-3 md:px-5">
      <summary className="flex min-h-11 items-center font-bold">No cup at hand: stick test</summary>
      <div className="grid grid-cols-2 items-start gap-3">
        <div className="col-span-2">
          <SelectField
            label="Draw a stick through the mix, lift it"
            value={sign}
            onChange={(event) => setSign(event.target.value as StickSign)}
            options={stickSigns.map((each) => ({ value: each, label: stickWords[each] }))}
          />
        </div>
        <NumberField
          label="Mix at"
          quantity="temperature"
          value={temperature}
          onChange={setTemperature}
          expects={expects.paint}
        />
        <Button
          className="mt-6"
          disabled={temperature === undefined}
          onClick={() =>
            temperature !== undefined &&
            log('stick test', { type: 'stick', batchId: batch.id, sign, temperature })
          }
        >
          Record
        </Button>
        <p className="col-span-2 text-sm text-ink-soft">
          A stick tells viscosity to about half of it. Additions stay small until a cup has been timed.
        </p>
      </div>
    </details>
  );
}
