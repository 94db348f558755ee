'use client';

import type { PermissionItem } from '@/facts/job';
import type { Tap } from '@/words/line';
import { openWords } from '@/words/permission';
import { itemWords } from '@/words/remedies';
import { Button } from '../Button';
import { Dialog } from '../Dialog';
import { useUnits } from '../units';
import { useJob } from './context';
import { WalkRest, WalkStep } from './WalkStep';

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
      {item && <WalkStep key={item.id} item={item} onTap={onTap} />}
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
      <WalkRest items={rest} />
    </Dialog>
  );
}
