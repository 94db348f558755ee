import { refuseUnlessPositive, type Outcome } from '../refusal';

/** Air at 20 °C: Pa·s, kg/m³. */
const air = { viscosity: 18.1e-6, density: 1.2 } as const;
const gravity = 9.81;

/**
 * How fast a drop falls through still air, m/s: Stokes, slowed by drag as Schiller and Naumann have it.
 *
 * Source: Stokes, wind and height
 * @example fallSpeed(0.00015, 1040) → 0.487489
 */
export function fallSpeed(size: number, density: number): number {
  let v = ((density - air.density) * gravity * size ** 2) / (18 * air.viscosity);
  for (let i = 0; i < 12; i += 1) {
    const reynolds = (air.density * v * size) / air.viscosity;
    const drag = 1 + 0.15 * reynolds ** 0.687;
    v = (v + ((density - air.density) * gravity * size ** 2) / (18 * air.viscosity * drag)) / 2;
  }
  return v;
}

/**
 * Share of the paint, by volume, in drops smaller than this: Rosin and Rammler about the median.
 *
 * Source: Stokes, wind and height
 * @example finerThan(0.00008, 0.00012) → 0.247286
 */
export const finerThan = (size: number, median: number, spread = 2.2): number =>
  1 - Math.exp(-Math.LN2 * (size / median) ** spread);

/** m²/s by which a water drop loses its surface at 20 °C and half humidity. An estimate. */
const waterLoss = 7e-10;
/** What stands for the fines and for the coarse drops, m; and where the one ends and the other begins. */
const [fine, coarse, between] = [40e-6, 150e-6, 80e-6] as const;

export type Dries =
  /** Water or quick solvent: fines are dust before they land. */
  | 'quick'
  /** Reactive, oil-based or slowly thinned: fines land sticky. */
  | 'sticky';

export interface DriftAsked {
  /** m, of the drops by volume. */
  readonly median: number;
  /** kg/m³ */
  readonly density: number;
  /** m/s, and m from the ground to the highest stroke. */
  readonly wind: number;
  readonly height: number;
  /** m³/s that do not land on the part. */
  readonly lost: number;
  readonly dries: Dries;
  readonly humidity: number;
}

export interface Drift {
  /** m³/s of mist, and of drops that fall out wet. */
  readonly mist: number;
  readonly fallOut: number;
  /** m downwind: where drops fall wet, and where mist still lands sticky. */
  readonly wetReach: number;
  readonly stickyReach: number;
}

/**
 * Where what misses the part goes outdoors: coarse drops fall wet near, fines drift and land sticky or dry.
 *
 * A relative scale: it sets one tip, pressure or hour beside another. Gusts, eddies and the shape of the ground are not in it.
 *
 * @returns refuses sizes, heights and densities that are not above nought
 * Source: Stokes; Schiller–Naumann; Rosin–Rammler; drops lose their surface evenly. Handbook, section 26.
 */
export function drift({ median, density, wind, height, lost, dries, humidity }: DriftAsked): Outcome<Drift> {
  const wrong = refuseUnlessPositive({ 'size of the drops': median, density, height });
  if (wrong) return wrong;
  const blows = Math.max(wind, 0);
  const carried = (size: number) => (blows * height) / fallSpeed(size, density);
  const mist = Math.max(lost, 0) * finerThan(between, median);
  const life = fine ** 2 / (waterLoss * 2 * Math.max(1 - humidity, 0.05));
  const settles = carried(fine);
  return {
    mist,
    fallOut: Math.max(lost, 0) - mist,
    wetReach: carried(coarse),
    stickyReach: dries === 'quick' ? Math.min(blows * life, settles) : settles,
  };
}

/** What stands about a site, and how much of it can bear nothing. */
export const neighbours = ['car', 'window', 'neighbour', 'open'] as const;
export type Neighbour = (typeof neighbours)[number];

export type Reached = 'wet' | 'sticky' | 'dust' | 'clear';

/** Wind swings: what lies within this of straight downwind is in it, rad. A default. */
export const swings = Math.PI / 4;

/**
 * What reaches something beside the work.
 *
 * @param windFrom rad clockwise from north, where the wind comes from; bearing the same, where the thing stands
 * Source: Stokes, wind and height
 */
export function reaches(
  { wetReach, stickyReach }: Pick<Drift, 'wetReach' | 'stickyReach'>,
  thing: { readonly bearing: number; readonly distance: number },
  windFrom: number,
  dries: Dries,
): Reached {
  const turn = Math.abs(
    Math.atan2(Math.sin(thing.bearing - windFrom - Math.PI), Math.cos(thing.bearing - windFrom - Math.PI)),
  );
  if (turn > swings) return 'clear';
  if (thing.distance <= wetReach) return 'wet';
  if (thing.distance <= stickyReach) return 'sticky';
  return dries === 'quick' ? 'dust' : 'clear';
}
