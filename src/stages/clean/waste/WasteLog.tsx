'use client';

import { useState } from 'react';
import { useRecords, useShop } from '@/store/hooks';
import { liveEntries, ofType } from '@/facts/job';
import { solventGone, wasteRows } from '@/facts/shop/waste';
import type { EntryOf } from '@/records';
import { Button, ButtonLink } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { TextField } from '@/ui/Field';
import { Facts } from '@/ui/Facts';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { liquidWords, wasteWords } from '@/words/care';
import { clockTime } from '@/words/clock';
import { amount, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

type What = EntryOf<'waste'>['what'];
const byMass: readonly What[] = ['sludge', 'rags'];

/** Solvent used and settled clear again, mix left over, sludge and rags of this job. */
export function WasteLog() {
  const { view, log } = useJob();
  const units = useUnits();
  const shop = useShop();
  const jobs = useRecords('job');
  const [what, setWhat] = useState<What>('used');
  const estimate = view.clean.steps.reduce((sum, { done, volume = 0 }) => sum + (done ? volume : 0), 0);
  const [volume, setVolume] = useState<number | undefined>(
    estimate > 0 ? Number(estimate.toPrecision(2)) : undefined,
  );
  const [mass, setMass] = useState<number | undefined>();
  const [note, setNote] = useState('');
  const weighed = byMass.includes(what);
  const put = weighed ? mass : volume;
  const { job } = view;
  const entries = ofType(liveEntries(job), 'waste');
  const rows = wasteRows(jobs.filter(({ id }) => id === job.id));
  const keep = () => {
    if (!put) return;
    log('waste', {
      type: 'waste',
      what,
      ...(weighed ? { mass: put } : { volume: put }),
      ...(note.trim() ? { note: note.trim() } : {}),
    });
    setVolume(undefined);
    setMass(undefined);
    setNote('');
  };
  return (
    <Panel title="Waste of this job" place="waste">
      <form
        className="max-w-2xl space-y-3"
        onSubmit={(event) => {
          event.preventDefault();
          keep();
        }}
      >
        <Choice
          label="What"
          value={what}
          onChange={setWhat}
          options={(['used', 'reused', 'recovered', 'mix', 'sludge', 'rags'] as const).map((value) => ({
            value,
            label: {
              used: 'Solvent used',
              reused: 'Of it settled',
              recovered: 'Settled clear',
              mix: 'Leftover mix',
              sludge: 'Sludge',
              rags: 'Rags',
            }[value],
          }))}
        />
        <div className="grid gap-3 sm:grid-cols-2">
          {weighed ? (
            <NumberField
              key="mass"
              label="How much"
              quantity="mass"
              value={mass}
              onChange={setMass}
              expects={[1e-3, 20]}
            />
          ) : (
            <NumberField
              key="volume"
              label="How much"
              quantity="dose"
              value={volume}
              onChange={setVolume}
              expects={[5e-6, 20e-3]}
              hint={
                what === 'used' && estimate > 0
                  ? `The steps done so far take about ${liquidWords(estimate, units)}.`
                  : undefined
              }
            />
          )}
          <TextField
            label="Note"
            value={note}
            maxLength={200}
            onChange={(event) => setNote(event.target.value)}
            hint="Which drum, by whom"
          />
        </div>
        <div className="flex flex-wrap gap-3">
          <Button type="submit" look="main" disabled={!put}>
            Put on record
          </Button>
        </div>
      </form>
      <div className="mt-4">
        <Notice tone="care">
          Solvent waste, sludge and rags are hazardous waste.{' '}
          {shop.wasteRules ? shop.wasteRules : 'What holds here is written down under Care, Waste.'}
        </Notice>
      </div>
      <div className="mt-4 max-w-xl" data-waste-sums>
        {rows.map((row) => (
          <Facts
            key={row.month}
            title={`In ${row.month}`}
            facts={[
              ...Object.entries(row.volume).map(([each, value]) => ({
                label: wasteWords[each as What],
                value: liquidWords(value, units),
              })),
              ...(row.volume.used
                ? [{ label: 'Not settled clear again', value: liquidWords(solventGone(row), units) }]
                : []),
              ...Object.entries(row.mass).map(([each, value]) => ({
                label: wasteWords[each as What],
                value: written(amount('mass', value), units),
              })),
            ]}
          />
        ))}
      </div>
      {entries.length > 0 && (
        <details className="mt-3">
          <summary className="flex min-h-11 items-center text-sm font-semibold">
            {entries.length} on record
          </summary>
          <ul className="text-sm">
            {entries.map((entry) => (
              <li key={entry.id} className="flex justify-between gap-3 border-b border-hairline py-1.5">
                <span>
                  {clockTime(Date.parse(entry.at))} {wasteWords[entry.what]}
                  {entry.note ? `. ${entry.note}` : ''}
                </span>
                <b>
                  {entry.mass === undefined ? (
                    liquidWords(entry.volume, units)
                  ) : (
                    <Printed figure={amount('mass', entry.mass)} />
                  )}
                </b>
              </li>
            ))}
          </ul>
        </details>
      )}
      <div className="mt-4">
        <ButtonLink href="/care#waste">All jobs by month</ButtonLink>
      </div>
    </Panel>
  );
}
