'use client';

import { useState } from 'react';
import { flowCup, flowCups, judgeSeconds, viscosityFromSeconds } from '@/core/cups';
import { isRefusal } from '@/core/refusal';
import { CupTable } from '@/ui/CupTable';
import { SelectField } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Page } from '@/ui/Page';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { CupChart } from './CupChart';
import { OwnedCups } from './OwnedCups';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

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
        <OwnedCups />
      </div>
      <CupChart />
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
          <p className="text-4xl font-bold">
            <Printed figure={amount('viscosity', viscosity)} />
          </p>
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
