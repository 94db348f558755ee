'use client';

import { isRefusal } from '@/core/refusal';
import { useJob } from '@/ui/job/context';
import { LivePour } from '@/ui/live/LivePour';
import { usePourLag } from '@/ui/live/uselag';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { massDigits, newBatchId, pourEntry } from '@/words/mix';

interface Props {
  /** kg of the part in hand that are in the vessel now; nothing where no scale sees it. */
  readonly onAdded: (mass: number | undefined) => void;
}

/** The pouring ladder by a scale that is read by itself: each part is taken as it truly was, and the rest follows. */
export function LiveMix({ onAdded }: Props) {
  const { view, log, line } = useJob();
  const units = useUnits();
  const lag = usePourLag();
  const { mix, shop } = view;
  const { pouring } = mix;
  const outcome = pouring?.outcome;
  const rest = outcome && !isRefusal(outcome) ? outcome.rest : isRefusal(mix.ladder) ? [] : mix.ladder;
  const [rung] = rest;
  // What is wrong with a can or its paper comes before any pouring; a dose of drops is not weighed.
  const open = line.tap?.does.kind === 'log' && !rung?.measure;
  if (!rung || !open || mix.batch || isRefusal(mix.volume)) return null;
  const { volume } = mix;
  return (
    <Panel title="Live scale">
      <LivePour
        name={rung.part.name}
        aim={rung.mass}
        of={`${pouring?.batchId ?? 'new'}/${rung.part.id}/${rest.length}/${pouring?.poured.join('-') ?? ''}`}
        lag={lag}
        step={shop.scaleStep}
        digits={massDigits(view, units)}
        onAdded={onAdded}
        onTaken={({ mass, live, simulated }) =>
          log(`poured ${rung.part.name}`, {
            ...pourEntry(view, {
              batchId: pouring?.batchId ?? newBatchId(view),
              volume,
              partId: rung.part.id,
              mass,
            }),
            ...(live ? { live } : {}),
            ...(simulated ? { simulated } : {}),
          })
        }
      />
    </Panel>
  );
}
