'use client';

import { isoNow } from '@/store/clock';
import { newId } from '@/records';
import { lookedAfter, type DueCare } from '@/facts/shop/carecalendar';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { useShopActions } from '@/ui/frame/undo';
import { useRecorded } from '@/ui/recorded';
import { useUnits } from '@/ui/units';
import { dayWords, dueWords, spanWords } from '@/words/caredue';
import { DueAxis } from './DueAxis';

const stateWords = { over: '▲ overdue', soon: '● this week', later: '' } as const;
const stateInks = { over: 'text-stop', soon: 'text-care', later: 'text-ink-soft' } as const;

/** Beside each an axis of half a year, where there is room. */
export const columns = 'lg:grid-cols-[minmax(0,1fr)_22rem_11rem]';

/** What is due, each with one tap that puts on record that it was done. */
export function DueList({
  dues,
  now,
  axis,
}: {
  readonly dues: readonly DueCare[];
  readonly now: number;
  readonly axis?: boolean;
}) {
  const store = useStore();
  const recorded = useRecorded();
  const units = useUnits();
  const { undo } = useShopActions();
  const did = (due: DueCare) => {
    const rig = store.getState().records.get(`rig/${due.rig.id}`);
    if (rig?.kind !== 'rig') return;
    const done = {
      kind: due.kind,
      id: due.id,
      part: due.part,
      ...(due.kind === 'wear' ? { which: due.item.which } : { airPartId: due.airPart.id }),
    };
    store.put(lookedAfter(rig, done, isoNow().slice(0, 10), newId()), 'care');
    recorded(`On record: ${dueWords(due, units)}.`, undo);
  };
  return (
    <ul className="divide-y divide-hairline border-y border-hairline" data-dues>
      {dues.map((due) => (
        <li
          key={due.id}
          className={`grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 gap-y-1 py-2 ${axis ? columns : ''}`}
          data-due={due.id}
        >
          <span className="min-w-0">
            <b>{dueWords(due, units)}</b>
            <span className="block text-sm text-ink-soft">
              {due.rig.name} ·{' '}
              {due.state === 'over' && due.due < now ? `since ${dayWords(due.due)}` : dayWords(due.due)}
              {spanWords(due, now) && `, ${spanWords(due, now)}`}
            </span>
          </span>
          {axis && (
            <span className="hidden lg:block">
              <DueAxis due={due} now={now} />
            </span>
          )}
          <span className="flex items-center justify-end gap-x-3 gap-y-1 max-sm:flex-col max-sm:items-end">
            {stateWords[due.state] && (
              <b className={`text-sm whitespace-nowrap ${stateInks[due.state]}`}>{stateWords[due.state]}</b>
            )}
            <Button onClick={() => did(due)} aria-label={`Done today: ${dueWords(due, units)}`}>
              Done
            </Button>
          </span>
        </li>
      ))}
    </ul>
  );
}
