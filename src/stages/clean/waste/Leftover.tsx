'use client';

import { useState } from 'react';
import { leftoverOf } from '@/facts/job';
import { Button } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';

/** Mix left over in the pot: that it is gone, and how much it was, if anyone knows. */
export function Leftover() {
  const { view, log } = useJob();
  const [volume, setVolume] = useState<number | undefined>();
  const batch = leftoverOf(view.work, view.work.layer);
  if (!batch) return null;
  return (
    <Panel title="Mix left over">
      <div className="flex flex-wrap items-end gap-3" data-leftover>
        <div className="w-full max-w-64">
          <NumberField
            label="Mix left over, if you know"
            quantity="volume"
            value={volume}
            onChange={setVolume}
            expects={[0, batch.applied.volume]}
            hint="Without it, transfer is a minimum"
          />
        </div>
        <Button
          onClick={() =>
            log(
              'mix discarded',
              { type: 'discard', batchId: batch.id, why: 'Left over after the last coat' },
              ...(volume ? [{ type: 'waste', what: 'mix', volume } as const] : []),
            )
          }
        >
          Leftover disposed of
        </Button>
      </div>
    </Panel>
  );
}
