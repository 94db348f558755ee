'use client';

import Link from 'next/link';
import { useEffect, useState } from 'react';
import { useJobsSeen, useRecords, useShop } from '@/store/hooks';
import { Fence } from '@/ui/Fence';
import { Notice } from '@/ui/Notice';
import { SetApart } from '@/ui/SetApart';
import type { JobView } from '@/facts/job';
import { ButtonLink } from '@/ui/Button';
import { Page } from '@/ui/Page';
import { RunStrip } from '@/ui/RunStrip';
import { useUnits } from '@/ui/units';
import { stageWords, type Tone } from '@/words/line';
import { nextLine } from '@/words/nextline';
import { jobFigure } from '@/words/figures';
import { Printed } from '@/ui/Printed';
import { fetched } from '@/ui/fetched';

const EmptyBench = fetched(() => import('./EmptyBench').then((found) => found.EmptyBench));
const CareDue = fetched(() => import('./CareDue').then((found) => found.CareDue));
const LooksDue = fetched(() => import('../looks/LooksDue').then((found) => found.LooksDue));
const BackupDue = fetched(() => import('./BackupDue').then((found) => found.BackupDue));
const NewerVersion = fetched(() => import('./NewerVersion').then((found) => found.NewerVersion));
const CareCount = fetched(() => import('./CareDue').then((found) => found.CareCount));

/** The bench: every open job's strip, one under another, each with its next line. */
export function Bench() {
  const { views: jobs, inconclusive } = useJobsSeen();
  const shop = useShop();
  const rigs = useRecords('rig');
  const later = useLater();
  const care = later && rigs.length > 0;
  return (
    <Page
      title={shop.name || 'Bench'}
      says={
        jobs.length > 0
          ? `${jobs.length} open ${jobs.length === 1 ? 'job' : 'jobs'}. What each one wants next stands under its strip.`
          : undefined
      }
      tools={
        <div className="flex flex-wrap items-center gap-3">
          {care && <CareCount />}
          <ButtonLink href="/new" look="main">
            New job
          </ButtonLink>
        </div>
      }
    >
      {inconclusive.map(({ id, name, why }) => (
        <div key={id} className="mb-4">
          <Notice tone="stop">
            <p>
              Nothing can be concluded of “{name}”: {why}. The other jobs are not touched by it.
            </p>
            <div className="mt-2">
              <SetApart record={`job/${id}`} why={why} />
            </div>
          </Notice>
        </div>
      ))}
      {later && <NewerVersion />}
      {later && <BackupDue />}
      {jobs.length === 0 ? (
        <EmptyBench />
      ) : (
        <ul className="space-y-6">
          {jobs.map((view) => (
            <Fence key={view.job.id} what={`“${view.job.name}”`} record={`job/${view.job.id}`}>
              <JobRow view={view} />
            </Fence>
          ))}
        </ul>
      )}
      {later && <LooksDue />}
      {care && <CareDue />}
    </Page>
  );
}

/** What else is due is fetched once the jobs are on the page: they are what the bench is opened for. */
function useLater(): boolean {
  const [later, setLater] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLater(true), 400);
    return () => clearTimeout(timer);
  }, []);
  return later;
}

const inks: Record<Tone, string> = {
  plain: 'text-ink',
  act: 'text-act',
  good: 'text-good',
  care: 'text-care',
  stop: 'text-stop',
};

function JobRow({ view }: { readonly view: JobView }) {
  const units = useUnits();
  const { job, current } = view;
  const line = nextLine(view, current, units);
  return (
    <li data-job={job.id}>
      <div className="mb-1.5 flex flex-wrap items-baseline gap-x-3">
        <h2 className="text-lg font-bold">
          <Link
            href={`/job/${job.id}/${current}`}
            prefetch={false}
            className="inline-flex min-h-11 items-center hover:underline"
          >
            {job.name}
          </Link>
        </h2>
        <span className="text-sm text-ink-soft">
          {view.plan.sheet.name} · <Printed figure={jobFigure(view, 'area', view.plan.area)} />
        </span>
      </div>
      <RunStrip view={view} at={current} bench />
      <Link
        href={`/job/${job.id}/${current}`}
        prefetch={false}
        className="flex min-h-12 flex-wrap items-center gap-x-3 border border-t-0 border-hairline bg-sheet/60 px-3 py-1.5 hover:bg-act-wash"
      >
        <span className={`text-xl font-bold whitespace-nowrap ${inks[line.tone]}`}>
          {line.big.number} {line.big.unit}
        </span>
        <span className="min-w-0 flex-1">{line.says}</span>
        <span className="text-sm font-semibold text-act underline underline-offset-4">
          {stageWords[current]}
        </span>
      </Link>
    </li>
  );
}
