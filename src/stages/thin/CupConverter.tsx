'use client';

import { CupTable } from '@/ui/CupTable';
import { useJob } from '@/ui/job/context';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** The pot's viscosity in every other cup, folded away until it is wanted. */
export function CupConverter() {
  const { view } = useJob();
  const { viscosity, readings } = view.thin;
  if (readings.length === 0) return null;
  return (
    <details className="border-b border-hairline px-4 py-3 md:px-5">
      <summary className="flex min-h-11 items-center font-bold">
        In other cups: <Printed figure={amount('viscosity', viscosity)} />
      </summary>
      <CupTable viscosity={viscosity} />
      <p className="mt-2 text-xs text-ink-soft">
        ✓ inside the cup’s own range. Between cups add about 10 %, with a dip cup 20–30 %. Each standard has
        its own temperature.
      </p>
    </details>
  );
}
