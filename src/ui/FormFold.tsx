'use client';

import { useFormState, useWatch, type Control, type FieldValues } from 'react-hook-form';
import type { ReactNode } from 'react';
import { amount, written } from '@/words/figures';
import { Fold } from './Fold';
import { FormFields, type FieldRow } from './form';
import { useUnits } from './units';
import { readable } from './readable';

interface Props<T extends FieldValues> {
  readonly control: Control<T>;
  readonly title: string;
  /** Its fields; what is said in them is read without opening it. */
  readonly fields: readonly FieldRow[];
  /** Before each name: `sets.0.`. */
  readonly at?: string;
  /** Where nothing is said: what then holds. */
  readonly unsaid?: string;
  readonly open?: boolean;
  readonly grid?: string;
  readonly className?: string;
  /** What else stands in it: fields that are drawn in a way of their own. */
  readonly children?: ReactNode;
}

/** A topic of a long form, folded behind what it says now. What is wrong in it opens it. */
export function FormFold<T extends FieldValues>({
  control,
  title,
  fields,
  at = '',
  unsaid = 'nothing said',
  open = false,
  grid = 'grid grid-cols-2 items-start gap-4 lg:grid-cols-4',
  className = 'border-b border-hairline px-4 md:px-5',
  children,
}: Props<T>) {
  const units = useUnits();
  const values = useWatch({ control }) as FieldValues;
  const { errors } = useFormState({ control });
  const valueAt = (of: unknown, name: string): unknown =>
    name.split('.').reduce<unknown>((held, key) => (held as Record<string, unknown> | undefined)?.[key], of);
  const says = readable(
    fields,
    (name) => valueAt(values, `${at}${name}`),
    (quantity, value) => written(amount(quantity, value), units),
  );
  const wrong = fields.some(({ name }) => valueAt(errors, `${at}${name}`) !== undefined);
  return (
    <Fold className={className} title={title} says={says || unsaid} open={open || wrong}>
      {fields.length > 0 && (
        <div className={grid}>
          <FormFields control={control} fields={fields} at={at} />
        </div>
      )}
      {children}
    </Fold>
  );
}
