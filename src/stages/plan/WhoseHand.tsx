'use client';

import { useMemo } from 'react';
import { usualPace, withApproach } from '@/facts/job';
import { namesOf, paceOf } from '@/facts/shop/pace';
import { useRecords, useStore } from '@/store/hooks';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { plural } from '@/words/line';

/** Whose coats the day is reckoned with: how long theirs took beside the time the trigger is pulled. */
export function WhoseHand() {
  const { view } = useJob();
  const store = useStore();
  const jobs = useRecords('job');
  const { shop, work, job, pace } = view;
  const known = useMemo(
    () =>
      (shop.people ?? [])
        .filter(({ left }) => !left)
        .flatMap((person) => {
          const own = paceOf(
            jobs.filter(({ id }) => id !== job.id),
            namesOf(person),
          );
          return own ? [{ name: person.name, ...own }] : [];
        }),
    [jobs, shop.people, job.id],
  );
  const chosen = work.approach.hand?.kind === 'person' ? work.approach.hand.name : '';
  if (known.length === 0 && !pace) return null;
  return (
    <SelectField
      label="Whose hand"
      value={pace ? pace.name : known.some(({ name }) => name === chosen) ? chosen : ''}
      onChange={(event) =>
        store.put(
          withApproach(work, {
            hand: event.target.value ? { kind: 'person', name: event.target.value } : undefined,
          }),
          'hand',
        )
      }
      hint={
        pace
          ? `Coats take ${pace.ratio.toFixed(2)} times the trigger time, from ${plural(pace.coats, 'coat')}`
          : `Coats take ${usualPace} times the trigger time, a default`
      }
      options={[
        { value: '', label: 'As is usual' },
        ...known.map(({ name, coats }) => ({ value: name, label: `${name}, from ${plural(coats, 'coat')}` })),
        ...(pace && !known.some(({ name }) => name === pace.name)
          ? [{ value: pace.name, label: pace.name }]
          : []),
      ]}
    />
  );
}
