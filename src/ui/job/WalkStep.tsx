'use client';

import { useState } from 'react';
import { tickOf, type PermissionItem } from '@/facts/job';
import type { Tap } from '@/words/line';
import { itemWords } from '@/words/remedies';
import { Button } from '../Button';
import { Clock } from '../Clock';
import { Readout } from '../Readout';
import { useUnits } from '../units';
import { useJob } from './context';
import { GroundTaps } from './GroundTaps';
import { Waive } from './Waive';

/** One thing that stops it: its number, its limit, what can be done, and the one tap that does it. */
export function WalkStep({
  item,
  onTap,
}: {
  readonly item: PermissionItem;
  readonly onTap: (tap: Tap) => void;
}) {
  const { view, log } = useJob();
  const units = useUnits();
  const [waiving, setWaiving] = useState(false);
  const { says, big, limit, remedies, tap } = itemWords(item, view, units);
  const waits = item.until !== undefined && item.until > view.now;
  return (
    <div data-step={item.id}>
      {big && (
        <div className={item.waivable ? 'text-care' : 'text-stop'}>
          <Readout number={big.number} unit={big.unit} />
        </div>
      )}
      <p className="text-[1.35rem] leading-snug font-medium">{says}</p>
      {limit && <p className="mt-1 text-ink-soft">{limit}</p>}
      {item.by === 'record' && (
        <ul className="mt-3 list-disc pl-5" aria-label="What can be done">
          {remedies.map((remedy) => (
            <li key={remedy}>{remedy}</li>
          ))}
        </ul>
      )}
      {waits && (
        <p className="mt-3 text-lg font-bold text-care">
          <Clock at={item.until} now={view.now} /> to go
        </p>
      )}
      {item.by === 'hand' && item.state !== 'acting' && (
        <Button look="main" className="mt-4 w-full" onClick={() => log('ticked', tickOf(item, true))}>
          Done
        </Button>
      )}
      {item.id === 'ground' && <GroundTaps />}
      {item.by === 'record' && tap && item.id !== 'ground' && (
        <Button look="main" className="mt-4 w-full" onClick={() => onTap(tap)}>
          {tap.says}
        </Button>
      )}
      {!item.waivable ? (
        <p className="mt-3 text-sm font-bold text-stop">■ Cannot be left out.</p>
      ) : waiving ? (
        <Waive item={item} onDone={() => setWaiving(false)} />
      ) : (
        <Button look="quiet" className="mt-2 w-full" onClick={() => setWaiving(true)}>
          Go on without it, and why
        </Button>
      )}
    </div>
  );
}

/** What comes after the one that is on screen. */
export function WalkRest({ items }: { readonly items: readonly PermissionItem[] }) {
  const { view } = useJob();
  const units = useUnits();
  if (items.length === 0) return null;
  return (
    <section aria-label="Then" className="mt-5 border-t border-hairline pt-3">
      <h3 className="text-sm font-bold">Then</h3>
      <ol className="text-sm text-ink-soft">
        {items.map((each) => (
          <li key={each.id} className="py-0.5">
            {itemWords(each, view, units).says}
          </li>
        ))}
      </ol>
    </section>
  );
}
