'use client';

import { useJob } from '@/ui/job/context';
import { LivePour } from '@/ui/live/LivePour';
import { usePourLag } from '@/ui/live/uselag';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { inSentence } from '@/words/line';
import { massDigits } from '@/words/mix';

/** The next addition of thinner by a scale that is read by itself. */
export function LiveThin() {
  const { view, log } = useJob();
  const units = useUnits();
  const lag = usePourLag();
  const { step, thinner, batch } = view.thin;
  if (step.kind !== 'advice' || step.advice.kind !== 'add' || !thinner || !batch) return null;
  return (
    <Panel title="Live scale">
      <LivePour
        name={inSentence(thinner.name)}
        aim={step.advice.mass}
        of={`${batch.id}/${batch.additions.length}`}
        lag={lag}
        step={view.shop.scaleStep}
        digits={massDigits(view, units)}
        follows="There is no taking it out: stir, and time the cup."
        onTaken={({ mass, live, simulated }) =>
          log(`${inSentence(thinner.name)} added`, {
            type: 'addition',
            batchId: batch.id,
            what: thinner.id,
            mass,
            ...(live ? { live } : {}),
            ...(simulated ? { simulated } : {}),
          })
        }
      />
    </Panel>
  );
}
