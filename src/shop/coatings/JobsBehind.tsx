'use client';

import { isoNow } from '@/store/clock';
import type { Coating } from '@/records';
import { useRecords, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { notify } from '@/ui/notify';
import { jobsBehind, takeSheet } from '@/facts/shop/revisions';

/** Open jobs that began with an earlier sheet: each is offered this one. */
export function JobsBehind({ sheet }: { readonly sheet: Coating }) {
  const store = useStore();
  const behind = jobsBehind(useRecords('job'), sheet);
  if (behind.length === 0) return null;
  return (
    <Notice tone="care">
      <p>These jobs began with an earlier sheet and keep it until you decide:</p>
      <ul className="mt-2 space-y-1">
        {behind.map((job) => (
          <li key={job.id} className="flex flex-wrap items-center justify-between gap-2">
            <b>{job.name}</b>
            <Button
              onClick={() => {
                store.put(takeSheet(job, sheet, isoNow()), 'changed sheet taken');
                notify(`${job.name} works with this sheet now.`);
              }}
            >
              Take this sheet
            </Button>
          </li>
        ))}
      </ul>
    </Notice>
  );
}
