'use client';

import { Trash2 } from 'lucide-react';
import { useFieldArray, type Control } from 'react-hook-form';
import type { Coating } from '@/records';
import { Button } from '@/ui/Button';
import { FormNumber } from '@/ui/form';

/** A dose by temperature, where the sheet gives it in a table. */
export function DoseTable({
  control,
  index,
}: {
  readonly control: Control<Coating>;
  readonly index: number;
}) {
  const name = `additives.${index}.doseAt` as const;
  const { fields, append, remove } = useFieldArray({ control, name, keyName: 'key' });
  return (
    <div className="col-span-full w-full space-y-2">
      {fields.map(({ key }, i) => (
        <div key={key} className="grid grid-cols-[1fr_1fr_2.75rem] items-end gap-3 sm:max-w-md">
          <FormNumber control={control} name={`${name}.${i}.temperature`} label="At" quantity="temperature" />
          <FormNumber control={control} name={`${name}.${i}.dose`} label="Dose there" quantity="share" />
          <button
            type="button"
            aria-label={`Remove row ${i + 1} of the doses`}
            className="flex size-11 items-center justify-center"
            onClick={() => remove(i)}
          >
            <Trash2 aria-hidden className="size-5" />
          </button>
        </div>
      ))}
      <Button look="quiet" onClick={() => append({ temperature: 293.15, dose: 0.01 })}>
        The dose differs by temperature
      </Button>
    </div>
  );
}
