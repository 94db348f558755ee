'use client';

import { useState } from 'react';
import { paidBackAfter } from '@/core/money';
import { coatsOpen } from '@/facts/shop/coatsopen';
import { useRecords } from '@/store/hooks';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { plural } from '@/words/line';
import { money } from '@/words/money';

/** What saves hands and no paint: a whip hose, a second gun, a remote pot, a rack. Timed by whoever tried one. */
export function HandsSaved({ cost }: { readonly cost: number | undefined }) {
  const jobs = useRecords('job');
  const labour = useJob().view.shop.rates?.labour;
  const [saves, setSaves] = useState<number>();
  const coats = coatsOpen(jobs);
  const each = saves === undefined || labour === undefined ? undefined : saves * labour;
  return (
    <div className="mt-4 text-sm" data-hands-saved>
      <div className="max-w-60">
        <NumberField
          label="Hands it saves a coat"
          hint="A whip hose, a remote pot, a second gun: as timed"
          quantity="duration"
          value={saves}
          onChange={setSaves}
          expects={[10, 7200]}
        />
      </div>
      {saves !== undefined && each === undefined && (
        <p className="mt-1 text-ink-soft">Say in Settings what an hour of hands costs.</p>
      )}
      {each !== undefined && (
        <p className="mt-1">
          {money(each)} a coat of hands, <b>{money(each * coats)}</b> over the {plural(coats, 'coat')} on the
          books
          {cost !== undefined &&
            `; bought for ${money(cost)} it is paid back after ${plural(paidBackAfter(cost, each), 'coat')}`}
          .
        </p>
      )}
    </div>
  );
}
