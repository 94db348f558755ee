'use client';

import { Page } from '@/ui/Page';
import { usePart } from '@/ui/part';
import { Parts } from '@/ui/Parts';
import { fetched } from '@/ui/fetched';

const CalendarPart = fetched(() => import('./CalendarPart').then((found) => found.CalendarPart));
const WearPart = fetched(() => import('./WearPart').then((found) => found.WearPart));
const AirPart = fetched(() => import('./AirPart').then((found) => found.AirPart));
const BuyPart = fetched(() => import('./BuyPart').then((found) => found.BuyPart));
const WastePart = fetched(() => import('./WastePart').then((found) => found.WastePart));
const SafetyPart = fetched(() => import('./SafetyPart').then((found) => found.SafetyPart));

const parts = {
  calendar: 'Calendar',
  wear: 'Wear and parts',
  buy: 'To buy',
  air: 'Air',
  waste: 'Waste',
  safety: 'Place and protection',
};
// prettier-ignore
const says = {
  calendar: 'What is due, from the logs and the shop’s own renewals.',
  wear: 'What has been sprayed through every part, and when it will want renewing.',
  buy: 'What the open jobs want and the shelf does not hold, in packs.',
  air: 'Water, filters and the weather.',
  waste: 'Solvent, sludge and leftover mix, by job and month.',
  safety: 'Where it is sprayed, what the air does there, and what to wear.',
};

/** Guns, air and waste of the whole shop. */
export function Care() {
  const part = usePart(parts);
  return (
    <Page title="Care" says={says[part]}>
      <div className="mb-5 max-w-4xl">
        <Parts label="Shown" part={part} parts={parts} />
      </div>
      {part === 'calendar' && <CalendarPart />}
      {part === 'wear' && <WearPart />}
      {part === 'buy' && <BuyPart />}
      {part === 'air' && <AirPart />}
      {part === 'waste' && <WastePart />}
      {part === 'safety' && <SafetyPart />}
    </Page>
  );
}
