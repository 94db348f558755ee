'use client';

import { useState } from 'react';
import type { PermissionItem } from '@/facts/job';
import type { Tap } from '@/words/line';
import { itemWords, openWords } from '@/words/permission';
import { Button } from '../Button';
import { Clock } from '../Clock';
import { Dialog } from '../Dialog';
import { Readout } from '../Readout';
import { useUnits } from '../units';
import { useJob } from './context';
import { Waive } from './Waive';

interface Props {
  /** What starts the coat once nothing stops it. */
  readonly start: Tap;
  readonly onStart: () => void;
  readonly onTap: (tap: Tap) => void;
  readonly onClose: () => void;
}

/** Through what is open before a coat, one line at a time, safety first; then the coat. */
export function StartWalk({ start, onStart, onTap, onClose }: Props) {
  const { view } = useJob();
  const units = useUnits();
  const { open, may } = view.permission;
  const stops = open.filter(({ weight }) => weight === 'stop');
  const cares = open.filter(({ weight }) => weight === 'care');
  // What only takes its time comes last: the others are done meanwhile.
  const waits = (each: PermissionItem) => each.by === 'hand' && each.state === 'acting';
  const [item, ...rest] = [...stops.filter((each) => !waits(each)), ...stops.filter(waits)];
  return (
    <Dialog open onClose={onClose} title={item ? openWords(view) : start.says}>
      {item && <Step key={item.id} item={item} onTap={onTap} />}
      {may && (
        <>
          {cares.length > 0 && (
            <>
              <p className="font-bold">Nothing stops it. Mind:</p>
              <ul className="mt-2 divide-y divide-hairline border-y border-hairline">
                {cares.map((care) => {
                  const { says, limit } = itemWords(care, view, units);
                  return (
                    <li key={care.id} className="py-2">
                      {says} <span className="block text-sm text-ink-soft">{limit}</span>
                    </li>
                  );
                })}
              </ul>
            </>
          )}
          <Button look="main" className="mt-4 w-full" data-walk-start onClick={onStart}>
            {start.says}
          </Button>
        </>
      )}
      {rest.length > 0 && (
        <section aria-label="Then" className="mt-5 border-t border-hairline pt-3">
          <h3 className="text-sm font-bold">Then</h3>
          <ol className="text-sm text-ink-soft">
            {rest.map((each) => (
              <li key={each.id} className="py-0.5">
                {itemWords(each, view, units).says}
              </li>
            ))}
          </ol>
        </section>
      )}
    </Dialog>
  );
}

/** One thing that stops it: its number, its limit, what can be done, and the one tap that does it. */
function Step({ item, onTap }: { readonly item: PermissionItem; readonly onTap: (tap: Tap) => void }) {
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
        <Button
          look="main"
          className="mt-4 w-full"
          onClick={() => log('ticked', { type: 'tick', list: 'ready', step: item.id, done: true })}
        >
          Done
        </Button>
      )}
      {item.by === 'record' && tap && (
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
