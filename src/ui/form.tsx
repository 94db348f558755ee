'use client';

import type { ComponentProps } from 'react';
import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, type Control, type FieldPath, type FieldValues, type Resolver } from 'react-hook-form';
import type * as z from 'zod';
import { SelectField, TextField } from './Field';
import { NumberField } from './NumberField';

/** A form's rules from a schema. Cleared fields reach it as missing, so that optional ones may be. */
export function rulesOf<T extends FieldValues>(schema: z.ZodType<unknown, unknown>): Resolver<T> {
  const resolve = zodResolver(schema as never) as unknown as Resolver<T>;
  return (values, context, options) => resolve(withoutNaN(values) as T, context, options);
}

const withoutNaN = (value: unknown): unknown => {
  if (Number.isNaN(value)) return undefined;
  if (Array.isArray(value)) return value.map(withoutNaN);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, part]) => [key, withoutNaN(part)]));
};

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
          value={Number.isNaN(field.value) ? undefined : (field.value as number | undefined)}
          // A form takes undefined for “as it was at first”; a cleared field is not that.
          onChange={(value) => field.onChange(value ?? Number.NaN)}
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
