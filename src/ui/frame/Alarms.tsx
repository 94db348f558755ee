'use client';

import { useEffect, useRef, useState } from 'react';
import { speechOf } from '@/facts/shop/speech';
import { useOpenJobs, useShop } from '@/store/hooks';
import { notify } from '../notify';
import { alarmSays } from '@/words/timers';
import { ring, usualAlarms } from './ring';
import { fetched } from '../fetched';
import { dueNow, worseFirst, type Called, type Due } from './due';
import { useAlarmTitle } from './title';

const AlarmBar = fetched(() => import('./AlarmBar').then((found) => found.AlarmBar));

const key = 'fluorite-called';

/**
 * Watches the timers of all open jobs and calls when one runs out: once for each, over reloads and tabs that slept,
 * and in the title until somebody has seen it.
 */
export function Alarms() {
  const jobs = useOpenJobs();
  const shop = useShop();
  const { alarms = usualAlarms } = shop;
  const called = useRef<Called>(undefined);
  const [said, setSaid] = useState<readonly Due[]>([]);
  useEffect(() => {
    if (jobs.length === 0) return;
    called.current ??= read();
    if (!dueNow(jobs, called.current).changed) return;
    // Another tab may have called already.
    const { due, called: now } = dueNow(jobs, read());
    called.current = now;
    write(now);
    if (due.length === 0) return;
    ring(alarms, { motif: due[0]?.timer.id ?? 'alarm', says: due.map(alarmSays) }, speechOf(shop));
    // Twenty that nobody saw are enough: the worst of them are kept.
    queueMicrotask(() => setSaid((before) => [...before, ...due].sort(worseFirst).slice(0, 20)));
  }, [jobs, alarms, shop]);
  const [worst, ...more] = said;
  useAlarmTitle(worst && `■ ${alarmSays(worst)}`);
  if (!worst) return null;
  const view = jobs.find(({ job }) => job.id === worst.jobId);
  return (
    <AlarmBar
      key={worst.id}
      due={worst}
      more={more.length}
      view={view}
      onSeen={() => {
        setSaid(more);
        notify(`Seen: ${alarmSays(worst)}.`, () =>
          setSaid((now) => (now.some(({ id }) => id === worst.id) ? now : [...now, worst].sort(worseFirst))),
        );
      }}
    />
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
