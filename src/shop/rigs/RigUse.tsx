'use client';

import { useMemo } from 'react';
import type { Rig } from '@/records';
import { useRecords } from '@/store/hooks';
import { rigUse } from '@/facts/shop/riguse';
import { Facts } from '@/ui/Facts';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { clockTime } from '@/words/clock';
import { amount, written } from '@/words/figures';

/** Hours, litres and dates of a rig and of what was fitted to it, from the logs. */
export function RigUse({ rig }: { readonly rig: Rig }) {
  const jobs = useRecords('job');
  const units = useUnits();
  const use = useMemo(() => rigUse(jobs, rig.id), [jobs, rig.id]);
  if (use.seconds === 0 && use.lastCleaned === undefined) return null;
  const nameOf = (id: string) => {
    const set = rig.sets.find((each) => each.id === id);
    return set ? `Set ${written(amount('bore', set.bore), units)}` : `Tip ${id}`;
  };
  return (
    <Panel title="Use, from the logs">
      <div data-use className="max-w-xl">
        <Facts
          title="So far"
          facts={[
            { label: 'Coats sprayed for', value: written(amount('duration', use.seconds), units) },
            { label: 'Mixed for it', value: written(amount('volume', use.volume), units) },
            { label: 'Last sprayed', value: use.lastSprayed ? clockTime(use.lastSprayed) : '–' },
            { label: 'Last cleaned', value: use.lastCleaned ? clockTime(use.lastCleaned) : 'not on record' },
            ...[...use.fitted].map(([id, { seconds, volume }]) => ({
              label: nameOf(id),
              value: `${written(amount('duration', seconds), units)}, ${written(amount('volume', volume), units)}`,
            })),
          ]}
        />
      </div>
    </Panel>
  );
}
