import type { CoatRole, SubstrateKind } from '@/core/system';

export const roleWords: Record<CoatRole, string> = {
  primer: 'Primer',
  'wet-on-wet': 'Wet-on-wet primer',
  filler: 'Sprayed filler',
  guide: 'Guide coat',
  sealer: 'Sealer',
  grip: 'Grip coat',
  base: 'Colour',
  bed: 'Metallic, bed',
  metallic: 'Metallic, full',
  drop: 'Metallic, drop',
  blend: 'Blend',
  clear: 'Clear',
  gel: 'Gel coat pass',
  moisture: 'Moisture-curing',
  lacquer: 'Lacquer',
  wall: 'Wall',
};

export const substrateWords: Record<SubstrateKind, string> = {
  metal: 'Steel or iron',
  galvanised: 'Galvanised or aluminium',
  wood: 'Wood',
  composite: 'Composite or mould',
  plastic: 'Plastic',
  masonry: 'Masonry',
  coated: 'An old coating',
};

export const existingWords = {
  bare: 'Bare',
  keep: 'Old coating, kept',
  strip: 'Old coating, stripped',
};

export const exposureWords = {
  indoors: 'Indoors',
  damp: 'Damp',
  outdoors: 'Outdoors',
  sun: 'Full sun',
};

export const judgedWords = {
  mirror: 'Mirror',
  texture: 'Even texture',
  match: 'Matches its neighbour',
};
