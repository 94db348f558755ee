'use client';

import { Trash2 } from 'lucide-react';
import type { Control } from 'react-hook-form';
import type { Rig } from '@/records';
import type { FieldRow } from '@/ui/form';
import { Button } from '@/ui/Button';
import { FormFold } from '@/ui/FormFold';

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
    <ul className="divide-y divide-hairline border-y border-hairline">
      {rows.fields.map(({ key }, i) => (
        <li key={key} aria-label={`${says} ${i + 1}`}>
          <FormFold
            control={control}
            title={`${says.charAt(0).toUpperCase()}${says.slice(1)} ${i + 1}`}
            fields={fields}
            at={`${name}.${i}.`}
            className=""
            grid="grid grid-cols-2 items-start gap-3 lg:grid-cols-5"
          >
            <div className="mt-3">
              <Button onClick={() => rows.remove(i)}>
                <Trash2 aria-hidden className="size-4" /> Remove {says} {i + 1}
              </Button>
            </div>
          </FormFold>
        </li>
      ))}
    </ul>
  );
}
