'use client';

import { createColumnHelper } from '@tanstack/react-table';
import { useMemo } from 'react';
import { isRefusal } from '@/core/refusal';
import type { Fitting } from '@/store/job';
import { DataTable } from '@/ui/DataTable';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { fittingName } from '@/ui/words/set';

const column = createColumnHelper<Fitting>();

/** What could be fitted, best first: the sheet's own, then the smallest that passes the flow the film needs. */
export function Fittings() {
  const { view } = useJob();
  const units = useUnits();
  const { fittings } = view.set;
  const columns = useMemo(
    () => [
      column.accessor((row) => fittingName(row, units), { id: 'name', header: 'Fit' }),
      column.accessor('full', {
        header: 'Flow, open',
        cell: (cell) => units.show('fluidFlow', cell.getValue()),
      }),
      column.accessor('speed', {
        header: 'Hand speed',
        cell: (cell) => units.show('speed', cell.getValue()),
      }),
      column.accessor(verdictOf, { id: 'verdict', header: 'Verdict' }),
    ],
    [units],
  );
  if (isRefusal(fittings)) return null;
  return (
    <Panel title={fittings[0]?.label === 'tip' ? 'Tips the shop owns' : 'Nozzles the shop owns'}>
      <DataTable label="What could be fitted" columns={columns} rows={fittings} markFirst />
    </Panel>
  );
}

function verdictOf({ passes, onSheet, label }: Fitting): string {
  if (label === 'tip')
    return `${passes ? 'fits the hand' : 'awkward speed'}${onSheet === false ? ', not on the sheet' : ''}`;
  const flow = passes ? 'passes the flow' : 'starves: slower hand, thinner, or more pressure';
  return onSheet === false ? `${flow}; not on the sheet` : flow;
}
