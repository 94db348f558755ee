'use client';

import { useState } from 'react';
import { mayWaive, type PermissionItem } from '@/facts/job';
import { Button } from '../Button';
import { TextField } from '../Field';
import { Notice } from '../Notice';
import { waiversSay } from '@/words/people';
import { useJob } from './context';

interface Props {
  readonly item: PermissionItem;
  readonly onDone: () => void;
}

/** Goes on without something, with the reason: for this coat, and of a number for that number alone. */
export function Waive({ item, onDone }: Props) {
  const { view, log } = useJob();
  const [why, setWhy] = useState('');
  const [asked, setAsked] = useState(false);
  const { coat } = view.permission;
  const save = () => {
    setAsked(true);
    if (!why.trim() || !coat) return;
    log('left out', {
      type: 'skip',
      item: item.id,
      why: why.trim(),
      coatId: coat.coat.id,
      ...(item.found === undefined ? {} : { found: item.found }),
    });
    onDone();
  };
  const { people = [], operator } = view.shop;
  if (!mayWaive(view.shop, operator || undefined, item.group))
    return (
      <div className="mt-3">
        <Notice tone="care">
          {waiversSay(people, item.group)}{' '}
          {operator ? `${operator} is at the bench.` : 'Settings says who is at the bench: nobody so far.'}
        </Notice>
      </div>
    );
  return (
    <div className="mt-3">
      <TextField
        label="Why"
        value={why}
        maxLength={400}
        onChange={(event) => setWhy(event.target.value)}
        onKeyDown={(event) => event.key === 'Enter' && save()}
        error={asked && !why.trim() ? 'Say why: it stays in the record and in the report.' : undefined}
      />
      <Button className="mt-3 w-full" onClick={save}>
        Go on without it
      </Button>
    </div>
  );
}
