import { gaussian, seeded, seedFrom } from '@/core/random';
import type { SprayedCard, SprayedFault } from './cardcamera';

/** What can be wrong with the hidden gun. */
export const gunTroubles = [
  'air-low',
  'air-high',
  'too-thick',
  'cap-blocked',
  'nozzle-blocked',
  'horn-blocked',
  'nozzle-loose',
  'vent-blocked',
] as const;
export type GunTrouble = (typeof gunTroubles)[number];

/** What a hand can do to it between two cards. */
export const gunActions = [
  'more-air',
  'less-air',
  'add-thinner',
  'nearer',
  'further',
  'turn-cap',
  'clean-cap',
  'clean-nozzle',
  'tighten-nozzle',
  'clear-vent',
] as const;
export type GunAction = (typeof gunActions)[number];

/** A simulated gun whose trouble is hidden: each value beside what would be right, 1 for right. */
export interface HiddenGun {
  readonly seed: string;
  readonly trouble: GunTrouble;
  readonly mended: boolean;
  readonly pressure: number;
  readonly viscosity: number;
  readonly distance: number;
  /** The cap is half a turn round. */
  readonly turned: boolean;
  readonly cards: number;
  /** Actions since the last card. */
  readonly touched: number;
}

/** A gun with one trouble, drawn from a seed; its distance is a little off too. */
export function hiddenGun(seed: string): HiddenGun {
  const random = seeded(seedFrom(seed));
  const trouble = gunTroubles[Math.floor(random() * gunTroubles.length)] ?? 'air-low';
  const off = 1 + 0.03 * gaussian(random);
  const far = 0.35 + 0.15 * random();
  return {
    seed,
    trouble,
    mended: false,
    pressure: trouble === 'air-low' ? off * (1 - far) : trouble === 'air-high' ? off * (1 + 1.7 * far) : off,
    viscosity: trouble === 'too-thick' ? 1 + 3.2 * far : 1,
    distance: 1,
    turned: false,
    cards: 0,
    touched: 0,
  };
}

const step = 1.18;
const cures: Partial<Record<GunAction, GunTrouble>> = {
  'clean-cap': 'cap-blocked',
  'clean-nozzle': 'nozzle-blocked',
  'tighten-nozzle': 'nozzle-loose',
  'clear-vent': 'vent-blocked',
};

/** The gun after a hand did something to it. Cleaning the cap frees its horns too. */
export function act(gun: HiddenGun, action: GunAction): HiddenGun {
  const next = { ...gun, touched: gun.touched + 1 };
  if (cures[action] === gun.trouble || (action === 'clean-cap' && gun.trouble === 'horn-blocked'))
    return { ...next, mended: true };
  switch (action) {
    case 'more-air':
      return { ...next, pressure: gun.pressure * step };
    case 'less-air':
      return { ...next, pressure: gun.pressure / step };
    case 'add-thinner':
      return { ...next, viscosity: gun.viscosity / step ** 2 };
    case 'nearer':
      return { ...next, distance: gun.distance / 1.15 };
    case 'further':
      return { ...next, distance: gun.distance * 1.15 };
    case 'turn-cap':
      return { ...next, turned: !gun.turned };
    default:
      return next;
  }
}

const faults: Partial<Record<GunTrouble, SprayedFault>> = {
  'cap-blocked': 'one-sided',
  'nozzle-blocked': 'one-sided',
  'horn-blocked': 'crescent',
  'nozzle-loose': 'spitting',
  'vent-blocked': 'spitting',
};

/** The card it sprays now, for the simulated camera, and the gun with that card counted. */
export function sprayCard(
  gun: HiddenGun,
  fan: number,
): { readonly gun: HiddenGun; readonly card: SprayedCard } {
  const fault = gun.mended ? 'good' : (faults[gun.trouble] ?? 'good');
  const { pressure, viscosity, distance } = gun;
  // What sits in the cap turns with it; what sits in the nozzle does not.
  const mirrored = gun.trouble === 'cap-blocked' && gun.turned;
  return {
    gun: { ...gun, cards: gun.cards + 1, touched: 0 },
    card: {
      seed: `${gun.seed}-${gun.cards}`,
      fault,
      fan,
      gun: { pressure, viscosity, distance },
      ...(mirrored ? { mirrored } : {}),
    },
  };
}

/** Cards a sure hand needs: one to see, one to prove; one more where the first cannot tell two causes apart. */
export const parOf = ({ trouble }: Pick<HiddenGun, 'trouble'>): number =>
  trouble === 'horn-blocked' ? 2 : 3;
