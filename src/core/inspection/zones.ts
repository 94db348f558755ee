import type { SurfaceKind } from '../film';

/** Where one looks on a face, in the order of the walk: the places that are missed first. Handbook, section 25. */
export const zones = ['edges', 'returns', 'undersides', 'corners', 'field', 'behind'] as const;
export type Zone = (typeof zones)[number];

/** What a face is, as far as it says which places there are to look at. */
export interface ZonedFace {
  readonly surface?: SurfaceKind | undefined;
  readonly lies: 'upright' | 'flat' | 'overhead';
  readonly sides?: 1 | 2 | undefined;
  /** True surface ÷ width × height. */
  readonly shape?: number | undefined;
  readonly openings?: number;
}

/** From here on there is relief with sides of its own. */
const reliefFrom = 1.02;

/**
 * The places of a face, in the order they are walked. The open face is always one of them.
 *
 * Source: trade practice
 * @example zonesOf({ lies: 'upright' }) → ['edges', 'field']
 */
export function zonesOf({ surface = 'flat', lies, sides = 1, shape = 1, openings = 0 }: ZonedFace): Zone[] {
  const has: Record<Zone, boolean> = {
    edges: true,
    returns: openings > 0 || shape >= reliefFrom || surface === 'outside-corner',
    // What hangs or stands free has a side that is only seen from below.
    undersides: lies === 'overhead' || surface === 'round' || surface === 'open' || surface === 'edge',
    corners: surface === 'inside-corner' || surface === 'outside-corner' || surface === 'open',
    field: true,
    behind: sides === 2,
  };
  return zones.filter((zone) => has[zone]);
}
