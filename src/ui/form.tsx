'use client';

import type { ComponentProps } from 'react';
import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { SelectField, TextField } from './Field';
import { NumberField } from './NumberField';

interface Bound<T extends FieldValues> {
  readonly control: Control<T>;
  readonly name: FieldPath<T>;
}

/** The fields of this product, bound to a form: what the schema refuses is said beside the field. */
export function FormNumber<T extends FieldValues>({
  control,
  name,
  ...rest
}: Bound<T> & Omit<ComponentProps<typeof NumberField>, 'value' | 'onChange' | 'error'>) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <NumberField
          {...rest}
          value={field.value as number | undefined}
          onChange={field.onChange}
          error={fieldState.error && wordsOf(fieldState.error.message)}
        />
      )}
    />
  );
}

export function FormText<T extends FieldValues>({
  control,
  name,
  ...rest
}: Bound<T> & Omit<ComponentProps<typeof TextField>, 'value' | 'onChange' | 'error' | 'name'>) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <TextField
          {...rest}
          value={(field.value as string | number | undefined) ?? ''}
          onBlur={field.onBlur}
          onChange={(event) =>
            field.onChange(rest.type === 'number' ? Number(event.target.value) : event.target.value)
          }
          error={fieldState.error && wordsOf(fieldState.error.message)}
        />
      )}
    />
  );
}

export function FormSelect<T extends FieldValues>({
  control,
  name,
  ...rest
}: Bound<T> & Omit<ComponentProps<typeof SelectField>, 'value' | 'onChange' | 'error' | 'name'>) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <SelectField
          {...rest}
          value={(field.value as string | undefined) ?? ''}
          onChange={field.onChange}
          onBlur={field.onBlur}
          error={fieldState.error && wordsOf(fieldState.error.message)}
        />
      )}
    />
  );
}

/** What a schema says, in words for the bench. */
function wordsOf(message: string | undefined): string {
  if (!message || /received (undefined|NaN)|expected number/i.test(message)) return 'Enter a value.';
  if (/expected string to have >=1/i.test(message)) return 'Give it a name.';
  if (/too small|>0|>=/i.test(message)) return 'This must be above zero.';
  return message;
}
