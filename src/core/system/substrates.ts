export const substrateKinds = [
  'metal',
  'galvanised',
  'wood',
  'composite',
  'plastic',
  'masonry',
  'coated',
] as const;
export type SubstrateKind = (typeof substrateKinds)[number];
