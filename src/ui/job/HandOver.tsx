'use client';

import { useState } from 'react';
import { lastOf, liveEntries, moment, type JobView } from '@/facts/job';
import { clockTime } from '@/words/clock';
import { Button } from '../Button';
import { Dialog } from '../Dialog';
import { TextField } from '../Field';
import { Notice } from '../Notice';
import { useJob } from './context';

/** A note for the next shift is shown for so long, ms: until the shift after it is over. */
const shownFor = 24 * 3_600_000;

/** What whoever had the job before wants to be known. */
export function HandedOver({ view }: { readonly view: JobView }) {
  const entry = lastOf(liveEntries(view.job), 'handover');
  if (!entry || view.now - moment(entry) > shownFor) return null;
  return (
    <div className="my-2" data-handed-over>
      <Notice tone="act">
        {entry.by ? `${entry.by}, ` : ''}
        {clockTime(moment(entry), view.now)}: <b>{entry.text}</b>
      </Notice>
    </div>
  );
}

/** A note for whoever has the job next; a bare form, for a dialog or a panel. */
export function HandOverForm({ onDone }: { readonly onDone?: () => void }) {
  const { log } = useJob();
  const [note, setNote] = useState('');
  const save = () => {
    if (!note.trim()) return;
    log('handed over', { type: 'handover', text: note.trim() });
    setNote('');
    onDone?.();
  };
  return (
    <form
      className="grid grid-cols-[minmax(0,1fr)_auto] items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <TextField
        label="Hand over: what the next one must know"
        value={note}
        maxLength={2000}
        onChange={(event) => setNote(event.target.value)}
      />
      <Button type="submit" disabled={!note.trim()}>
        Hand over
      </Button>
    </form>
  );
}

/** The same as a dialog. */
export function HandOver({ name, onClose }: { readonly name: string; readonly onClose: () => void }) {
  return (
    <Dialog
      open
      onClose={onClose}
      title={`Hand ${name} over`}
      says="It stands on top of the job for a day, and in its log for good."
    >
      <HandOverForm onDone={onClose} />
    </Dialog>
  );
}
