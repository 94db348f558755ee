'use client';

import { classWords } from '@/records';
import { FormNumber, FormText } from '@/ui/form';
import { Fold } from '@/ui/Fold';
import { Printed } from '@/ui/Printed';
import { expects } from '@/words/expects';
import { amount } from '@/words/figures';
import { plural } from '@/words/line';
import type { ScreenProps } from './conversation';

/** One product, closer: what the can says, how many coats, and what is fitted in a new gun. Each has a default. */
export function ProductCloser({ form, draft, held }: Omit<ScreenProps, 'ahead'>) {
  const { control, formState } = form;
  const { coatingId, coatingName, class: of, coats, rigId, atomising, bore, tip } = draft;
  const fresh = coatingId === '';
  const gun = rigId === '';
  const airless = atomising === 'airless';
  const { errors } = formState;
  return (
    <Fold
      open={Boolean(errors.coats ?? errors.bore ?? errors.tip ?? errors.coatingName)}
      title={
        <>
          {fresh ? coatingName || classWords(of) : held.coatings.find(({ id }) => id === coatingId)?.name}
          {Number.isNaN(coats) ? '' : `, ${plural(coats, 'coat')}`}
          {gun && airless && `, tip ${tip}`}
          {gun && !airless && bore !== undefined && !Number.isNaN(bore) && (
            <>
              , <Printed figure={amount('bore', bore)} /> nozzle
            </>
          )}
        </>
      }
      says={fresh ? 'typical' : undefined}
      className="border-y border-hairline"
    >
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
        {fresh && (
          <div className="col-span-2">
            <FormText
              control={control}
              name="coatingName"
              label="Name on the can"
              placeholder={classWords(of)}
              maxLength={120}
            />
          </div>
        )}
        <FormText control={control} name="coats" label="Coats" type="number" min={1} max={12} />
        {gun &&
          (airless ? (
            <FormText control={control} name="tip" label="Tip code" placeholder="517" />
          ) : (
            <FormNumber
              control={control}
              name="bore"
              label="Nozzle"
              quantity="bore"
              expects={expects.bore}
              required
            />
          ))}
      </div>
      {fresh && (
        <p className="mt-2 text-sm text-ink-soft">
          Typical values stay marked as defaults until you confirm them from the product’s paper.
        </p>
      )}
    </Fold>
  );
}
