'use client';

import { withApproach } from '@/facts/job';
import { usualHand, type Hand } from '@/core/evenness';
import { handFor } from '@/facts/shop/hand';
import { useMeasuredHands } from '@/ui/measuredhands';
import { useShop, useStore } from '@/store/hooks';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { useUnits } from '@/ui/units';
import { amount, written } from '@/words/figures';
import { plural } from '@/words/line';

const fields = [
  ['spacing', 'Spacing', 'share', [0.01, 0.4]],
  ['speed', 'Speed', 'share', [0.01, 0.4]],
  ['distance', 'Distance', 'share', [0.01, 0.4]],
  ['tilt', 'Tilt', 'angle', [0.005, 0.35]],
  ['lead', 'Trigger point', 'distance', [0.002, 0.15]],
] as const;

/** Whose hand is reckoned with: the usual one, one the shop sets, or one that Practice measured. */
export function HandChoice() {
  const { view } = useJob();
  const store = useStore();
  const units = useUnits();
  const shop = useShop();
  const measured = useMeasuredHands();
  const { job, work } = view;
  const { hand, from } = handFor(job, shop, measured);
  const choose = (value: string) => {
    if (value === 'own' && !shop.hand) store.put({ ...shop, hand: usualHand }, 'hand');
    const chosen =
      value === 'usual'
        ? undefined
        : value === 'own'
          ? ({ kind: 'own' } as const)
          : ({ kind: 'person', name: value.slice(7) } as const);
    store.put(withApproach(work, { hand: chosen }), 'hand');
  };
  const value =
    from === 'person' && work.approach.hand?.kind === 'person' ? `person:${work.approach.hand.name}` : from;
  return (
    <div className="space-y-2">
      <SelectField
        label="The hand"
        value={value}
        onChange={(event) => choose(event.target.value)}
        options={[
          { value: 'usual', label: 'A usual hand (default)' },
          { value: 'own', label: 'As this shop says' },
          ...measured.map(({ name, tries, faces }) => ({
            value: `person:${name}`,
            label: `${name}, from ${[
              ...(tries > 0 ? [`${tries} panels in Practice`] : []),
              ...(faces ? [plural(faces, 'face felt', 'faces felt')] : []),
            ].join(' and ')}`,
          })),
        ]}
      />
      {from === 'own' ? (
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-5">
          {fields.map(([name, label, quantity, expected]) => (
            <NumberField
              key={name}
              label={label}
              quantity={quantity}
              value={hand[name]}
              onChange={(next) =>
                next !== undefined &&
                next >= 0 &&
                next <= (name === 'lead' ? 0.5 : 1) &&
                store.put({ ...shop, hand: { ...hand, [name]: next } }, 'hand')
              }
              expects={[expected[0], expected[1]]}
              lazily
            />
          ))}
        </div>
      ) : (
        <p className="text-sm text-ink-soft" data-hand>
          {handSays(hand, units)}
        </p>
      )}
    </div>
  );
}

const handSays = (hand: Hand, units: ReturnType<typeof useUnits>) =>
  `Two strokes in three lie within ± ${written(amount('share', hand.spacing), units, { digits: 0 })} of their place, ± ${written(amount('share', hand.speed), units, { digits: 0 })} of the speed, ± ${written(amount('share', hand.distance), units, { digits: 0 })} of the distance, ± ${written(amount('angle', hand.tilt), units)} of tilt, ± ${written(amount('distance', hand.lead), units)} of the trigger point.`;
