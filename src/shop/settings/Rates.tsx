'use client';

import type { Shop } from '@/records';
import { NumberField } from '@/ui/NumberField';
import { money } from '@/words/money';

interface Props {
  readonly shop: Shop;
  readonly set: (said: Partial<Shop>) => void;
}

const fluids = [
  ['thinner', 'Thinner', [500, 60_000]],
  ['cleaner', 'Cleaning fluid', [300, 40_000]],
  ['waste', 'Waste, to be rid of', [100, 20_000]],
] as const;

/** What hands, fluids, masking and waste cost here. Paint is priced on its sheet, what wears with its gun. */
export function Rates({ shop, set }: Props) {
  const { rates } = shop;
  const put = (said: Partial<NonNullable<Shop['rates']>>) => set({ rates: { ...rates, ...said } });
  return (
    <section aria-label="Rates" className="mt-5">
      <h3 className="mb-2 font-bold">
        Rates{rates?.labour === undefined ? '' : `: ${money(rates.labour * 3600)} an hour`}
      </h3>
      <div className="grid max-w-3xl gap-4 sm:grid-cols-2">
        <NumberField
          label="An hour of hands"
          quantity="wage"
          value={rates?.labour}
          onChange={(labour) => put({ labour })}
          expects={[5 / 3600, 250 / 3600]}
          lazily
        />
        <NumberField
          label="A metre of masking"
          quantity="pricePerLength"
          value={rates?.masking}
          onChange={(masking) => put({ masking })}
          expects={[0.02, 5]}
          lazily
        />
        {fluids.map(([id, label, expects]) => (
          <NumberField
            key={id}
            label={label}
            quantity="price"
            value={rates?.[id]}
            onChange={(price) => put({ [id]: price })}
            expects={expects}
            lazily
          />
        ))}
      </div>
    </section>
  );
}
