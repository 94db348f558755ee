'use client';

import { useState } from 'react';
import { assemblyReason, assemblySteps, type AssemblyStepId } from '@/core/care';
import { Choice } from '@/ui/Choice';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';

/** How the gun goes together, in order, for the way it points at this part. */
export function Assembly() {
  const { view } = useJob();
  const { rig, job, set } = view;
  const faces = job.part.faces;
  const [sprays, setSprays] = useState<'level' | 'down' | 'up'>(
    faces.every(({ lies }) => lies === 'flat')
      ? 'down'
      : faces.every(({ lies }) => lies === 'overhead')
        ? 'up'
        : 'level',
  );
  if (!rig) return null;
  const steps = assemblySteps({ atomising: rig.atomising, feed: rig.feed, bleeder: rig.bleeder, sprays });
  const fitted = rig.sets.find(({ id }) => id === set.setting?.setId);
  const marks: Partial<Record<AssemblyStepId, string>> = {
    nozzle: fitted?.nozzle,
    needle: fitted?.needle,
    cap: fitted?.cap,
    seat: set.setting?.tip,
  };
  const tube = rig.feed === 'suction' || rig.feed === 'pressure-cup';
  return (
    <Panel title="Put together">
      <details data-assembly>
        <summary className="flex min-h-11 items-center font-semibold">
          {steps.length} steps, from air off to a card
        </summary>
        {tube && (
          <Choice
            label="This part is sprayed"
            value={sprays}
            onChange={setSprays}
            options={[
              { value: 'level', label: 'Level' },
              { value: 'down', label: 'Downward' },
              { value: 'up', label: 'Upward' },
            ]}
          />
        )}
        <ol className="mt-3 space-y-2">
          {steps.map(({ id, says }, i) => (
            <li key={id} className="grid grid-cols-[2rem_1fr]">
              <b>{i + 1}</b>
              <span>
                {says} {marks[id] && <b className="text-act">{marks[id]}</b>}
                <span className="block text-sm text-ink-soft">{assemblyReason(id, sprays)}</span>
              </span>
            </li>
          ))}
        </ol>
      </details>
    </Panel>
  );
}
