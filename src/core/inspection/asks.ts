import type { DefectId } from '../diagnosis';
import type { Zone } from './zones';

/** What a look asks after the work, in the order of its rounds; and what it asks of a surface that comes in. */
export const roundsAfter = ['bare', 'hiding', 'dust', 'texture', 'waves', 'colour'] as const;
export const roundsBefore = ['clean', 'sound', 'level'] as const;
export type Ask = (typeof roundsAfter)[number] | (typeof roundsBefore)[number];

/** The standard agreed at the start; none is judged by its film alone. */
export type Standard = 'mirror' | 'texture' | 'match' | 'film';

/**
 * What may be found. `good` is what is hoped for; `miss` is small and goes on a list of things to touch up; a `defect` is
 * traced to its cause; `asks` again is no verdict.
 */
export interface Answer {
  readonly good: boolean;
  readonly defect?: DefectId;
  readonly miss?: true;
}

/** What each round may find. Dust is counted, and hiding is a yes or a no: `counted` stands for what a limit judges. */
// prettier-ignore
export const answers = {
  bare: { covered: { good: true }, bare: { good: false, miss: true }, thin: { good: false, defect: 'poor-hiding' }, fat: { good: false, defect: 'heavy-edges' } },
  hiding: { hides: { good: true }, shows: { good: false, defect: 'poor-hiding' } },
  dust: { counted: { good: true } },
  texture: { even: { good: true }, peel: { good: false, defect: 'orange-peel' }, dry: { good: false, defect: 'dry-spray' }, runs: { good: false, defect: 'runs' }, cloudy: { good: false, defect: 'mottling' }, pits: { good: false, defect: 'craters' } },
  waves: { straight: { good: true }, short: { good: false, defect: 'orange-peel' }, long: { good: false } },
  colour: { matches: { good: true }, 'one-light': { good: false }, differs: { good: false } },
  clean: { clean: { good: true }, dusty: { good: false }, greasy: { good: false }, damp: { good: false } },
  sound: { sound: { good: true }, loose: { good: false }, soft: { good: false }, rust: { good: false } },
  level: { level: { good: true }, scratches: { good: false }, dents: { good: false }, runs: { good: false } },
} as const satisfies Record<Ask, Readonly<Record<string, Answer>>>;

export type Found = { [A in Ask]: keyof (typeof answers)[A] }[Ask];
/** Every answer there is, for records that hold one. */
export const founds = [
  ...new Set(Object.values(answers).flatMap((each) => Object.keys(each) as Found[])),
] as Found[];

/**
 * What an answer means where it belongs to what was asked; an answer to something else is none.
 *
 * Source: trade practice
 * @example answerOf('clean', 'clean') → { good: true }
 */
export const answerOf = (ask: Ask, found: string): Answer | undefined =>
  (answers[ask] as Readonly<Record<string, Answer>>)[found];

/** How far the paint must have come before something can be told of it. */
export type Ripe = 'on' | 'touch' | 'handle';
export const ripeFor: Record<Ask, Ripe> = {
  bare: 'on',
  hiding: 'on',
  // A nib is counted where a sleeve no longer spoils what it hangs over.
  dust: 'touch',
  texture: 'handle',
  waves: 'handle',
  colour: 'handle',
  clean: 'on',
  sound: 'on',
  level: 'on',
};

/** Where the light stands. */
export const lights = ['low', 'square', 'line', 'two', 'below'] as const;
export type Light = (typeof lights)[number];

/**
 * Low along the surface and from both sides shows what stands out; square on shows what shows through.
 *
 * Source: trade practice
 * @example lightFor('bare', 'edges') → 'low'
 */
export function lightFor(ask: Ask, zone: Zone): Light {
  if (ask === 'colour') return 'two';
  if (ask === 'waves') return 'line';
  if (ask === 'hiding') return 'square';
  return zone === 'undersides' ? 'below' : 'low';
}

const asked: Record<Standard, readonly Ask[]> = {
  film: ['bare', 'hiding'],
  texture: ['bare', 'hiding', 'dust', 'texture'],
  mirror: ['bare', 'hiding', 'dust', 'texture', 'waves'],
  match: ['bare', 'hiding', 'dust', 'texture', 'colour'],
};

/** Where each round looks: a bare place may be anywhere, what is judged as a surface is judged on the open face. */
const placesOf: Partial<Record<Ask, readonly Zone[]>> = {
  hiding: ['field'],
  texture: ['field', 'edges', 'behind'],
  dust: ['field', 'edges', 'behind'],
  waves: ['field'],
  colour: ['field'],
  clean: ['field', 'edges', 'behind'],
  sound: ['field', 'edges', 'behind'],
  level: ['field', 'behind'],
};

export interface LookQuestion {
  readonly standard: Standard;
  /** Nothing on it is meant to hide what is below: a clear finish, an oil. */
  readonly clear: boolean;
}

/**
 * What is asked of a finished part: the agreed standard decides.
 *
 * Source: trade practice
 * @example asksAfter({ standard: 'film', clear: true }) → ['bare']
 */
export const asksAfter = ({ standard, clear }: LookQuestion): Ask[] =>
  roundsAfter.filter((ask) => asked[standard].includes(ask) && !(clear && ask === 'hiding'));

/**
 * Does this round stop at this place?
 *
 * Source: trade practice
 * @example looksAt('bare', 'edges') → true
 */
export const looksAt = (ask: Ask, zone: Zone): boolean => placesOf[ask]?.includes(zone) ?? true;
