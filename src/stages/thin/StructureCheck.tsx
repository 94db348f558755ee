'use client';

import { useState } from 'react';
import { Button } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** ISO 2431: past this share apart a liquid is structured. */
export const structureLimit = 0.1;

/** Does it thicken when it stands? Then a flow cup cannot judge it. */
export function StructureCheck() {
  const { view, log } = useJob();
  const { batch, structure, readings } = view.thin;
  const [fresh, setFresh] = useState<number>();
  const [stood, setStood] = useState<number>();
  if (!batch) return null;
  const cupId = readings.at(-1)?.entries[0]?.cupId ?? view.work.layer.cupId;
  return (
    <details className="border-b border-hairline px-4 py-3 md:px-5">
      <summary className="flex min-h-11 items-center font-bold">Structure check</summary>
      <p className="mb-3 text-sm text-ink-soft">
        Time one filling started within 5 s of filling, and one that stood in the cup for 60 s.
      </p>
      <div className="grid grid-cols-2 items-start gap-3">
        <NumberField label="Started at once" quantity="time" value={fresh} onChange={setFresh} />
        <NumberField label="After standing 60 s" quantity="time" value={stood} onChange={setStood} />
        <Button
          disabled={!fresh || !stood}
          onClick={() =>
            fresh &&
            stood &&
            log('structure check', { type: 'structure', batchId: batch.id, cupId, fresh, stood })
          }
        >
          Record
        </Button>
      </div>
      {structure && (
        <div className="mt-3">
          <Notice tone={Math.abs(structure.off) > structureLimit ? 'stop' : 'good'}>
            <Printed figure={amount('share', Math.abs(structure.off))} /> apart.{' '}
            {Math.abs(structure.off) > structureLimit
              ? 'It is structured: it thickens at rest, and a flow cup cannot judge it. Stir before each timing, and trust the spray card more than the seconds.'
              : 'It flows the same after standing: the cup can judge it.'}
          </Notice>
        </div>
      )}
    </details>
  );
}
