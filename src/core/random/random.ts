// Called millions of times by simulations: the functions are looked up once.
const { cos, imul, log, PI, sqrt } = Math;

/** A source of numbers in [0, 1). Core never makes its own randomness: one of these is passed in. */
export type Random = () => number;

/**
 * A seeded generator (mulberry32): the same seed gives the same run, on every machine.
 *
 * Source: mulberry32; Box and Muller 1958
 */
export function seeded(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = imul(t ^ (t >>> 15), t | 1);
    t ^= t + imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/**
 * A seed from a text, such as a record's id (FNV-1a).
 *
 * Source: mulberry32; Box and Muller 1958
 */
export function seedFrom(text: string): number {
  let hash = 2166136261;
  for (let i = 0; i < text.length; i += 1) hash = imul(hash ^ text.charCodeAt(i), 16777619);
  return hash >>> 0;
}

/**
 * A standard normal deviate (Box–Muller).
 *
 * Source: mulberry32; Box and Muller 1958
 */
export function gaussian(random: Random): number {
  const radius = sqrt(-2 * log(1 - random()));
  return radius * cos(2 * PI * random());
}
