export const cardFaults = [
  'good',
  'heavy-centre',
  'split',
  'one-sided',
  'crescent',
  'spitting',
  'tails',
  'coarse',
] as const;
export type CardFault = (typeof cardFaults)[number];

const { abs, exp, floor, log, max, min } = Math;

const meanBetween = (profile: readonly number[], from: number, to: number): number => {
  const n = profile.length;
  const some = profile.filter((_, i) => {
    const u = abs((2 * (i + 0.5)) / n - 1);
    return u >= from && u < to;
  });
  return some.reduce((sum, each) => sum + each, 0) / max(some.length, 1);
};

/**
 * What a profile along the fan says: its mean is one.
 *
 * Source: trade practice: what a pattern shows; limits tuned on simulated cards
 */
export function measure(profile: readonly number[]) {
  const n = profile.length;
  const whole = profile.reduce((sum, each) => sum + each, 0);
  const centre = profile.reduce((sum, each, i) => sum + each * ((i + 0.5) / n - 0.5), 0) / whole;
  const third = floor(n / 3);
  const sum = (part: readonly number[]) => part.reduce((total, each) => total + each, 0);
  const ends = sum(profile.slice(0, third)) / max(sum(profile.slice(-third)), 1e-6);
  const inner = profile.filter((_, i) => abs((2 * (i + 0.5)) / n - 1) < 0.7);
  const top = max(...profile);
  const soft = (order: readonly number[]) => {
    const at = (level: number) => order.findIndex((each) => each >= level * top) / n;
    return max(at(0.8) - at(0.2), 0);
  };
  const ridge = (order: readonly number[]) => {
    const outside = max(...order.slice(1, 7));
    const inside = min(...order.slice(4, 13));
    return outside / max(inside, 1e-6);
  };
  const back = [...profile].reverse();
  return {
    centre,
    ends,
    flatness: sum(inner) / inner.length / max(...inner),
    middle: meanBetween(profile, 0, 0.22) / max(meanBetween(profile, 0.42, 0.75), 1e-6),
    softness: (soft(profile) + soft(back)) / 2,
    tails: min(ridge(profile), ridge(back)),
  };
}

/** What the fault is named by. */
export interface Shape {
  readonly centre: number;
  readonly middle: number;
  readonly bend: number;
  readonly tails: number;
  readonly spatter: number;
  readonly speckle: number;
}

/** Texture of this size is coarse, m. */
const coarseFrom = 0.00076;
/** Large drops a cm² from which a gun spits, and from which all of the film is drops: spitting leaves some, coarse is made of them. */
const spitsFrom = 0.022;
const coarseDrops = 1;

/** From here on each sign is a fault: chosen on cards that are not among those of the tests. */
const signs: readonly { readonly fault: CardFault; readonly of: (shape: Shape) => number }[] = [
  { fault: 'crescent', of: ({ bend }) => abs(bend) / 0.15 },
  { fault: 'one-sided', of: ({ centre }) => abs(centre) / 0.042 },
  { fault: 'tails', of: ({ tails }) => (tails - 1) / 0.7 },
  { fault: 'split', of: ({ middle }) => (1.03 - middle) / 0.18 },
  { fault: 'heavy-centre', of: ({ middle }) => (middle - 1) / 0.54 },
  {
    fault: 'spitting',
    of: ({ spatter, speckle }) =>
      speckle < coarseFrom
        ? min((spatter / spitsFrom) ** 0.5, (coarseDrops / max(spatter, 1e-6)) ** 2 + 0.5)
        : 0.1,
  },
  {
    fault: 'coarse',
    of: ({ spatter, speckle }) => max((speckle / coarseFrom) ** 4, min(spatter / coarseDrops, 3)),
  },
];

/**
 * The fault a pattern shows, and how surely: by how far it leads, as such leads were right on cards of two cameras.
 *
 * Source: trade practice: what a pattern shows; limits tuned on simulated cards
 */
export function named(shape: Shape): { readonly fault: CardFault; readonly confidence: number } {
  const scores = signs
    .map(({ fault, of }) => ({ fault, score: of(shape) }))
    .sort((a, b) => b.score - a.score);
  const [first, second] = scores;
  if (!first || first.score < 1)
    return { fault: 'good', confidence: sureBy(-log(max(first?.score ?? 0, 0.05))) };
  return { fault: first.fault, confidence: sureBy(log(first.score / max(second?.score ?? 0, 1))) };
}

/** A lead, as ln of one sign over the next, as a chance of being right. */
const sureBy = (lead: number): number => min(1 - 0.5 * exp(-4 * lead), 0.98);
