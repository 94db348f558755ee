'use client';

import type { Shop } from '@/records';
import { Choice } from '@/ui/Choice';
import { SelectField } from '@/ui/Field';
import { currencies } from '@/words/money';

interface Props {
  readonly shop: Shop;
  readonly set: (said: Partial<Shop>) => void;
}

/** How dates and times of day are written everywhere, and in what prices are meant. */
export function DatesAndMoney({ shop, set }: Props) {
  return (
    <>
      <Choice
        label="Dates and times"
        value={shop.dates ?? 'device'}
        onChange={(next) => set({ dates: next === 'device' ? undefined : next })}
        options={[
          { value: 'device', label: 'As this device' },
          { value: 'day-first', label: '28 Nov, 16:40' },
          { value: 'month-first', label: 'Nov 28, 4:40 pm' },
        ]}
      />
      <SelectField
        label="Currency"
        value={shop.currency ?? ''}
        onChange={(event) => set({ currency: event.target.value === '' ? undefined : event.target.value })}
        hint="Of every price entered. Nothing is converted"
        options={[
          { value: '', label: 'Not set: bare numbers' },
          ...currencies().map(({ code, name }) => ({ value: code, label: `${code}, ${name}` })),
        ]}
      />
    </>
  );
}
