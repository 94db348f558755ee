'use client';

import { useState } from 'react';
import { stickScale, stickSigns, type StickSign } from '@/core/thinning';
import { Button } from '@/ui/Button';
import { expects } from '@/words/expects';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { stickWords } from '@/words/stick';

/** No cup at hand: what a stick shows is kept as a reading of wide error. */
export function WithoutCup() {
  const { view } = useJob();
  if (!view.thin.batch || view.thin.step.kind === 'by-stick') return null;
  return (
    <details className="border-b border-hairline px-4 py-3 md:px-5">
      <summary className="flex min-h-11 items-center font-bold">No cup at hand: stick test</summary>
      <StickTest
        signs={stickSigns}
        says="A stick tells viscosity to about half of it. Additions stay small until a cup has been timed."
      />
    </details>
  );
}

/** Thinned by stick: what it shows is said here, and judged by the end-point chosen. */
export function ByStick() {
  const { thin } = useJob().view;
  if (thin.step.kind !== 'by-stick' || !thin.batch) return null;
  return (
    <Panel title="Stick">
      <div data-place="stick" tabIndex={-1}>
        <StickTest
          key={thin.sticks.length}
          signs={stickScale(thin.step.endPoint)}
          says={`It is right when: ${stickWords[thin.step.endPoint].toLowerCase()}. It goes on in small steps, and no cup’s seconds are reckoned from it.`}
        />
      </div>
    </Panel>
  );
}

function StickTest({ signs, says }: { readonly signs: readonly StickSign[]; readonly says: string }) {
  const { view, log } = useJob();
  const { batch, readings, sticks } = view.thin;
  const [sign, setSign] = useState<StickSign>(signs[1] ?? 'ribbon-fades');
  const last = sticks.at(-1)?.entry.temperature ?? readings.at(-1)?.temperature;
  const [temperature, setTemperature] = useState(last ?? view.plan.climate?.air);
  if (!batch) return null;
  return (
    <div className="grid grid-cols-2 items-start gap-3">
      <div className="col-span-2">
        <SelectField
          label="Draw a stick through the mix, lift it"
          value={sign}
          onChange={(event) => setSign(event.target.value as StickSign)}
          options={signs.map((each) => ({ value: each, label: stickWords[each] }))}
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
      <p className="col-span-2 text-sm text-ink-soft">{says}</p>
    </div>
  );
}
