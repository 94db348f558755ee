'use client';

import { Trash2 } from 'lucide-react';
import { useFieldArray, type Control } from 'react-hook-form';
import type { Coating } from '@/records';
import { Button } from '@/ui/Button';
import { FormNumber, FormText } from '@/ui/form';

/** Parts by temperature, for a catalyst whose share the sheet gives in a table. */
export function PartsTable({
  control,
  index,
}: {
  readonly control: Control<Coating>;
  readonly index: number;
}) {
  const name = `components.${index}.partsAt` as const;
  const { fields, append, remove } = useFieldArray({ control, name, keyName: 'key' });
  if (index === 0) return null;
  return (
    <div className="col-span-full space-y-2">
      {fields.map(({ key }, i) => (
        <div key={key} className="grid grid-cols-[1fr_1fr_2.75rem] items-end gap-3 sm:max-w-md">
          <FormNumber control={control} name={`${name}.${i}.temperature`} label="At" quantity="temperature" />
          <FormText
            control={control}
            name={`${name}.${i}.parts`}
            label="Parts there"
            type="number"
            step="any"
          />
          <button
            type="button"
            aria-label={`Remove row ${i + 1} of the table`}
            className="flex size-11 items-center justify-center"
            onClick={() => remove(i)}
          >
            <Trash2 aria-hidden className="size-5" />
          </button>
        </div>
      ))}
      <Button look="quiet" onClick={() => append({ temperature: 293.15, parts: 1 })}>
        Parts differ by temperature
      </Button>
    </div>
  );
}
