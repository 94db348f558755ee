import type {
  AirPartKind,
  Chemistry,
  CleaningApproach,
  CleaningPhase,
  Incident,
  SealKind,
  Symptom,
  WearingPart,
  WettedMetal,
} from '@/core/care';
import type { Workplace } from '@/core/safety';
import type { EntryOf, Rig } from '@/records';
import type { Units } from './units';

export const chemistryWords: Record<Chemistry, string> = {
  'water-borne': 'Water-borne',
  'solvent-borne': 'Solvent-borne',
  'two-part': 'Two-part',
  lacquer: 'Lacquer',
  polyester: 'Polyester',
  'moisture-curing': 'Moisture-curing',
  'oil-based': 'Oil-based',
  unknown: 'Not known',
};

export const approachWords: Record<CleaningApproach, string> = {
  strip: 'Full strip',
  store: 'Flush and store',
};

export const phaseWords: Record<CleaningPhase, string> = {
  safe: 'Make it safe',
  flush: 'Flush',
  strip: 'Open and wipe',
  care: 'Lubricate',
  assemble: 'Put together',
  prove: 'Prove it',
  waste: 'Waste',
};

export const symptomWords: Record<Symptom, string> = {
  'no-flow': 'Nothing comes',
  'low-flow': 'Too little comes',
  'lid-leak': 'Leaks at the lid',
  'tip-drip': 'Drips at the nozzle',
  'packing-leak': 'Leaks at the packing',
  spits: 'Spits',
  'air-at-rest': 'Blows air at rest',
  pulsing: 'Pulses',
  'stiff-trigger': 'Trigger stiff',
  'heavy-centre': 'Heavy centre',
  split: 'Split fan',
  'one-sided': 'One-sided fan',
  crescent: 'Bent fan',
  tails: 'Tails',
};

/** Parts that are looked at, by the id their finding is recorded under. */
// prettier-ignore
export const partWords: Record<string, string> = {
  'fluid-knob': 'Fluid knob', vent: 'Vent', 'check-valve': 'Check valve', strainer: 'Strainer', 'pot-pressure': 'Pot pressure', tip: 'Tip', 'gun-filter': 'Gun filter', prime: 'Prime valve and inlet', 'set-mix': 'The mix',
  viscosity: 'Viscosity', 'lid-gasket': 'Lid gasket', nozzle: 'Nozzle', 'pump-packing': 'Pump packings', fill: 'Fill', 'lid-rim': 'Rim and lid', 'needle-seat': 'Needle and seat', 'packing-tight': 'Packing nut', 'needle-spring': 'Needle spring',
  'nozzle-loose': 'Nozzle’s seat', 'gun-valve': 'Gun’s needle and seat', packing: 'Packing', 'needle-shaft': 'Needle shaft', 'low-cup': 'Cup and tube', skins: 'Dried mix', water: 'Water in the air', 'suction-line': 'Suction line', bleeder: 'Bleeder',
  'air-valve': 'Air valve', 'air-packing': 'Air valve packing', 'air-draw': 'Air drawn in', 'air-supply': 'Air supply', 'pump-check': 'Pump’s balls', 'tip-size': 'Tip size', 'needle-grease': 'Needle and pin', 'needle-bent': 'Needle', 'trigger-lock': 'Trigger lock',
  'gun-needle': 'Gun needle', 'fan-knob': 'Fan knob', 'horn-holes': 'Horn holes', 'fan-air': 'Fan air', 'cap-turned': 'Cap or nozzle', 'cap-rim': 'Cap’s rim', pressure: 'Pressure',
};

export const wearWords: Record<WearingPart, string> = {
  nozzle: 'Fluid nozzle',
  needle: 'Needle',
  packing: 'Needle packing',
  gasket: 'Cup or pot gasket',
  'check-valve': 'Check valve',
  'gun-filter': 'Gun filter',
  tip: 'Tip',
  'pump-packing': 'Pump packings',
};

export const airPartWords: Record<AirPartKind, string> = {
  regulator: 'Regulator',
  filter: 'Filter',
  separator: 'Water separator',
  dryer: 'Dryer',
  gauge: 'Gauge',
  drain: 'Drain',
};

export const sealWords: Record<SealKind, string> = {
  'solvent-proof': 'Solvent-proof',
  nitrile: 'Nitrile rubber',
  'ethylene-propylene': 'Ethylene-propylene rubber',
  leather: 'Leather',
};

export const metalWords: Record<WettedMetal, string> = {
  stainless: 'Stainless steel',
  brass: 'Brass',
  aluminium: 'Aluminium',
  galvanised: 'Galvanised',
};

export const placeKindWords: Record<Workplace, string> = {
  booth: 'Booth',
  room: 'Room',
  outdoors: 'Outdoors',
  confined: 'Confined space',
};

export const waterWords: Record<NonNullable<Rig['waterFound']>[number]['where'], string> = {
  tank: 'Tank',
  separator: 'Separator',
  gun: 'Gun',
};

export const renewalWords: Record<NonNullable<Rig['renewals']>[number]['why'], string> = {
  worn: 'Worn',
  early: 'Lost or damaged',
  'new-gun': 'New gun',
};

export const wasteWords: Record<EntryOf<'waste'>['what'], string> = {
  used: 'Solvent used',
  recovered: 'Solvent settled clear again',
  reused: 'Settled solvent used again',
  mix: 'Mix left over',
  sludge: 'Sludge',
  rags: 'Rags',
};

/** Liquid in the unit one would measure it in. */
export const liquidWords = (volume: number | undefined, units: Units): string =>
  units.show(volume !== undefined && volume >= 0.95e-3 ? 'volume' : 'dose', volume);

/** What befell a gun, as the logbook tells it. */
export const incidentWords: Record<Incident, string> = {
  'gun-dropped': 'the gun was dropped',
  'needle-dropped': 'the needle was dropped',
  'front-struck': 'its cap, nozzle or tip was struck',
};
