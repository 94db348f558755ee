import { showDuration } from '@/core/quantity';
import { isRefusal } from '@/core/refusal';
import type { Coating, Thinner } from '@/records';
import { sheetAsMixed } from '@/facts/job';
import { chemistryWords } from './care';
import { cupName } from './cup';
import { priceOf } from './money';
import type { Units } from './units';
import { plural, type Fact } from './line';
import { shortNumber } from './ratio';
import { placeWords, pressureQuantity } from './pressure';
import { advisedFeedWords, gunWords } from '@/records/rigwords';

export const speedWords: Record<NonNullable<Thinner['speed']>, string> = {
  fast: 'fast',
  medium: 'medium',
  slow: 'slow',
  'very-slow': 'very slow',
};

export interface FactGroup {
  readonly title: string;
  /** The field of the sheet it shows: what a default is named by. */
  readonly field: keyof Coating;
  readonly facts: readonly Fact[];
}

/** Everything a sheet says, in groups, in the user's units. */
export function sheetFacts(sheet: Coating, units: Units): FactGroup[] {
  return [
    mixFacts(sheet, units),
    ...(sheet.additives?.length ? [doseFacts(sheet, units)] : []),
    thinningFacts(sheet, units),
    viscosityFacts(sheet, units),
    filmFacts(sheet, units),
    timeFacts(sheet, units),
    roomFacts(sheet, units),
    ...gunFacts(sheet, units),
    careFacts(sheet, units),
  ];
}

/** How many groups of a sheet are the class’s still, not the paper’s. */
export const defaultGroups = (sheet: Coating, units: Units): number =>
  sheet.assumed.length === 0
    ? 0
    : sheetFacts(sheet, units).filter(({ field }) => sheet.assumed.includes(field)).length;

/** What is left of the class on a sheet, in short; single values beside the groups are told too. */
export function defaultsLeft(sheet: Coating, units: Units): string | undefined {
  if (sheet.assumed.length === 0) return undefined;
  const groups = defaultGroups(sheet, units);
  return groups > 0 ? `▲ ${plural(groups, 'default')}` : '▲ single defaults';
}

const lasting = (seconds: number | undefined) =>
  seconds === undefined ? 'not stated' : showDuration(seconds);
const percent = (share: number, units: Units) => units.show('share', share, { digits: share < 0.02 ? 2 : 0 });

function mixFacts(sheet: Coating, units: Units): FactGroup {
  const { components, tolerance, assumed } = sheet;
  const mixed = sheetAsMixed(sheet);
  return {
    title: `Mix, by ${sheet.ratioBy}`,
    field: 'components',
    facts: [
      ...components.flatMap(({ name, parts, density, partsAt = [] }, i) => [
        {
          label: name,
          value: `${plural(Number(shortNumber(parts)), 'part')}, ${units.show('density', density)}${i > 0 && assumed.includes('densities') ? ', a default' : ''}`,
        },
        ...partsAt.map((row) => ({
          label: `${name} at ${units.show('temperature', row.temperature)}`,
          value: plural(Number(shortNumber(row.parts)), 'part'),
        })),
      ]),
      ...(components.length > 1
        ? [
            {
              label: 'May be off by',
              value: tolerance === undefined ? 'not stated' : `± ${percent(tolerance, units)}`,
            },
          ]
        : []),
      ...(isRefusal(mixed)
        ? []
        : [
            { label: 'Volume solids, mixed', value: units.show('share', mixed.volumeSolids) },
            { label: 'VOC, actual', value: units.show('voc', mixed.voc) },
            { label: 'VOC less water and exempt', value: units.show('voc', mixed.vocLess) },
          ]),
    ],
  };
}

const doseFacts = ({ additives = [] }: Coating, units: Units): FactGroup => ({
  title: 'Doses',
  field: 'additives',
  facts: additives.map(({ name, dose, maximum, doseBy, doseOf, said }) => ({
    label: `${name}, by ${doseBy} of the ${doseOf === 'base' ? 'first part' : 'mix'}`,
    value: `${said ? `“${said}”: ` : ''}${percent(dose, units)}, at most ${percent(maximum, units)}`,
  })),
});

const thinningFacts = ({ thinning }: Coating, units: Units): FactGroup => ({
  title: 'Thinning',
  field: 'thinning',
  facts: [
    ...thinning.thinners.map(({ name, air, speed }) => ({
      label: speed ? `${name}, ${speedWords[speed]}` : name,
      value: air ? `${units.range('temperature', air.min, air.max)} air` : 'any air',
    })),
    {
      label: `At most, by ${thinning.by} of ${thinning.of === 'mix' ? 'the whole mix' : 'the first part'}`,
      value: percent(thinning.maximum, units),
    },
    ...(thinning.glossFrom
      ? [{ label: 'Gloss suffers past', value: percent(thinning.glossFrom, units) }]
      : []),
  ],
});

const viscosityFacts = ({ target, viscosity, temperatureSlope }: Coating, units: Units): FactGroup => ({
  title: 'Viscosity',
  field: 'target',
  facts: target
    ? [
        {
          label: `Band in ${cupName(target.cupId)}`,
          value: units.range('time', target.min, target.max, { digits: 0 }),
        },
        { label: 'At', value: units.show('temperature', target.temperature) },
        { label: 'Unthinned, about', value: viscosity ? units.show('viscosity', viscosity) : 'not stated' },
        {
          label: 'Viscosity drops a degree',
          value: temperatureSlope ? units.show('temperatureSlope', temperatureSlope) : 'not stated',
        },
      ]
    : [{ label: 'Flow cup', value: 'none can judge it' }],
});

const filmFacts = ({ film, wetFilm, totalFilm, coats, blendable }: Coating, units: Units): FactGroup => ({
  title: 'Film, one coat',
  field: 'film',
  facts: [
    {
      label: 'Dry',
      value: `${units.range('film', film.min, film.max)}, aim ${units.show('film', film.aim)}`,
    },
    ...(wetFilm
      ? [
          {
            label: 'Wet',
            value: `${units.range('film', wetFilm.min, wetFilm.max)}, aim ${units.show('film', wetFilm.aim)}`,
          },
        ]
      : []),
    ...(totalFilm
      ? [{ label: 'All coats, dry', value: units.range('film', totalFilm.min, totalFilm.max) }]
      : []),
    { label: 'Coats', value: String(coats) },
    { label: 'Blends into a dry edge', value: blendable ? 'yes' : 'no: larger reserve' },
  ],
});

const timeFacts = ({ times }: Coating, units: Units): FactGroup => ({
  title: `Times at ${units.show('temperature', times.temperature)}`,
  field: 'times',
  facts: [
    ...(times.induction ? [{ label: 'Rest before use', value: showDuration(times.induction) }] : []),
    { label: 'Pot life', value: times.potLife ? showDuration(times.potLife) : 'one part' },
    { label: 'Flash', value: showDuration(times.flash) },
    { label: 'Recoat, first', value: showDuration(times.recoatFirst) },
    { label: 'Recoat, last', value: times.recoatLast ? showDuration(times.recoatLast) : 'open' },
    ...(times.tack ? [{ label: 'The next coat wants it', value: 'tacky: dry has missed it' }] : []),
    ...(times.next
      ? [
          {
            label: 'Another product',
            value: `from ${lasting(times.next.first)}${times.next.last === undefined ? '' : ` to ${lasting(times.next.last)}`}`,
          },
        ]
      : []),
    ...(times.sandable === undefined
      ? []
      : [
          {
            label: 'Sanded from',
            value: `${lasting(times.sandable)}${times.sandedFor === undefined ? '' : `, then coated within ${lasting(times.sandedFor)}`}`,
          },
        ]),
    { label: 'Touch', value: lasting(times.touch) },
    { label: 'Handle', value: lasting(times.handle) },
    { label: 'Cured', value: lasting(times.cure) },
    ...(times.forbidden
      ? [
          {
            label: 'No recoat',
            value: `from ${lasting(times.forbidden.from)} to ${lasting(times.forbidden.to)}`,
          },
        ]
      : []),
    ...(times.forced
      ? [
          {
            label: 'Force dried',
            value: `${units.show('temperature', times.forced.temperature)} for ${lasting(times.forced.duration)}`,
          },
        ]
      : []),
  ],
});

const roomFacts = ({ limits, intervals }: Coating, units: Units): FactGroup => ({
  title: 'Room and part',
  field: 'limits',
  facts: [
    { label: 'Air', value: units.range('temperature', limits.air.min, limits.air.max) },
    { label: 'Part', value: units.range('temperature', limits.part.min, limits.part.max) },
    {
      label: 'Humidity',
      value: units.range('share', limits.humidity.min, limits.humidity.max, { digits: 0 }),
    },
    ...(limits.dew === undefined
      ? []
      : [{ label: 'Above the dew point', value: `at least ${units.show('temperatureStep', limits.dew)}` }]),
    { label: 'Stir every', value: lasting(intervals.stir) },
    { label: 'Time the cup every', value: lasting(intervals.retime) },
  ],
});

const gunFacts = ({ guns }: Coating, units: Units): FactGroup[] =>
  guns.map((gun) => ({
    title: `${gunWords[gun.atomising]} gun${gun.feed ? `, ${advisedFeedWords[gun.feed]}` : ''}`,
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
      ...(gun.target
        ? [
            {
              label: `Band in ${cupName(gun.target.cupId)}`,
              value: units.range('time', gun.target.min, gun.target.max, { digits: 0 }),
            },
          ]
        : []),
    ],
  }));

const careFacts = (sheet: Coating, units: Units): FactGroup => ({
  title: 'Care, cost and rules',
  field: 'hazards',
  facts: [
    { label: 'Cleaned as', value: chemistryWords[sheet.chemistry] },
    ...(sheet.pigment ? [{ label: 'Pigment', value: sheet.pigment }] : []),
    { label: 'Cleaner', value: sheet.cleaner ?? 'not stated' },
    { label: 'Out of the gun within', value: lasting(sheet.cleanBy) },
    { label: 'Keeps closed', value: sheet.shelf?.closed ? `${sheet.shelf.closed} days` : 'not stated' },
    { label: 'Keeps open', value: sheet.shelf?.opened ? `${sheet.shelf.opened} days` : 'not stated' },
    {
      label: 'Price',
      value: sheet.pricePerVolume === undefined ? 'not stated' : priceOf(sheet.pricePerVolume, units.system),
    },
    {
      label: sheet.vocLimit?.counts === 'less-water' ? 'VOC limit, less water' : 'VOC limit, with water',
      value: sheet.vocLimit ? units.show('voc', sheet.vocLimit.value) : 'none entered',
    },
    { label: 'Hazards', value: sheet.hazards.join(', ') || 'none named' },
  ],
});

export interface Difference {
  readonly title: string;
  readonly label: string;
  readonly before: string;
  readonly after: string;
}

/** What two revisions say differently, fact by fact. */
export function differences(before: Coating, after: Coating, units: Units): Difference[] {
  const said = (sheet: Coating) =>
    new Map(
      sheetFacts(sheet, units).flatMap(({ title, facts }) =>
        facts.map(({ label, value }) => [`${title}\n${label}`, value] as const),
      ),
    );
  const [old, fresh] = [said(before), said(after)];
  return [...new Set([...old.keys(), ...fresh.keys()])]
    .filter((key) => old.get(key) !== fresh.get(key))
    .map((key) => {
      const [title = '', label = ''] = key.split('\n');
      return { title, label, before: old.get(key) ?? '–', after: fresh.get(key) ?? '–' };
    });
}
