'use client';

import { usePathname, useRouter } from 'next/navigation';
import { useCallback, useMemo, useRef, useState, type ReactNode } from 'react';
import { notify } from '@/ui/notify';
import { useRecorded } from '@/ui/recorded';
import { recordsOfJob } from '@/exchange/bundle';
import { keyOf, type Job, type NewEntry } from '@/records';
import { useJudged, useLog } from '@/store/actions';
import { useJobView, useRecord, useShopState, useStore } from '@/store/hooks';
import {
  actOf,
  alsoRead,
  endDoubt,
  layerOf,
  safeWork,
  stages,
  withLayer,
  withRatioRead,
  type Act,
  type EndDoubt,
  type JobView,
} from '@/facts/job';
import { speechOf } from '@/facts/shop/speech';
import { namedBy } from '@/offline/pages';
import { AskedAbout } from '../AskedAbout';
import { HandedOver, HandOver } from './HandOver';
import { JobAhead } from './JobAhead';
import { ButtonLink } from '../Button';
import { useSend, useTakeOut } from '../takeout';
import { EmptyState } from '../EmptyState';
import { Fence } from '../Fence';
import { Notice } from '../Notice';
import { SetApart } from '../SetApart';
import { askPrint } from '../print';
import { useKeys } from '../frame/keys';
import { usePageTitle } from '../frame/title';
import { useShopActions } from '../frame/undo';
import { Menu } from '../Menu';
import { Page } from '../Page';
import { RunStrip } from '../RunStrip';
import { TimerTray } from '../TimerTray';
import { useUnits } from '../units';
import { useNarrow } from '../narrow';
import { useTall } from '../tall';
import { stageWords, type Tap } from '@/words/line';
import { nextLine } from '@/words/nextline';
import { JobContext } from './context';
import { takeInHand, useInHand } from './inhand';
import { StackMap } from './StackMap';
import { Dock } from './Dock';
import { PhoneBar } from './PhoneBar';
import { focusPlace } from './focusplace';
import { fetched } from '../fetched';
import { figure, jobFigure } from '@/words/figures';
import { Printed } from '@/ui/Printed';

const PutAway = fetched(() => import('./PutAway').then((found) => found.PutAway));
const EndAsked = fetched(() => import('./EndAsked').then((found) => found.EndAsked));
const SafeWalk = fetched(() => import('./SafeWalk').then((found) => found.SafeWalk));
const SpokenLine = fetched(() => import('./SpokenLine').then((found) => found.SpokenLine));
const StartWalk = fetched(() => import('./StartWalk').then((found) => found.StartWalk));

/** What stands around every stage: the job's name, its run strip, and the timer tray. */
export function JobFrame({ id, children }: { readonly id: string; readonly children: ReactNode }) {
  const job = useRecord('job', id);
  const view = useJobView(id, useInHand(id, job));
  if (!view)
    return (
      <Page title="Job">
        <EmptyState title="This job is not here">
          <p>It may have been removed, or belongs to another device. Import its file to see it here.</p>
          <ButtonLink href="/">To the bench</ButtonLink>
        </EmptyState>
      </Page>
    );
  if ('why' in view)
    return (
      <Page title={view.name}>
        <Notice tone="stop">
          <p>Nothing can be concluded of this job: {view.why}. It is safe on this device.</p>
          <div className="mt-2">
            <SetApart record={`job/${view.id}`} why={view.why} />
          </div>
        </Notice>
      </Page>
    );
  return <OpenJob view={view}>{children}</OpenJob>;
}

function OpenJob({ view, children }: { readonly view: JobView; readonly children: ReactNode }) {
  const { job } = view;
  const units = useUnits();
  const router = useRouter();
  const { part } = namedBy(usePathname());
  const stage = stages.find((each) => each === part) ?? 'plan';
  const store = useStore();
  const write = useLog(job);
  const judged = useJudged(view);
  const recorded = useRecorded();
  const { undo } = useShopActions();
  const line = useMemo(() => nextLine(view, stage, units), [view, stage, units]);

  // Work that can hurt someone goes on record after what keeps people whole: what was to be written waits for it.
  const [unsafe, setUnsafe] = useState<{ readonly act: Act; readonly write?: () => void }>();
  const logThen = useCallback(
    (label: string, entries: readonly NewEntry[], then: () => void) => {
      const act = entries.map(actOf).find((each) => each !== undefined);
      const open = act !== undefined && !safeWork(view, act).may;
      const all = () => {
        write(label, ...entries);
        then();
      };
      if (open) setUnsafe({ act, write: all });
      else all();
      return !open;
    },
    [view, write],
  );
  const log = useCallback(
    (label: string, ...entries: readonly NewEntry[]) => logThen(label, entries, () => undefined),
    [logThen],
  );
  const safe = useCallback(() => {
    unsafe?.write?.();
    setUnsafe(undefined);
  }, [unsafe]);
  const [starting, setStarting] = useState<Tap>();
  const [ending, setEnding] = useState<{ readonly tapped: Tap; readonly doubt: EndDoubt }>();
  const start = useCallback(
    ({ does, says }: Tap) => {
      if (does.kind !== 'start') return;
      log(does.label, { type: 'coat-start', coatId: does.coatId });
      recorded(`Recorded: ${says.toLowerCase()}.`, undo);
      setStarting(undefined);
    },
    [log, recorded, undo],
  );
  const { may } = view.permission;

  const tap = useCallback(
    (tapped: Tap) => {
      const { does, says } = tapped;
      if (does.kind === 'start' && may) start(tapped);
      else if (does.kind === 'start') setStarting(tapped);
      if (does.kind === 'go') router.push(`/job/${job.id}/${does.stage}${does.part ? `#${does.part}` : ''}`);
      if (does.kind === 'hand') takeInHand(job, does.layerId, does.rigId);
      if (does.kind === 'judge') {
        judged(does.yes);
        recorded(`Recorded: ${says.toLowerCase()}.`, undo);
      }
      if (does.kind === 'safe') setUnsafe({ act: does.act });
      if (does.kind === 'focus') focusPlace(does.place, does.part);
      if (does.kind === 'cans')
        store.put(withLayer(job, does.layerId, { cans: [...does.cans] }), 'cans chosen');
      if (does.kind === 'grade') {
        const can = store.getState().records.get(`can/${does.canId}`);
        if (can?.kind === 'can') store.put({ ...can, grade: does.grade }, 'grade of a can');
      }
      if (does.kind === 'ratio-read') {
        const own = store.getState().records.get(`coating/${layerOf(job, does.layerId).sheet.id}`);
        const also = own?.kind === 'coating' && alsoRead(own, layerOf(job, does.layerId).sheet);
        void store
          .commit([withRatioRead(job, does.layerId), ...(also ? [also] : [])], [], 'ratio read')
          .then((kept) => kept && recorded('The ratio is as the paper reads.', undo));
      }
      const doubt =
        does.kind === 'log' && does.entries.some(({ type }) => type === 'coat-end') && endDoubt(view);
      if (does.kind === 'log' && doubt) setEnding({ tapped, doubt });
      else if (does.kind === 'log' && log(does.label, ...does.entries))
        // “Done” says nothing of what was.
        recorded(`Recorded: ${(says === 'Done' ? does.label : says).toLowerCase()}.`, undo);
    },
    [router, job, view, store, log, judged, recorded, undo, start, may],
  );

  useKeys({
    ...Object.fromEntries(
      stages.map((each, i) => [String(i + 1), () => router.push(`/job/${job.id}/${each}`)]),
    ),
    // What goes on record is never recorded by a key that was meant for something else: the first press shows the button.
    enter: () => {
      if (line.tap?.does.kind === 'log' || line.tap?.does.kind === 'start')
        document.querySelector<HTMLElement>('[data-next-action]')?.focus();
      else if (line.tap) tap(line.tap);
    },
  });

  usePageTitle(`${stageWords[stage]} · ${job.name} · Fluorite`);

  const narrow = useNarrow();
  const heading = (
    <h1 className={narrow ? 'sr-only' : 'text-xl font-bold'}>
      {job.name}
      <span className="sr-only">, {stageWords[stage]}</span>
    </h1>
  );
  const value = useMemo(() => ({ view, log, logThen, tap, line }), [view, log, logThen, tap, line]);
  const speech = speechOf(view.shop);
  return (
    <JobContext.Provider value={value}>
      {speech.everywhere && <SpokenLine says={line.says} entries={job.log.length} speech={speech} />}
      {narrow && <PhoneBar view={view} at={stage} menu={<JobMenu job={job} />} />}
      <header className={narrow ? 'px-4' : 'px-5 pt-2'}>
        {narrow ? (
          heading
        ) : (
          <div className="mb-1 flex items-center justify-between gap-3">
            <div className="flex min-w-0 flex-wrap items-baseline gap-x-4">
              {heading}
              <p className="text-ink-soft">
                {view.plan.sheet.name} · <Printed figure={jobFigure(view, 'area', view.plan.area)} /> · about{' '}
                <Printed figure={figure(view, 'coat.takes', view.spray.coatTime)} /> a coat
              </p>
            </div>
            <JobMenu job={job} />
          </div>
        )}
        <JobAhead job={job} />
        <HandedOver view={view} />
        <AskedAbout record={job} />
        {!narrow && (
          <Fence what="The run strip" record={keyOf(job)}>
            <RunStrip view={view} at={stage} />
            <StackMap view={view} />
          </Fence>
        )}
      </header>
      <div className="flex flex-1 flex-col">
        <Fence key={stage} what={`The stage ${stageWords[stage]}`} record={keyOf(job)}>
          {children}
        </Fence>
      </div>
      {ending && (
        <EndAsked
          doubt={ending.doubt}
          tap={ending.tapped.says}
          onEnd={() => {
            const { does, says } = ending.tapped;
            if (does.kind === 'log') log(does.label, ...does.entries);
            recorded(`Recorded: ${says.toLowerCase()}.`, undo);
            setEnding(undefined);
          }}
          onClose={() => setEnding(undefined)}
        />
      )}
      {unsafe && (
        <div data-walk>
          <SafeWalk
            act={unsafe.act}
            onTap={(next) => {
              setUnsafe(undefined);
              tap(next);
            }}
            onDone={safe}
            onClose={() => setUnsafe(undefined)}
          />
        </div>
      )}
      {starting && (
        <StartWalk
          start={starting}
          onStart={() => start(starting)}
          onTap={(next) => {
            // What is said here and now leaves the walk open for the rest.
            if (next.does.kind !== 'ratio-read') setStarting(undefined);
            tap(next);
          }}
          onClose={() => setStarting(undefined)}
        />
      )}
      <footer className="no-print sticky bottom-0 z-20">
        <Fence what="The timers" record={keyOf(job)}>
          {narrow ? <Dock /> : <Tray view={view} />}
        </Fence>
      </footer>
    </JobContext.Provider>
  );
}

function Tray({ view }: { readonly view: JobView }) {
  const tray = useRef<HTMLDivElement>(null);
  useTall(tray, '--dock');
  return (
    <div ref={tray}>
      <TimerTray view={view} />
    </div>
  );
}

function JobMenu({ job }: { readonly job: Job }) {
  const store = useStore();
  const { records } = useShopState();
  const router = useRouter();
  const takeOut = useTakeOut();
  const send = useSend();
  const { undo } = useShopActions();
  const [closing, setClosing] = useState(false);
  const [handing, setHanding] = useState(false);
  const done = (says: string) => {
    notify(says, undo);
    router.push('/');
  };
  return (
    <>
      <Menu
        label="Job menu"
        items={[
          { label: 'Undo last entry', onSelect: undo },
          {
            label: 'Export this job',
            onSelect: () => void takeOut(job.name, recordsOfJob(job, records)),
          },
          {
            label: 'Send to another device',
            onSelect: () => void send(job.name, recordsOfJob(job, records)),
          },
          { label: 'See its log', onSelect: () => router.push(`/logbook?job=${encodeURIComponent(job.id)}`) },
          {
            label: 'Print the report',
            onSelect: () => {
              askPrint();
              router.push(`/job/${job.id}/check#report`);
            },
          },
          { label: 'Hand it over', onSelect: () => setHanding(true) },
          {
            label: 'Put away',
            onSelect: () => setClosing(true),
          },
          {
            label: 'Remove',
            danger: true,
            onSelect: () => {
              const photos = [...store.getState().records.values()]
                .filter((each) => each.kind === 'photo' && each.jobId === job.id)
                .map(keyOf);
              void store.commit([], [`job/${job.id}`, ...photos], 'job removed').then((removed) => {
                if (removed) done(`${job.name} is removed.`);
                else
                  notify(
                    `${job.name} could not be removed: the disk would not take it. Nothing has changed.`,
                  );
              });
            },
          },
        ]}
      />
      {handing && <HandOver name={job.name} onClose={() => setHanding(false)} />}
      {closing && (
        <PutAway
          job={job}
          onClose={() => setClosing(false)}
          onDone={() => done(`${job.name} is put away. It stays in the logbook.`)}
        />
      )}
    </>
  );
}
