'use client';

import { flowCups, secondsFromViscosity } from '@/core/cups';
import { isRefusal } from '@/core/refusal';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** One viscosity in every cup of the standards; those that read it inside their own range are marked. */
export function CupTable({ viscosity }: { readonly viscosity: number }) {
  return (
    <ul className="grid grid-cols-2 gap-x-6 text-sm sm:grid-cols-3" data-cup-table>
      {flowCups.map((cup) => {
        const seconds = secondsFromViscosity(cup, viscosity);
        const inside = !isRefusal(seconds) && seconds >= cup.valid.min && seconds <= cup.valid.max;
        return (
          <li
            key={cup.id}
            className={`flex justify-between gap-2 border-b border-hairline py-1.5 ${inside ? 'font-semibold' : 'text-ink-soft'}`}
          >
            <span>
              {cup.id}
              {inside && <span className="text-good"> ✓</span>}
            </span>
            <span>{isRefusal(seconds) ? '–' : <Printed figure={amount('time', seconds)} />}</span>
          </li>
        );
      })}
    </ul>
  );
}
