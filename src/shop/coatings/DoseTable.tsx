'use client';

import type { Control } from 'react-hook-form';
import type { Coating } from '@/records';
import { FormNumber } from '@/ui/form';
import { ByTemperature } from './ByTemperature';

/** A dose by temperature. */
export function DoseTable({
  control,
  index,
}: {
  readonly control: Control<Coating>;
  readonly index: number;
}) {
  const name = `additives.${index}.doseAt` as const;
  return (
    <ByTemperature
      control={control}
      name={name}
      fresh={{ temperature: 293.15, dose: 0.01 }}
      says="The dose differs by temperature"
      of="the doses"
    >
      {(i) => <FormNumber control={control} name={`${name}.${i}.dose`} label="Dose there" quantity="share" />}
    </ByTemperature>
  );
}
