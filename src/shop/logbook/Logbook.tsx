'use client';

import { isoNow } from '@/store/clock';
import { everyEntry } from '@/facts/job';
import { useMemo, useState } from 'react';
import { useRecorded } from '@/ui/recorded';
import type { Job, LogEntry } from '@/records';
import { strikeEntry } from '@/store/actions';
import { useRecords, useStore } from '@/store/hooks';
import { Button, ButtonLink } from '@/ui/Button';
import { EmptyState } from '@/ui/EmptyState';
import { SelectField } from '@/ui/Field';
import { Menu } from '@/ui/Menu';
import { Page } from '@/ui/Page';
import { useUnits } from '@/ui/units';
import { CorrectEntry } from './CorrectEntry';
import { entryWords, typeWords } from '@/words/entry';
import { NoteEntry } from './NoteEntry';

/** Entries shown at first; the rest on asking, so that a long shop life does not slow the page. */
const page = 150;

/** Everything that was done, newest first. A mistake is corrected or struck here, and what it said stays. */
export function Logbook() {
  const jobs = useRecords('job');
  const [jobId, setJobId] = useState(
    () => new URLSearchParams(typeof location === 'undefined' ? '' : location.search).get('job') ?? '',
  );
  const [shown, setShown] = useState(page);
  const [editing, setEditing] = useState<{ job: Job; entry: LogEntry }>();
  const store = useStore();
  const recorded = useRecorded();
  const chosen = jobs.find(({ id }) => id === jobId);
  const rows = useMemo(
    () =>
      (chosen ? [chosen] : jobs)
        .flatMap((job) => everyEntry(job).map((entry) => ({ job, entry })))
        .sort((a, b) => (a.entry.at < b.entry.at ? 1 : a.entry.at > b.entry.at ? -1 : 0)),
    [chosen, jobs],
  );
  const strike = (job: Job, entry: LogEntry) => {
    const now = new Date();
    store.put(
      strikeEntry(job, entry.id, entry.struck ? undefined : 'Struck by hand', now.getTime()),
      entry.struck ? 'entry restored' : 'entry struck',
    );
    recorded(entry.struck ? 'Restored.' : 'Struck. It stays readable here and counts no longer.');
  };
  if (jobs.length === 0)
    return (
      <Page title="Logbook">
        <EmptyState title="Nothing is written yet">
          <p>Every tap on a job is kept here with its time.</p>
          <ButtonLink href="/">To the bench</ButtonLink>
        </EmptyState>
      </Page>
    );
  return (
    <Page
      title="Logbook"
      says="What was done, newest first. A mistake is corrected or struck; what it said before stays with it."
    >
      <div className="mb-4 flex flex-wrap items-end gap-4">
        <div className="w-full max-w-sm">
          <SelectField
            label="Job"
            value={chosen?.id ?? ''}
            onChange={(event) => {
              setJobId(event.target.value);
              setShown(page);
            }}
            options={[
              { value: '', label: 'All jobs' },
              ...jobs.map(({ id, name, closed }) => ({
                value: id,
                label: closed ? `${name} (put away)` : name,
              })),
            ]}
          />
        </div>
        {chosen && (
          <Button
            onClick={() => {
              const { closed, ...open } = chosen;
              store.put(
                closed ? open : { ...chosen, closed: isoNow() },
                closed ? 'job brought back' : 'job put away',
              );
            }}
          >
            {chosen.closed ? 'Back to the bench' : 'Put away'}
          </Button>
        )}
      </div>
      {chosen && <NoteEntry job={chosen} />}
      <ol className="divide-y divide-hairline border-y border-hairline" data-log>
        {rows.slice(0, shown).map(({ job, entry }) => (
          <Row
            key={`${job.id}/${entry.id}`}
            job={job}
            entry={entry}
            showJob={!chosen}
            onCorrect={() => setEditing({ job, entry })}
            onStrike={() => strike(job, entry)}
          />
        ))}
      </ol>
      {rows.length === 0 && <p className="py-6 text-ink-soft">Nothing is written for this job yet.</p>}
      {rows.length > shown && (
        <Button className="mt-4" onClick={() => setShown(shown + page)}>
          Show more of {rows.length}
        </Button>
      )}
      {editing && <CorrectEntry {...editing} onClose={() => setEditing(undefined)} />}
    </Page>
  );
}

interface RowProps {
  readonly job: Job;
  readonly entry: LogEntry;
  readonly showJob: boolean;
  readonly onCorrect: () => void;
  readonly onStrike: () => void;
}

function Row({ job, entry, showJob, onCorrect, onStrike }: RowProps) {
  const units = useUnits();
  const at = new Date(entry.at);
  const was = entry.was?.map(({ said }) =>
    entryWords({ ...said, id: entry.id, at: entry.at } as unknown as LogEntry, job, units),
  );
  return (
    <li className="grid grid-cols-[5.5rem_minmax(0,1fr)_2.75rem] items-center gap-x-3 py-1.5 text-sm sm:grid-cols-[8.5rem_8rem_minmax(0,1fr)_2.75rem]">
      <span className="text-ink-soft">
        {at.toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })} {at.toTimeString().slice(0, 5)}
      </span>
      <span className="hidden font-semibold sm:block">{typeWords[entry.type]}</span>
      <span className={entry.struck ? 'text-ink-soft line-through' : ''}>
        <b className="sm:hidden">{typeWords[entry.type]}: </b>
        {entryWords(entry, job, units)}
        {entry.simulated && <span className="text-care"> (simulated)</span>}
        <span className="block text-ink-soft">
          {showJob && `${job.name}. `}
          {entry.by && `By ${entry.by}. `}
          {was && `Said before: ${was.join('; ')}. `}
          {entry.struck && `Struck: ${entry.struck.why}.`}
        </span>
      </span>
      <Menu
        label={`Entry of ${at.toTimeString().slice(0, 5)}`}
        items={[
          { label: 'Correct', onSelect: onCorrect, disabled: !!entry.struck },
          { label: entry.struck ? 'Restore' : 'Strike', onSelect: onStrike, danger: !entry.struck },
        ]}
      />
    </li>
  );
}
