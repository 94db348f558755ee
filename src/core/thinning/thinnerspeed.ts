/** A thinner as far as choosing one goes. */
export interface ThinnerChoice {
  readonly id: string;
  /** K, the air the sheet names it for. */
  readonly air?: { readonly min: number; readonly max: number };
  readonly speed?: 'fast' | 'medium' | 'slow' | 'very-slow';
}

export interface ThinnerAdvice {
  readonly id: string;
  /** By the sheet’s table, one step slower for a large surface, or the nearest there is. */
  readonly by: 'sheet' | 'large' | 'nearest';
}

/** A surface of which one coat takes more than this is large: the first stroke must still be wet at the last. m². A default. */
export const largeFrom = 6;
const order = ['fast', 'medium', 'slow', 'very-slow'] as const;

/**
 * Which thinner for the air and the size of the surface: from the sheet’s table, slower by one where the surface is
 * large and the sheet still names the next one within 5 K.
 *
 * @returns undefined when no thinner says what air it is for
 * Source: trade practice: speed by air and size
 */
export function thinnerAdvice(
  thinners: readonly ThinnerChoice[],
  air: number,
  area: number,
): ThinnerAdvice | undefined {
  const rated = thinners.filter((each) => each.air);
  if (rated.length === 0) return undefined;
  const away = ({ air: range }: ThinnerChoice) =>
    range ? Math.max(range.min - air, air - range.max, 0) : Infinity;
  const centre = ({ air: range }: ThinnerChoice) => (range ? Math.abs((range.min + range.max) / 2 - air) : 0);
  const best = [...rated].sort((a, b) => away(a) - away(b) || centre(a) - centre(b))[0] as ThinnerChoice;
  const rank = order.indexOf(best.speed ?? 'medium');
  const slower = rated.find(({ speed }) => speed && order.indexOf(speed) === rank + 1);
  if (area > largeFrom && slower && away(slower) <= 5) return { id: slower.id, by: 'large' };
  return { id: best.id, by: away(best) > 0 ? 'nearest' : 'sheet' };
}
