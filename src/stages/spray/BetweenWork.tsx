'use client';

import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { clockTime } from '@/words/clock';
import { stateWords, workLine } from '@/words/work';
import { WorkDone } from './WorkDone';

/** Work between the coat that is on and the next: what is planned and how it stands, and what it took and gave. */
export function BetweenWork() {
  const { view } = useJob();
  const units = useUnits();
  const { spray } = view;
  const last = spray.coats.filter(({ state }) => state === 'done').at(-1);
  if (!last || !spray.next || spray.running) return null;
  const items = spray.work.filter(({ coatId }) => coatId === last.coat.id);
  if (items.length === 0) return null;
  return (
    <Panel title={`Before ${spray.next.coat.name.toLowerCase()}`} place="between">
      <ol className="mb-4 divide-y divide-hairline border-y border-hairline" data-between>
        {items.map((item) => (
          <li key={item.id} className="flex justify-between gap-4 py-2.5" data-work={item.state}>
            <b>{workLine(item, units)}</b>
            <span
              className={`text-right text-sm ${item.state === 'done' ? 'text-good' : item.state === 'again' ? 'text-care' : 'text-ink-soft'}`}
            >
              {stateWords[item.state]}
              {item.state === 'waiting' && item.until !== undefined && ` ${clockTime(item.until, view.now)}`}
              {item.entry && `, ${clockTime(Date.parse(item.entry.at), view.now)}`}
            </span>
          </li>
        ))}
      </ol>
      <WorkDone key={spray.due?.id ?? 'other'} due={spray.due} layerId={last.coat.layerId} />
    </Panel>
  );
}
