import type { EntryOf, Rig } from '@/records';

/** A fan as it was seen, and from how far. */
export interface FanSeen {
  readonly width: number;
  readonly distance: number;
  readonly from: 'card' | 'rig';
}

/** A fan widens in proportion, but only between half and double the distance it was seen from. */
const reach = { least: 0.5, most: 2 };

/** How wide a fan is at a distance, m. */
export const fanFrom = ({ width, distance }: Pick<FanSeen, 'width' | 'distance'>, at: number): number =>
  width * Math.min(Math.max(at / distance, reach.least), reach.most);

/** Is a distance outside what the fan seen says anything of? */
export const beyondFan = ({ distance }: Pick<FanSeen, 'distance'>, at: number): boolean =>
  at < distance * reach.least * (1 - 1e-9) || at > distance * reach.most * (1 + 1e-9);

/** The fan of a gun: from the last card of this product, else as its rig says. A card outranks what was expected. */
export function fanSeen(
  rig: Pick<Rig, 'fan' | 'distance' | 'patterns'>,
  sheetId: string,
  card: EntryOf<'card'> | undefined,
  cardDistance: number | undefined,
): FanSeen {
  if (card?.pattern)
    return { width: card.pattern.width, distance: cardDistance ?? rig.distance, from: 'card' };
  const kept = rig.patterns?.findLast((each) => each.sheetId === sheetId);
  return kept
    ? { width: kept.pattern.width, distance: kept.distance ?? rig.distance, from: 'card' }
    : { width: rig.fan, distance: rig.distance, from: 'rig' };
}
