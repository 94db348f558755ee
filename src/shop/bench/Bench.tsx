'use client';

import { useEffect, useRef, useState } from 'react';
import { benchRows, wanted, type BenchRow } from '@/facts/shop/bench';
import { useNow } from '@/store/clock';
import { useJobsSeen, useRecords, useShop } from '@/store/hooks';
import { ButtonLink } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { SetApart } from '@/ui/SetApart';
import { fetched } from '@/ui/fetched';
import { useKeys } from '@/ui/frame/keys';
import { useUnits } from '@/ui/units';
import { nextLine } from '@/words/nextline';
import { plural } from '@/words/line';
import { timeOfDay } from '@/words/clock';
import { JobRows } from './JobRows';

const EmptyBench = fetched(() => import('./EmptyBench').then((found) => found.EmptyBench));
const CareDue = fetched(() => import('./CareDue').then((found) => found.CareDue));
const LooksDue = fetched(() => import('../looks/LooksDue').then((found) => found.LooksDue));
const BackupDue = fetched(() => import('./BackupDue').then((found) => found.BackupDue));
const NewerVersion = fetched(() => import('./NewerVersion').then((found) => found.NewerVersion));
const CareCount = fetched(() => import('./CareDue').then((found) => found.CareCount));
const Finished = fetched(() => import('./Finished').then((found) => found.Finished));

const hour = 3_600_000;
const reaches = [
  { value: '3', label: '3 hours' },
  { value: '12', label: '12 hours' },
  { value: '72', label: '3 days' },
];
const shows = [
  { value: 'all', label: 'All jobs' },
  { value: 'now', label: 'What wants me within the hour' },
  { value: 'waits', label: 'What waits' },
];
const among: Record<string, readonly BenchRow['presses'][]> = {
  now: ['late', 'runs', 'soon'],
  waits: ['waits', 'still'],
};

/** The whole shop on one axis of time: what is due first, where each job stands, and what it wants next. */
export function Bench() {
  const { views: jobs, inconclusive } = useJobsSeen();
  const shop = useShop();
  const units = useUnits();
  const rigs = useRecords('rig');
  const now = useNow();
  const later = useLater();
  const care = later && rigs.length > 0;
  const [words, setWords] = useState('');
  const [show, setShow] = useState('all');
  const [reach, setReach] = useState('3');
  const find = useRef<HTMLInputElement>(null);
  useKeys({ '/': () => find.current?.focus() });
  const rows = benchRows(jobs);
  const shown = rows.filter((row) => wanted(row, words) && (among[show]?.includes(row.presses) ?? true));
  const [first] = rows;
  return (
    <Page
      title={`${shop.name || 'The shop'}, ${timeOfDay(now)}`}
      says={
        first && first.presses !== 'still'
          ? `${first.view.job.name} wants you first: ${nextLine(first.view, first.view.current, units).says}`
          : undefined
      }
      tools={
        <div className="flex items-stretch gap-3">
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
        <>
          <div className="no-print mb-3 grid grid-cols-2 items-center gap-2 text-sm md:grid-cols-[minmax(0,1fr)_auto_auto_auto]">
            <input
              ref={find}
              type="search"
              aria-label="Find a job"
              placeholder="Find a job: name, product, gun, person"
              value={words}
              onChange={(event) => setWords(event.target.value)}
              className="col-span-2 min-h-11 rounded-sm border-2 border-ink-soft bg-sheet px-3 md:col-span-1"
            />
            <Pick label="Show" value={show} onChange={setShow} options={shows} />
            <Pick label="The axis reaches" value={reach} onChange={setReach} options={reaches} />
            <span className="col-span-2 text-ink-soft md:col-span-1" data-open-jobs>
              {shown.length === rows.length
                ? `${plural(rows.length, 'open job')}`
                : `${shown.length} of ${plural(rows.length, 'open job')}`}
            </span>
          </div>
          {shown.length > 0 ? (
            <JobRows rows={shown} now={now} reach={Number(reach) * hour} />
          ) : (
            <p className="border-y border-hairline py-6 text-ink-soft">
              No open job answers to that. Those put away stand below.
            </p>
          )}
        </>
      )}
      {later && <Finished />}
      {later && <LooksDue />}
      {care && <CareDue />}
    </Page>
  );
}

interface PickProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly options: readonly { readonly value: string; readonly label: string }[];
}

/** One of a few, without a line of its own for its name. */
function Pick({ label, value, onChange, options }: PickProps) {
  return (
    <select
      aria-label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      className="min-h-11 rounded-sm border-2 border-ink-soft bg-sheet px-2"
    >
      {options.map((each) => (
        <option key={each.value} value={each.value}>
          {each.label}
        </option>
      ))}
    </select>
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
