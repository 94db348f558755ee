'use client';

import { useState } from 'react';
import { touchUps, type TouchUp } from '@/core/inspection';
import type { Miss } from '@/facts/job';
import { correctEntry } from '@/store/actions';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { CommitField, SelectField, TextField } from '@/ui/Field';
import { Fold } from '@/ui/Fold';
import { MomentField } from '@/ui/MomentField';
import { Panel } from '@/ui/Panel';
import { useJob } from '@/ui/job/context';
import { timeOfDay } from '@/words/clock';
import { fullDay } from '@/words/dates';
import { touchUpWords } from '@/words/inspection';

const ways = touchUps.map((value) => ({ value, label: touchUpWords[value] }));

/** Small misses: what, where, how, by whom, by when. */
export function Misses({ misses }: { readonly misses: readonly Miss[] }) {
  const { log } = useJob();
  const [text, setText] = useState('');
  const [how, setHow] = useState<TouchUp>('brush');
  const add = () => {
    if (!text.trim()) return;
    log('miss', { type: 'miss', text: text.trim(), how });
    setText('');
  };
  return (
    <Panel title="Small misses" place="misses">
      {misses.length > 0 && (
        <ul className="mb-3 divide-y divide-hairline border-y border-hairline text-sm" data-misses>
          {misses.map((miss) => (
            <MissRow key={miss.entry.id} miss={miss} />
          ))}
        </ul>
      )}
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
      >
        <div className="min-w-48 flex-1">
          <TextField
            label="What is missed, and where"
            value={text}
            maxLength={120}
            onChange={(event) => setText(event.target.value)}
          />
        </div>
        <SelectField
          label="Touched up with"
          value={how}
          onChange={(event) => setHow(event.target.value as TouchUp)}
          options={ways}
        />
        <Button type="submit">Put on the list</Button>
      </form>
    </Panel>
  );
}

function MissRow({ miss: { entry, closed } }: { readonly miss: Miss }) {
  const { view, log } = useJob();
  const store = useStore();
  const { faceId, zone, text, how, who, due, id } = entry;
  const late = !closed && due !== undefined && Date.parse(due) < view.now;
  const face = view.job.part.faces.find((each) => each.id === faceId)?.name;
  const put = (said: Partial<typeof entry>) =>
    store.put(correctEntry(view.job, { ...entry, ...said }, view.now), 'miss changed');
  const close = (did: 'done' | 'let-be') =>
    log(did === 'done' ? 'touched up' : 'let be', { type: 'miss-closed', missId: id, did });
  return (
    <li className="py-2">
      <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
        <span className="min-w-0 flex-1 basis-60">
          <b className={closed ? 'text-good' : late ? 'text-stop' : 'text-care'}>
            {closed ? (closed.did === 'done' ? '✓ touched up' : '✓ let be') : late ? '■ overdue' : '▲ open'}
          </b>{' '}
          {text}
          {face && zone ? `, ${face}` : ''}
          <span className="block text-ink-soft">
            {touchUpWords[how]}
            {who ? `, ${who}` : ''}
            {due ? `, by ${fullDay(Date.parse(due))}, ${timeOfDay(Date.parse(due))}` : ''}
          </span>
        </span>
        {!closed && (
          <span className="flex gap-2">
            <Button onClick={() => close('done')}>Touched up</Button>
            <Button look="quiet" onClick={() => close('let-be')}>
              Let it be
            </Button>
          </span>
        )}
      </div>
      {!closed && (
        <Fold title="Who, how and by when" className="text-sm">
          <div className="grid gap-3 sm:grid-cols-3">
            <CommitField label="Who" value={who ?? ''} onCommit={(said) => put({ who: said || undefined })} />
            <SelectField
              label="Touched up with"
              value={how}
              onChange={(event) => put({ how: event.target.value as TouchUp })}
              options={ways}
            />
            <MomentField label="By when" value={due} onCommit={(said) => put({ due: said })} />
          </div>
        </Fold>
      )}
    </li>
  );
}
