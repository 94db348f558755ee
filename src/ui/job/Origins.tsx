'use client';

import type { Stage } from '@/facts/job';
import { plural } from '@/words/line';
import { origins } from '@/words/origins';
import { Fold } from '../Fold';
import { FromTag } from '../FromTag';
import { Printed } from '../Printed';
import { TermLabel } from '../TermLabel';
import { useUnits } from '../units';
import { useJob } from './context';

/** Every figure of a stage: where it is from, how far off it may be, and by what it was come to. */
export function Origins({ stage }: { readonly stage: Stage }) {
  const { view } = useJob();
  const units = useUnits();
  const all = origins(view, stage, units);
  if (all.length === 0) return null;
  return (
    <Fold title="Where figures are from" says={plural(all.length, 'figure')} verb="Show" place="origins">
      <dl data-origins>
        {all.map(({ label, value, figure, from, by }) => (
          <div key={label} className="border-b border-hairline py-1.5 text-sm">
            <div className="flex items-baseline justify-between gap-3">
              <dt className="text-ink-soft">
                <TermLabel label={label} />
                <FromTag from={from} />
              </dt>
              <dd className="text-right font-bold">
                <Printed figure={figure}>{value}</Printed>
              </dd>
            </div>
            <dd className="text-ink-soft">{by}</dd>
          </div>
        ))}
      </dl>
    </Fold>
  );
}
