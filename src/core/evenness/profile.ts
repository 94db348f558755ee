import { refuse, type Outcome } from '../refusal';

/** Film across the fan at u from −1 to 1, relative; nothing outside. */
export type Profile = (u: number) => number;

/**
 * The shape family (1 − u²)^n: 1 a parabola, less for flatter fans, more for heavy centres.
 *
 * Source: a family of ours
 * @example shapeProfile(1)(0.5) → 0.75
 */
export const shapeProfile =
  (n: number): Profile =>
  (u) =>
    Math.abs(u) < 1 ? (1 - u * u) ** n : 0;

/**
 * A profile measured at evenly spaced places over the fan, straight between them, nothing at its ends.
 *
 * Source: a family of ours; (1 − u²) is a member
 */
export function measuredProfile(film: readonly number[]): Profile {
  const n = film.length;
  return (u) => {
    if (Math.abs(u) >= 1) return 0;
    // Each value stands for the middle of its strip; the fan ends half a strip further out.
    const at = ((u + 1) / 2) * n - 0.5;
    const i = Math.floor(at);
    const [a, b] = [film[i] ?? 0, film[i + 1] ?? 0];
    return a + (at - i) * (b - a);
  };
}

/** A pattern in five words instead of a card. */
export interface FanShape {
  /** 0 a rounded top, towards 1 a broad flat one. */
  readonly flatness: number;
  /** How the edges fade: 1 as a parabola, less for hard edges, more for long soft ones. */
  readonly softness: number;
  /** −1 to 1: heavier at the one end or the other. */
  readonly skew: number;
  /** 0 to 1: how much is missing from the middle. */
  readonly split: number;
}

export const parabola: FanShape = { flatness: 0, softness: 1, skew: 0, split: 0 };

/** Half width of a split’s gap, in half fans. */
const gap = 0.35;

/**
 * (1 − |u|^a)^softness × (1 + skew·u) × (1 − split·e^−(u/0.35)²), a = 2/(1 − flatness).
 *
 * @returns refuses what is no shape: flatness and split 0–0.95, softness 0.1–5, skew −0.95–0.95
 * Formula: (1 − |u|^a)^s·(1 + skew·u)·(1 − split·e^−(u/0.35)²), a = 2/(1 − flatness)
 * Source: a family of ours; (1 − u²) is a member
 */
export function shapedProfile({ flatness, softness, skew, split }: FanShape): Outcome<Profile> {
  const within = (value: number, min: number, max: number) => value >= min && value <= max;
  if (!within(flatness, 0, 0.95) || !within(split, 0, 0.95))
    return refuse('shape', 'Flatness and split must lie between {min} and {max}.', {
      quantity: 'share',
      min: 0,
      max: 0.95,
    });
  if (!within(softness, 0.1, 5))
    return refuse('shape', 'The softness of the edges must lie between 0.1 and 5; 1 is a parabola.');
  if (!within(skew, -0.95, 0.95))
    return refuse('shape', 'The skew must lie between {min} and {max}.', {
      quantity: 'share',
      min: -0.95,
      max: 0.95,
    });
  const power = 2 / (1 - flatness);
  return (u) =>
    Math.abs(u) < 1
      ? (1 - Math.abs(u) ** power) ** softness * (1 + skew * u) * (1 - split * Math.exp(-((u / gap) ** 2)))
      : 0;
}

const nodes = 1024;

/**
 * ∫ of a profile over the fan, by midpoints.
 *
 * Source: a family of ours; (1 − u²) is a member
 * @example massOf((u) => 1 - u * u) → 1.33333
 */
export function massOf(profile: Profile): number {
  let sum = 0;
  for (let i = 0; i < nodes; i += 1) sum += profile((2 * (i + 0.5)) / nodes - 1);
  return (2 * sum) / nodes;
}

/**
 * The same profile with a mass of one; refuses one without film.
 *
 * Source: a family of ours; (1 − u²) is a member
 */
export function normalised(profile: Profile): Outcome<Profile> {
  const mass = massOf(profile);
  return mass > 0 && Number.isFinite(mass)
    ? (u) => profile(u) / mass
    : refuse('no-film', 'This profile lays no film.');
}
