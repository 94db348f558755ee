'use client';

import { Button } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { cardWords } from '@/words/set';
import { CardSketch } from './CardSketch';

/** The test card by eye: which of these does it look like? */
export function CardVerdict() {
  const { view, log } = useJob();
  const { setting, card } = view.set;
  return (
    <Panel title="Test card" place="card">
      {setting ? (
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-3 lg:grid-cols-6">
          {(Object.keys(cardWords) as (keyof typeof cardWords)[]).map((verdict) => (
            <Button
              key={verdict}
              aria-pressed={card?.verdict === verdict}
              className="flex-col !px-1 py-2 text-sm"
              onClick={() => log('card judged', { type: 'card', layerId: view.work.layer.id, verdict })}
            >
              <CardSketch verdict={verdict} />
              {cardWords[verdict].name}
            </Button>
          ))}
        </div>
      ) : (
        <p className="text-sm text-ink-soft">
          Record a setting first. A card belongs to the setting it was sprayed with.
        </p>
      )}
    </Panel>
  );
}
