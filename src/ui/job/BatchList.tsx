'use client';

import { isRefusal } from '@/core/refusal';
import { clockTime } from '@/words/clock';
import { useJob } from './context';
import { figure } from '@/words/figures';
import { Printed } from '@/ui/Printed';

const becauseWords = { 'pot-life': 'the one before is too old by then', 'pot-size': 'the pot is full' };

/** The batches of what is still to spray, each with the moment it is to be mixed. */
export function BatchList() {
  const { view } = useJob();
  const { batches, opens } = view.supply;
  const begins = Math.max(view.now, opens ?? 0);
  if (isRefusal(batches)) return null;
  return (
    <ol className="mt-3 divide-y divide-hairline border-y border-hairline text-sm" data-batches>
      {batches.map(({ volume, mixAt, until, pieces, because }, i) => (
        <li key={pieces[0]} className="grid grid-cols-[auto_1fr_auto] items-baseline gap-x-3 py-2">
          <b>{clockTime(begins + mixAt * 1000)}</b>
          <span>
            Mix batch {i + 1}: {pieces[0]}
            {pieces.length > 1 ? ` to ${pieces.at(-1)}` : ''}
            <span className="block text-ink-soft">
              empty by {clockTime(begins + until * 1000)}
              {because ? `; ${becauseWords[because]}` : ''}
            </span>
          </span>
          <b>
            <Printed figure={figure(view, 'batch.volume', volume, { item: String(i + 1) })} />
          </b>
        </li>
      ))}
    </ol>
  );
}
