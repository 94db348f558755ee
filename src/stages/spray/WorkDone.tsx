'use client';

import { useState } from 'react';
import { abrades } from '@/core/system';
import { gritUnder, type WorkItem } from '@/facts/job';
import { workKinds, type NewEntry, type WorkKind } from '@/records';
import { Button } from '@/ui/Button';
import { Check } from '@/ui/Check';
import { SelectField, TextField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { workWords } from '@/words/work';

interface DoneProps {
  readonly due: WorkItem | undefined;
  readonly layerId: string;
}

/** What was done between coats, in numbers: film taken off, and how long it took. */
export function WorkDone({ due, layerId }: DoneProps) {
  const { view, logThen } = useJob();
  const [what, setWhat] = useState<WorkKind>(due?.what ?? 'sand');
  const [grit, setGrit] = useState(
    String(due?.grit ?? gritUnder(view.spray.next?.coat, view.spray.next?.sheet ?? view.plan.sheet).fine),
  );
  const [takes, setTakes] = useState<number>();
  const [lasts, setLasts] = useState<number>();
  const [wet, setWet] = useState(false);
  const [note, setNote] = useState('');
  const planned = due && due.what === what ? due : undefined;
  const grade = Math.round(Number(grit));
  const wrong = abrades(what) && grit.trim() !== '' && !(grade >= 16 && grade <= 10_000);
  const keep = () => {
    if (wrong) return;
    const off = abrades(what) ? (takes ?? planned?.takes) : undefined;
    const entry: NewEntry = {
      type: 'worked',
      layerId,
      what,
      ...(planned ? { workId: planned.id } : {}),
      ...(abrades(what) && grit.trim() ? { grit: grade } : {}),
      ...(off === undefined ? {} : { takes: off }),
      ...(lasts === undefined ? {} : { lasts }),
      ...(abrades(what) && wet ? { wet } : {}),
      ...(note.trim() ? { note: note.trim() } : {}),
    };
    logThen(workWords[what].done.toLowerCase(), [entry], () => {
      setTakes(undefined);
      setLasts(undefined);
      setNote('');
    });
  };
  return (
    <details data-work-done>
      <summary className="flex min-h-11 items-center text-sm font-semibold">
        Record work with its numbers
      </summary>
      <form
        className="grid gap-3 pb-2 sm:grid-cols-2"
        onSubmit={(event) => {
          event.preventDefault();
          keep();
        }}
      >
        <SelectField
          label="What was done"
          value={what}
          options={workKinds
            .filter((value) => value !== 'wait')
            .map((value) => ({ value, label: workWords[value].done }))}
          onChange={(event) => setWhat(event.target.value as WorkKind)}
        />
        {abrades(what) && (
          <>
            <TextField
              label="Grit, P"
              inputMode="numeric"
              value={grit}
              error={wrong ? 'A grade from P16 to P10000.' : undefined}
              onChange={(event) => setGrit(event.target.value)}
            />
            <NumberField
              label="Film taken off"
              quantity="film"
              value={takes}
              expects={[0, 254e-6]}
              onChange={setTakes}
              hint={
                planned?.takes === undefined
                  ? 'By the gauge: before less after'
                  : 'By the gauge: before less after. Empty: as planned'
              }
            />
          </>
        )}
        {abrades(what) && <Check label="Wet: masks are put on again" checked={wet} onChange={setWet} />}
        <NumberField
          label="It took"
          quantity="duration"
          value={lasts}
          expects={[30, 8 * 3600]}
          onChange={setLasts}
        />
        <TextField
          label="Note"
          value={note}
          maxLength={200}
          onChange={(event) => setNote(event.target.value)}
        />
        <div className="flex items-end">
          <Button type="submit" look="main">
            Put on record
          </Button>
        </div>
      </form>
    </details>
  );
}
