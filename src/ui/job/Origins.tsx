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
      <ul data-origins>
        {all.map(({ label, value, figure, from, by }) => (
          <li key={label} className="border-b border-hairline py-1.5 text-sm">
            <div className="flex items-baseline justify-between gap-3">
              <span className="text-ink-soft">
                <TermLabel label={label} />
                <FromTag from={from} />
              </span>
              <b className="text-right">
                <Printed figure={figure}>{value}</Printed>
              </b>
            </div>
            <p className="text-ink-soft">{by}</p>
          </li>
        ))}
      </ul>
    </Fold>
  );
}
