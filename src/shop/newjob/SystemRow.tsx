'use client';

import type { Control } from 'react-hook-form';
import { gunOfRow, type JobDraft } from '@/facts/newjob/draft';
import type { SystemLayer } from '@/facts/newjob/systems';
import { classWords } from '@/records';
import { useRecords } from '@/store/hooks';
import { FormNumber, FormSelect } from '@/ui/form';
import { expects } from '@/words/expects';
import { plural } from '@/words/line';

interface Props {
  readonly control: Control<JobDraft>;
  readonly at: number;
  readonly layer: SystemLayer;
  /** Rows below it that have a new gun of their own: it may go on with the same. */
  readonly newGuns: readonly { readonly at: number; readonly name: string }[];
  /** It wants a new gun, whose nozzle is asked. */
  readonly nozzle: boolean;
}

/** One product of a system: which sheet, and with which gun. Sheets of its class come first. */
export function SystemRow({ control, at, layer: { name, of, coats }, newGuns, nozzle }: Props) {
  const coatings = useRecords('coating');
  const rigs = useRecords('rig');
  const own = coatings.filter((each) => each.class === of);
  const others = coatings.filter((each) => each.class !== of);
  return (
    <fieldset
      className="grid gap-4 border-t border-hairline py-4 sm:grid-cols-2 lg:grid-cols-4"
      data-row={at}
    >
      <legend className="sr-only">{name}</legend>
      <div className="self-center">
        <div className="font-semibold">
          {at + 1}. {name}
        </div>
        <div className="text-sm text-ink-soft">
          {classWords(of)}, {plural(coats.length, 'coat')}
        </div>
      </div>
      <div>
        <FormSelect
          control={control}
          name={`rows.${at}.coatingId`}
          label={`Sheet of the ${name.toLowerCase()}`}
          options={[
            ...own.map(({ id, name: sheet }) => ({ value: id, label: sheet })),
            { value: '', label: `A new sheet: ${classWords(of).toLowerCase()}, class defaults` },
            ...others.map(({ id, name: sheet }) => ({ value: id, label: sheet })),
          ]}
        />
      </div>
      <FormSelect
        control={control}
        name={`rows.${at}.rigId`}
        label={`Gun for the ${name.toLowerCase()}`}
        options={[
          ...rigs.map(({ id, name: rig }) => ({ value: id, label: rig })),
          { value: '', label: 'A new gun' },
          ...newGuns.map((other) => ({
            value: gunOfRow(other.at),
            label: `The new gun of the ${other.name.toLowerCase()}`,
          })),
        ]}
      />
      {nozzle && (
        <FormNumber
          control={control}
          name={`rows.${at}.bore`}
          label={`Nozzle for the ${name.toLowerCase()}`}
          quantity="bore"
          expects={expects.bore}
          required
        />
      )}
    </fieldset>
  );
}
