import { flowCups } from '@/core/cups';
import { advisedFeedWords } from '@/records/rigwords';
import { expects } from '@/words/expects';
import type { FieldRow } from '@/ui/form';
import { chemistryWords } from '@/words/care';

/** The fields of a sheet as data: name in the record, words on screen, quantity. */
const amount = (
  name: string,
  label: string,
  quantity: NonNullable<FieldRow['quantity']>,
  range?: readonly [number, number],
): FieldRow => ({ name, label, quantity, ...(range ? { expects: range } : {}) });
const must = (
  name: string,
  label: string,
  quantity: NonNullable<FieldRow['quantity']>,
  range?: readonly [number, number],
): FieldRow => ({ ...amount(name, label, quantity, range), required: true });

const volumeOrMass = [
  { value: 'volume', label: 'Volume' },
  { value: 'mass', label: 'Mass' },
];
const cups = [
  { value: '', label: 'Choose the cup' },
  ...flowCups.map(({ id, name, standard }) => ({ value: id, label: `${id}: ${name}, ${standard}` })),
];
const share: readonly [number, number] = [0, 1];

export const partFields: readonly FieldRow[] = [
  { name: 'name', label: 'Part' },
  { name: 'parts', label: 'Parts', type: 'number' },
  must('density', 'Density', 'density', expects.density),
  must('volumeSolids', 'Volume solids', 'share', [0.02, 1]),
  must('voc', 'VOC, actual', 'voc', [0, 900]),
  must('water', 'Water, by volume', 'share', [0, 0.95]),
  must('exempt', 'Exempt solvent', 'share', share),
];

export const thinnerFields: readonly FieldRow[] = [
  { name: 'name', label: 'Thinner' },
  {
    name: 'speed',
    label: 'Speed',
    options: [
      { value: '', label: 'not stated' },
      { value: 'fast', label: 'Fast' },
      { value: 'medium', label: 'Medium' },
      { value: 'slow', label: 'Slow' },
      { value: 'very-slow', label: 'Very slow' },
    ],
  },
  amount('air.min', 'Air from', 'temperature', expects.air),
  amount('air.max', 'Air to', 'temperature', expects.air),
  must('density', 'Density', 'density', expects.density),
  must('viscosity', 'Viscosity', 'viscosity', [0.3e-6, 5e-6]),
  must('voc', 'VOC, actual', 'voc', [0, 1100]),
  must('water', 'Water', 'share', share),
  must('exempt', 'Exempt solvent', 'share', share),
];

export const thinningFields: readonly FieldRow[] = [
  must('thinning.maximum', 'Thinner, at most', 'share', [0, 0.5]),
  { name: 'thinning.by', label: 'Percent by', options: volumeOrMass },
  {
    name: 'thinning.of',
    label: 'Percent of',
    options: [
      { value: 'mix', label: 'The whole mix' },
      { value: 'base', label: 'The first part alone' },
    ],
  },
  amount('thinning.glossFrom', 'Gloss suffers past', 'share', [0, 0.5]),
];

export const doseFields: readonly FieldRow[] = [
  { name: 'name', label: 'Dose' },
  must('dose', 'Usual dose', 'share', [0, 0.2]),
  must('maximum', 'At most', 'share', [0, 0.3]),
  { name: 'doseBy', label: 'Percent by', options: volumeOrMass },
  {
    name: 'doseOf',
    label: 'Percent of, and when',
    options: [
      { value: 'base', label: 'The first part, right after it' },
      { value: 'mix', label: 'The whole mix, last' },
    ],
  },
  must('density', 'Density', 'density', expects.density),
  must('volumeSolids', 'Volume solids', 'share', share),
  must('voc', 'VOC, actual', 'voc', [0, 1100]),
  must('water', 'Water', 'share', share),
  must('exempt', 'Exempt solvent', 'share', share),
  {
    ...amount('clockFactor', 'All times at that most', 'share', [0.02, 4]),
    hint: '10 % for a tenth; empty where the sheet does not say',
  },
];

export const bandFields: readonly FieldRow[] = [
  {
    name: 'cupId',
    label: 'Cup on the sheet',
    options: cups,
    hint: '“4 mm cup” may be either iso-4 or din-4: look for the standard.',
  },
  amount('min', 'Band from', 'time', [8, 150]),
  amount('max', 'Band to', 'time', [8, 200]),
  amount('temperature', 'At', 'temperature', expects.paint),
];

export const gunFields = (airless: boolean): readonly FieldRow[] => [
  {
    name: 'atomising',
    label: 'Gun',
    options: [
      { value: 'hvlp', label: 'HVLP' },
      { value: 'compliant', label: 'Compliant' },
      { value: 'low-volume', label: 'Low volume' },
      { value: 'conventional', label: 'Conventional' },
      { value: 'airless', label: 'Airless' },
    ],
  },
  ...(airless
    ? []
    : [
        {
          name: 'feed',
          label: 'Fed by',
          options: [
            { value: '', label: 'Any way' },
            ...Object.entries(advisedFeedWords).map(([value, label]) => ({ value, label })),
          ],
        },
      ]),
  ...(airless
    ? [
        amount('orifice.min', 'Orifice from', 'film', [0.15e-3, 1.2e-3]),
        amount('orifice.max', 'Orifice to', 'film', [0.15e-3, 1.2e-3]),
      ]
    : [
        amount('bore.min', 'Nozzle from', 'bore', expects.bore),
        amount('bore.max', 'Nozzle to', 'bore', expects.bore),
      ]),
  must(
    'pressure.min',
    'Pressure from',
    airless ? 'pumpPressure' : 'pressure',
    airless ? expects.pumpPressure : expects.airPressure,
  ),
  must(
    'pressure.max',
    'Pressure to',
    airless ? 'pumpPressure' : 'pressure',
    airless ? expects.pumpPressure : expects.airPressure,
  ),
  {
    name: 'pressureAt',
    label: 'Read at',
    options: [
      { value: 'cap', label: 'The air cap' },
      { value: 'inlet', label: 'The gun’s inlet' },
      { value: 'tip', label: 'The tip' },
    ],
  },
  must('distance.min', 'Distance from', 'distance', expects.gunDistance),
  must('distance.max', 'Distance to', 'distance', expects.gunDistance),
];

export const filmFields: readonly FieldRow[] = [
  must('film.min', 'Dry, at least', 'film', expects.dryFilm),
  must('film.aim', 'Dry, aim', 'film', expects.dryFilm),
  must('film.max', 'Dry, at most', 'film', expects.dryFilm),
  { name: 'coats', label: 'Coats', type: 'number' },
  amount('wetFilm.min', 'Wet, at least', 'film', expects.wetFilm),
  amount('wetFilm.aim', 'Wet, aim', 'film', expects.wetFilm),
  amount('wetFilm.max', 'Wet, at most', 'film', expects.wetFilm),
  { ...amount('totalFilm.min', 'All coats dry, at least', 'film', expects.dryFilm), hint: 'As it stays' },
  amount('totalFilm.max', 'All coats dry, at most', 'film', expects.dryFilm),
];

export const timeFields: readonly FieldRow[] = [
  must('times.temperature', 'Stated at', 'temperature', expects.paint),
  amount('times.induction', 'Rest before use', 'duration'),
  amount('times.potLife', 'Pot life', 'duration'),
  must('times.flash', 'Flash', 'duration'),
  must('times.recoatFirst', 'Recoat, first', 'duration'),
  { ...amount('times.recoatLast', 'Recoat, last', 'duration'), hint: 'Empty: open for good' },
  { ...amount('times.forbidden.from', 'No recoat from', 'duration'), hint: 'Between wet on wet and hard' },
  amount('times.forbidden.to', 'until', 'duration'),
  {
    ...amount('times.next.first', 'Another product, first', 'duration'),
    hint: 'Where it is not as for itself',
  },
  amount('times.next.last', 'Another product, last', 'duration'),
  { ...amount('times.sandable', 'Hard enough to sand', 'duration'), hint: 'Sanded sooner it opens nothing' },
  { ...amount('times.sandedFor', 'Sanded, it takes a coat for', 'duration'), hint: 'Empty: for good' },
  amount('times.touch', 'Touch', 'duration'),
  amount('times.handle', 'Handle', 'duration'),
  amount('times.cure', 'Cured', 'duration'),
  amount('times.forced.temperature', 'Force dried at', 'temperature', [300, 400]),
  amount('times.forced.duration', 'for', 'duration'),
  amount('intervals.stir', 'Stir every', 'duration'),
  amount('intervals.retime', 'Time the cup every', 'duration'),
];

export const roomFields: readonly FieldRow[] = [
  must('limits.air.min', 'Air, at least', 'temperature', expects.air),
  must('limits.air.max', 'Air, at most', 'temperature', expects.air),
  must('limits.part.min', 'Part, at least', 'temperature', expects.air),
  must('limits.part.max', 'Part, at most', 'temperature', expects.air),
  must('limits.humidity.min', 'Humidity, at least', 'share', share),
  must('limits.humidity.max', 'Humidity, at most', 'share', share),
  {
    ...amount('limits.dew', 'Above the dew point', 'temperatureStep', [1, 10]),
    hint: 'Empty: 3 K, as is usual',
  },
];

export const coatingCareFields: readonly FieldRow[] = [
  {
    name: 'chemistry',
    label: 'Cleaned as',
    options: Object.entries(chemistryWords).map(([value, label]) => ({ value, label })),
  },
  {
    name: 'pigment',
    label: 'Pigment',
    options: [
      { value: '', label: 'Hiding, or none' },
      { value: 'transparent', label: 'Transparent' },
      { value: 'flake', label: 'Flake' },
    ],
  },
  {
    name: 'abrasive',
    label: 'How it wears tips',
    options: [
      { value: '', label: 'As its class does' },
      { value: 'mild', label: 'Little' },
      { value: 'middling', label: 'Middling' },
      { value: 'harsh', label: 'Much' },
    ],
  },
  { name: 'cleaner', label: 'Cleaner the sheet names' },
  amount('cleanBy', 'Out of the gun within', 'duration'),
  amount('shelf.closed', 'Keeps closed', 'days', [14, 3000]),
  amount('shelf.opened', 'Keeps once open', 'days', [1, 1500]),
  amount('pricePerVolume', 'Price of the unthinned mix', 'price', [1000, 500_000]),
  amount('vocLimit.value', 'VOC limit here', 'voc', [0, 900]),
  {
    name: 'vocLimit.counts',
    label: 'The limit counts',
    options: [
      { value: '', label: 'Choose' },
      { value: 'with-water', label: 'VOC with water' },
      { value: 'less-water', label: 'VOC less water and exempt' },
    ],
  },
  amount('vapour.molarMass', 'Solvent, molar mass', 'molarMass', [0.03, 0.25]),
  amount('vapour.lowerLimit', 'Its lower explosive limit', 'share', [0.005, 0.1]),
];

export const viscosityFields: readonly FieldRow[] = [
  { name: 'viscosity', label: 'Unthinned, about', quantity: 'viscosity', expects: [10e-6, 1e-3] },
  {
    name: 'temperatureSlope',
    label: 'Viscosity drops a degree',
    quantity: 'temperatureSlope',
    expects: [0.015, 0.09],
  },
];
