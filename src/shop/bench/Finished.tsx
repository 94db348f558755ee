'use client';

import Link from 'next/link';
import { Undo2 } from 'lucide-react';
import { useRecords, useStore } from '@/store/hooks';
import type { Job } from '@/records';
import { Fold } from '@/ui/Fold';
import { useShopActions } from '@/ui/frame/undo';
import { useRecorded } from '@/ui/recorded';
import { fullDay } from '@/words/dates';
import { plural } from '@/words/line';

/** So many of those put away last; the logbook has them all. */
const shown = 12;

/** Jobs that are put away, apart from those at work. */
export function Finished() {
  const jobs = useRecords('job');
  const store = useStore();
  const recorded = useRecorded();
  const { undo } = useShopActions();
  const away = jobs
    .filter((job): job is Job & { closed: string } => job.closed !== undefined)
    .sort((a, b) => b.closed.localeCompare(a.closed));
  if (away.length === 0) return null;
  const back = (job: Job) => {
    store.put({ ...job, closed: undefined }, 'job taken up again');
    recorded(`${job.name} is on the bench again.`, undo);
  };
  return (
    <Fold
      className="mt-6 border-y border-hairline"
      title="Put away"
      says={`${plural(away.length, 'job')}, the last on ${fullDay(new Date(away[0]?.closed ?? 0))}`}
      verb="Show"
    >
      <ul className="divide-y divide-hairline">
        {away.slice(0, shown).map((job) => (
          <li key={job.id} className="flex min-h-11 items-center gap-3">
            <Link
              href={`/job/${job.id}/check`}
              prefetch={false}
              className="flex min-h-11 flex-1 items-center font-semibold"
            >
              {job.name}
            </Link>
            <span className="text-sm text-ink-soft">{fullDay(new Date(job.closed))}</span>
            <button
              type="button"
              aria-label={`Take ${job.name} up again`}
              className="flex size-11 items-center justify-center"
              onClick={() => back(job)}
            >
              <Undo2 aria-hidden className="size-5" />
            </button>
          </li>
        ))}
      </ul>
      {away.length > shown && <p className="text-sm text-ink-soft">The rest stand in the logbook.</p>}
    </Fold>
  );
}
