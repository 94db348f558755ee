'use client';

import { createColumnHelper } from '@tanstack/react-table';
import { useMemo } from 'react';
import { leastOpening } from '@/core/airgun';
import { isRefusal } from '@/core/refusal';
import { fixesOf, type Fitting } from '@/facts/job';
import { DataTable } from '@/ui/DataTable';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { fixesInWords } from '@/words/fixes';
import { fittingName } from '@/words/set';
import { amount, written } from '@/words/figures';

const column = createColumnHelper<Fitting>();

/** What could be fitted, best first: the sheet's own, then the smallest that passes the flow the film needs. */
export function Fittings() {
  const { view } = useJob();
  const units = useUnits();
  const { fittings } = view.set;
  const tips = !isRefusal(fittings) && fittings[0]?.label === 'tip';
  const columns = useMemo(
    () => [
      column.accessor((row) => fittingName(row, units), { id: 'name', header: 'Fit' }),
      column.accessor('full', {
        header: 'Flow, open',
        cell: (cell) => written(amount('fluidFlow', cell.getValue()), units),
      }),
      ...(tips
        ? []
        : [
            column.accessor('opening', {
              header: 'Needle',
              cell: (cell) => written(amount('share', cell.getValue() ?? 1), units, { digits: 0 }),
            }),
          ]),
      column.accessor('speed', {
        header: 'Hand speed',
        cell: (cell) => written(amount('speed', cell.getValue()), units),
      }),
      column.accessor(verdictOf, { id: 'verdict', header: 'Verdict' }),
    ],
    [units, tips],
  );
  if (isRefusal(fittings)) return null;
  const fixable = fittings.flatMap((fitting) => {
    const fixes = fixesOf(view, fitting);
    return fixes.length > 0 ? [{ fitting, fixes }] : [];
  });
  return (
    <Panel title={tips ? 'Tips the shop owns' : 'Nozzles the shop owns'}>
      <DataTable label="What could be fitted" columns={columns} rows={fittings} markFirst />
      {fixable.map(({ fitting, fixes }) => (
        <details key={fittingName(fitting, units)} className="border-b border-hairline" data-fixes>
          <summary className="flex min-h-11 items-center text-sm font-semibold">
            What would make the {fittingName(fitting, units)} work
          </summary>
          <ul className="pb-3 text-sm">
            {fixesInWords(fixes, units).map(({ works, says }) => (
              <li key={says} className="grid grid-cols-[1.5rem_1fr] py-0.5">
                <b aria-hidden className={works ? 'text-good' : 'text-ink-soft'}>
                  {works ? '✓' : '–'}
                </b>
                {says}
              </li>
            ))}
          </ul>
        </details>
      ))}
    </Panel>
  );
}

/** A hand slower than this is not steady any more, m/s. A default. */
const slowest = 0.15;

/** What a nozzle or tip can do for this film; one that is only slow is not one that cannot. */
function verdictOf({ passes, onSheet, label, opening = 1, speed }: Fitting): string {
  if (label === 'tip')
    return `${passes ? 'fits the hand' : 'awkward speed'}${onSheet === false ? ', not on the sheet' : ''}`;
  const slow = speed >= slowest ? 'slower hand' : 'too small';
  const flow = passes ? (opening < leastOpening ? 'far wider than needed' : 'passes the flow') : slow;
  return onSheet === false ? `${flow}; not on the sheet` : flow;
}
