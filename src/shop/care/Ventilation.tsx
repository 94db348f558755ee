'use client';

import { useState } from 'react';
import {
  assumedVapour,
  deferral,
  faceVelocities,
  usualMixing,
  ventilation,
  workplaces,
  type Vapour,
} from '@/core/safety';
import { isRefusal } from '@/core/refusal';
import type { Shop } from '@/records';
import { useShop, useStore } from '@/store/hooks';
import { Choice } from '@/ui/Choice';
import { Facts } from '@/ui/Facts';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { placeKindWords } from '@/words/care';
import { amount, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

interface Props {
  /** kg of solvent and s it is let go in, where a job says so. */
  readonly solvent?: number;
  readonly seconds?: number;
  readonly vapour?: Vapour;
  /** K */
  readonly air?: number;
}

type Place = NonNullable<Shop['place']>;
/** A small booth, until the shop says its own. */
const usual = {
  kind: 'booth',
  width: 3,
  height: 2.5,
  length: 6,
  airFlow: 3.75,
  mixing: usualMixing,
} as const;

/** Dilution air, face velocity, air changes and purge time of the place it is sprayed in. */
export function Ventilation({ solvent: known, seconds: lasts, vapour: own, air }: Props) {
  const units = useUnits();
  const shop = useShop();
  const store = useStore();
  const [solvent, setSolvent] = useState<number | undefined>();
  const [seconds, setSeconds] = useState<number | undefined>();
  const place: Place & typeof usual = { ...usual, ...shop.place } as Place & typeof usual;
  const set = (part: Partial<Place>) =>
    store.put({ ...shop, place: { kind: place.kind, ...shop.place, ...part } }, 'place of spraying');
  const kilograms = solvent ?? known ?? 1;
  const over = seconds ?? lasts ?? 600;
  const vapour = own ?? assumedVapour;
  const found = ventilation({
    solvent: kilograms,
    seconds: over,
    vapour,
    temperature: air ?? 293.15,
    airFlow: place.airFlow,
    face: { width: place.width, height: place.height },
    room: place.width * place.height * place.length,
    mixing: place.mixing,
  });
  const slow =
    !isRefusal(found) && found.faceVelocity !== undefined && found.faceVelocity < faceVelocities.least;
  const fast =
    !isRefusal(found) && found.faceVelocity !== undefined && found.faceVelocity > faceVelocities.most;
  return (
    <Panel title="Ventilation, a fire figure" place="ventilation">
      <div className="grid gap-5 lg:grid-cols-[minmax(0,1fr)_20rem]" data-ventilation>
        <div className="min-w-0 space-y-3">
          <Choice
            label="Sprayed in"
            value={place.kind}
            onChange={(kind) => set({ kind })}
            options={workplaces.map((value) => ({ value, label: placeKindWords[value] }))}
          />
          <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
            <NumberField
              label="Width of the open face"
              quantity="length"
              value={place.width}
              onChange={(width) => width && set({ width })}
              expects={[0.5, 12]}
              lazily
            />
            <NumberField
              label="Height"
              quantity="length"
              value={place.height}
              onChange={(height) => height && set({ height })}
              expects={[0.5, 8]}
              lazily
            />
            <NumberField
              label="Depth"
              quantity="length"
              value={place.length}
              onChange={(length) => length && set({ length })}
              expects={[0.5, 40]}
              lazily
            />
            <NumberField
              label="Air the extraction moves"
              quantity="roomFlow"
              value={place.airFlow}
              onChange={(airFlow) => airFlow && set({ airFlow })}
              expects={[0.05, 40]}
              lazily
            />
            <NumberField
              label="Solvent evaporated"
              quantity="mass"
              value={kilograms}
              onChange={setSolvent}
              expects={[5e-3, 50]}
              hint={known !== undefined && solvent === undefined ? 'of this job’s next coat' : undefined}
            />
            <NumberField
              label="In"
              quantity="duration"
              value={over}
              onChange={setSeconds}
              expects={[30, 4 * 3600]}
            />
          </div>
          {!shop.place && (
            <p className="text-sm text-ink-soft">
              A made-up booth, a default. Put your own sizes in; they are kept.
            </p>
          )}
          <p className="text-sm text-ink-soft">
            Vapour: {own ? 'as the sheet says' : 'xylene, a default: the usual solvent with the lowest limit'}
            , lower limit <Printed figure={amount('share', vapour.lowerLimit)} />. A mixture takes its lowest.
            Mixing factor {place.mixing}, a default for a booth with a part in it.
          </p>
        </div>
        {isRefusal(found) ? (
          <Notice tone="care">{units.says(found)}</Notice>
        ) : (
          <div className="min-w-0 space-y-3">
            <Facts
              title="Found"
              facts={[
                {
                  label: 'Air to a quarter of the limit',
                  value: written(amount('airVolume', found.air), units),
                },
                {
                  label: 'Airflow needed',
                  value: written(amount('roomFlow', found.needed), units),
                },
                {
                  label: 'Vapour where it settles',
                  value: `${written(amount('share', found.level), units)} of the limit`,
                },
                {
                  label: 'Through the open face',
                  value: written(amount('speed', found.faceVelocity), units),
                },
                { label: 'Changes of air an hour', value: found.changes.toFixed(0) },
                {
                  label: 'Purge before drying',
                  value: written(amount('duration', found.purge), units, { digits: 1 }),
                },
              ]}
            />
            <Notice tone={found.enough ? 'good' : 'stop'}>
              {found.enough
                ? 'The extraction keeps the vapour under a quarter of its lower limit.'
                : `The extraction is too weak: it wants ${written(amount('roomFlow', found.needed), units)}. Spray slower, let less go at a time, or move more air.`}
            </Notice>
            {slow && (
              <Notice tone="care">
                Under <Printed figure={amount('speed', faceVelocities.least)} /> through the face mist drifts
                back to whoever sprays.
              </Notice>
            )}
            {fast && (
              <Notice tone="plain">
                Over <Printed figure={amount('speed', faceVelocities.most)} /> it carries dust in and paint
                off.
              </Notice>
            )}
          </div>
        )}
      </div>
      <div className="mt-4">
        <Notice tone="stop">
          A fire figure only. It does not make the air fit to breathe: exposure limits ask for twenty-five to
          fifty times as much for xylene. Hot ovens need more. {deferral}
        </Notice>
      </div>
    </Panel>
  );
}
