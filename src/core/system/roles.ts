/** What a coat does in its stack. */
export const coatRoles = [
  'primer',
  'wet-on-wet',
  'filler',
  'guide',
  'sealer',
  'grip',
  'base',
  'bed',
  'metallic',
  'drop',
  'blend',
  'clear',
  'gel',
  'moisture',
  'lacquer',
  'wall',
] as const;
export type CoatRole = (typeof coatRoles)[number];

/** How a coat is laid beside a plain full one. Shares of film, pressure, distance and speed; defaults. */
export interface Laying {
  readonly film: number;
  readonly pressure: number;
  readonly distance: number;
}

const plain: Laying = { film: 1, pressure: 1, distance: 1 };

/** Coats that are laid otherwise than full. A guide coat is only dusted on; a drop coat falls from further off. */
export const layings: Partial<Record<CoatRole, Laying>> = {
  grip: { film: 0.5, pressure: 1, distance: 1 },
  guide: { film: 0.1, pressure: 1, distance: 1.5 },
  bed: { film: 0.6, pressure: 1, distance: 1.1 },
  drop: { film: 0.35, pressure: 0.85, distance: 1.4 },
  blend: { film: 0.7, pressure: 0.8, distance: 1 },
};

/**
 * How a coat of a role is laid beside a full one.
 *
 * Source: trade practice
 * @example layingOf('gel') → { film: 1, pressure: 1, distance: 1 }
 */
export const layingOf = (role: CoatRole | undefined): Laying => (role && layings[role]) ?? plain;

/** The grit that leaves the scratch a coat fills: P grades of ISO 6344, coarsest and finest. Defaults. */
const grits: Record<CoatRole, readonly [coarse: number, fine: number]> = {
  primer: [80, 180],
  'wet-on-wet': [240, 320],
  filler: [180, 240],
  guide: [180, 240],
  sealer: [320, 400],
  grip: [400, 600],
  base: [400, 500],
  bed: [500, 600],
  metallic: [500, 600],
  drop: [500, 600],
  blend: [1500, 2000],
  clear: [800, 1000],
  gel: [400, 600],
  moisture: [80, 180],
  lacquer: [240, 320],
  wall: [80, 120],
};

/**
 * The grit the next coat wants under it.
 *
 * Source: trade practice
 * @example gritFor('bed') → { coarse: 500, fine: 600 }
 */
export const gritFor = (role: CoatRole | undefined): { readonly coarse: number; readonly fine: number } => {
  const [coarse, fine] = grits[role ?? 'base'];
  return { coarse, fine };
};
