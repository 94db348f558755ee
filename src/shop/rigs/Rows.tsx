'use client';

import { Trash2 } from 'lucide-react';
import type { Control } from 'react-hook-form';
import type { Rig } from '@/records';
import { FormFields, type FieldRow } from '@/ui/form';

interface Props {
  readonly control: Control<Rig>;
  readonly name: 'sets' | 'airParts';
  readonly rows: {
    readonly fields: readonly { readonly key: string }[];
    readonly remove: (index: number) => void;
  };
  readonly fields: readonly FieldRow[];
  /** What one row is called. */
  readonly says: string;
}

/** Things of one kind that a rig has, one a row, each of which can be taken away. */
export function Rows({ control, name, rows, fields, says }: Props) {
  return (
    <ul className="space-y-4">
      {rows.fields.map(({ key }, i) => (
        <li
          key={key}
          className="flex items-start gap-3 border-b border-hairline pb-3 last:border-b-0"
          aria-label={`${says} ${i + 1}`}
        >
          <div className="grid flex-1 grid-cols-2 items-start gap-3 lg:grid-cols-5">
            <FormFields control={control} fields={fields} at={`${name}.${i}.`} />
          </div>
          <button
            type="button"
            aria-label={`Remove ${says} ${i + 1}`}
            className="mt-6 flex size-11 items-center justify-center"
            onClick={() => rows.remove(i)}
          >
            <Trash2 aria-hidden className="size-5" />
          </button>
        </li>
      ))}
    </ul>
  );
}
