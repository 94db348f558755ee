'use client';

import { useState } from 'react';
import { Button } from '@/ui/Button';
import { Fold } from '@/ui/Fold';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { useUnits } from '@/ui/units';
import { amount, written } from '@/words/figures';

/** s after which a spare piece is touched. A default. */
const usualDelay = 10;

const means = {
  wet: 'It arrives wet and can flow.',
  tacky: 'It arrives with little left to flow: nearer, slower thinner, or less air.',
  dry: 'It arrives dry, as dust: nearer, less air, slower thinner. Never by warming the room.',
} as const;

/** Does the spray arrive wet? A spare piece is sprayed and touched after a set while: what arrives dry never flows. */
export function Arrival() {
  const { view, log } = useJob();
  const units = useUnits();
  const [after, setAfter] = useState<number | undefined>(usualDelay);
  const { card, setting } = view.set;
  if (!setting) return null;
  const last = card?.arrival;
  const note = (found: keyof typeof means) => {
    if (after === undefined) return;
    log('touched as it arrived', {
      type: 'card',
      layerId: view.work.layer.id,
      // What arrives dry is no good card, whatever its outline; else the card stays what it was.
      verdict: found === 'dry' ? 'dry' : (card?.verdict ?? 'good'),
      ...(card?.pattern ? { pattern: card.pattern } : {}),
      arrival: { after, found },
    });
  };
  return (
    <Fold
      className="border-b border-hairline px-4 md:px-5"
      title="Does it arrive wet?"
      says={
        last
          ? `${last.found} ${written(amount('time', last.after), units, { digits: 0 })} after: ${means[last.found]}`
          : 'a spare piece, touched after a while'
      }
      verb="Show"
    >
      <div className="space-y-3" data-arrival>
        <p className="text-sm">
          Spray a spare piece as the coat will be, wait, and touch it with a glove on.
        </p>
        <div className="flex flex-wrap items-end gap-3">
          <div className="w-32">
            <NumberField
              label="Touched after"
              quantity="time"
              value={after}
              onChange={setAfter}
              expects={[3, 120]}
            />
          </div>
          {(['wet', 'tacky', 'dry'] as const).map((found) => (
            <Button
              key={found}
              className="min-h-14 capitalize"
              aria-pressed={last?.found === found}
              disabled={after === undefined}
              onClick={() => note(found)}
            >
              {found}
            </Button>
          ))}
        </div>
      </div>
    </Fold>
  );
}
