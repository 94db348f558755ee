/** One part of a ratio: how many parts, and its density in kg/m³. */
interface Part {
  readonly parts: number;
  readonly density: number;
}

/** Catalyst shares of a polyester, by mass of the resin, that any sheet asks for: under and over them something is wrong. */
export const peroxideShares = { min: 0.005, max: 0.06 } as const;

/**
 * Share of peroxide by mass that a polyester’s ratio gives, catalyst the last part, where no sheet would ask for it: a
 * ratio like 4 : 1 is one of another chemistry, and dangerous here.
 *
 * @returns the share, where it is to be asked about; undefined where it may be right, or there is one part only
 * @source polyester gel coats and fillers: 100 to 1.2–3 by mass, sprayed fillers often to 5
 * @example 100 : 2 by mass is nothing to ask about; 4 : 1 by volume of 1200 and 1050 kg/m³ is 22 %
 * Source: trade practice: peroxide is 1 to 3 %
 */
export function oddPeroxide(components: readonly Part[], ratioBy: 'volume' | 'mass'): number | undefined {
  const catalyst = components.at(-1);
  if (components.length < 2 || !catalyst) return undefined;
  const mass = ({ parts, density }: Part) => (ratioBy === 'mass' ? parts : parts * density);
  const resin = components.slice(0, -1).reduce((sum, part) => sum + mass(part), 0);
  const share = mass(catalyst) / resin;
  return share >= peroxideShares.min - 1e-9 && share <= peroxideShares.max + 1e-9 ? undefined : share;
}
