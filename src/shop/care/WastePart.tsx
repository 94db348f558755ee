'use client';

import { useState } from 'react';
import Link from 'next/link';
import { fileName } from '@/exchange/filename';
import { writeWasteCsv } from '@/exchange/wastecsv';
import { useRecords, useShop, useStore } from '@/store/hooks';
import { monthSums, solventGone, wasteRows, type WasteRow } from '@/facts/shop/waste';
import { Button } from '@/ui/Button';
import { download } from '@/ui/download';
import { EmptyState } from '@/ui/EmptyState';
import { FieldShell, fieldBox } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { amount, written } from '@/words/figures';
import { FluidPanel } from './FluidPanel';

/** What left the shop as waste, by month and job; and what holds here for it. */
export function WastePart() {
  const jobs = useRecords('job');
  const units = useUnits();
  const rows = wasteRows(jobs);
  const months = monthSums(rows);
  const volume = (value: number | undefined) =>
    value === undefined ? '–' : written(amount('volume', value), units);
  const mass = (value: number | undefined) =>
    value === undefined ? '–' : written(amount('mass', value), units);
  const cells = (row: Pick<WasteRow, 'volume' | 'mass'>) => [
    volume(row.volume.used),
    volume(row.volume.recovered),
    row.volume.used === undefined ? '–' : volume(solventGone(row)),
    volume(row.volume.mix),
    mass(row.mass.sludge),
    mass(row.mass.rags),
  ];
  const save = () =>
    download(fileName('waste', months[0]?.month ?? 'none', 'csv'), writeWasteCsv(rows), 'text/csv');
  return (
    <div className="border-t border-hairline">
      <Panel
        title="By month and job"
        tools={rows.length > 0 && <Button onClick={save}>Export as CSV</Button>}
      >
        {rows.length === 0 ? (
          <EmptyState title="Nothing on record yet">
            <p>Each job’s Clean stage takes solvent, sludge and leftover mix under Waste.</p>
          </EmptyState>
        ) : (
          // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a box that scrolls must be reachable by keyboard
          <div className="overflow-x-auto" role="region" aria-label="Waste by month and job" tabIndex={0}>
            <table className="w-full border-collapse text-sm" data-waste-table>
              <thead>
                <tr className="border-b-2 border-ink text-right">
                  <th scope="col" className="py-2 text-left">
                    Month, job
                  </th>
                  {['Solvent used', 'Settled clear', 'Gone', 'Mix left over', 'Sludge', 'Rags'].map(
                    (each) => (
                      <th key={each} scope="col" className="px-2 py-2 whitespace-nowrap">
                        {each}
                      </th>
                    ),
                  )}
                </tr>
              </thead>
              {months.map((sums) => (
                <tbody key={sums.month}>
                  <tr className="border-b border-ink font-bold">
                    <th scope="row" className="py-2 text-left">
                      {sums.month}
                    </th>
                    {cells(sums).map((each, i) => (
                      <td key={i} className="px-2 text-right whitespace-nowrap">
                        {each}
                      </td>
                    ))}
                  </tr>
                  {rows
                    .filter(({ month }) => month === sums.month)
                    .map((row) => (
                      <tr key={row.jobId} className="border-b border-hairline">
                        <th scope="row" className="min-h-11 py-2 pl-4 text-left font-normal">
                          <Link
                            className="underline underline-offset-4"
                            href={`/job/${row.jobId}/clean#waste`}
                            prefetch={false}
                          >
                            {row.job}
                          </Link>
                        </th>
                        {cells(row).map((each, i) => (
                          <td key={i} className="px-2 text-right whitespace-nowrap">
                            {each}
                          </td>
                        ))}
                      </tr>
                    ))}
                </tbody>
              ))}
            </table>
          </div>
        )}
      </Panel>
      <FluidPanel />
      <Rules />
    </div>
  );
}

/** What holds where the shop is: where it goes, who takes it, what must be written down. */
function Rules() {
  const shop = useShop();
  const store = useStore();
  const [text, setText] = useState(shop.wasteRules ?? '');
  const [seen, setSeen] = useState(shop.wasteRules);
  if (seen !== shop.wasteRules) {
    setSeen(shop.wasteRules);
    setText(shop.wasteRules ?? '');
  }
  const keep = () => {
    if (text.trim() !== (shop.wasteRules ?? ''))
      store.put({ ...shop, wasteRules: text.trim() || undefined }, 'local rules');
  };
  return (
    <Panel title="Local rules" place="rules">
      <div className="max-w-2xl space-y-3">
        <FieldShell label="What holds here for solvent, sludge and rags" hint="Shown beside each job’s waste">
          {({ id, describedBy }) => (
            <textarea
              id={id}
              aria-describedby={describedBy}
              className={`${fieldBox} min-h-28 py-2`}
              maxLength={2000}
              value={text}
              onChange={(event) => setText(event.target.value)}
              onBlur={keep}
            />
          )}
        </FieldShell>
        <Notice tone="care">
          Solvent waste and sludge are hazardous waste. Local law and whoever is licensed to take it decide;
          nothing here replaces them.
        </Notice>
      </div>
    </Panel>
  );
}
