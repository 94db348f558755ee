'use client';

import { Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { useFieldArray, type Control, type FieldArray } from 'react-hook-form';
import type { Coating } from '@/records';
import { Button } from '@/ui/Button';
import { FormNumber } from '@/ui/form';

type TableName = `components.${number}.partsAt` | `additives.${number}.doseAt`;

interface Props<N extends TableName> {
  readonly control: Control<Coating>;
  readonly name: N;
  readonly fresh: FieldArray<Coating, N>;
  /** What adds a row, and what the table is called where one is taken out. */
  readonly says: string;
  readonly of: string;
  /** The field of what holds at a temperature. */
  readonly children: (row: number) => ReactNode;
}

/** A value by temperature, where the sheet gives it in a table. */
export function ByTemperature<N extends TableName>({ control, name, fresh, says, of, children }: Props<N>) {
  const { fields, append, remove } = useFieldArray({ control, name, keyName: 'key' });
  return (
    <div className="col-span-full w-full space-y-2">
      {fields.map(({ key }, i) => (
        <div key={key} className="grid grid-cols-[1fr_1fr_2.75rem] items-end gap-3 sm:max-w-md">
          <FormNumber control={control} name={`${name}.${i}.temperature`} label="At" quantity="temperature" />
          {children(i)}
          <button
            type="button"
            aria-label={`Remove row ${i + 1} of ${of}`}
            className="flex size-11 items-center justify-center"
            onClick={() => remove(i)}
          >
            <Trash2 aria-hidden className="size-5" />
          </button>
        </div>
      ))}
      <Button look="quiet" onClick={() => append(fresh)}>
        {says}
      </Button>
    </div>
  );
}
