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

const { abs, floor, max, min } = Math;

const meanBetween = (profile: readonly number[], from: number, to: number): number => {
  const n = profile.length;
  const some = profile.filter((_, i) => {
    const u = abs((2 * (i + 0.5)) / n - 1);
    return u >= from && u < to;
  });
  return some.reduce((sum, each) => sum + each, 0) / max(some.length, 1);
};

/** What a profile along the fan says: its mean is one. */
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
const coarseFrom = 0.00069;

/** From here on each sign is a fault: chosen on cards that are not among those of the tests. */
const signs: readonly { readonly fault: CardFault; readonly of: (shape: Shape) => number }[] = [
  { fault: 'crescent', of: ({ bend }) => abs(bend) / 0.16 },
  { fault: 'one-sided', of: ({ centre }) => abs(centre) / 0.055 },
  { fault: 'tails', of: ({ tails }) => (tails - 1) / 0.45 },
  { fault: 'split', of: ({ middle }) => (1 - middle) / 0.3 },
  { fault: 'heavy-centre', of: ({ middle }) => (middle - 1) / 0.52 },
  // A coarse texture has large drops too: alone they are spitting.
  { fault: 'spitting', of: ({ spatter, speckle }) => (spatter / 0.14) * (speckle < coarseFrom ? 1 : 0.1) },
  { fault: 'coarse', of: ({ speckle }) => (speckle / coarseFrom) ** 4 },
];

/** The fault a pattern shows, and how clearly it leads. */
export function named(shape: Shape): { readonly fault: CardFault; readonly confidence: number } {
  const scores = signs
    .map(({ fault, of }) => ({ fault, score: of(shape) }))
    .sort((a, b) => b.score - a.score);
  const [first, second] = scores;
  if (!first || first.score < 1) {
    return { fault: 'good', confidence: min(max(1.4 - (first?.score ?? 0), 0.1), 0.99) };
  }
  const clear = first.score - max(second?.score ?? 0, 1);
  return { fault: first.fault, confidence: min(max(0.55 + 0.5 * clear, 0.2), 0.99) };
}
