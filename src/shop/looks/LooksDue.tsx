'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { useNow } from '@/store/clock';
import { useRecords } from '@/store/hooks';
import { looksDue } from '@/facts/shop/looks';
import { dayWords } from '@/words/caredue';
import { lookWords } from '@/words/looks';
import { LookAnswer } from './LookAnswer';

/** As many as fit under the jobs without hiding them; the rest come up as these are answered. */
const shown = 4;

/** Jobs whose coats are old enough to be looked at again, on the bench or long put away. */
export function LooksDue() {
  const jobs = useRecords('job');
  const minute = Math.floor(useNow() / 60_000) * 60_000;
  const due = useMemo(() => looksDue(jobs, minute), [jobs, minute]);
  if (due.length === 0) return null;
  return (
    <section aria-label="Look again" className="mt-8" data-looks-due>
      <h2 className="mb-1.5 text-lg font-bold">
        Look again
        {due.length > shown && <span className="font-normal text-ink-soft"> · {due.length} jobs</span>}
      </h2>
      <ul className="divide-y divide-hairline border-y border-hairline">
        {due.slice(0, shown).map(({ job, since, for: ids }) => (
          <li key={job.id} className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 py-2">
            <span className="min-w-0">
              <Link
                prefetch={false}
                href={`/job/${job.id}/check#defects`}
                className="inline-flex min-h-11 items-center font-bold"
              >
                {job.name}
              </Link>
              <span className="block text-sm text-ink-soft">
                In good light, for {lookWords(ids)} · since {dayWords(since)}
                {job.closed ? ' · put away' : ''}
              </span>
            </span>
            <LookAnswer job={job} for={ids} />
          </li>
        ))}
      </ul>
    </section>
  );
}
