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
          value={Number.isNaN(field.value) ? '' : ((field.value as string | number | undefined) ?? '')}
          onBlur={field.onBlur}
          onChange={(event) =>
            field.onChange(rest.type === 'number' ? numberOf(event.target.value) : event.target.value)
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

const numberOf = (text: string): number => (text === '' ? Number.NaN : Number(text));

/** A yes or no. */
export function FormCheck<T extends FieldValues>({ control, name, label }: Bound<T> & { label: string }) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => (
        <label className="flex min-h-11 items-center gap-3 self-end">
          <input
            type="checkbox"
            className="size-5 accent-act"
            checked={field.value === true}
            onChange={(event) => field.onChange(event.target.checked)}
          />
          {label}
        </label>
      )}
    />
  );
}

/** One field of a form as data: an amount with its quantity, a choice with its options, else text. */
export interface FieldRow {
  readonly name: string;
  readonly label: string;
  readonly quantity?: ComponentProps<typeof NumberField>['quantity'];
  readonly expects?: readonly [number, number];
  readonly required?: boolean;
  readonly hint?: string;
  readonly type?: 'text' | 'number' | 'date';
  readonly options?: readonly { readonly value: string; readonly label: string }[];
}

/** Rows of fields, each name set behind `at`: `components.0.`. */
export function FormFields<T extends FieldValues>({
  control,
  fields,
  at = '',
}: {
  readonly control: Control<T>;
  readonly fields: readonly FieldRow[];
  readonly at?: string;
}) {
  return fields.map(({ name, label, quantity, expects, required, hint, type, options }) => {
    const bound = { control, name: `${at}${name}` as FieldPath<T>, label, hint };
    if (quantity)
      return <FormNumber key={name} {...bound} quantity={quantity} expects={expects} required={required} />;
    if (options) return <FormSelect key={name} {...bound} options={options} />;
    return <FormText key={name} {...bound} type={type} step={type === 'number' ? 'any' : undefined} />;
  });
}

/** What a schema says, in words for the bench. */
function wordsOf(message: string | undefined): string {
  if (!message || /received (undefined|NaN)|expected number/i.test(message)) return 'Enter a value.';
  if (/expected string (to have >=|of at least )1/i.test(message)) return 'Give it a name.';
  if (/too small|>0|>=|of at least/i.test(message)) return 'This must be above zero.';
  return message;
}
