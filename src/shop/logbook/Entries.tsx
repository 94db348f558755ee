'use client';

import { everyEntry } from '@/facts/job';
import { useMemo, useState } from 'react';
import { useRecorded } from '@/ui/recorded';
import { strikeEntry } from '@/store/actions';
import { useRecords, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { SelectField, TextField } from '@/ui/Field';
import { choicesOf, everything } from '@/facts/shop/logsearch';
import { useUnits } from '@/ui/units';
import { plural } from '@/words/line';
import { CorrectEntry } from './CorrectEntry';
import { LogFilter } from './LogFilter';
import { LogRows, type LogRow } from './LogRows';
import { PutAway } from '@/ui/job/PutAway';
import { NoteEntry } from './NoteEntry';
import { useFound } from './usefound';

/** Everything that was done, newest first. A mistake is corrected or struck here, and what it said stays. */
export function Entries() {
  const jobs = useRecords('job');
  const [jobId, setJobId] = useState(
    () => new URLSearchParams(typeof location === 'undefined' ? '' : location.search).get('job') ?? '',
  );
  const [editing, setEditing] = useState<LogRow>();
  const [closing, setClosing] = useState(false);
  const store = useStore();
  const recorded = useRecorded();
  const chosen = jobs.find(({ id }) => id === jobId);
  const units = useUnits();
  const rigs = useRecords('rig');
  const [asked, setAsked] = useState(everything);
  const all = useMemo(
    () =>
      (chosen ? [chosen] : jobs)
        .flatMap((job) => everyEntry(job).map((entry) => ({ job, entry })))
        .sort((a, b) => (a.entry.at < b.entry.at ? 1 : a.entry.at > b.entry.at ? -1 : 0)),
    [chosen, jobs],
  );
  const choices = useMemo(() => choicesOf(all, rigs), [all, rigs]);
  const { rows, looking } = useFound(all, asked, units);
  const strike = ({ job, entry }: LogRow) => {
    const now = new Date();
    store.put(
      strikeEntry(job, entry.id, entry.struck ? undefined : 'Struck by hand', now.getTime()),
      entry.struck ? 'entry restored' : 'entry struck',
    );
    recorded(entry.struck ? 'Restored.' : 'Struck. It stays readable here and counts no longer.');
  };
  return (
    <>
      <p className="my-3 max-w-3xl text-ink-soft">
        What was done, newest first. A mistake is corrected or struck; what it said before stays with it.
      </p>
      <div className="mb-2 grid items-end gap-3 sm:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_auto]">
        <TextField
          label="Find"
          type="search"
          value={asked.words}
          onChange={(event) => setAsked({ ...asked, words: event.target.value })}
        />
        <div>
          <SelectField
            label="Job"
            value={chosen?.id ?? ''}
            onChange={(event) => {
              setJobId(event.target.value);
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
              if (chosen.closed) store.put({ ...chosen, closed: undefined }, 'job brought back');
              else setClosing(true);
            }}
          >
            {chosen.closed ? 'Back to the bench' : 'Put away'}
          </Button>
        )}
      </div>
      <LogFilter asked={asked} onAsk={setAsked} choices={choices} />
      {chosen && <NoteEntry job={chosen} />}
      <p className="mb-1 text-sm text-ink-soft" role="status" data-log-count>
        {looking
          ? 'Looking'
          : rows.length === all.length
            ? plural(all.length, 'entry', 'entries')
            : `${rows.length} of ${plural(all.length, 'entry', 'entries')}`}
      </p>
      <LogRows rows={rows} showJob={!chosen} onCorrect={setEditing} onStrike={strike} />
      {rows.length === 0 && (
        <p className="py-6 text-ink-soft">
          {all.length === 0 ? 'Nothing is written for this job yet.' : 'No entry answers to that.'}
        </p>
      )}
      {chosen && closing && (
        <PutAway job={chosen} onClose={() => setClosing(false)} onDone={() => setClosing(false)} />
      )}
      {editing && <CorrectEntry {...editing} onClose={() => setEditing(undefined)} />}
    </>
  );
}
