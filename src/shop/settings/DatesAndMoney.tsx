'use client';

import type { Shop } from '@/records';
import { Choice } from '@/ui/Choice';
import { SelectField } from '@/ui/Field';
import { Fold } from '@/ui/Fold';
import { currencies } from '@/words/money';
import { Logo } from './Logo';
import { Rates } from './Rates';

interface Props {
  readonly shop: Shop;
  readonly set: (said: Partial<Shop>) => void;
}

const datesWords = {
  device: 'As this device',
  'day-first': '28 Nov, 16:40',
  'month-first': 'Nov 28, 4:40 pm',
} as const;

/** How dates, times of day and money are written everywhere, and the mark on what leaves the shop. */
export function DatesAndMoney({ shop, set }: Props) {
  const says = [
    `dates ${datesWords[shop.dates ?? 'device'].replace('As', 'as')}`,
    shop.currency ?? 'no currency',
    shop.logo ? 'a mark' : 'no mark',
  ];
  return (
    <Fold
      className="border-b border-hairline px-4 md:px-5"
      title="Dates, money, mark, rates"
      says={says.join(' · ')}
    >
      <div className="grid max-w-3xl gap-4 sm:grid-cols-2">
        <Choice
          label="Dates and times"
          value={shop.dates ?? 'device'}
          onChange={(next) => set({ dates: next === 'device' ? undefined : next })}
          options={(['device', 'day-first', 'month-first'] as const).map((value) => ({
            value,
            label: datesWords[value],
          }))}
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
        <Logo shop={shop} set={set} />
      </div>
      <Rates shop={shop} set={set} />
    </Fold>
  );
}
