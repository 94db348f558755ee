'use client';

import { showDuration } from '@/core/quantity';
import { isRefusal } from '@/core/refusal';
import type { Coating } from '@/records';
import { useRecords } from '@/store/hooks';
import { sheetAsMixed } from '@/store/job';
import { Cautions } from '@/ui/Cautions';
import { Facts } from '@/ui/Facts';
import { Notice } from '@/ui/Notice';
import { useUnits, type Units } from '@/ui/units';
import { plural, type Fact } from '@/ui/words/line';
import { placeWords, pressureQuantity } from '@/ui/words/set';
import { gunWords } from '../rigs/words';

/** A product sheet to read at the bench: every number in the shop's units, defaults marked. */
export function SheetView({ sheet }: { readonly sheet: Coating }) {
  const units = useUnits();
  const cans = useRecords('can').filter(({ coatingId }) => coatingId === sheet.id);
  const groups = groupsOf(sheet, units);
  return (
    <div className="grid gap-8 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <div className="space-y-6">
        {sheet.assumed.length > 0 && (
          <Notice tone="care">
            Class defaults, not from this product’s paper: {sheet.assumed.join(', ')}. Edit and save each part
            to confirm it.
          </Notice>
        )}
        <div className="grid gap-x-10 gap-y-6 md:grid-cols-2">
          {groups.map(({ title, facts, field }) => (
            <Facts
              key={title}
              title={sheet.assumed.includes(field) ? `${title} (default)` : title}
              facts={facts}
            />
          ))}
        </div>
      </div>
      <aside className="space-y-6">
        <section aria-label="Cans">
          <h2 className="text-sm font-bold">Cans on the shelf</h2>
          {cans.length === 0 && <p className="mt-1 text-sm text-ink-soft">None kept.</p>}
          <ul className="mt-1">
            {cans.map(({ id, lot, left, useBefore }) => (
              <li key={id} className="flex justify-between border-b border-hairline py-1.5 text-sm">
                <b>{lot}</b>
                <span className="text-ink-soft">
                  {units.show('volume', left)}, before {useBefore ?? 'no date'}
                </span>
              </li>
            ))}
          </ul>
        </section>
        <Cautions hazards={sheet.hazards} stage="spray" />
      </aside>
    </div>
  );
}

function groupsOf(sheet: Coating, units: Units): { title: string; field: string; facts: Fact[] }[] {
  const { components, thinning, target, film, times, limits, intervals, guns } = sheet;
  const mixed = sheetAsMixed(sheet);
  const percent = (share: number) => units.show('share', share, { digits: 0 });
  const lasting = (seconds: number | undefined) =>
    seconds === undefined ? 'not stated' : showDuration(seconds);
  return [
    {
      title: `Mix, by ${sheet.ratioBy}`,
      field: 'components',
      facts: [
        ...components.map(({ name, parts, density }) => ({
          label: name,
          value: `${plural(parts, 'part')}, ${units.show('density', density)}`,
        })),
        ...(isRefusal(mixed)
          ? []
          : [
              { label: 'Volume solids, mixed', value: units.show('share', mixed.volumeSolids) },
              { label: 'VOC, actual', value: units.show('voc', mixed.voc) },
              { label: 'VOC less water and exempt', value: units.show('voc', mixed.vocLess) },
            ]),
      ],
    },
    {
      title: 'Thinning',
      field: 'thinning',
      facts: [
        ...thinning.thinners.map(({ name, air }) => ({
          label: name,
          value: air ? `${units.range('temperature', air.min, air.max)} air` : 'any air',
        })),
        {
          label: `At most, by ${thinning.by} of ${thinning.of === 'mix' ? 'the whole mix' : 'the first part'}`,
          value: percent(thinning.maximum),
        },
        ...(thinning.glossFrom ? [{ label: 'Gloss suffers past', value: percent(thinning.glossFrom) }] : []),
      ],
    },
    {
      title: 'Viscosity',
      field: 'target',
      facts: target
        ? [
            {
              label: `Band in ${target.cupId}`,
              value: units.range('time', target.min, target.max, { digits: 0 }),
            },
            { label: 'At', value: units.show('temperature', target.temperature) },
            {
              label: 'Unthinned, about',
              value: sheet.viscosity ? units.show('viscosity', sheet.viscosity) : 'not stated',
            },
          ]
        : [{ label: 'Flow cup', value: 'none can judge it' }],
    },
    {
      title: 'Film, dry, one coat',
      field: 'film',
      facts: [
        { label: 'At least', value: units.show('film', film.min) },
        { label: 'Aim', value: units.show('film', film.aim) },
        { label: 'At most', value: units.show('film', film.max) },
        { label: 'Coats', value: String(sheet.coats) },
      ],
    },
    {
      title: `Times at ${units.show('temperature', times.temperature)}`,
      field: 'times',
      facts: [
        { label: 'Pot life', value: times.potLife ? showDuration(times.potLife) : 'one part' },
        { label: 'Flash', value: showDuration(times.flash) },
        { label: 'Recoat, first', value: showDuration(times.recoatFirst) },
        { label: 'Recoat, last', value: times.recoatLast ? showDuration(times.recoatLast) : 'open' },
        { label: 'Handle', value: lasting(times.handle) },
        { label: 'Cured', value: lasting(times.cure) },
      ],
    },
    {
      title: 'Room and part',
      field: 'limits',
      facts: [
        { label: 'Air', value: units.range('temperature', limits.air.min, limits.air.max) },
        { label: 'Part', value: units.range('temperature', limits.part.min, limits.part.max) },
        {
          label: 'Humidity',
          value: units.range('share', limits.humidity.min, limits.humidity.max, { digits: 0 }),
        },
        { label: 'Stir every', value: lasting(intervals.stir) },
        { label: 'Time the cup every', value: lasting(intervals.retime) },
      ],
    },
    ...guns.map((gun) => ({
      title: `${gunWords[gun.atomising]} gun`,
      field: 'guns',
      facts: [
        ...(gun.bore ? [{ label: 'Nozzle', value: units.range('bore', gun.bore.min, gun.bore.max) }] : []),
        ...(gun.orifice
          ? [
              {
                label: 'Tip orifice',
                value: units.range('film', gun.orifice.min, gun.orifice.max, { unit: 'mil', digits: 0 }),
              },
            ]
          : []),
        {
          label: `Pressure ${placeWords[gun.pressureAt]}`,
          value: units.range(pressureQuantity(gun.pressure.min), gun.pressure.min, gun.pressure.max),
        },
        { label: 'Distance', value: units.range('distance', gun.distance.min, gun.distance.max) },
      ],
    })),
  ];
}
