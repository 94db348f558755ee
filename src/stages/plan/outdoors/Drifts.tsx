'use client';

import { useState } from 'react';
import { neighbours, type Neighbour } from '@/core/drift';
import { driftSeen } from '@/facts/job/driftseen';
import { newId, type Outdoors } from '@/records';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Check } from '@/ui/Check';
import { SelectField } from '@/ui/Field';
import { NumberField } from '@/ui/NumberField';
import { Printed } from '@/ui/Printed';
import { useJob } from '@/ui/job/context';
import { amount } from '@/words/figures';
import { SiteSketch } from './SiteSketch';
import { changeWords, compass, compassOf, neighbourWords, reachedWords } from '@/words/outdoors';

const step = (2 * Math.PI) / compass.length;
const directions = compass.map((value) => ({ value, label: value }));
const angleOf = (name: string) => compass.findIndex((each) => each === name) * step;

/** What misses the part, how far it goes, what it reaches, and what would change that. */
export function Drifts() {
  const { view } = useJob();
  const store = useStore();
  const { job } = view;
  const said = job.outdoors ?? {};
  const around = said.around ?? [];
  const seen = driftSeen({ ...view, job: { ...job, outdoors: said } });
  const [what, setWhat] = useState<Neighbour>('car');
  const put = (next: Partial<Outdoors>) => store.put({ ...job, outdoors: { ...said, ...next } }, 'site');
  const add = (thing: Placed) => put({ around: [...around, { id: newId(), ...thing }].slice(-40) });
  return (
    <section aria-label="Drift" className="mt-5" data-drift>
      <h3 className="mb-2 font-bold">Drift and what stands about</h3>
      {seen ? (
        <div className="relative overflow-x-auto">
          <table className="w-full max-w-3xl border-collapse text-sm">
            <thead>
              <tr className="border-b-2 border-ink text-left align-bottom">
                {[
                  '',
                  'Mist',
                  'Falls wet',
                  'Wet as far as',
                  seen.dries === 'sticky' ? 'Sticky as far as' : 'Then dust',
                ].map((head) => (
                  <th key={head} scope="col" className="py-1 pr-4 font-semibold">
                    {head || <span className="sr-only">How</span>}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {[
                { says: 'As it is set', drift: seen.drift },
                ...seen.instead.map(({ what, drift }) => ({ says: changeWords[what], drift })),
              ].map(({ says, drift }) => (
                <tr key={says} className="border-b border-hairline">
                  <th scope="row" className="py-1.5 pr-4 text-left font-normal">
                    {says}
                  </th>
                  <td className="py-1.5 pr-4">
                    <Printed figure={amount('fluidFlow', drift.mist)} />
                  </td>
                  <td className="py-1.5 pr-4">
                    <Printed figure={amount('fluidFlow', drift.fallOut)} />
                  </td>
                  <td className="py-1.5 pr-4">
                    <Printed figure={amount('length', drift.wetReach)} digits={0} />
                  </td>
                  <td className="py-1.5">
                    <Printed figure={amount('length', drift.stickyReach)} digits={0} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-1 max-w-3xl text-xs text-ink-soft">
            With gusts of <Printed figure={amount('speed', seen.wind)} />. Drop sizes are usual ones, eddies
            and buildings are not in it: it sets one way beside another. A brush or roller drifts nothing.
            {seen.dries === 'sticky' &&
              ' This paint lands sticky, on cars too: clear or cover what stands downwind.'}
          </p>
        </div>
      ) : (
        <p className="text-sm text-ink-soft">Set the gun first: what drifts follows from it.</p>
      )}
      <div className="mt-3 grid max-w-3xl gap-3 sm:grid-cols-3">
        <SelectField
          label="Wind comes from"
          value={said.windFrom === undefined ? '' : compassOf(said.windFrom)}
          onChange={(event) =>
            put({ windFrom: event.target.value ? angleOf(event.target.value) : undefined })
          }
          options={[{ value: '', label: 'Not said' }, ...directions]}
        />
      </div>
      <div className="mt-3 grid max-w-3xl items-start gap-x-6 lg:grid-cols-2">
        <SiteSketch
          around={around}
          seen={seen}
          windFrom={said.windFrom}
          onTap={(distance, bearing) => add({ what, distance, bearing })}
        />
        <ul className="my-3 divide-y lg:mt-0 divide-hairline border-y border-hairline text-sm" data-around>
          {around.map((thing) => {
            const found = seen?.reached.find((each) => each.thing.id === thing.id);
            return (
              <li key={thing.id} className="flex flex-wrap items-center justify-between gap-x-4 py-1.5">
                <span className="min-w-0 flex-1 basis-40">
                  <b>{neighbourWords[thing.what]}</b>, <Printed figure={amount('length', thing.distance)} />{' '}
                  to the {compassOf(thing.bearing).toLowerCase()}:{' '}
                  <b>
                    {thing.covered
                      ? '✓ moved or covered'
                      : found
                        ? reachedWords[found.how]
                        : 'say where the wind comes from'}
                  </b>
                </span>
                <Check
                  label="Moved or covered"
                  checked={thing.covered === true}
                  onChange={(covered) =>
                    put({
                      around: around.map((each) => (each.id === thing.id ? { ...each, covered } : each)),
                    })
                  }
                />
                <Button
                  look="quiet"
                  onClick={() => put({ around: around.filter(({ id }) => id !== thing.id) })}
                >
                  Take out
                </Button>
              </li>
            );
          })}
        </ul>
      </div>
      <AddThing what={what} onWhat={setWhat} onAdd={add} />
    </section>
  );
}

interface Placed {
  readonly what: Neighbour;
  readonly distance: number;
  readonly bearing: number;
}

interface AddProps {
  readonly what: Neighbour;
  readonly onWhat: (what: Neighbour) => void;
  readonly onAdd: (thing: Placed) => void;
}

function AddThing({ what, onWhat, onAdd }: AddProps) {
  const [distance, setDistance] = useState<number>();
  const [bearing, setBearing] = useState<string>(compass[0]);
  return (
    <form
      className="grid max-w-3xl grid-cols-2 items-end gap-3 sm:grid-cols-[1fr_1fr_1fr_auto]"
      onSubmit={(event) => {
        event.preventDefault();
        if (!distance || distance <= 0) return;
        onAdd({ what, distance, bearing: angleOf(bearing) });
        setDistance(undefined);
      }}
    >
      <SelectField
        label="What stands about"
        value={what}
        onChange={(event) => onWhat(event.target.value as Neighbour)}
        options={neighbours.map((value) => ({ value, label: neighbourWords[value] }))}
      />
      <NumberField
        label="How far off"
        quantity="length"
        value={distance}
        onChange={setDistance}
        expects={[0.5, 300]}
      />
      <SelectField
        label="To the"
        value={bearing}
        onChange={(event) => setBearing(event.target.value)}
        options={directions}
      />
      <Button type="submit" disabled={!distance || distance <= 0}>
        Add it
      </Button>
    </form>
  );
}
