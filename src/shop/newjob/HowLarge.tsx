'use client';

import { Plus, Trash2 } from 'lucide-react';
import { useFieldArray } from 'react-hook-form';
import { emptyFace, facesAtMost } from '@/facts/newjob/draft';
import { Button } from '@/ui/Button';
import { FormCheck, FormNumber, FormText } from '@/ui/form';
import { Printed } from '@/ui/Printed';
import { expects } from '@/words/expects';
import { amount } from '@/words/figures';
import { Answer } from './Answer';
import { areaOfDraft } from './draftarea';
import type { ScreenProps } from './conversation';
import { FacesDrawn } from './FacesDrawn';

/** How large it is: each size once, how many of it, one side or both. */
export function HowLarge({ form, draft }: ScreenProps) {
  const { control } = form;
  const { fields, append, remove } = useFieldArray({ control, name: 'faces' });
  const area = areaOfDraft(draft);
  return (
    <>
      <h2 className="mb-2 text-xl font-bold">How large is it?</h2>
      <ul className="divide-y divide-hairline border-y border-hairline">
        {fields.map(({ id }, i) => {
          const n = fields.length > 1 ? ` ${i + 1}` : '';
          return (
            <li
              key={id}
              className="grid grid-cols-2 items-end gap-3 py-3 sm:grid-cols-[1fr_1fr_6rem_auto_2.75rem]"
            >
              <FormNumber
                control={control}
                name={`faces.${i}.width`}
                label={`Width${n}`}
                quantity="length"
                expects={expects.side}
                required
              />
              <FormNumber
                control={control}
                name={`faces.${i}.height`}
                label={`Height${n}`}
                quantity="length"
                expects={expects.side}
                required
              />
              <FormText
                control={control}
                name={`faces.${i}.count`}
                label={`How many${n}`}
                type="number"
                min={1}
              />
              <FormCheck control={control} name={`faces.${i}.both`} label={`Both sides${n}`} />
              {fields.length > 1 && (
                <button
                  type="button"
                  aria-label={`Remove size ${i + 1}`}
                  className="flex size-11 items-center justify-center"
                  onClick={() => remove(i)}
                >
                  <Trash2 aria-hidden className="size-5" />
                </button>
              )}
            </li>
          );
        })}
      </ul>
      <Button
        className="mt-3"
        disabled={fields.length >= facesAtMost}
        onClick={() => append(emptyFace(), { shouldFocus: true })}
      >
        <Plus aria-hidden className="size-4" /> Another size
      </Button>
      {area > 0 && (
        <Answer>
          <b className="text-2xl" data-area>
            <Printed figure={amount('area', area)} />
          </b>{' '}
          to coat
          <FacesDrawn faces={draft.faces} />
        </Answer>
      )}
      <p className="text-sm text-ink-soft">
        Upright and flat, until its Plan says otherwise: openings, mouldings and places kept free go there.
      </p>
    </>
  );
}
