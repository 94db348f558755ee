import type { CoatRole, GroundState, SubstrateKind } from '@/core/system';
import type { UnderCoat } from '@/facts/job';

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
  metal: 'Steel',
  blasted: 'Blasted steel',
  galvanised: 'Galvanised',
  aluminium: 'Aluminium',
  'cast-iron': 'Cast iron',
  wood: 'Wood',
  board: 'Board',
  plaster: 'Plaster',
  masonry: 'Masonry',
  concrete: 'Concrete',
  plastic: 'Plastic',
  composite: 'Composite',
  mould: 'Waxed mould',
  glass: 'Glass',
  coated: 'An old coating',
};

export const existingWords: Record<GroundState, string> = {
  bare: 'Nothing',
  rust: 'Rust',
  'mill-scale': 'Mill scale',
  oil: 'Oil or grease',
  keep: 'Sound old paint',
  strip: 'Failing old paint',
  primer: 'Primer',
  base: 'Base coat in its window',
  filler: 'Body filler',
  wax: 'Release wax',
  stain: 'Stain that bleeds',
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

/** What a coat goes over, as the end of its line in the stack. */
export function underWords(under: UnderCoat): string {
  if (under.over === 'film') return '; over the coat below as it is, inside its window';
  if (under.over === 'ground') return '';
  const { coarse, fine } = under;
  return coarse === fine ? `; over P${fine}` : `; over P${coarse}–P${fine}`;
}
