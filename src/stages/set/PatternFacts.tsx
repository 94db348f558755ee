'use client';

import type { CardPattern } from '@/core/card';
import { Facts } from '@/ui/Facts';
import { useUnits } from '@/ui/units';
import { amount, written } from '@/words/figures';

/** A pattern in numbers. */
export function PatternFacts({ pattern }: { readonly pattern: Omit<CardPattern, 'found'> }) {
  const units = useUnits();
  const percent = (share: number) => written(amount('share', share), units, { digits: 0 });
  return (
    <Facts
      title="Measured"
      facts={[
        { label: 'Fan', value: written(amount('distance', pattern.width), units) },
        { label: 'Across the fan', value: written(amount('distance', pattern.height), units) },
        { label: 'Flat: mean over peak', value: percent(pattern.flatness) },
        { label: 'Centre of mass off the middle', value: percent(pattern.centre) },
        { label: 'One third over the other', value: pattern.ends.toFixed(2) },
        { label: 'Middle over flanks', value: pattern.middle.toFixed(2) },
        { label: 'Ends fall off over', value: percent(pattern.softness) },
        { label: 'Bend', value: percent(Math.abs(pattern.bend)) },
        { label: 'Large drops a cm²', value: pattern.spatter.toFixed(1) },
        {
          label: 'Texture',
          value: written(amount('film', pattern.speckle), units, { unit: 'mm', digits: 2 }),
        },
      ]}
    />
  );
}
