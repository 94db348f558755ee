'use client';

import { Plus, Trash2 } from 'lucide-react';
import { newId, type Face } from '@/records';
import { expects } from '@/words/expects';
import { Button } from '@/ui/Button';
import { CommitField, SelectField } from '@/ui/Field';
import { NumberField } from '@/ui/NumberField';

type Place = NonNullable<Face['free']>[number];

interface Props {
  readonly face: Face;
  readonly onSet: (part: Partial<Face>) => void;
}

const thens = [
  { value: 'never', label: 'Never coated' },
  { value: 'brush', label: 'By brush, later' },
];
const edges = [
  { value: 'straight', label: 'Straight' },
  { value: 'shaped', label: 'Round or shaped' },
];

/** Places of a face that the gun does not coat: what is masked, and what the brush coats afterwards. */
export function FreePlaces({ face, onSet }: Props) {
  const { free = [] } = face;
  const change = (next: readonly Place[]) => onSet({ free: next.length > 0 ? [...next] : undefined });
  const set = (id: string, part: Partial<Place>) =>
    change(free.map((each) => (each.id === id ? { ...each, ...part } : each)));
  const side = (id: string, name: 'width' | 'height') => (value: number | undefined) => {
    if (value !== undefined && value > 0) set(id, { [name]: value });
  };
  return (
    <section aria-label={`Kept free on ${face.name}`} className="mt-3" data-free>
      <h3 className="text-sm font-semibold">Kept free of the gun</h3>
      <ul className="divide-y divide-hairline">
        {free.map((place) => (
          <li
            key={place.id}
            className="grid grid-cols-2 items-start gap-3 py-2 sm:grid-cols-[1.4fr_1fr_1fr_1fr_1.2fr_2.75rem]"
          >
            <CommitField
              label="Place"
              value={place.name}
              onCommit={(name) => name.trim() && set(place.id, { name: name.trim() })}
            />
            <NumberField
              label="Width"
              quantity="length"
              value={place.width}
              onChange={side(place.id, 'width')}
              expects={expects.side}
              lazily
            />
            <NumberField
              label="Height"
              quantity="length"
              value={place.height}
              onChange={side(place.id, 'height')}
              expects={expects.side}
              lazily
            />
            <SelectField
              label="Its edge"
              value={place.shaped ? 'shaped' : 'straight'}
              options={edges}
              onChange={(event) =>
                set(place.id, { shaped: event.target.value === 'shaped' ? true : undefined })
              }
            />
            <SelectField
              label="And then"
              value={place.then}
              options={thens}
              onChange={(event) => set(place.id, { then: event.target.value as Place['then'] })}
            />
            <button
              type="button"
              aria-label={`Remove ${place.name}`}
              className="flex size-11 items-center justify-center self-center"
              onClick={() => change(free.filter(({ id }) => id !== place.id))}
            >
              <Trash2 aria-hidden className="size-5" />
            </button>
          </li>
        ))}
      </ul>
      <Button
        look="quiet"
        onClick={() =>
          change([...free, { id: newId(), name: 'Thread', width: 0.05, height: 0.05, then: 'never' }])
        }
      >
        <Plus aria-hidden className="size-4" /> Add a place kept free
      </Button>
    </section>
  );
}
