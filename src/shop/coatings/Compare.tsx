'use client';

import { useState } from 'react';
import type { Coating } from '@/records';
import { Dialog } from '@/ui/Dialog';
import { SelectField } from '@/ui/Field';
import { useUnits } from '@/ui/units';
import { differences } from '@/words/sheetfacts';

export interface Side {
  readonly name: string;
  readonly sheet: Coating;
}

interface Props {
  /** The present sheet first. */
  readonly sides: readonly Side[];
  readonly title?: string;
  readonly onClose: () => void;
}

/** Two revisions side by side: only what they say differently. */
export function Compare({ sides, title = 'Compare revisions', onClose }: Props) {
  const units = useUnits();
  const [left, setLeft] = useState(1);
  const [right, setRight] = useState(0);
  const [before, after] = [sides[left], sides[right]];
  if (!before || !after) return null;
  const rows = differences(before.sheet, after.sheet, units);
  const options = sides.map(({ name }, i) => ({ value: String(i), label: name }));
  return (
    <Dialog open onClose={onClose} title={title} wide>
      <div className="mb-4 grid grid-cols-2 gap-4">
        <SelectField
          label="Before"
          options={options}
          value={String(left)}
          onChange={(event) => setLeft(Number(event.target.value))}
        />
        <SelectField
          label="After"
          options={options}
          value={String(right)}
          onChange={(event) => setRight(Number(event.target.value))}
        />
      </div>
      {rows.length === 0 ? (
        <p className="text-ink-soft">They say the same.</p>
      ) : (
        <table className="w-full text-left text-sm" data-compare>
          <thead>
            <tr className="border-b-2 border-ink">
              <th className="py-1.5 font-normal">What</th>
              <th className="py-1.5">Before</th>
              <th className="py-1.5">After</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ title, label, before: old, after: fresh }) => (
              <tr key={`${title}${label}`} className="border-b border-hairline align-top">
                <th className="py-1.5 pr-3 font-normal">
                  {label}
                  <span className="block text-xs text-ink-soft">{title}</span>
                </th>
                <td className="py-1.5 pr-3">{old}</td>
                <td className="bg-act-wash px-2 py-1.5 font-bold">{fresh}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </Dialog>
  );
}
