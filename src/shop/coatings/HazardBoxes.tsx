'use client';

import { Controller, type Control } from 'react-hook-form';
import { hazards } from '@/core/safety';
import type { Coating } from '@/records';
import { hazardWords } from '@/words/hazards';

/** The hazards the safety data sheet names. */
export function HazardBoxes({ control }: { readonly control: Control<Coating> }) {
  return (
    <Controller
      control={control}
      name="hazards"
      render={({ field }) => (
        <fieldset className="mt-4">
          <legend className="text-sm text-ink-soft">Hazards the safety data sheet names</legend>
          <div className="flex flex-wrap gap-x-6">
            {hazards.map((hazard) => (
              <label key={hazard} className="flex min-h-11 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-5 accent-act"
                  checked={field.value.includes(hazard)}
                  onChange={(event) =>
                    field.onChange(
                      event.target.checked
                        ? [...field.value, hazard]
                        : field.value.filter((each) => each !== hazard),
                    )
                  }
                />
                {hazardWords[hazard]}
              </label>
            ))}
          </div>
        </fieldset>
      )}
    />
  );
}
