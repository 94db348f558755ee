/** What a gun does that it should not. */
export const symptoms = [
  'no-flow',
  'low-flow',
  'lid-leak',
  'tip-drip',
  'packing-leak',
  'spits',
  'air-at-rest',
  'pulsing',
  'stiff-trigger',
  'heavy-centre',
  'split',
  'one-sided',
  'crescent',
  'tails',
] as const;
export type Symptom = (typeof symptoms)[number];
