import { flowCups } from '@/core/cups';
import { expects } from '@/words/expects';
import type { FieldRow } from '@/ui/form';
import { airPartWords, sealWords } from '@/words/care';

/** How wide, from how far, and what stays in it. */
export const sprayFields: readonly FieldRow[] = [
  { name: 'fan', label: 'Fan width', quantity: 'distance', expects: expects.fan, required: true },
  {
    name: 'distance',
    label: 'Usual distance',
    quantity: 'distance',
    expects: expects.gunDistance,
    required: true,
  },
  { name: 'dead', label: 'Stays in gun and hose', quantity: 'dose', required: true },
  {
    name: 'handSpeed',
    label: 'Your hand’s speed',
    quantity: 'speed',
    expects: expects.speed,
    hint: 'Default 0.40 m/s, until measured',
  },
];

/** What the gun’s maker says it sprays. */
export const makersBandFields: readonly FieldRow[] = [
  {
    name: 'viscosity.cupId',
    label: 'In seconds of',
    options: [
      { value: '', label: 'Not stated' },
      ...flowCups.map(({ id, name }) => ({ value: id, label: `${id}: ${name}` })),
    ],
  },
  { name: 'viscosity.min', label: 'From', quantity: 'time', expects: [8, 150] },
  { name: 'viscosity.max', label: 'To', quantity: 'time', expects: [8, 200] },
];

/** The numbers of a rig's lines as data: name in the record, words on screen, quantity. */
export const airFields: readonly FieldRow[] = [
  { name: 'airDemand', label: 'Air it takes', quantity: 'airFlow', expects: [50e-3 / 60, 900e-3 / 60] },
  { name: 'airHose.bore', label: 'Air hose, bore', quantity: 'hoseBore', expects: [4e-3, 25e-3] },
  { name: 'airHose.length', label: 'Air hose, length', quantity: 'length', expects: [1, 60] },
  { name: 'airHose.couplings', label: 'Quick couplings', type: 'number' },
];

/** What stands at the cap while the inlet has so much: a default of its kind until somebody reads it. */
export const ratedFields: readonly FieldRow[] = [
  {
    name: 'rated.by',
    label: 'Cap pressure, told by',
    options: [
      { value: '', label: 'Nobody: a default' },
      { value: 'gauge', label: 'A cap gauge' },
      { value: 'maker', label: 'Its maker’s chart' },
    ],
  },
  { name: 'rated.inlet', label: 'With so much at the inlet', quantity: 'pressure', expects: [0.5e5, 5e5] },
  { name: 'rated.cap', label: 'The cap has', quantity: 'pressure', expects: [0.1e5, 1.5e5] },
  { name: 'rated.air', label: 'And takes, of air', quantity: 'airFlow', expects: [50e-3 / 60, 900e-3 / 60] },
];

// prettier-ignore
export const compressorFields: readonly FieldRow[] = [
  { name: 'compressor.delivers', label: 'Compressor delivers', quantity: 'airFlow', expects: [50e-3 / 60, 6000e-3 / 60] },
  { name: 'compressor.tank', label: 'Tank', quantity: 'volume', expects: [5e-3, 2] },
  { name: 'compressor.high', label: 'It stops at', quantity: 'pressure', expects: [4e5, 15e5] },
  { name: 'compressor.low', label: 'The gun needs in the tank', quantity: 'pressure', expects: expects.airPressure },
];

// prettier-ignore
export const turbineFields: readonly FieldRow[] = [
  { name: 'stages', label: 'Stages', type: 'number' },
  { name: 'turbine.sealed', label: 'Pressure, outlet shut', quantity: 'pressure', expects: [0.1e5, 1e5] },
  { name: 'turbine.open', label: 'Air, outlet open', quantity: 'airFlow', expects: [800e-3 / 60, 4000e-3 / 60] },
];

/** Of one needle, nozzle and cap. */
export const setFields: readonly FieldRow[] = [
  { name: 'bore', label: 'Bore', quantity: 'bore', expects: expects.bore, required: true },
  { name: 'needle', label: 'Needle, its mark' },
  { name: 'nozzle', label: 'Nozzle' },
  { name: 'cap', label: 'Cap' },
  { name: 'since', label: 'New on', type: 'date' },
];

export const airPartFields: readonly FieldRow[] = [
  {
    name: 'kind',
    label: 'What',
    options: Object.entries(airPartWords).map(([value, label]) => ({ value, label })),
  },
  { name: 'name', label: 'Which' },
  { name: 'since', label: 'Last looked after', type: 'date' },
  { name: 'every', label: 'Days between', type: 'number' },
];

export const pumpFields: readonly FieldRow[] = [
  { name: 'pump.flow', label: 'Pump delivers', quantity: 'fluidFlow', expects: [0.5e-3 / 60, 20e-3 / 60] },
  { name: 'pump.guns', label: 'Guns at once', type: 'number' },
];

export const fluidHoseFields: readonly FieldRow[] = [
  { name: 'fluidHose.bore', label: 'Fluid hose, bore', quantity: 'hoseBore', expects: [4e-3, 20e-3] },
  { name: 'fluidHose.length', label: 'Fluid hose, length', quantity: 'length', expects: [1, 90] },
];

/** What cleaners must bear. */
export const rigCareFields: readonly FieldRow[] = [
  {
    name: 'seals',
    label: 'Seals are of',
    options: [
      { value: '', label: 'Not known' },
      ...Object.entries(sealWords).map(([value, label]) => ({ value, label })),
    ],
  },
];
