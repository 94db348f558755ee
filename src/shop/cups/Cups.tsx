'use client';

import { useState } from 'react';
import { flowCup, flowCups, judgeSeconds, viscosityFromSeconds } from '@/core/cups';
import { isRefusal } from '@/core/refusal';
import { newId } from '@/records';
import { useRecords, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { CupTable } from '@/ui/CupTable';
import { SelectField, TextField } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Page } from '@/ui/Page';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';

const cupOptions = flowCups.map(({ id, name, standard }) => ({
  value: id,
  label: `${id}: ${name}, ${standard}`,
}));

/** The cups the shop owns, and seconds of one cup in every other. */
export function Cups() {
  return (
    <Page
      title="Cups"
      says="Seconds belong to a cup, a temperature and an end point. Here they become viscosity, and seconds of any other cup."
    >
      <div className="grid border-t border-hairline lg:grid-cols-2">
        <Converter />
        <Owned />
      </div>
    </Page>
  );
}

function Converter() {
  const units = useUnits();
  const [cupId, setCupId] = useState('iso-4');
  const [seconds, setSeconds] = useState<number | undefined>(60);
  const cup = flowCup(cupId);
  const viscosity = cup && seconds !== undefined ? viscosityFromSeconds(cup, seconds) : undefined;
  const verdict = cup && seconds !== undefined ? judgeSeconds(cup, seconds) : undefined;
  return (
    <Panel title="Convert">
      <div className="grid items-start gap-4 sm:grid-cols-2">
        <SelectField
          label="Cup"
          value={cupId}
          onChange={(event) => setCupId(event.target.value)}
          options={cupOptions}
        />
        <NumberField
          label="Seconds"
          quantity="time"
          value={seconds}
          onChange={setSeconds}
          error={isRefusal(viscosity) ? units.says(viscosity) : undefined}
        />
      </div>
      {viscosity !== undefined && !isRefusal(viscosity) && (
        <div className="mt-4 space-y-3">
          <p className="text-4xl font-bold">{units.show('viscosity', viscosity)}</p>
          {verdict && !isRefusal(verdict) && verdict.where !== 'inside' && cup && (
            <Notice tone="plain">
              {cup.id} is made for {cup.valid.min}–{cup.valid.max} s; this lies {verdict.where}.{' '}
              {verdict.better.length > 0
                ? `${verdict.better
                    .slice(0, 3)
                    .map(({ id }) => id)
                    .join(', ')} would read it inside.`
                : 'No standard cup reads it inside.'}
            </Notice>
          )}
          <CupTable viscosity={viscosity} />
          <p className="text-xs text-ink-soft">
            ✓ inside the cup’s own range. Between cups add about 10 %, with a dip cup 20–30 %. Correct for
            temperature first: the standards differ.
          </p>
        </div>
      )}
    </Panel>
  );
}

function Owned() {
  const store = useStore();
  const cups = useRecords('cup');
  const jobs = useRecords('job');
  const [name, setName] = useState('');
  const [standardId, setStandardId] = useState('iso-4');
  const add = () => {
    store.put(
      { kind: 'cup', version: 1, id: newId(), name: name.trim() || `Cup ${standardId}`, standardId },
      'new cup',
    );
    setName('');
  };
  return (
    <Panel title="Cups owned">
      <ul className="divide-y divide-hairline border-y border-hairline">
        {cups.map((cup) => {
          const used = jobs.some(({ cupId }) => cupId === cup.id);
          return (
            <li key={cup.id} className="flex min-h-14 items-center justify-between gap-3 py-1">
              <span>
                <b>{cup.name}</b>
                <span className="block text-sm text-ink-soft">
                  {cup.standardId}, {flowCup(cup.standardId)?.standard}
                  {cup.checkedOn ? `, checked ${cup.checkedOn}` : ', never checked'}
                </span>
              </span>
              <Button
                look="quiet"
                disabled={used}
                onClick={() => store.remove(`cup/${cup.id}`, 'cup removed')}
              >
                {used ? 'In use' : 'Remove'}
              </Button>
            </li>
          );
        })}
        {cups.length === 0 && <li className="py-4 text-ink-soft">No cups yet. Add the one on the bench.</li>}
      </ul>
      <div className="mt-4 grid items-end gap-3 sm:grid-cols-[1fr_1fr_auto]">
        <TextField
          label="Name"
          value={name}
          maxLength={120}
          onChange={(event) => setName(event.target.value)}
        />
        <SelectField
          label="Kind"
          value={standardId}
          onChange={(event) => setStandardId(event.target.value)}
          options={cupOptions}
        />
        <Button onClick={add}>Add</Button>
      </div>
    </Panel>
  );
}
