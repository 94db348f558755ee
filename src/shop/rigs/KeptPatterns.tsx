'use client';

import type { Rig } from '@/records';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { pressureQuantity } from '@/words/pressure';
import { cardWords } from '@/words/set';
import { amount, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** Patterns read from this rig’s cards, the youngest first, each with its profile along the fan. */
export function KeptPatterns({ rig }: { readonly rig: Rig }) {
  const units = useUnits();
  const patterns = [...(rig.patterns ?? [])].reverse().slice(0, 6);
  if (patterns.length === 0) return null;
  return (
    <Panel title="Patterns read from cards">
      <ul className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3" data-patterns>
        {patterns.map(({ at, pattern, pressure }) => {
          const top = Math.max(...pattern.profile);
          const line = pattern.profile
            .map((film, i) => `${(i / (pattern.profile.length - 1)) * 200},${60 - (film / top) * 56}`)
            .join(' ');
          const words = cardWords[pattern.fault as keyof typeof cardWords]?.name ?? pattern.fault;
          return (
            <li key={at} className="text-sm">
              <svg viewBox="0 0 200 62" className="w-full border-b-2 border-ink" aria-hidden>
                <polyline points={line} fill="none" stroke="var(--act)" strokeWidth={2.5} />
              </svg>
              <b>{words}</b>, <Printed figure={amount('distance', pattern.width)} /> wide
              {pressure === undefined
                ? ''
                : ` at ${written(amount(pressureQuantity(pressure), pressure), units)}`}
              <span className="block text-ink-soft">{at.slice(0, 16).replace('T', ' ')}</span>
            </li>
          );
        })}
      </ul>
    </Panel>
  );
}
