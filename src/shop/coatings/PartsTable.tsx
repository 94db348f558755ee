'use client';

import type { Control } from 'react-hook-form';
import type { Coating } from '@/records';
import { FormText } from '@/ui/form';
import { ByTemperature } from './ByTemperature';

/** Parts by temperature, for a catalyst whose share the sheet gives in a table. */
export function PartsTable({
  control,
  index,
}: {
  readonly control: Control<Coating>;
  readonly index: number;
}) {
  const name = `components.${index}.partsAt` as const;
  if (index === 0) return null;
  return (
    <ByTemperature
      control={control}
      name={name}
      fresh={{ temperature: 293.15, parts: 1 }}
      says="Parts differ by temperature"
      of="the table"
    >
      {(i) => (
        <FormText
          control={control}
          name={`${name}.${i}.parts`}
          label="Parts there"
          type="number"
          step="any"
        />
      )}
    </ByTemperature>
  );
}
