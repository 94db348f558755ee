'use client';

import { useState } from 'react';
import { outcomes, type Closing, type Job } from '@/records';
import { against } from '@/facts/shop/varied';
import { sprayedIn } from '@/facts/shop/uses';
import { isoNow } from '@/store/clock';
import { useShop, useStore } from '@/store/hooks';
import { cameWords } from '@/words/recipes';
import { Button } from '../Button';
import { Choice } from '../Choice';
import { Dialog } from '../Dialog';
import { TextField } from '../Field';
import { useKit } from '../kit';
import { Notice } from '../Notice';

interface Props {
  readonly job: Job;
  readonly onClose: () => void;
  readonly onDone: () => void;
}

const speaks = {
  film: 'The film that was measured does not lie inside its range.',
  faults: 'A fault that was named was not put right.',
};

/** A job is put away with what it taught: three questions, none of which must be answered. */
export function PutAway({ job, onClose, onDone }: Props) {
  const store = useStore();
  const { operator } = useShop();
  const kit = useKit();
  const [came, setCame] = useState(job.closing?.came);
  const [change, setChange] = useState(job.closing?.change ?? '');
  const [seenBy, setSeenBy] = useState(job.closing?.seenBy ?? operator);
  const doubts = came === 'as-wanted' ? [...new Set(sprayedIn(job, kit).flatMap(against))] : [];
  const putAway = () => {
    const said: Closing = {
      ...(came ? { came } : {}),
      ...(change.trim() ? { change: change.trim() } : {}),
      ...(came && seenBy.trim() ? { seenBy: seenBy.trim() } : {}),
    };
    const closing = Object.keys(said).length > 0 ? said : undefined;
    store.put({ ...job, closed: isoNow(), closing }, 'job put away');
    onDone();
  };
  return (
    <Dialog
      open
      onClose={onClose}
      title={`Put ${job.name} away`}
      says="The next job with this product, gun and ground starts from what worked. What you leave open stays open."
    >
      <div className="space-y-4">
        <Choice
          label="How did it come out?"
          value={came ?? ''}
          onChange={(next) => setCame(next === '' ? undefined : next)}
          options={outcomes.map((value) => ({ value, label: cameWords[value] }))}
        />
        {doubts.length > 0 && (
          <Notice tone="care">
            {doubts.map((each) => speaks[each]).join(' ')} Both will stand in its records.
          </Notice>
        )}
        <TextField
          label="What would you do otherwise?"
          value={change}
          maxLength={2000}
          onChange={(event) => setChange(event.target.value)}
        />
        <TextField
          label="Who saw it?"
          value={seenBy}
          maxLength={200}
          onChange={(event) => setSeenBy(event.target.value)}
        />
        <Button look="main" onClick={putAway}>
          Put it away
        </Button>
      </div>
    </Dialog>
  );
}
