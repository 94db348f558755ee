'use client';

import { useEffect, useRef, useState } from 'react';
import type { Timer } from '@/facts/job';
import { useOpenJobs, useShop } from '@/store/hooks';
import { timerSays } from '@/words/timers';
import { ring, usualAlarms } from './ring';
import { dueNow, type Called } from './due';
import { useAlarmTitle } from './title';

const key = 'fluorite-called';

interface Said {
  readonly id: string;
  readonly then: Timer['then'];
  readonly says: string;
}

/**
 * Watches the timers of all open jobs and calls when one runs out: once for each, over reloads and tabs that slept,
 * and in the title until somebody has seen it.
 */
export function Alarms() {
  const jobs = useOpenJobs();
  const { alarms = usualAlarms } = useShop();
  const called = useRef<Called>(undefined);
  const [said, setSaid] = useState<readonly Said[]>([]);
  useEffect(() => {
    if (jobs.length === 0) return;
    called.current ??= read();
    if (!dueNow(jobs, called.current).changed) return;
    // Another tab may have called already.
    const { due, called: now } = dueNow(jobs, read());
    called.current = now;
    write(now);
    if (due.length === 0) return;
    const words = due.map(({ id, job, timer, of, then }) => ({
      id,
      then,
      says: `${timerSays({ id: timer, of }, true)}: ${job}`,
    }));
    ring(alarms, words.map(({ says }) => says).join('\n'));
    queueMicrotask(() => setSaid((before) => [...before, ...words].slice(-4)));
  }, [jobs, alarms]);
  const last = said.at(-1);
  useAlarmTitle(last && `■ ${last.says}`);
  if (said.length === 0) return null;
  const urgent = said.some(({ then }) => then !== 'go');
  return (
    <div
      role="alert"
      className={`flex flex-wrap items-center gap-x-6 gap-y-1 px-4 py-2 ${urgent ? 'bg-stop text-on-stop' : 'bg-act text-on-act'}`}
      data-alarm
    >
      <ul className="flex-1 font-bold">
        {said.map(({ id, says }) => (
          <li key={id}>■ {says}</li>
        ))}
      </ul>
      <button
        type="button"
        className="min-h-11 px-3 font-semibold underline underline-offset-4"
        onClick={() => setSaid([])}
      >
        Seen
      </button>
    </div>
  );
}

function read(): Called | undefined {
  try {
    return (JSON.parse(localStorage.getItem(key) ?? 'null') as Called | null) ?? undefined;
  } catch {
    return undefined;
  }
}

function write(called: Called): void {
  try {
    localStorage.setItem(key, JSON.stringify(called));
  } catch {
    // Without storage a timer may call again after a reload: better than not at all.
  }
}
