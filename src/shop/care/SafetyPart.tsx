'use client';

import { useState } from 'react';
import { hazards as allHazards, type Hazard } from '@/core/safety';
import { useShop } from '@/store/hooks';
import { Check } from '@/ui/Check';
import { Choice } from '@/ui/Choice';
import { Panel } from '@/ui/Panel';
import { hazardWords } from '@/words/hazards';
import { ProtectionList } from './Protection';
import { Ventilation } from './Ventilation';

/** The place of spraying, and what to wear there for what is in the tin. */
export function SafetyPart() {
  const shop = useShop();
  const [hazards, setHazards] = useState<readonly Hazard[]>(['solvent', 'flammable']);
  const [technique, setTechnique] = useState<'air' | 'airless'>('air');
  return (
    <div className="border-t border-hairline">
      <Ventilation />
      <Panel title="What is in it, and how it is sprayed">
        <Choice
          label="Sprayed with"
          value={technique}
          onChange={setTechnique}
          options={[
            { value: 'air', label: 'Air gun' },
            { value: 'airless', label: 'Airless' },
          ]}
        />
        <fieldset className="mt-3 grid gap-x-4 sm:grid-cols-2 lg:grid-cols-3">
          <legend className="text-sm text-ink-soft">By its safety sheet it holds</legend>
          {allHazards
            .filter((each) => each !== 'injection')
            .map((hazard) => (
              <Check
                key={hazard}
                label={hazardWords[hazard]}
                checked={hazards.includes(hazard)}
                onChange={(on) =>
                  setHazards(allHazards.filter((each) => (each === hazard ? on : hazards.includes(each))))
                }
              />
            ))}
        </fieldset>
      </Panel>
      <ProtectionList
        hazards={[...hazards, ...(technique === 'airless' ? (['injection'] as const) : [])]}
        technique={technique}
        place={shop.place?.kind ?? 'booth'}
      />
    </div>
  );
}
