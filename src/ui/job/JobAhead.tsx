'use client';

import { lastEntryAt } from '@/facts/job';
import type { Job } from '@/records';
import { jobAhead, useNow } from '@/store/clock';
import { worthSaying } from '@/store/steadyclock';
import { amount, written } from '@/words/figures';
import { Notice } from '../Notice';
import { useUnits } from '../units';

/** Says when a job’s time is another than this device’s: its entries were written by a clock that is ahead. */
export function JobAhead({ job }: { readonly job: Job }) {
  const units = useUnits();
  const ahead = jobAhead(job.id, lastEntryAt(job), useNow());
  if (ahead < worthSaying) return null;
  return (
    <div className="my-3" data-ahead>
      <Notice tone="care">
        What is written of this job is up to {written(amount('duration', ahead / 1000), units)} ahead of this
        device’s clock: another device’s was, or this one’s was set back. The job counts on from what is
        written.
      </Notice>
    </div>
  );
}
