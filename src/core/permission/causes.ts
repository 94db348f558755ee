/** How much a thing that is open weighs: a stop keeps the gun down, a care is said and lets it go. */
export type Weight = 'stop' | 'care';

/**
 * Why something keeps the gun down, told by what the job knows. Each has its own remedies, and no remedy is another
 * cause’s: a hot part is not helped by a warm room.
 */
export const causes = {
  'coats-on': { weight: 'stop', waivable: false },
  running: { weight: 'stop', waivable: false },
  order: { weight: 'stop', waivable: false },
  'no-gun': { weight: 'stop', waivable: false },
  'film-thick': { weight: 'stop', waivable: true },
  'film-thin': { weight: 'stop', waivable: true },
  'fade-over-edge': { weight: 'stop', waivable: false },
  'ratio-unread': { weight: 'stop', waivable: false },
  'dose-unread': { weight: 'stop', waivable: false },
  'ground-unsaid': { weight: 'stop', waivable: true },
  cramped: { weight: 'care', waivable: true },
  'room-unread': { weight: 'stop', waivable: true },
  'room-old': { weight: 'stop', waivable: true },
  'air-cold': { weight: 'stop', waivable: true },
  'air-hot': { weight: 'stop', waivable: true },
  'part-cold': { weight: 'stop', waivable: true },
  'part-hot': { weight: 'stop', waivable: true },
  'too-dry': { weight: 'stop', waivable: true },
  'too-damp': { weight: 'stop', waivable: true },
  'near-dew': { weight: 'stop', waivable: true },
  wet: { weight: 'stop', waivable: false },
  early: { weight: 'stop', waivable: true },
  'not-drying': { weight: 'stop', waivable: true },
  between: { weight: 'stop', waivable: false },
  'missed-soft': { weight: 'stop', waivable: false },
  'missed-hard': { weight: 'stop', waivable: false },
  'no-window': { weight: 'stop', waivable: false },
  'no-window-above': { weight: 'stop', waivable: true },
  'work-due': { weight: 'stop', waivable: true },
  'look-due': { weight: 'stop', waivable: true },
  untouched: { weight: 'stop', waivable: true },
  'other-in-gun': { weight: 'stop', waivable: false },
  unmixed: { weight: 'stop', waivable: false },
  resting: { weight: 'stop', waivable: true },
  'off-ratio': { weight: 'stop', waivable: false },
  'pot-over': { weight: 'stop', waivable: false },
  'pot-doubled': { weight: 'stop', waivable: false },
  untimed: { weight: 'stop', waivable: true },
  'too-thick': { weight: 'stop', waivable: true },
  'too-thin': { weight: 'stop', waivable: true },
  'wrong-diluent': { weight: 'stop', waivable: false },
  'over-thinned': { weight: 'stop', waivable: false },
  'coat-recipe': { weight: 'stop', waivable: true },
  'lot-over': { weight: 'stop', waivable: true },
  'lot-unknown': { weight: 'care', waivable: true },
  unset: { weight: 'stop', waivable: true },
  'over-rated': { weight: 'stop', waivable: false },
  'gun-cannot': { weight: 'stop', waivable: true },
  'no-card': { weight: 'stop', waivable: true },
  'bad-card': { weight: 'stop', waivable: true },
  'air-short': { weight: 'stop', waivable: true },
  'air-little': { weight: 'care', waivable: true },
} as const satisfies Record<string, { readonly weight: Weight; readonly waivable: boolean }>;

export type Cause = keyof typeof causes;
export const allCauses = Object.keys(causes) as Cause[];
