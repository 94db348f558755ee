'use client';

import Link from 'next/link';
import type { JobView } from '@/facts/job';
import { plural } from '@/words/line';
import { openWords } from '@/words/permission';
import { timerDone } from '@/words/timerdone';
import { alarmSays } from '@/words/timers';
import type { Due } from './due';

interface Props {
  readonly due: Due;
  /** How many others wait behind it. */
  readonly more: number;
  readonly view: JobView | undefined;
  readonly onSeen: () => void;
}

/** The worst clock that ran out, what to do about it, and where; the others come one by one. */
export function AlarmBar({ due, more, view, onSeen }: Props) {
  const { timer, jobId } = due;
  const urgent = timer.then !== 'go';
  const { says, stage } = timerDone(timer);
  // A window that opens is no leave to spray: that is the list’s.
  const open =
    timer.id === 'flash' && view?.permission.coat && !view.permission.may ? ` ${openWords(view)}.` : '';
  return (
    <div
      role="alert"
      className={`z-20 flex flex-wrap items-center gap-x-6 md:sticky md:top-0 gap-y-1 px-4 py-2 ${urgent ? 'bg-stop text-on-stop' : 'bg-act text-on-act'}`}
      data-alarm={timer.id}
    >
      <p className="min-w-0 flex-1 basis-64">
        <b className="block">■ {alarmSays(due)}</b>
        <span className="block">
          {says}
          {open}
        </span>
      </p>
      <span className="flex items-center gap-4">
        {more > 0 && (
          <span className="text-sm whitespace-nowrap">{plural(more, 'more', 'more')} behind it</span>
        )}
        <Link
          href={`/job/${jobId}/${stage}`}
          prefetch={false}
          className="flex min-h-11 items-center px-3 font-semibold underline underline-offset-4"
        >
          Go to it
        </Link>
        <button
          type="button"
          className="min-h-11 px-3 font-semibold underline underline-offset-4"
          onClick={onSeen}
        >
          Seen
        </button>
      </span>
    </div>
  );
}
