'use client';

import Link from 'next/link';
import { backupDue, daysSince, lastBackup } from '@/store/disk/backup';
import { useNow } from '@/store/clock';
import { useRecords, useShop } from '@/store/hooks';
import { Notice } from '@/ui/Notice';

/** The records here are the only copy: after a while somebody is reminded to make another. */
export function BackupDue() {
  const jobs = useRecords('job');
  const { demo } = useShop();
  const now = useNow();
  const own = jobs.filter(({ id }) => !demo?.ids.some((each) => each === id || each === `job/${id}`));
  const begun = own.length === 0 ? undefined : Math.min(...own.map((job) => Date.parse(job.begun)));
  const last = lastBackup();
  if (!backupDue(last, begun, now)) return null;
  const days = daysSince(last, now);
  return (
    <div className="mb-4">
      <Notice tone="care">
        {days === undefined
          ? 'These records were never exported: they are the only copy.'
          : `Last backup ${days} days ago.`}{' '}
        <Link
          href="/settings"
          prefetch={false}
          className="inline-flex min-h-11 items-center underline underline-offset-4"
        >
          Export everything in Settings
        </Link>
        .
      </Notice>
    </div>
  );
}
