'use client';

import { useState } from 'react';
import type { Opening } from '@/facts/job';
import { Button } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { amount, figure } from '@/words/figures';
import { newBatchId, openedEntry } from '@/words/mix';
import { Printed } from '@/ui/Printed';

/** One part in large amounts: which cans, how much of each, what stays. */
export function CansToOpen({ opening }: { readonly opening: Opening }) {
  const { view, log } = useJob();
  const [took, setTook] = useState<number>();
  const { volume, cans, short } = opening;
  const record = () => {
    if (!took) return;
    const batchId = newBatchId(view);
    const poured = openedEntry(view, batchId, took);
    const { partId, mass } = poured;
    log('stirred', poured, {
      type: 'mixed',
      batchId,
      layerId: view.work.layer.id,
      poured: [{ partId, mass }],
    });
    setTook(undefined);
  };
  return (
    <Panel title="Cans to open" place="opened">
      <p className="mb-3">
        <b className="text-xl">
          <Printed figure={figure(view, 'mix.volume', volume)} />
        </b>{' '}
        of one part: it is stirred to the bottom, not weighed.
        {cans.length > 1 && ' Stir them together, so that the colour is one.'}
      </p>
      {cans.length === 0 ? (
        <p className="text-sm text-ink-soft">
          No can of it is on the shelf. It can be taken all the same; nothing is drawn down.
        </p>
      ) : (
        <ul className="divide-y divide-hairline border-y border-hairline">
          {cans.map(({ from, takes, stays }) => (
            <li key={from.can.id} className="flex min-h-11 items-center justify-between gap-3 px-2 py-1.5">
              <b>{from.can.lot}</b>
              <span className="text-right">
                <Printed figure={amount('volume', takes)} />
                <span className="block text-sm text-ink-soft">
                  {stays > 1e-6 ? (
                    <>
                      <Printed figure={amount('volume', stays)} /> stays in it
                    </>
                  ) : (
                    'all of it'
                  )}
                </span>
              </span>
            </li>
          ))}
          {short > 1e-6 && (
            <li className="flex min-h-11 items-center justify-between gap-3 px-2 py-1.5 font-semibold text-care">
              <span>▲ On no shelf</span>
              <Printed figure={amount('volume', short)} />
            </li>
          )}
        </ul>
      )}
      <div className="mt-3 grid items-start gap-3 sm:grid-cols-[14rem_auto]">
        <NumberField
          label="Took another amount"
          quantity="volume"
          value={took}
          onChange={setTook}
          expects={[volume * 0.3, volume * 2]}
          onEnter={record}
        />
        <Button className="sm:mt-6 sm:justify-self-start" onClick={record} disabled={!took}>
          Record this amount
        </Button>
      </div>
    </Panel>
  );
}
