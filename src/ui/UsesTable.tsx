'use client';

import type { Rig } from '@/records';
import type { Use } from '@/facts/shop/uses';
import { dayAndMonth } from '@/words/dates';
import { usesSide } from '@/words/recipes';
import { useUnits } from './units';

interface Props {
  readonly label: string;
  readonly uses: readonly Use[];
  readonly rig: Rig | undefined;
}

/** Uses of a recipe side by side, a column each; what is not alike in all of them is marked. */
export function UsesTable({ label, uses, rig }: Props) {
  const units = useUnits();
  const rows = usesSide(uses, rig, units);
  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a box that scrolls must be reachable by keyboard
    <div className="relative overflow-x-auto" role="region" aria-label={label} tabIndex={0}>
      <table className="border-collapse text-sm">
        <thead>
          <tr className="border-b-2 border-ink text-left align-bottom">
            <th scope="col" className="sticky left-0 bg-paper pr-4">
              <span className="sr-only">What</span>
            </th>
            {uses.map(({ jobId, layerId, job, at }) => (
              <th key={`${jobId}/${layerId}`} scope="col" className="max-w-48 py-1 pr-6 font-semibold">
                {job}
                <span className="block font-normal whitespace-nowrap text-ink-soft">{dayAndMonth(at)}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ label: name, values }) => {
            const alike = new Set(values).size === 1;
            return (
              <tr key={name} className="border-b border-hairline">
                <th
                  scope="row"
                  className="sticky left-0 bg-paper py-1 pr-4 text-left font-normal whitespace-nowrap text-ink-soft"
                >
                  {name}
                </th>
                {values.map((value, i) => (
                  <td key={i} className={`max-w-64 py-1 pr-6 ${alike ? '' : 'font-semibold'}`}>
                    {value}
                  </td>
                ))}
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
