'use client';

import { useState } from 'react';
import { hazards as allHazards, type Hazard } from '@/core/safety';
import { useShop } from '@/store/hooks';
import { Check } from '@/ui/Check';
import { Choice } from '@/ui/Choice';
import { Fold } from '@/ui/Fold';
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
        <Fold
          className="mt-2"
          title="By its safety sheet it holds"
          says={hazards.map((each) => hazardWords[each].toLowerCase()).join(', ') || 'nothing said'}
        >
          <fieldset className=" grid gap-x-4 sm:grid-cols-2 lg:grid-cols-3">
            <legend className="sr-only">By its safety sheet it holds</legend>
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
        </Fold>
      </Panel>
      <ProtectionList
        hazards={[...hazards, ...(technique === 'airless' ? (['injection'] as const) : [])]}
        technique={technique}
        place={shop.place?.kind ?? 'booth'}
      />
    </div>
  );
}
