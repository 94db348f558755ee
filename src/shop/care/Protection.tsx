'use client';

import { deferral, protection, type Hazard, type Workplace } from '@/core/safety';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';

const whatWords = {
  breathing: 'Breathing',
  hands: 'Hands',
  eyes: 'Eyes',
  skin: 'Skin',
  hearing: 'Ears',
  air: 'Air',
  ground: 'Ground',
  rags: 'Rags',
  watch: 'Mind',
} as const;

interface Props {
  readonly hazards: readonly Hazard[];
  readonly technique: 'air' | 'airless';
  readonly place: Workplace;
}

/** What to wear and to set up, and why. */
export function ProtectionList({ hazards, technique, place }: Props) {
  return (
    <Panel title="What to wear and set up" place="protection">
      <ul className="grid gap-x-6 md:grid-cols-2" data-protection>
        {protection({ hazards, technique, place }).map(({ what, says, because, weight }) => (
          <li
            key={what + says}
            className="grid grid-cols-[5.5rem_minmax(0,1fr)] gap-3 border-b border-hairline py-2"
          >
            <b className={weight === 'stop' ? 'text-stop' : ''}>
              {weight === 'stop' ? '■ ' : ''}
              {whatWords[what]}
            </b>
            <span>
              <b>{says}</b>
              <span className="block text-sm text-ink-soft">{because}</span>
            </span>
          </li>
        ))}
      </ul>
      <div className="mt-3">
        <Notice tone="plain">Usual protection, a default. {deferral}</Notice>
      </div>
    </Panel>
  );
}
