'use client';

import { useWatch, type Control, type UseFormSetValue } from 'react-hook-form';
import { readDose } from '@/core/mixing';
import { isRefusal } from '@/core/refusal';
import type { Coating } from '@/records';
import { Button } from '@/ui/Button';
import { FormText } from '@/ui/form';
import { useUnits } from '@/ui/units';
import { amount, written } from '@/words/figures';

interface Props {
  readonly control: Control<Coating>;
  readonly setValue: UseFormSetValue<Coating>;
  readonly index: number;
}

/** A dose as its paper words it, and every way that can be read: somebody says which. */
export function DoseWords({ control, setValue, index }: Props) {
  const units = useUnits();
  const name = `additives.${index}` as const;
  const dose = useWatch({ control, name });
  const paint = useWatch({ control, name: 'components.0.density' });
  const words = dose?.said?.trim() ?? '';
  const found =
    words === ''
      ? []
      : readDose(words, { dose: dose?.density || 900, paint: Number.isFinite(paint) ? paint : 1000 });
  const readings = isRefusal(found) ? [] : found;
  const take = ({ share, by, of }: (typeof readings)[number]) => {
    const set = { shouldDirty: true, shouldValidate: true };
    setValue(`${name}.dose`, share, set);
    setValue(`${name}.doseBy`, by, set);
    if (of) setValue(`${name}.doseOf`, of, set);
    if (!(dose && dose.maximum >= share)) setValue(`${name}.maximum`, share, set);
  };
  return (
    <div className="col-span-full w-full space-y-2">
      <div className="sm:max-w-md">
        <FormText
          control={control}
          name={`${name}.said`}
          label="As the paper words it"
          hint="“¼ oz per quart”, “15 mL/L”, “2 % by mass of the base”"
        />
      </div>
      {isRefusal(found) && <p className="text-sm text-care">{units.says(found)}</p>}
      {readings.length > 1 && (
        <p className="text-sm">It can be read in {readings.length} ways. Which does the paper mean?</p>
      )}
      <div className="flex flex-wrap gap-2">
        {readings.map((reading) => {
          const taken =
            dose?.doseBy === reading.by &&
            Math.abs((dose.dose || 0) - reading.share) < 1e-6 * reading.share + 1e-9;
          return (
            <Button key={`${reading.as}${reading.by}`} aria-pressed={taken} onClick={() => take(reading)}>
              {taken ? '✓ ' : ''}
              {[
                reading.as,
                `${written(amount('share', reading.share), units, { digits: 2 })} by ${reading.by}`,
              ]
                .filter(Boolean)
                .join(': ')}
            </Button>
          );
        })}
      </div>
    </div>
  );
}
