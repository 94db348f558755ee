/** s a m² that work between coats takes by hand. Defaults. */
const paces = { sand: 600, scuff: 240, wipe: 60, mask: 300, look: 60, brush: 300, wait: 0 } as const;

/**
 * How long work between coats takes, where nobody says.
 *
 * @param area m²
 * @returns s of hands on it; none for waiting
 * Source: shop practice, defaults
 * @example workSeconds('sand', 2.5) → 1500
 */
export const workSeconds = (what: keyof typeof paces, area: number): number => paces[what] * area;
