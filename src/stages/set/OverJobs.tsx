'use client';

import { useEffect, useRef, useState } from 'react';
import { paidBackAfter } from '@/core/money';
import { isRefusal, type Refusal } from '@/core/refusal';
import type { GunOver } from '@/facts/shop/gunsover';
import { useRecords, useShop } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { useUnits } from '@/ui/units';
import { plural } from '@/words/line';
import { money } from '@/words/money';
import { gunsOverJobs } from '@/workers/guns';

/** What each gun would save over all that is on the books, and when one that is bought has paid for itself. */
export function OverJobs({ now, cost }: { readonly now: number; readonly cost: number | undefined }) {
  const jobs = useRecords('job');
  const rigs = useRecords('rig');
  const cups = useRecords('cup');
  const shop = useShop();
  const units = useUnits();
  const task = useRef<ReturnType<typeof gunsOverJobs>>(undefined);
  const [at, setAt] = useState<{ readonly done: number; readonly of: number }>();
  const [found, setFound] = useState<readonly GunOver[] | Refusal>();
  useEffect(() => () => task.current?.cancel(), []);
  const reckon = async () => {
    setFound(undefined);
    setAt({ done: 0, of: 1 });
    const begun = gunsOverJobs(jobs, rigs, cups, shop, now, (done, of) => setAt({ done, of }));
    task.current = begun;
    const result = await begun.result;
    setAt(undefined);
    if (result) setFound(result);
  };
  const nameOf = (id: string) => rigs.find((rig) => rig.id === id)?.name ?? 'A gun';
  return (
    <div className="mt-3 text-sm" data-over-jobs>
      {at ? (
        <p className="flex flex-wrap items-center gap-3" role="status">
          {at.done} of {plural(at.of, 'open job')} gone through.
          <Button look="quiet" onClick={() => task.current?.cancel()}>
            Stop
          </Button>
        </p>
      ) : (
        <Button onClick={() => void reckon()}>Over all open jobs</Button>
      )}
      {found && isRefusal(found) && <p className="mt-2 text-care">▲ {units.says(found)}</p>}
      {found && !isRefusal(found) && (
        <ul className="mt-2 divide-y divide-hairline border-y border-hairline">
          {found.length === 0 && <li className="py-1.5">No other gun saves anything that is priced.</li>}
          {found.map(({ rigId, saves, layers, jobs: count }) => (
            <li key={rigId} className="py-1.5">
              <b>{nameOf(rigId)}</b> saves {money(saves)} in {plural(layers, 'layer')} of{' '}
              {plural(count, 'open job')}
              {cost !== undefined &&
                `; one bought for ${money(cost)} is paid back after ${plural(paidBackAfter(cost, saves), 'round')} of such work`}
              .
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
